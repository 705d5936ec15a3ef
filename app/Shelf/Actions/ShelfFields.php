<?php

declare(strict_types=1);

namespace App\Shelf\Actions;

use App\Common\Field;
use App\Shelf\Models\Component;
use Illuminate\Support\Str;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/** What materials and mixes have in common on the shelf: name, colour, stock, pack, price, low mark. */
final readonly class ShelfFields
{
    private const COLOUR = '#9c9184';
    private const MOST_NAMES = 20;
    private const LONGEST_NAME = 60;

    public const NAMES = ['stock_l', 'pack_l', 'pack_price', 'low_l', 'note', 'other_names'];

    public function __construct(private MoveStock $moveStock) {}

    /** @return array{stock_l: float, pack_l: float|null, pack_price: float|null, low_l: float|null, note: string, other_names: list<string>} */
    public function read(Fields $fields, Refusals $refusals): array
    {
        $shelf = [
            'stock_l' => $fields->number('stock_l', 0, 1e7, 0),
            'pack_l' => $fields->optionalAbove('pack_l', 0, 1e5),
            'pack_price' => $fields->has('pack_price') ? $fields->number('pack_price', 0, 1e6) : null,
            'low_l' => $fields->has('low_l') ? $fields->number('low_l', 0, 1e7) : null,
            'note' => $fields->text('note', 2000, ''),
            'other_names' => self::otherNames($fields->raw('other_names') ?? [], $refusals),
        ];
        if ($shelf['pack_price'] !== null && $shelf['pack_l'] === null) {
            $refusals->add(new Refusal('pack_l', 'pack_price_alone'));
        }

        return $shelf;
    }

    /** @return list<string> */
    private static function otherNames(mixed $input, Refusals $refusals): array
    {
        $names = is_array($input) && array_is_list($input) ? array_map(static fn(mixed $name): string => is_string($name) ? trim($name) : '', $input) : [''];
        if (count($names) > self::MOST_NAMES || array_filter($names, static fn(string $name): bool => $name === '' || mb_strlen($name) > self::LONGEST_NAME) !== []) {
            $refusals->add(new Refusal('other_names', 'other_names', $input, ['max' => self::MOST_NAMES, 'longest' => self::LONGEST_NAME]));
        }

        return array_values(array_unique($names));
    }

    /** A stock that was typed over is a count. */
    public function correctStock(Component $component, float $litres): void
    {
        if (abs($litres - $component->stock_l) > 1e-9) {
            $this->moveStock->count($component, $litres, isWritten: true);
        }
    }

    public static function name(Fields $fields, Component $component, Refusals $refusals): string
    {
        $name = $fields->text('name', 100);
        if ($name !== '' && Component::query()->where('name', $name)->whereKeyNot($component->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $name));
        }

        return $name;
    }

    public static function colour(Fields $fields, Refusals $refusals): string
    {
        return (string) Field::colour('colour', self::COLOUR)->read($fields, $refusals);
    }

    public static function newKey(string $name): string
    {
        $key = Str::slug($name) ?: 'component';

        return Component::query()->where('key', $key)->exists() ? $key.'-'.Str::lower(Str::random(6)) : $key;
    }
}
