<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Common\Same;
use App\Shelf\MixFigures;
use App\Shelf\Models\Component;
use App\Shelf\Models\ComponentPart;
use App\Shelf\Portions;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Adds or changes a premix or a reclaimed mix: a blend that lies in a bin and is used like one component. */
final readonly class SaveMix
{
    public const FIELDS = ['name', 'source', 'colour', 'mix_parts', 'reclaimed_years', 'sieved_mm', ...ShelfFields::NAMES];

    public function __construct(private MixFigures $figures, private ShelfFields $shelf) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Component $mix, array $input): Component
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $shelf = $this->shelf->read($fields, $refusals);
        $name = ShelfFields::name($fields, $mix, $refusals);
        $source = $fields->oneOf('source', ['premix', 'reclaimed'], $mix->isMix() ? $mix->source : 'premix');
        if ($mix->exists && ! $mix->isMix()) {
            $refusals->add(new Refusal('source', 'not_a_mix', $mix->name));
        }
        $parts = self::parts($fields->raw('mix_parts'), $mix, $refusals);
        $own = [
            'name' => $name,
            'source' => $source,
            'colour' => $fields->has('colour') ? ShelfFields::colour($fields, $refusals) : ($mix->exists ? $mix->colour : self::colour($parts)),
            'reclaimed_years' => $source === 'reclaimed' ? $fields->number('reclaimed_years', 0, 50, 0) : null,
            'sieved_mm' => $source === 'reclaimed' && $fields->has('sieved_mm') ? $fields->number('sieved_mm', 0.05, 20) : null,
        ];
        $refusals->throwIfAny();

        return DB::transaction(function () use ($mix, $own, $shelf, $parts): Component {
            $stock = $shelf['stock_l'];
            unset($shelf['stock_l']);
            if ($mix->exists && ! Same::values(self::rows($mix), array_map(static fn(array $part): array => [$part[0]->id, $part[1], $part[2]], $parts))) {
                $mix->stamp('mix_parts');
            }
            $mix->fill([...($mix->exists ? [] : ['key' => ShelfFields::newKey($own['name']), 'measured' => []]), ...$own, ...$shelf]);
            $this->figures->fill($mix->setRelation('mixParts', self::inMix($parts)))->save();
            $mix->mixParts()->delete();
            $mix->mixParts()->createMany(array_map(
                static fn(array $part, int $position): array => ['component_id' => $part[0]->id, 'parts' => $part[1], 'spread' => $part[2], 'position' => $position],
                $parts,
                array_keys($parts),
            ));
            $this->shelf->correctStock($mix, $stock);
            $this->figures->refreshContaining($mix->refresh());

            return $mix->load('mixParts.component');
        });
    }

    /** @return list<array{int, float, float}> */
    private static function rows(Component $mix): array
    {
        return array_values($mix->mixParts()->get()->map(static fn(ComponentPart $part): array => [$part->component_id, $part->parts, $part->spread])->all());
    }

    /**
     * What would be in it, not saved.
     *
     * @param list<array{Component, float, float}> $parts
     *
     * @return Collection<int, ComponentPart>
     */
    private static function inMix(array $parts): Collection
    {
        return collect(array_map(static fn(array $part): ComponentPart => (new ComponentPart(['parts' => $part[1], 'spread' => $part[2]]))->setRelation('component', $part[0]), $parts));
    }

    /** @return list<array{Component, float, float}> */
    private static function parts(mixed $input, Component $mix, Refusals $refusals): array
    {
        if (! is_array($input) || ! array_is_list($input) || $input === []) {
            $refusals->add(new Refusal('mix_parts', $input === [] || $input === null ? 'no_parts' : 'list', $input));

            return [];
        }
        $found = Component::query()->findMany(array_filter(array_column($input, 'component_id'), is_int(...)))->keyBy('id');
        Portions::load($found->all());
        $parts = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['component_id', 'parts', 'spread'], $refusals, 'mix_parts.'.$i);
            $id = $fields->integer('component_id', 1, PHP_INT_MAX);
            $amount = $fields->numberAbove('parts', 0, 1000);
            $spread = $fields->number('spread', 0, $amount, 0.0);
            $component = $found[$id] ?? null;
            $path = 'mix_parts.'.$i.'.component_id';
            if ($component === null) {
                $refusals->add(new Refusal($path, 'component_missing', $id));
            } elseif (isset($parts[$id])) {
                $refusals->add(new Refusal($path, 'component_twice', $component->name));
            } elseif ($mix->exists && self::reaches($component, $mix->id)) {
                $refusals->add(new Refusal($path, 'mix_loop', $component->name, ['mix' => $mix->name]));
            } elseif (self::depth($component) >= Portions::DEEPEST) {
                $refusals->add(new Refusal($path, 'mix_too_deep', $component->name, ['max' => Portions::DEEPEST]));
            } else {
                $parts[$id] = [$component, $amount, $spread];
            }
        }

        return array_values($parts);
    }

    /**
     * The colour of the parts taken together.
     *
     * @param list<array{Component, float, float}> $parts
     */
    private static function colour(array $parts): string
    {
        $sums = [0.0, 0.0, 0.0];
        $total = 0.0;
        foreach ($parts as [$component, $amount]) {
            foreach ([0, 1, 2] as $channel) {
                $sums[$channel] += $amount * (int) hexdec(substr($component->colour, 1 + 2 * $channel, 2));
            }
            $total += $amount;
        }

        return $total > 0.0 ? '#'.implode('', array_map(static fn(float $sum): string => sprintf('%02x', (int) round($sum / $total)), $sums)) : '#9c9184';
    }

    /** Whether a component is a mix or has it in itself. */
    private static function reaches(Component $component, int $mixId): bool
    {
        return $component->id === $mixId
            || ($component->isMix() && $component->mixParts->contains(static fn(ComponentPart $part): bool => self::reaches($part->component, $mixId)));
    }

    private static function depth(Component $component): int
    {
        return $component->isMix() ? 1 + max([0, ...$component->mixParts->map(static fn(ComponentPart $part): int => self::depth($part->component))->all()]) : 0;
    }
}
