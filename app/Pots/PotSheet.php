<?php

declare(strict_types=1);

namespace App\Pots;

use App\Common\Field;
use App\Common\Same;
use App\Pots\Actions\SavePot;
use App\Pots\Models\Pot;
use App\Sheets\Column;
use App\Sheets\Sheet;

/** Pots as CSV, told apart by their names; the measures of a shape each in a column of their own. */
final readonly class PotSheet implements Sheet
{
    public const MEASURES = ['top', 'base', 'top_length', 'top_width', 'base_length', 'base_width', 'sides', 'volume_l'];

    public function __construct(private SavePot $save) {}

    public function columns(): array
    {
        return [
            new Column('name', 'name', required: true),
            new Column('shape', 'shape', required: true),
            new Column('depth', 'depth', Column::NUMBER, 'cm', required: true),
            ...array_map(static fn(string $name): Column => new Column($name, 'measures.'.$name, Column::NUMBER, match ($name) {
                'sides' => '',
                'volume_l' => 'L',
                default => 'cm',
            }), self::MEASURES),
            ...array_values(array_map(static fn(Field $field): Column => new Column($field->name, $field->name, Column::NUMBER, $field->unit), array_filter(PotFields::all(), self::isNumber(...)))),
            new Column('wall', 'wall'),
            new Column('place', 'place'),
        ];
    }

    public function sieveUnit(): ?string
    {
        return null;
    }

    public function key(array $values): string
    {
        return mb_strtolower((string) $values['name']);
    }

    public function take(array $values): array
    {
        $input = ['measures' => []];
        $whole = ['sides', ...array_keys(array_filter(PotFields::all(), static fn(Field $field): bool => $field->kind === Field::WHOLE))];
        foreach ($values as $field => $value) {
            $name = str_starts_with($field, 'measures.') ? substr($field, 9) : $field;
            $plain = in_array($name, $whole, true) && is_float($value) && floor($value) === $value ? (int) $value : $value;
            if ($name === $field) {
                $input[$name] = $plain;
            } else {
                $input['measures'][$name] = $plain;
            }
        }
        $pot = Pot::query()->where('name', $values['name'])->first();
        $before = $pot === null ? null : self::plain($pot);
        $saved = ($this->save)($pot ?? new Pot(), [...($before === null ? ['hole_count' => 0] : array_filter([...$before, 'measures' => null], static fn(mixed $value): bool => $value !== null)), ...$input]);

        return [match (true) {
            $before === null => 'added',
            Same::values($before, self::plain($saved)) => 'same',
            default => 'changed',
        }, $saved->name];
    }

    public function all(): iterable
    {
        $query = Pot::query();
        $query->whereNull('archived_at');
        foreach ($query->lazyById(500) as $pot) {
            $row = self::plain($pot);
            foreach ($pot->measures as $name => $value) {
                $row['measures.'.$name] = $value;
            }
            yield $row;
        }
    }

    /** @return array<string, mixed> */
    public static function plain(Pot $pot): array
    {
        return $pot->only(['name', ...PotFields::INSIDE, ...array_keys(PotFields::all())]);
    }

    private static function isNumber(Field $field): bool
    {
        return in_array($field->kind, [Field::FIGURE, Field::WHOLE], true);
    }
}
