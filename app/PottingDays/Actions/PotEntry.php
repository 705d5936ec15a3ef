<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Plants\Actions\WritePlantEvent;
use App\Plants\Models\CareTask;
use App\Plants\Models\Fertiliser;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Plants\Outlook;
use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Assembly;
use App\PottingDays\EntryActual;
use App\PottingDays\EntryFigures;
use App\PottingDays\EntryPlan;
use App\PottingDays\Learned;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Actions\TakeFromShelf;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Work\Aftercare\CarePlan;
use Zolbek\Core\Work\Aftercare\Done;
use Zolbek\Core\Work\Aftercare\Task;
use Zolbek\Core\Work\Feeding\FeedingSchool;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\PottingDay\FirstWater;

/**
 * A plant of a potting day is potted, or put off, or that is taken back: its entry, its history, what it stands in from now on, what was drawn from the shelf
 * and what is to be looked after, all in one.
 */
final readonly class PotEntry
{
    public function __construct(
        private PlantSituation $situations,
        private Standing $standings,
        private Outlook $outlook,
        private TakeFromShelf $take,
        private WritePlantEvent $write,
    ) {}

    /**
     * @param array<mixed> $input `{state, actual, person}`
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(PottingDay $day, DayPlant $entry, array $input, ?Carbon $at = null): DayPlant
    {
        $day->mustBeOpen('state');

        return DB::transaction(function () use ($day, $entry, $input, $at): DayPlant {
            $entry->refresh()->load(['plant.species', 'plant.site', 'pot', 'recipe.parts.component']);
            $refusals = new Refusals();
            $fields = Fields::of($input, ['state', 'actual', 'person'], $refusals);
            $state = $fields->oneOf('state', DayPlant::STATES);
            $person = $fields->text('person', 60, $entry->helper);
            if ($state !== null && $state !== 'planned' && $entry->state !== 'planned') {
                $refusals->add(new Refusal('state', 'entry_done', $entry->state));
            }
            $refusals->throwIfAny();
            if ($state === 'planned') {
                $this->undo($day, $entry);
            } elseif ($state === 'not_today') {
                $entry->fill(['state' => 'not_today', 'actual' => ['note' => self::note($fields)]]);
            } else {
                $this->pot($day, $entry, (string) $state, $fields, $person, $at ?? Carbon::now());
            }
            $entry->revision += 1;
            $entry->save();

            return $entry;
        });
    }

    private function pot(PottingDay $day, DayPlant $entry, string $state, Fields $fields, string $person, Carbon $at): void
    {
        $plan = [...EntryPlan::START, ...$entry->plan];
        $assembly = new Assembly($day, $this->situations, $this->standings, $entry->newCollection([$entry]));
        $needs = $assembly->sums->pots[$entry->id] ?? throw $assembly->refused[$entry->id] ?? Refused::because('state', 'entry_done', $entry->state);
        $refusals = new Refusals();
        $plant = $entry->plant;
        $actual = EntryActual::read($fields->raw('actual'), $refusals, round($needs->baseL, 4), $plan, $plant);
        $refusals->throwIfAny();
        $figures = (new EntryFigures($assembly, $this->outlook, Learned::pace()))->of($entry, $needs);
        $taken = [];
        foreach ($needs->besideMix() as $key => $litres) {
            // at the bench the work goes on: what was not on the shelf is drawn as far as it was
            array_push($taken, ...($this->take)($assembly->component($key), $litres, null, $day->name, allOrNothing: false));
        }
        $before = $plant->only(['pot_id', 'recipe_id', 'standing', 'buried', 'snooze_note']) + [
            'potted_on' => $plant->potted_on?->toDateString(), 'due_on' => $plant->due_on?->toDateString(), 'snoozed_until' => $plant->snoozed_until?->toDateString(), 'due_set_on' => $plant->due_set_on?->toDateString(),
        ];
        $layer = $plan['layer'];
        $standing = Standing::make($entry->recipe, $entry->pot, [
            'headspace_cm' => (float) $plan['headspace_cm'], 'top_dressing_cm' => (float) ($plan['dressing']['cm'] ?? 0.0),
            'layer' => $layer === null ? null : ['component' => $assembly->components[$layer['component_id']]->toCore(), 'thickness_cm' => (float) $layer['thickness_cm']],
        ]);
        $event = ($this->write)($plant, 'potted', $at, $actual['note'], [
            'potting_day_id' => $day->id, 'day' => $day->name, 'recipe' => $entry->recipe->name, 'recipe_version' => $entry->recipe->version, 'pot' => $entry->pot->name, 'standing' => $standing,
            'plan' => $plan, 'actual' => $actual, 'figures' => $figures, 'plain_minutes' => EntryFigures::plainMinutes($entry, $needs), 'minutes' => $actual['minutes'], 'before' => $before,
        ], $person);
        $buried = $plan['fixing'] === 'wire' && ! in_array('wires', array_column($plant->buried, 'kind'), true) ? [['kind' => 'wires', 'note' => '']] : [];
        if ($actual['buried_note'] !== '') {
            $buried[] = ['kind' => 'other', 'note' => $actual['buried_note']];
        }
        $plant->fill([
            'pot_id' => $entry->pot_id, 'recipe_id' => $entry->recipe_id, 'standing' => $standing, 'potted_on' => $at->copy()->startOfDay(), 'snoozed_until' => null, 'snooze_note' => '', 'due_set_on' => null,
            'buried' => [...$plant->buried, ...$buried],
        ])->save();
        $plant->refresh()->load(['species', 'site']);
        $plant->due_on = $this->outlook->dueOn($plant);
        $plant->save();
        $tasks = $this->tasks($entry, $plant, $plan, $actual, $at);
        $events = [$event->id];
        $saved = $actual['saved'];
        if ($saved !== null) {
            $events[] = ($this->write)($plant, 'saved_soil', $at, '', $saved, $person)->id;
            $other = $saved['for_plant_id'] === null || $saved['for_plant_id'] === $plant->id ? null : Plant::query()->whereKey($saved['for_plant_id'])->first();
            if ($other !== null) {
                $events[] = ($this->write)($other, 'saved_soil', $at, '', ['what' => $saved['what'], 'from_plant_id' => $plant->id, 'from' => $plant->number], $person)->id;
            }
        }
        $entry->fill(['state' => $state, 'done_at' => $at, 'actual' => [...$actual, 'taken' => $taken, 'event_ids' => $events, 'tasks' => $tasks, 'base_l' => $needs->baseL]]);
        $day->begin();
    }

    /**
     * @param array<string, mixed> $plan
     * @param array<string, mixed> $actual
     */
    private function tasks(DayPlant $entry, Plant $plant, array $plan, array $actual, Carbon $at): int
    {
        $group = PlantGroup::from($plant->plant_group);
        $fertiliser = $plan['fertiliser'] === null ? null : Fertiliser::query()->whereKey($plan['fertiliser']['id'])->first();
        $care = new CarePlan(new Done(
            $at->toDateTimeImmutable()->setTime(0, 0),
            $group,
            (float) $actual['roots_cut_share'],
            BallTreatment::from($plan['treatment']),
            in_array($plant->seenStage($at), [GrowthStage::LeafBreak, GrowthStage::Growing, GrowthStage::AfterFlower, GrowthStage::Hardened], true) || ($plant->species->evergreen ?? false),
            $plant->condition(),
            $plan['fixing'],
            (int) $plan['stones_days'],
            (new FirstWater($group, (float) $actual['roots_cut_share'], $plan['first_water_days']))->afterDays,
            $fertiliser?->form === 'slow_release' ? $fertiliser->longevity_days : null,
            FeedingSchool::from($plan['feeding']),
            array_values(array_map(Finding::from(...), $actual['findings'])),
            $plant->shelter,
        ), $this->situations->daily($plant));
        foreach ($care->tasks as $task) {
            CareTask::query()->create(self::row($task, $plant, $entry));
        }

        return count($care->tasks);
    }

    /** @return array<string, mixed> */
    private static function row(Task $task, Plant $plant, DayPlant $entry): array
    {
        return [
            'plant_id' => $plant->id, 'day_plant_id' => $entry->id, 'kind' => $task->kind->value, 'starts_on' => $task->startsOn->format('Y-m-d'), 'due_on' => $task->dueOn->format('Y-m-d'),
            'ends_by' => $task->endsBy->value, 'every_days' => $task->everyDays, 'until_on' => $task->untilOn?->format('Y-m-d'), 'figures' => $task->figures,
        ];
    }

    /** Takes back what was just done: the plant stands in what it stood in before. */
    private function undo(PottingDay $day, DayPlant $entry): void
    {
        if ($entry->isPotted()) {
            if ($day->leftovers()->where('recipe_id', $entry->recipe_id)->exists()) {
                throw Refused::because('state', 'mix_closed', $entry->recipe->name);
            }
            $events = PlantEvent::query()->findMany($entry->actual['event_ids'] ?? []);
            $potted = $events->firstWhere('kind', 'potted');
            if (PlantEvent::query()->where('plant_id', $entry->plant_id)->where('kind', 'potted')->where('id', '>', $potted->id ?? 0)->exists()) {
                throw Refused::because('state', 'potted_since', $entry->plant->number);
            }
            $entry->plant->fill($potted->data['before'] ?? [])->save();
            PlantEvent::query()->whereKey($events->modelKeys())->delete();
            CareTask::query()->where('day_plant_id', $entry->id)->delete();
            $this->take->putBack($entry->actual['taken'] ?? [], $day->name);
        }
        $entry->fill(['state' => 'planned', 'actual' => [], 'done_at' => null]);
    }

    private static function note(Fields $fields): string
    {
        $actual = $fields->raw('actual');

        return is_array($actual) && is_string($actual['note'] ?? null) ? mb_substr($actual['note'], 0, 1000) : '';
    }
}
