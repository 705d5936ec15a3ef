<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Component;
use Illuminate\Support\Str;
use Zolbek\Core\Component\Component as CoreComponent;
use Zolbek\Core\Component\ComponentKind;
use Zolbek\Core\Component\ComponentReader;
use Zolbek\Core\Input\Fields;
use Zolbek\Core\Input\Refusal;
use Zolbek\Core\Input\Refusals;
use Zolbek\Core\Input\Refused;

/** Adds a component of one's own or changes one. Of a reference component only stock, pack, price and note can be changed. */
final readonly class SaveComponent
{
    private const SHELF_FIELDS = ['stock_l', 'pack_l', 'pack_price', 'note'];
    private const OWN_FIELDS = ['name', 'kind', 'basis', 'hazards', 'colour'];

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Component $component, array $input): Component
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, [...self::OWN_FIELDS, ...ComponentReader::PROPERTIES, ...self::SHELF_FIELDS], $refusals);
        $shelf = $this->shelf($fields, $refusals);
        $own = $component->exists && $component->is_reference
            ? $this->nothingElse($input, $refusals)
            : $this->own($component, $fields, $input, $refusals);
        $refusals->throwIfAny();

        $component->fill([...$own, ...$shelf])->save();

        return $component->refresh();
    }

    /** @return array<string, mixed> */
    private function shelf(Fields $fields, Refusals $refusals): array
    {
        $shelf = [
            'stock_l' => $fields->number('stock_l', 0, 1e7, 0),
            'pack_l' => $fields->optionalAbove('pack_l', 0, 1e5),
            'pack_price' => $fields->has('pack_price') ? $fields->number('pack_price', 0, 1e6) : null,
            'note' => $fields->text('note', 2000, ''),
        ];
        if ($shelf['pack_price'] !== null && $shelf['pack_l'] === null) {
            $refusals->add(new Refusal('pack_l', 'pack_price_alone'));
        }

        return $shelf;
    }

    /**
     * @param array<mixed> $input
     *
     * @return array<string, mixed>
     */
    private function nothingElse(array $input, Refusals $refusals): array
    {
        foreach (array_keys(array_diff_key($input, array_flip(self::SHELF_FIELDS))) as $name) {
            $refusals->add(new Refusal((string) $name, 'reference_fixed', $input[$name]));
        }

        return [];
    }

    /**
     * @param array<mixed> $input
     *
     * @return array<string, mixed>
     */
    private function own(Component $component, Fields $fields, array $input, Refusals $refusals): array
    {
        $name = $fields->text('name', 100);
        $taken = $name !== '' && Component::query()->where('name', $name)->whereKeyNot($component->id ?? 0)->exists();
        if ($taken) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }
        $key = $component->exists ? $component->key : self::newKey($name);
        $fields->oneOf('kind', ComponentKind::words());
        $colour = $fields->text('colour', 7, '#9c9184');
        if (preg_match('/^#[0-9a-f]{6}$/i', $colour) !== 1) {
            $refusals->add(new Refusal('colour', 'colour', $colour));
        }
        $hazards = $fields->raw('hazards') ?? [];
        if (! is_array($hazards) || array_filter($hazards, static fn(mixed $hazard): bool => ! in_array($hazard, Component::HAZARDS, true)) !== []) {
            $refusals->add(new Refusal('hazards', 'hazard', $hazards, ['words' => implode(', ', Component::HAZARDS)]));
        }
        $properties = array_intersect_key($input, array_flip(ComponentReader::PROPERTIES));
        $core = $refusals->during('', static fn(): CoreComponent => ComponentReader::read(['key' => 'own', ...$properties]));

        return [
            'key' => $key,
            'name' => $name,
            'kind' => $fields->raw('kind'),
            'basis' => $fields->oneOf('basis', ['typical', 'supplier', 'measured'], 'typical'),
            'colour' => strtolower($colour),
            'hazards' => is_array($hazards) ? array_values($hazards) : [],
            ...array_fill_keys(ComponentReader::PROPERTIES, null),
            ...$properties,
            'residual_packing' => $core->residualPacking ?? 0.0,
            'buffer' => $core->buffer ?? 0.0,
            'cec' => $core->cec ?? 0.0,
            'crumble_rate' => $core->crumbleRate ?? 0.0,
            'decay_rate' => $core->decayRate ?? 0.0,
        ];
    }

    private static function newKey(string $name): string
    {
        $key = Str::slug($name) ?: 'component';

        return Component::query()->where('key', $key)->exists() ? $key.'-'.Str::lower(Str::random(6)) : $key;
    }
}
