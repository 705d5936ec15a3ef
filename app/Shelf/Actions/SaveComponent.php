<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Shelf\ComponentChanged;
use App\Shelf\MixFigures;
use App\Shelf\Models\Component;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Material\MaterialReader;

/** Adds a component of one's own or changes one. Of a reference component only stock, pack, price and note can be changed. */
final readonly class SaveComponent
{
    private const OWN_FIELDS = ['name', 'kind', 'basis', 'hazards', 'colour'];

    /** @return list<string> that can be changed of it */
    public static function fieldsOf(Component $component): array
    {
        return $component->is_reference ? ShelfFields::NAMES : [...self::OWN_FIELDS, ...MaterialReader::PROPERTIES, ...ShelfFields::NAMES];
    }

    public function __construct(private ShelfFields $shelf, private MixFigures $mixes) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Component $component, array $input): Component
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, [...self::OWN_FIELDS, ...MaterialReader::PROPERTIES, ...ShelfFields::NAMES], $refusals);
        $shelf = $this->shelf->read($fields, $refusals);
        $isOwn = ! $component->exists || ! ($component->isMix() || $component->is_reference);
        if ($isOwn) {
            self::fillOwn($component, $fields, $input, $refusals);
        } elseif ($component->isMix()) {
            $refusals->add(new Refusal('name', 'is_a_mix', $component->name));
        } else {
            foreach (array_diff_key($input, array_flip(ShelfFields::NAMES)) as $name => $value) {
                $refusals->add(new Refusal((string) $name, 'reference_fixed', $value));
            }
        }
        $refusals->throwIfAny();
        $stock = $shelf['stock_l'];
        unset($shelf['stock_l']);

        return DB::transaction(function () use ($component, $isOwn, $shelf, $stock): Component {
            $component->fill($shelf)->save();
            $component->refresh();
            $this->shelf->correctStock($component, $stock);
            if ($isOwn) {
                event(new ComponentChanged($component));
                $this->mixes->refreshContaining($component);
            }

            return $component->refresh();
        });
    }

    /**
     * What it is, where all of the form is right.
     *
     * @param array<mixed> $input
     */
    private static function fillOwn(Component $component, Fields $fields, array $input, Refusals $refusals): void
    {
        $name = ShelfFields::name($fields, $component, $refusals);
        $kind = $fields->oneOf('kind', MaterialKind::words());
        $basis = $fields->oneOf('basis', ['typical', 'supplier', 'measured'], 'typical');
        $colour = ShelfFields::colour($fields, $refusals);
        $hazards = $fields->raw('hazards') ?? [];
        if (! is_array($hazards) || array_filter($hazards, static fn(mixed $hazard): bool => ! in_array($hazard, Component::HAZARDS, true)) !== []) {
            $refusals->add(new Refusal('hazards', 'hazard', $hazards, ['words' => implode(', ', Component::HAZARDS)]));
        }
        $properties = array_intersect_key($input, array_flip(MaterialReader::PROPERTIES));
        $core = $refusals->during('', static fn(): Material => MaterialReader::read(['key' => 'own', ...$properties]));
        if ($core === null || $refusals->any()) {
            return;
        }
        $component->fill([
            'key' => $component->exists ? $component->key : ShelfFields::newKey($name),
            'name' => $name,
            'kind' => $kind,
            'basis' => $basis,
            'colour' => $colour,
            'hazards' => array_values((array) $hazards),
            ...array_fill_keys(MaterialReader::PROPERTIES, null),
            ...$properties,
            'residual_packing' => $core->residualPacking,
            'buffer' => $core->buffer,
            'cec' => $core->cec,
            'crumble_rate' => $core->crumbleRate,
            'decay_rate' => $core->decayRate,
        ]);
    }
}
