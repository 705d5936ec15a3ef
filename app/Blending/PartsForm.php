<?php

declare(strict_types=1);

namespace App\Blending;

use App\Models\Component;
use Zolbek\Core\Component\Component as CoreComponent;
use Zolbek\Core\Input\Fields;
use Zolbek\Core\Input\Refusal;
use Zolbek\Core\Input\Refusals;

/** The rows of a recipe, `[{component_id, parts}]`, with the components that they name. */
final readonly class PartsForm
{
    /** Parts are small numbers by nature; more than this is a slip of the hand or litres in the wrong place. */
    public const MOST_PARTS = 1000;

    public const MOST_COMPONENTS = 40;

    /**
     * @param list<array{CoreComponent, float}>                  $portions
     * @param list<array{component_id: int, parts: float}> $rows
     * @param array<int, Component>                              $components by id
     */
    private function __construct(public array $portions, public array $rows, public array $components) {}

    /** Reads what it can; anything refused is noted in the refusals. */
    public static function read(mixed $input, Refusals $refusals): self
    {
        if (! is_array($input) || ! array_is_list($input) || $input === []) {
            $refusals->add(new Refusal('parts', $input === [] ? 'no_parts' : ($input === null ? 'required' : 'list'), $input));

            return new self([], [], []);
        }
        if (count($input) > self::MOST_COMPONENTS) {
            $refusals->add(new Refusal('parts', 'too_many_components', count($input), ['max' => self::MOST_COMPONENTS]));

            return new self([], [], []);
        }
        $rows = $paths = [];
        foreach ($input as $i => $row) {
            $fields = Fields::of($row, ['component_id', 'parts'], $refusals, 'parts.'.$i);
            $rows[] = ['component_id' => $fields->integer('component_id', 1, PHP_INT_MAX), 'parts' => $fields->number('parts', 0, self::MOST_PARTS)];
            $paths[] = 'parts.'.$i.'.component_id';
        }
        $components = self::components(array_column($rows, 'component_id'), $paths, $refusals);
        $portions = [];
        $seen = [];
        foreach ($rows as $i => $row) {
            $component = $components[$row['component_id']] ?? null;
            if ($component === null) {
                continue;
            }
            if (isset($seen[$component->id])) {
                $refusals->add(new Refusal('parts.'.$i.'.component_id', 'component_twice', $component->name));
            }
            $seen[$component->id] = true;
            $portions[] = [$component->toCore(), $row['parts']];
        }
        if (array_filter($rows, static fn(array $row): bool => $row['parts'] !== 0.0) === []) {
            $refusals->add(new Refusal('parts', 'no_parts', $input));
        }

        return new self($portions, $rows, $components);
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
