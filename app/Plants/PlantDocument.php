<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\CareTask;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Photo;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Place\Setup\Setup;

/** All about one plant on one page: schema PlantDossier of the API, but for the days on which it is to be potted. */
final readonly class PlantDocument
{
    private const MOST_EVENTS = 200;

    public function __construct(private Outlook $outlook, private StickDocument $stick, private PlantSituation $situations) {}

    /** @return array{fast: float|null, slow: float|null, drop_cm: float} from which year to which its mix serves it, null beyond eight, and how far it sinks in the years planned */
    private static function lasts(Setup $setup): array
    {
        [$fast, $slow] = Forecast::range($setup);

        return ['fast' => $fast, 'slow' => $slow, 'drop_cm' => (new AgedPot($setup, min(Forecast::HORIZON, $setup->targets()->plannedYears)))->levelDropCm];
    }

    /** @return array<string, mixed> */
    public function of(Plant $plant): array
    {
        $plant->loadMissing(['species', 'site', 'pot', 'recipe', 'parent', 'offspring']);
        $due = $this->outlook->due($plant);
        $season = $this->outlook->season($plant);
        $setup = $this->outlook->setup($plant);
        $events = $plant->events();
        $events->orderByDesc('happened_on');
        $events->orderByDesc('id');
        $events->limit(self::MOST_EVENTS);
        $tasks = $plant->tasks();
        $tasks->with('plant');
        $tasks->where('state', 'open');
        $tasks->orderBy('due_on');
        $photos = Photo::query();
        $photos->where('plant_id', $plant->id);
        $photos->orderByDesc('taken_on');
        $photos->orderByDesc('id');
        $checks = MoistureCheck::query();
        $checks->where('plant_id', $plant->id);
        $checks->orderByDesc('checked_at');
        $checks->limit(20);
        $targets = $this->situations->targets($plant);

        return [
            'plant' => PlantPresenter::row($plant),
            'site' => $plant->site?->name,
            'years' => Outlook::years($plant),
            'planned_years' => $targets->plannedYears,
            'due' => ['level' => $due->level->value, 'after_years' => $due->afterYears, 'reasons' => InspectionForm::reasons($due->reasons), 'lasts' => $setup === null ? null : self::lasts($setup)],
            'season' => [
                'window' => $season->window->value, 'school' => $season->school?->value, 'is_observed' => $season->isObserved, 'opens_in_days' => $season->opensInDays,
                'reasons' => InspectionForm::reasons($season->reasons),
            ],
            'standing' => $plant->standing === null ? null : [
                'recipe_id' => $plant->standing->recipeId, 'recipe_name' => $plant->standing->recipeName, 'recipe_version' => $plant->standing->recipeVersion, 'parts' => $plant->standing->parts,
                'pot_name' => $plant->standing->pot['name'],
            ],
            'proportions' => $setup === null ? [] : Proportions::of($plant, $setup->pot),
            'stick' => $this->stick->of($plant),
            'events' => array_values($events->get()->map(PlantPresenter::event(...))->all()),
            'tasks' => array_values($tasks->get()->map(static fn(CareTask $task): array => PlantPresenter::task($task))->all()),
            'photos' => array_values($photos->get()->map(PlantPresenter::photo(...))->all()),
            'checks' => array_values($checks->get()->map(PlantPresenter::check(...))->all()),
            'line' => [
                'parent' => $plant->parent === null ? null : $plant->parent->only(['id', 'number', 'name']),
                'offspring' => array_values($plant->offspring->map(static fn(Plant $young): array => $young->only(['id', 'number', 'name', 'origin', 'status']))->all()),
            ],
            'plan_pots' => (object) Pot::query()->whereKey(array_values(array_filter(array_column($plant->plan, 'pot_id'))))->pluck('name', 'id')->all(),
        ];
    }
}
