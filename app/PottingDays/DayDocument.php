<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Bench\Models\Vessel;
use App\Plants\Outlook;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Models\DayPurchase;
use App\PottingDays\Models\PottingDay;

/** A potting day worked out: every plant, the mixes with their loads, what comes from the shelf and what must be bought. Schema PottingDay of the API. */
final readonly class DayDocument
{
    public function __construct(private PlantSituation $situations, private Standing $standings, private Outlook $outlook) {}

    /** @return array<string, mixed> */
    public static function summary(PottingDay $day): array
    {
        return [
            'id' => $day->id,
            ...$day->only(['name', 'status', 'tub_l', 'scoop_l', 'spare', 'helpers', 'note', 'revision']),
            'planned_on' => $day->planned_on->toDateString(),
            'plants' => $day->plants(),
            'done' => $day->potted(),
            'archived' => $day->isArchived(),
        ];
    }

    /** @return array<string, mixed> */
    public function toArray(PottingDay $day): array
    {
        // before anything of it is read: what changes meanwhile is news
        $stamp = DayStamp::of($day);
        $day->load(['entries.plant.species', 'entries.plant.site', 'entries.pot', 'entries.recipe.parts.component', 'loads', 'purchases', 'leftovers']);
        $assembly = Assembly::of($day, $this->situations, $this->standings);
        $pace = Learned::pace();
        $spare = Learned::spare();
        $figures = new EntryFigures($assembly, $this->outlook, $pace);
        $order = array_flip(WorkOrder::of($assembly));
        $entries = array_values($day->entries->map((new EntryDocument($assembly, $figures, new Judged(), $order))->of(...))->all());
        $bins = new DayShelf($assembly, $day);
        $shelf = $bins->rows();

        return [
            ...self::summary($day),
            'stamp' => $stamp,
            'pace' => $pace,
            'scoop_name' => Vessel::scoopOf($day->scoop_l),
            'learned_spare' => ['share' => $spare->share, 'days' => $spare->days],
            'entries' => $entries,
            'mixes' => array_map(static fn(int $id): array => DayMixDocument::of($id, $assembly->sums->mixes[$id], $assembly, $day), array_keys($assembly->sums->mixes)),
            'shelf' => $shelf,
            'packs_cost' => in_array(null, array_column($shelf, 'packs_cost'), true) ? null : array_sum(array_column($shelf, 'packs_cost')),
            'pots' => PotsOfDay::of($day),
            'screenings' => $bins->screenings(),
            'day_before' => DayBefore::of($assembly),
            'costs' => Costs::of($day),
            'totals' => DayTotals::of($entries, $assembly),
            'purchases' => array_values($day->purchases->map(static fn(DayPurchase $bought): array => ['id' => $bought->id, ...$bought->only(['component_id', 'lot_id', 'litres', 'price'])])->all()),
            'hazards' => array_values(array_unique(array_merge([], ...array_map(static fn(array $row): array => $row['hazards'], $shelf)))),
        ];
    }
}
