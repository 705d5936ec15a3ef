<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Author;
use App\Common\Day;
use App\Plants\Carried;
use App\Plants\Models\CareTask;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Work\Aftercare\TaskKind;

/** Adds a task of one's own; does, postpones or skips one, the last with a reason. One that repeats comes back until its last day. */
final readonly class ChangeTask
{
    public const DEEDS = ['done', 'postpone', 'skip', 'reopen'];

    public function __construct(private WritePlantEvent $write) {}

    /**
     * @param array<mixed> $input `{plant_id, due_on, note}`
     *
     * @throws Refused naming each field and what it may be
     */
    public function add(array $input): CareTask
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['plant_id', 'due_on', 'note', 'every_days', 'until_on'], $refusals);
        $plantId = $fields->integer('plant_id', 1, PHP_INT_MAX);
        if ($plantId > 0 && ! Plant::query()->whereKey($plantId)->exists()) {
            $refusals->add(new Refusal('plant_id', 'plant_missing', $plantId));
        }
        $due = Day::required($fields, 'due_on', $refusals, 10);
        $until = Day::optional($fields, 'until_on', $refusals, 10);
        $note = $fields->text('note', 200);
        $every = $fields->has('every_days') ? $fields->integer('every_days', 1, 730) : null;
        $refusals->throwIfAny();

        return CareTask::query()->create([
            'plant_id' => $plantId, 'kind' => TaskKind::Own->value, 'starts_on' => Carbon::today(), 'due_on' => $due, 'figures' => [], 'note' => $note, 'every_days' => $every, 'until_on' => $until,
        ])->refresh();
    }

    /**
     * @param array<mixed> $input `{do, on, until, reason, outcome, person}`
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(CareTask $task, array $input): CareTask
    {
        $kind = TaskKind::from($task->kind);
        [$do, $on, $until, $reason, $person, $outcome] = self::deed($input, $kind->asksOutcome());

        return DB::transaction(function () use ($task, $do, $on, $until, $reason, $outcome, $kind, $person): CareTask {
            // as it is now: another one may have done it a moment ago
            if ($do !== 'reopen' && $task->refresh()->state !== 'open') {
                throw Refused::because('do', 'task_closed', $task->state);
            }
            match ($do) {
                'done' => $this->done($task, $on, $kind, $outcome, $reason, $person),
                'skip' => $this->skip($task, $on, $reason, $person),
                'postpone' => $task->fill(['due_on' => $until, 'reason' => $reason]),
                default => $this->reopen($task),
            };
            $task->save();

            return $task;
        });
    }

    /**
     * What is to be done with a task, as it was entered.
     *
     * @param array<mixed> $input
     *
     * @return array{string, Carbon, Carbon|null, string, string, string|null} deed, day, day until which it is put off, reason, person, outcome
     *
     * @throws Refused naming each field and what it may be
     */
    public static function deed(array $input, bool $asksOutcome): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['do', 'on', 'until', 'reason', 'outcome', 'person'], $refusals);
        $do = $fields->oneOf('do', self::DEEDS);
        $on = Day::optional($fields, 'on', $refusals, 0) ?? Carbon::today();
        $until = $do === 'postpone' ? Day::required($fields, 'until', $refusals, 5) : null;
        $reason = $fields->text('reason', 300, '');
        $person = Author::of($fields);
        $outcome = $do === 'done' && $asksOutcome ? $fields->oneOf('outcome', TellOfPlant::OUTCOMES) : null;
        if ($do === 'skip' && $reason === '') {
            $refusals->add(new Refusal('reason', 'reason_missing'));
        }
        $refusals->throwIfAny();

        return [(string) $do, $on, $until, $reason, $person, $outcome];
    }

    private function done(CareTask $task, Carbon $on, TaskKind $kind, ?string $outcome, string $reason, string $person): void
    {
        $next = $task->every_days === null ? null : $on->copy()->addDays($task->every_days);
        $task->fill(['state' => 'done', 'closed_on' => $on, 'reason' => $reason]);
        if ($next !== null && ($task->until_on === null || $next->lessThanOrEqualTo($task->until_on))) {
            $task->replicate(['closed_on', 'reason', 'state'])->fill(['due_on' => $next, 'state' => 'open'])->save();
        }
        $plant = Plant::query()->findOrFail($task->plant_id);
        if ($outcome !== null) {
            ($this->write)($plant, 'outcome', $on, $reason, new Carried(['outcome' => $outcome, 'after' => $task->kind]), $person);
        } else {
            ($this->write)($plant, 'task_done', $on, $reason, new Carried(['task' => $kind->value, 'note' => $task->note]), $person);
        }
    }

    private function skip(CareTask $task, Carbon $on, string $reason, string $person): void
    {
        $task->fill(['state' => 'skipped', 'closed_on' => $on, 'reason' => $reason]);
        ($this->write)(Plant::query()->findOrFail($task->plant_id), 'task_skipped', $on, $reason, new Carried(['task' => $task->kind, 'note' => $task->note]), $person);
    }

    /** Undo of a slip: the task is open again, and the repetition that it made is gone. */
    private function reopen(CareTask $task): void
    {
        if ($task->every_days !== null) {
            $next = CareTask::query();
            $next->where('plant_id', $task->plant_id);
            $next->where('kind', $task->kind);
            $next->where('state', 'open');
            $next->where('id', '>', $task->id);
            $next->delete();
        }
        $task->fill(['state' => 'open', 'closed_on' => null, 'reason' => '']);
    }
}
