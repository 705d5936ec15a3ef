<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Shelf\Models\Component;
use App\Shelf\Models\Lot;
use App\Shelf\Portions;
use Illuminate\Database\Eloquent\Collection;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Course\Reaction\Correction;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Substrate\Portion;

/** The rows of a mix, `[{component_id, parts, lot_id, preparation}]`, with the components that they name. A recipe names no lots. */
final readonly class PartsForm
{
    /** Parts are small numbers by nature; more than this is a slip of the hand or litres in the wrong place. */
    public const MOST_PARTS = 1000;
    public const MOST_COMPONENTS = 40;

    /**
     * @param list<array{Portion, float}> $portions
     * @param list<array{component_id: int, parts: float, lot_id: int|null, preparation: Preparation|null}> $rows
     * @param array<int, Component>       $components by id
     * @param array<int, Lot>             $lots       by id of the component
     */
    private function __construct(public array $portions, public array $rows, public array $components, public array $lots, public Portions $shelf) {}

    /** Reads what it can; anything refused is noted in the refusals. */
    public static function read(mixed $input, Refusals $refusals, bool $withLots = false): self
    {
        $nothing = new self([], [], [], [], new Portions());
        if (! is_array($input) || ! array_is_list($input) || $input === []) {
            $refusals->add(new Refusal('parts', $input === [] ? 'no_parts' : ($input === null ? 'required' : 'list'), $input));

            return $nothing;
        }
        if (count($input) > self::MOST_COMPONENTS) {
            $refusals->add(new Refusal('parts', 'too_many_components', count($input), ['max' => self::MOST_COMPONENTS]));

            return $nothing;
        }
        $rows = $paths = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['component_id', 'parts', 'preparation', ...($withLots ? ['lot_id'] : [])], $refusals, 'parts.'.$i);
            $rows[] = [
                'component_id' => $fields->integer('component_id', 1, PHP_INT_MAX),
                'parts' => $fields->number('parts', 0, self::MOST_PARTS),
                'lot_id' => $withLots && $fields->has('lot_id') ? $fields->integer('lot_id', 1, PHP_INT_MAX) : null,
                'preparation' => $fields->has('preparation') ? Preparation::read($fields->raw('preparation'), $refusals, 'parts.'.$i.'.preparation') : null,
            ];
            $paths[] = 'parts.'.$i.'.component_id';
        }
        $components = self::components(array_column($rows, 'component_id'), $paths, $refusals);
        $lots = self::lots($rows, $refusals);
        if (array_filter($rows, static fn(array $row): bool => $row['parts'] !== 0.0) === []) {
            $refusals->add(new Refusal('parts', 'no_parts', $input));
        }
        if ($refusals->any()) {
            return new self([], $rows, $components, $lots, new Portions());
        }
        Portions::load($components);
        (new Collection(array_values($components)))->loadMissing('lotsLeft');
        $shelf = new Portions();
        $portions = [];
        $seen = [];
        foreach ($rows as $i => $row) {
            $component = $components[$row['component_id']];
            if (isset($seen[$component->id])) {
                $refusals->add(new Refusal('parts.'.$i.'.component_id', 'component_twice', $component->name));
            }
            $seen[$component->id] = true;
            $portion = $refusals->during('parts.'.$i.'.preparation', static fn(): Portion => $shelf->of($component, $lots[$component->id] ?? null, $row['preparation']));
            if ($portion !== null) {
                $portions[] = [$portion, $row['parts']];
            }
        }

        return new self($portions, $rows, $components, $lots, $shelf);
    }

    /** @return array<string, string> by property of a material of this mix on what it rests; empty where that is nobody's record */
    public function bases(Material $material): array
    {
        $record = $this->shelf->record($material->key);

        return $record?->bases(($this->lots[$record->id] ?? null)->measured['properties'] ?? []) ?? [];
    }

    /**
     * The same mix with nothing prepared; null where nothing is.
     *
     * @return list<array{Portion, float}>|null
     */
    public function unprepared(): ?array
    {
        $isPrepared = array_filter($this->rows, static fn(array $row): bool => $row['preparation']?->changesMix() === true) !== [];

        return ! $isPrepared ? null : array_map(fn(array $row): array => [
            $this->shelf->of($this->components[$row['component_id']], $this->lots[$row['component_id']] ?? null),
            $row['parts'],
        ], $this->rows);
    }

    /**
     * Calcium carbonate in g for each loose litre of a component that is limed before it is mixed: a starting dose for a test tub. 0 where it is not.
     */
    public function limeGramsPerL(int $componentId): float
    {
        foreach ($this->rows as $row) {
            $toPh = $row['preparation']?->limedToPh;
            if ($row['component_id'] !== $componentId || $toPh === null) {
                continue;
            }
            $grams = 0.0;
            foreach ($this->shelf->of($this->components[$componentId], $this->lots[$componentId] ?? null)->contents as [$content, $litres]) {
                $grams += $litres * (new Correction($content->buffer, min($toPh, $content->ph ?? $toPh), $toPh))->gramsPerL;
            }

            return $grams;
        }

        return 0.0;
    }

    /**
     * The deliveries that rows name; one of another component is refused.
     *
     * @param list<array{component_id: int, parts: float, lot_id: int|null, preparation: Preparation|null}> $rows
     *
     * @return array<int, Lot> by id of the component
     */
    private static function lots(array $rows, Refusals $refusals): array
    {
        $ids = array_filter(array_column($rows, 'lot_id'));
        $found = $ids === [] ? [] : Lot::query()->findMany($ids)->keyBy('id')->all();
        $lots = [];
        foreach ($rows as $i => $row) {
            if ($row['lot_id'] === null) {
                continue;
            }
            $lot = $found[$row['lot_id']] ?? null;
            if ($lot === null || $lot->component_id !== $row['component_id']) {
                $refusals->add(new Refusal('parts.'.$i.'.lot_id', 'lot_of_other', $row['lot_id']));
            } elseif ($lot->held_at !== null) {
                $refusals->add(new Refusal('parts.'.$i.'.lot_id', 'lot_held', $lot->name, ['why' => $lot->held_note]));
            } else {
                $lots[$row['component_id']] = $lot;
            }
        }

        return $lots;
    }

    /**
     * The components with these ids, in one query; one that is missing or archived is refused at its path.
     *
     * @param list<int>    $ids   0 where the id itself was refused already
     * @param list<string> $paths one for each id
     *
     * @return array<int, Component> by id
     */
    public static function components(array $ids, array $paths, Refusals $refusals): array
    {
        $found = [];
        foreach (Component::query()->findMany($ids) as $component) {
            $found[$component->id] = $component;
        }
        foreach ($ids as $i => $id) {
            if ($id === 0) {
                continue;
            }
            $component = $found[$id] ?? null;
            if ($component === null) {
                $refusals->add(new Refusal($paths[$i], 'component_missing', $id));
            } elseif ($component->isArchived()) {
                $refusals->add(new Refusal($paths[$i], 'component_archived', $id, ['name' => $component->name]));
            }
        }

        return $found;
    }
}
