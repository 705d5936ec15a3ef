<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Common\SaidHere;
use App\Common\Same;
use App\Sheets\Column;
use App\Sheets\Sheet;
use App\Shelf\Actions\SaveComponent;
use App\Shelf\Actions\ShelfFields;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\MaterialReader;

/** Components with all their properties, told apart by name. Premixes and reclaimed mixes are not in it. */
final readonly class ComponentSheet implements Sheet
{
    public function __construct(private SaveComponent $save) {}

    public function columns(): array
    {
        $number = static fn(string $name, string $field, string $unit = '', bool $required = false): Column => new Column($name, $field, Column::NUMBER, $unit, $required);

        return [
            new Column('name', 'name', required: true),
            new Column('kind', 'kind'),
            new Column('basis', 'basis'),
            $number('bulk_density', 'bulk_density', 'kg/L'),
            $number('particle_density', 'particle_density', 'kg/L'),
            $number('solid_density', 'solid_density', 'kg/L'),
            $number('internal_water', 'internal_water', 'share of grain'),
            $number('unavailable_water', 'unavailable_water', 'share of grain'),
            $number('internal_median', 'internal_median_cm', 'cm'),
            $number('internal_spread', 'internal_spread'),
            $number('sphericity', 'sphericity'),
            $number('finest', 'finest_mm', 'mm'),
            $number('hydraulic_size', 'hydraulic_size_mm', 'mm'),
            $number('hydraulic_spread', 'hydraulic_spread'),
            $number('fines_weight', 'fines_weight'),
            $number('settled_index', 'settled_index'),
            $number('structure_loss', 'structure_loss', '1/year'),
            $number('ph', 'ph'),
            $number('buffer', 'buffer', 'mmol/L per pH'),
            $number('cec', 'cec', 'cmol/L'),
            $number('crumble_rate', 'crumble_rate', '1/year'),
            $number('decay_rate', 'decay_rate', '1/year'),
            new Column('hazards', 'hazards'),
            new Column('colour', 'colour'),
            $number('stock', 'stock_l', 'L'),
            $number('pack', 'pack_l', 'L'),
            $number('pack_price', 'pack_price'),
            $number('low_mark', 'low_l', 'L'),
            new Column('note', 'note'),
            new Column('other_names', 'other_names'),
        ];
    }

    public function sieveUnit(): string
    {
        return 'mass';
    }

    public function key(array $values): string
    {
        return mb_strtolower((string) $values['name']);
    }

    public function take(array $values): array
    {
        if (isset($values['other_names'])) {
            $values['other_names'] = preg_split('/\s*;\s*/', trim((string) $values['other_names']), -1, PREG_SPLIT_NO_EMPTY);
        }
        if (isset($values['hazards'])) {
            $values['hazards'] = preg_split('/[\s,]+/', (string) $values['hazards'], -1, PREG_SPLIT_NO_EMPTY);
        }
        $component = Component::query()->where('name', SaidHere::kept((string) $values['name']))->first() ?? new Component();
        $before = $component->exists ? self::row($component) : null;
        if ($component->exists) {
            // what the file leaves out stays as it is
            $values = [...self::row($component), ...$values];
            if ($component->is_reference) {
                $values = self::shelfOnly($component, $values);
            }
        }
        $saved = ($this->save)($component, $values);
        $status = $before === null ? 'added' : (Same::values($before, self::row($saved)) ? 'same' : 'changed');

        return [$status, $saved->name];
    }

    public function all(): iterable
    {
        $components = Component::query()->where('source', 'material');
        $components->whereNull('archived_at');
        $components->orderBy('name');
        foreach ($components->lazy() as $component) {
            yield [...self::row($component), 'other_names' => implode('; ', $component->other_names)];
        }
    }

    /** @return array<string, mixed> the component as it stands in a file, without what is not known */
    private static function row(Component $component): array
    {
        $row = ['name' => $component->name, 'kind' => $component->kind, 'basis' => $component->basis, 'colour' => $component->colour, 'hazards' => $component->hazards];
        foreach ([...MaterialReader::PROPERTIES, ...ShelfFields::NAMES] as $field) {
            $value = $component->getAttribute($field);
            if ($value !== null) {
                $row[$field] = $value;
            }
        }

        return $row;
    }

    /**
     * Of a typical component only stock, pack, price and note are taken; another figure for the rest is refused.
     *
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function shelfOnly(Component $component, array $values): array
    {
        $refused = [];
        $now = self::row($component);
        foreach (array_diff_key($values, array_flip(ShelfFields::NAMES)) as $field => $value) {
            if (! Same::values($value, $now[$field] ?? null)) {
                $refused[] = new Refusal($field, 'reference_fixed', is_array($value) ? null : $value);
            }
        }
        if ($refused !== []) {
            throw new Refused($refused);
        }

        return array_intersect_key($values, array_flip(ShelfFields::NAMES));
    }
}
