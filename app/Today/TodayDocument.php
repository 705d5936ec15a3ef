<?php

declare(strict_types=1);

namespace App\Today;

use App\Bench\Models\BenchTest;
use App\Plants\Models\CareTask;
use App\Plants\Models\Plant;
use App\Plants\PlantPresenter;
use App\PottingDays\DayDocument;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use Illuminate\Support\Carbon;
use Zolbek\Core\Work\Inspection\Health;

/** What the day asks for: water, due tasks, this week's potting, what runs low, what is half done, plants in recovery. Schema Today of the API. */
final readonly class TodayDocument
{
    private const MOST = 12;
    private const WEEK = 7;
    private const RECOVERY_DAYS = 42;

    public function __construct(private WaterFirst $water) {}

    /** @return array<string, mixed> */
    public function make(): array
    {
        $today = Carbon::today();
        $tasks = CareTask::ofKeptPlants();
        $tasks->where('state', 'open');
        $tasks->where('due_on', '<=', $today->toDateString().' 23:59:59');
        $taskTotal = $tasks->count();
        $tasks->with('plant');
        $tasks->orderBy('due_on');
        $tasks->orderBy('id');
        $tasks->limit(self::MOST);
        $days = PottingDay::query();
        $days->whereNull('archived_at');
        $days->where('status', '!=', 'finished');
        $days->where('planned_on', '<', $today->copy()->addDays(self::WEEK));
        PottingDay::withDone($days);
        $days->orderBy('planned_on');
        $low = Component::query();
        $low->whereNull('archived_at');
        $low->whereNotNull('low_l');
        $low->whereColumn('stock_l', '<', 'low_l');
        $low->orderBy('name');
        $low->limit(self::MOST);
        $tests = BenchTest::query();
        $tests->where('status', BenchTest::RUNNING);
        $tests->orderByDesc('started_at');
        $tests->limit(self::MOST);
        $due = Plant::query();
        $due->whereNull('archived_at');
        Plant::due($due);
        $dueTotal = $due->count();
        $due->with(['species', 'pot']);
        $due->orderBy('due_on');
        $due->limit(self::MOST);
        $recovering = Plant::query();
        $recovering->whereNull('archived_at');
        $recovering->where(static fn($plants) => $plants->whereIn('health', [Health::Weak->value, Health::Sick->value])->orWhere('potted_on', '>=', $today->copy()->subDays(self::RECOVERY_DAYS)->toDateString()));
        $recoveringTotal = $recovering->count();
        $recovering->with(['species', 'pot']);
        $recovering->orderByRaw("health = 'well'");
        $recovering->orderByDesc('potted_on');
        $recovering->limit(self::MOST);

        return [
            'water' => $this->water->of(Carbon::now()),
            'tasks' => array_values($tasks->get()->map(PlantPresenter::task(...))->all()),
            'tasks_total' => $taskTotal,
            'days' => array_values($days->get()->map(DayDocument::summary(...))->all()),
            'low' => array_values($low->get()->map(static fn(Component $component): array => ['id' => $component->id, ...$component->only(['name', 'kind', 'colour', 'stock_l', 'low_l'])])->all()),
            'tests' => array_values($tests->get()->map(static fn(BenchTest $test): array => ['id' => $test->id, 'kind' => $test->kind, 'name' => $test->name, 'started_at' => $test->started_at->toIso8601String()])->all()),
            'due' => array_values($due->get()->map(PlantPresenter::row(...))->all()),
            'due_total' => $dueTotal,
            'recovering' => array_values($recovering->get()->map(PlantPresenter::row(...))->all()),
            'recovering_total' => $recoveringTotal,
            'has_plants' => Plant::query()->exists(),
        ];
    }
}
