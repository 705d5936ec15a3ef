<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Common\RefusalWords;
use App\PottingDays\Models\DayPlant;

/** One plant of a day: what is planned, what was done, and its figures. Schema DayEntry of the API. */
final class EntryDocument
{
    /** @var array<int, array<string, mixed>> by id */
    private array $pots = [];

    /** @var array<int, array<string, mixed>> by id */
    private array $recipes = [];

    /** @param array<int, int> $order place in the work by id of the entry */
    public function __construct(private readonly Assembly $assembly, private readonly EntryFigures $figures, private readonly Judged $judged, private readonly array $order) {}

    /** @return array<string, mixed> with a stamp that is another one as soon as anything else of it is */
    public function of(DayPlant $entry): array
    {
        $told = $this->told($entry);

        return [...$told, 'stamp' => hash('xxh64', json_encode($told, JSON_THROW_ON_ERROR))];
    }

    /** @return array<string, mixed> */
    private function told(DayPlant $entry): array
    {
        $plant = $entry->plant;
        $needs = $this->assembly->sums->pots[$entry->id] ?? null;
        $refused = $this->assembly->refused[$entry->id] ?? null;
        $figures = $needs === null ? null : $this->figures->of($entry, $needs);

        return [
            'id' => $entry->id,
            'plant' => [
                ...$plant->only(['id', 'number', 'name', 'place', 'plant_group', 'trunk_mm', 'health', 'front', 'buried', 'height_cm']),
                'species' => $plant->species?->name,
                'potted_on' => $plant->potted_on?->toDateString(),
                'mix' => $plant->standing?->recipeName,
                'evergreen' => $plant->species->evergreen ?? false,
            ],
            'pot' => $this->pots[$entry->pot_id] ??= $entry->pot->only(['id', 'name', 'depth', 'mesh_mm', 'feet_cm', 'owned', 'place', 'home_made', 'wall']),
            'recipe' => $this->recipes[$entry->recipe_id] ??= $entry->recipe->only(['id', 'name', 'version']),
            'plan' => $entry->plan,
            'extras' => array_map(fn(array $extra): array => ['name' => $this->assembly->components[$extra['component_id']]->name ?? '', 'litres' => $extra['litres']], $entry->plan->extras),
            'materials' => (object) array_map(fn(int $id): string => $this->assembly->components[$id]->name ?? '', $entry->plan->componentIds()),
            'count' => $entry->count,
            'helper' => $entry->helper,
            'state' => $entry->state,
            'actual' => (object) $entry->actual->jsonSerialize(),
            'revision' => $entry->revision,
            'position' => $entry->position,
            'order' => isset($this->order[$entry->id]) ? $this->order[$entry->id] + 1 : null,
            'done_at' => $entry->done_at?->toIso8601String(),
            'figures' => $figures,
            'against' => self::against($plant->health, $figures['season'] ?? null),
            ...$needs === null ? ['assessment' => null, 'worst' => null] : $this->judged->document($this->assembly->keys[$entry->id], $needs),
            'problem' => $refused === null ? null : RefusalWords::sentence($refused->refusals[0]),
        ];
    }

    /**
     * @param array{window: string, reasons: list<array<string, mixed>>}|null $season
     *
     * @return list<string> what speaks against potting it on the day: that it is weak or sick, the season, frost to come
     */
    private static function against(string $health, ?array $season): array
    {
        return array_values(array_filter([
            $health === 'well' ? null : $health,
            in_array($season['window'] ?? '', ['early', 'late'], true) ? $season['window'] : null,
            in_array('cold_to_come', array_column($season['reasons'] ?? [], 'code'), true) ? 'frost' : null,
        ]));
    }
}
