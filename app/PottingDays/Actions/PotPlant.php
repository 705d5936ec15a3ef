<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Words;
use App\Plants\Actions\WritePlantEvent;
use App\Plants\BeforePotted;
use App\Plants\Carried;
use App\Plants\Models\CareTask;
use App\Plants\Models\Plant;
use App\Plants\Outlook;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\Plants\StandsIn;
use App\PottingDays\ActualForm;
use App\PottingDays\Assembly;
use App\PottingDays\EntryFigures;
use App\PottingDays\EntryWind;
use App\PottingDays\Learned;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Actions\TakeFromShelf;
use Illuminate\Support\Carbon;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Rating;

/** A plant is potted: its entry, its history, what it stands in from now on, what was drawn from the shelf, and what is to be looked after. */
final readonly class PotPlant
{
    public function __construct(
        private PlantSituation $situations,
        private Standing $standings,
        private Outlook $outlook,
        private TakeFromShelf $take,
        private WritePlantEvent $write,
        private WriteTasks $tasks,
        private ReclaimOldMix $reclaim,
    ) {}

    /** @throws Refused naming each field of "actual" and what it may be */
    public function __invoke(PottingDay $day, DayPlant $entry, string $state, mixed $entered, string $person, Carbon $at, string $accepted = ''): void
    {
        $day->mixMustBeOpen($entry->recipe_id, 'state');
        $plan = $entry->plan;
        $plant = $entry->plant;
        $assembly = Assembly::ofOne($day, $entry, $this->situations, $this->standings);
        $needs = $assembly->sums->pots[$entry->id] ?? throw $assembly->refused[$entry->id] ?? Refused::because('state', 'entry_done', $entry->state);
        $refusals = new Refusals();
        $pouredYield = $assembly->pouredYield($entry->recipe);
        $actual = ActualForm::read($entered, $refusals, round($entry->count * $needs->baseL * $pouredYield, 4), $plan, $plant);
        $refusals->throwIfAny();
        $assessment = new Assessment($needs->share->setup);
        $doubt = self::doubt($assessment);
        if ($doubt !== null && $accepted === '') {
            throw Refused::because('accepted', $doubt, $entry->recipe->name);
        }
        $figures = (new EntryFigures($assembly, $this->outlook, Learned::pace()))->of($entry, $needs);
        $taken = [];
        foreach ($needs->besideMix() as $key => $litres) {
            // at the bench the work goes on: what was not on the shelf is drawn as far as it was
            array_push($taken, ...($this->take)($assembly->component($key), $entry->count * $litres, null, $day->name, allOrNothing: false));
        }
        $oldMix = $actual->oldMix;
        if ($oldMix !== null && $oldMix['to'] === 'bin' && $plant->standing !== null) {
            $actual = $actual->reclaimedIn(($this->reclaim)($plant->standing, Outlook::years($plant, $at) ?? 0.0, $oldMix['litres'], $oldMix['screened'], $plant->number, $at));
        }
        $saved = $actual->saved;
        if ($saved !== null && ($saved['litres'] ?? 0.0) > 0.0) {
            $bin = match (true) {
                $saved['what'] === 'moss' => $this->reclaim->moss($saved['litres'], $plant, $at),
                $plant->standing !== null => $this->reclaim->living($plant->standing, Outlook::years($plant, $at) ?? 0.0, $saved['litres'], $plant, $at),
                default => null,
            };
            $actual = $bin === null ? $actual : $actual->keptAliveIn($bin);
        }
        $material = static fn(?int $id): ?Material => $id === null ? null : $assembly->components[$id]->toCore();
        $standing = StandsIn::potted($entry->recipe, $entry->pot, $needs->share->setup, $plan->ball === null && $plan->wall === null ? null : $assembly->soil($entry), $material($plan->wall['component_id'] ?? null), $material($plan->dressing['component_id'] ?? null));
        $ended = $this->endTasks($plant, $at);
        $event = ($this->write)($plant, 'potted', $at, $actual->note, new Carried([
            'potting_day_id' => $day->id, 'day' => $day->name, 'recipe' => $entry->recipe->name, 'recipe_version' => $entry->recipe->version, 'pot' => $entry->pot->name, 'place' => $plant->place, 'standing' => $standing,
            'plan' => $plan, 'actual' => $actual->entered(), 'figures' => $figures, 'count' => $entry->count, 'plain_minutes' => $entry->count * EntryFigures::plainMinutes($entry, $needs), 'minutes' => $actual->minutes, 'before' => BeforePotted::of($plant), 'ended_tasks' => $ended, 'accepted' => $doubt === null ? null : ['doubt' => $doubt, 'why' => $accepted],
        ]), $person);
        $buried = $plan->fixing === 'wire' && ! in_array('wires', array_column($plant->buried, 'kind'), true) ? [['kind' => 'wires', 'note' => '']] : [];
        if ($actual->buriedNote !== '') {
            $buried[] = ['kind' => 'other', 'note' => $actual->buriedNote];
        }
        $plant->fill([
            'pot_id' => $entry->pot_id, 'recipe_id' => $entry->recipe_id, 'standing' => $standing, 'potted_on' => $at->copy()->startOfDay(), 'snoozed_until' => null, 'snooze_note' => '', 'due_set_on' => null,
            'buried' => [...$plant->buried, ...$buried],
        ])->save();
        $plant->refresh()->load(['species', 'site']);
        $this->outlook->foretell($plant);
        $tasks = ($this->tasks)($entry, $actual, $at, EntryWind::of($entry, $needs), $assessment->water?->drought->intervalH);
        $events = [$event->id, ...$this->saveSoil($plant, $actual->saved, $at, $person)];
        $entry->fill(['state' => $state, 'done_at' => $at, 'actual' => $actual->followedBy($taken, $events, $tasks, $entry->count * $needs->baseL, $pouredYield, isset($figures['fertiliser']['cost']) ? $entry->count * $figures['fertiliser']['cost'] : null)]);
        $day->begin();
    }

    /** Why somebody should think again; null where nothing is against it. */
    private static function doubt(Assessment $assessment): ?string
    {
        return match (true) {
            $assessment->rating === Rating::Lethal => 'lethal_mix',
            $assessment->find(Criterion::Years)?->value === 0.0 => 'no_years',
            default => null,
        };
    }

    /**
     * What was still to be looked after from an earlier potting ends with this one.
     *
     * @return list<int> ids of those tasks
     */
    private function endTasks(Plant $plant, Carbon $at): array
    {
        $query = CareTask::query();
        $query->where('plant_id', $plant->id);
        $query->where('state', 'open');
        $query->whereNotNull('day_plant_id');
        $ids = array_values($query->pluck('id')->all());
        CareTask::query()->whereKey($ids)->update(['state' => 'skipped', 'closed_on' => $at->toDateString(), 'reason' => Words::of('records.potted_again')]);

        return $ids;
    }

    /**
     * Soil or moss saved for itself or for another plant is in the history of both.
     *
     * @param array{what: string|null, for_plant_id: int|null, litres?: float, component_id?: int|null}|null $saved
     *
     * @return list<int> ids of events
     */
    private function saveSoil(Plant $plant, ?array $saved, Carbon $at, string $person): array
    {
        if ($saved === null) {
            return [];
        }
        $events = [($this->write)($plant, 'saved_soil', $at, '', new Carried($saved), $person)->id];
        $other = $saved['for_plant_id'] === null || $saved['for_plant_id'] === $plant->id ? null : Plant::query()->whereKey($saved['for_plant_id'])->first();
        if ($other !== null) {
            $events[] = ($this->write)($other, 'saved_soil', $at, '', new Carried(['what' => $saved['what'], 'from_plant_id' => $plant->id, 'from' => $plant->number]), $person)->id;
        }

        return $events;
    }
}
