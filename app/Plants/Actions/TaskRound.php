<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Day;
use App\Plants\Carried;
use App\Plants\Models\CareTask;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Work\Aftercare\TaskKind;

/** One task for all plants of a place, of a group, or of the yard, such as a round against pests: each plant has its own, and one tick does them all. */
final readonly class TaskRound
{
    private const MOST = 5000;
    private const AT_ONCE = 500;

    /**
     * @param array<mixed> $input `{place?, plant_group?, due_on, note, every_days?, until_on?}`; without place and group it is for the whole yard
     *
     * @return array{round: string, tasks: int}
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function add(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['place', 'plant_group', 'due_on', 'note', 'every_days', 'until_on'], $refusals);
        $place = $fields->text('place', 100, '');
        $group = $fields->has('plant_group') ? $fields->oneOf('plant_group', PlantGroup::words()) : null;
        $due = Day::required($fields, 'due_on', $refusals, 10);
        $until = Day::optional($fields, 'until_on', $refusals, 10);
        $note = $fields->text('note', 200);
        $every = $fields->has('every_days') ? $fields->integer('every_days', 1, 730) : null;
        $refusals->throwIfAny();

        return DB::transaction(static function () use ($place, $group, $due, $until, $note, $every): array {
            $plants = Plant::query();
            $plants->whereNull('archived_at');
            $plants->when($place !== '', static fn(Builder $query) => $query->where('place', $place));
            $plants->when($group !== null, static fn(Builder $query) => $query->where('plant_group', $group));
            $ids = $plants->limit(self::MOST + 1)->pluck('id')->all();
            if ($ids === [] || count($ids) > self::MOST) {
                throw Refused::because($place === '' && $group !== null ? 'plant_group' : 'place', $ids === [] ? 'no_such_plants' : 'list_of_most', $place, ['max' => self::MOST]);
            }
            $round = (string) Str::uuid();
            $now = Carbon::now();
            foreach (array_chunk($ids, self::AT_ONCE) as $some) {
                CareTask::query()->insert(array_map(static fn(int $id): array => [
                    'plant_id' => $id, 'kind' => TaskKind::Own->value, 'starts_on' => $now->copy()->startOfDay(), 'due_on' => $due, 'figures' => '{}', 'note' => $note, 'every_days' => $every,
                    'until_on' => $until, 'round' => $round, 'created_at' => $now, 'updated_at' => $now,
                ], $some));
            }

            return ['round' => $round, 'tasks' => count($ids)];
        });
    }

    /**
     * Does the same with all tasks of a round that are open, or opens again those that were done today. Written in a few statements, however many plants there are.
     *
     * @param array<mixed> $input as ChangeTask takes it
     *
     * @return int how many
     *
     * @throws \Throwable Refused, field "do" where none is open
     */
    public function change(string $round, array $input): int
    {
        [$do, $on, $until, $reason, $person] = ChangeTask::deed($input, false);

        return DB::transaction(static function () use ($round, $do, $on, $until, $reason, $person): int {
            $query = CareTask::query();
            $query->where('round', $round);
            $query->where('state', $do === 'reopen' ? 'done' : 'open');
            if ($do === 'reopen') {
                $query->whereDate('closed_on', Carbon::today());
            } else {
                // what was done for one plant already may stand there for its next turn: that is not due with the others
                $query->where('due_on', '<=', max(Carbon::today()->toDateString(), substr((string) (clone $query)->min('due_on'), 0, 10)).' 23:59:59');
            }
            $tasks = $query->get();
            if ($tasks->isEmpty()) {
                throw Refused::because('do', 'task_closed', $do === 'reopen' ? 'open' : 'done');
            }
            foreach ($tasks->chunk(self::AT_ONCE) as $some) {
                self::write($some, $do, $on, $until, $reason, $person);
            }

            return $tasks->count();
        });
    }

    /** @param Collection<int, CareTask> $tasks */
    private static function write(Collection $tasks, string $do, Carbon $on, ?Carbon $until, string $reason, string $person): void
    {
        $now = Carbon::now();
        $ids = $tasks->modelKeys();
        if ($do === 'reopen') {
            $next = CareTask::query()->where('round', $tasks->firstOrFail()->round)->where('state', 'open')->where('id', '>', (int) $tasks->min('id'))->whereIn('plant_id', $tasks->pluck('plant_id'));
            $next->delete();
        } elseif ($do !== 'postpone') {
            PlantEvent::query()->insert(array_values($tasks->map(static fn(CareTask $task): array => [
                'plant_id' => $task->plant_id, 'kind' => $do === 'done' ? 'task_done' : 'task_skipped', 'happened_on' => $on, 'text' => $reason, 'data' => (string) json_encode(new Carried(['task' => $task->kind, 'note' => $task->note])),
                'person' => $person, 'created_at' => $now, 'updated_at' => $now,
            ])->all()));
        }
        if ($do === 'done') {
            CareTask::query()->insert(array_values($tasks->filter(static fn(CareTask $task): bool => self::next($task, $on) !== null)->map(static fn(CareTask $task): array => [
                ...$task->only(['plant_id', 'kind', 'note', 'every_days', 'round']), 'starts_on' => $task->starts_on, 'due_on' => self::next($task, $on), 'until_on' => $task->until_on, 'figures' => (string) json_encode((object) $task->figures),
                'created_at' => $now, 'updated_at' => $now,
            ])->all()));
        }
        CareTask::query()->whereKey($ids)->update([
            ...match ($do) {
                'done' => ['state' => 'done', 'closed_on' => $on, 'reason' => $reason],
                'skip' => ['state' => 'skipped', 'closed_on' => $on, 'reason' => $reason],
                'postpone' => ['due_on' => $until, 'reason' => $reason],
                default => ['state' => 'open', 'closed_on' => null, 'reason' => ''],
            },
            'updated_at' => $now,
        ]);
    }

    /** When it comes again; null where it does not. */
    private static function next(CareTask $task, Carbon $on): ?Carbon
    {
        $next = $task->every_days === null ? null : $on->copy()->addDays($task->every_days);

        return $next !== null && ($task->until_on === null || $next->lessThanOrEqualTo($task->until_on)) ? $next : null;
    }
}
