<?php

declare(strict_types=1);

namespace App\Trials\Actions;

use App\Common\Author;
use App\Common\Day;
use App\Plants\Models\CareTask;
use App\Trials\Models\Trial;
use App\Trials\Models\TrialPlant;
use App\Trials\Models\TrialValue;
use App\Trials\TrialResult;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\RandomWords;
use Zolbek\Core\Work\Aftercare\TaskKind;
use Zolbek\Core\Work\Trial\Assignment;

/** What happens in a trial: plants are given out by chance, measured, lost; codes are opened; it ends. */
final readonly class RunTrial
{
    private const MOST_VALUE = 1e6;

    /** Gives the plants out, and writes a task for each day on which they are measured. */
    public function begin(Trial $trial, ?int $seed = null, ?Carbon $on = null): Trial
    {
        $seed ??= random_int(1, RandomWords::MOST_SEED);

        return DB::transaction(static function () use ($trial, $seed, $on): Trial {
            self::mustBe($trial, Trial::PLANNED);
            $trial->load('plants.plant');
            $of = [];
            foreach ($trial->plants as $row) {
                $of[$row->id] = ['bench' => $row->plant->place, 'size' => $row->plant->trunk_mm ?? $row->plant->height_cm];
            }
            if (! in_array($trial->blocking, Assignment::BLOCKINGS, true)) {
                throw Refused::because('blocking', 'one_of', $trial->blocking, ['words' => implode(', ', Assignment::BLOCKINGS)]);
            }
            foreach (Assignment::of($of, count($trial->arms), $trial->blocking, new RandomWords($seed)) as $id => ['block' => $block, 'group' => $group]) {
                TrialPlant::query()->whereKey($id)->update(['block' => $block, 'arm' => $group]);
            }
            $trial->fill(['state' => Trial::RUNNING, 'seed' => $seed, 'begun_on' => $on ?? Carbon::today()])->save();
            self::writeTasks($trial);

            return $trial->refresh();
        });
    }

    /**
     * @param array<mixed> $input `{on, person?, values: [{plant_id, value}]}`; a value of null takes one back
     *
     * @throws Refused naming each field and what it may be
     */
    public function measure(Trial $trial, array $input): Trial
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['on', 'person', 'values'], $refusals);
        $on = Day::required($fields, 'on', $refusals, 0);
        $person = Author::of($fields);
        $rows = $fields->raw('values');
        if (! is_array($rows) || ! array_is_list($rows) || $rows === [] || count($rows) > SaveTrial::MOST_PLANTS) {
            $refusals->add(new Refusal('values', 'list_of_most', $rows, ['max' => SaveTrial::MOST_PLANTS]));
            $rows = [];
        }
        $plants = $trial->plants()->get()->keyBy('plant_id');
        $values = [];
        foreach ($rows as $i => $row) {
            $of = Fields::of($row, ['plant_id', 'value'], $refusals, 'values.'.$i);
            $plant = $plants->get($of->integer('plant_id', 1, PHP_INT_MAX));
            $value = $of->has('value') ? $of->number('value', -self::MOST_VALUE, self::MOST_VALUE) : null;
            if ($plant === null) {
                $refusals->add(new Refusal("values.$i.plant_id", 'plant_missing', $of->raw('plant_id')));
            } else {
                $values[$plant->id] = $value;
            }
        }
        if ($on !== null && ! in_array($on->toDateString(), $trial->days, true)) {
            $refusals->add(new Refusal('on', 'not_a_day_of_it', $on->toDateString(), ['days' => implode(', ', $trial->days)]));
        }
        $refusals->throwIfAny();
        assert($on !== null);

        return DB::transaction(static function () use ($trial, $on, $values, $person): Trial {
            self::mustBe($trial, Trial::RUNNING);
            foreach ($values as $id => $value) {
                $query = TrialValue::query();
                $query->where('trial_plant_id', $id);
                $query->whereDate('measured_on', $on);
                $query->delete();
                $value === null || TrialValue::query()->create(['trial_plant_id' => $id, 'measured_on' => $on, 'value' => $value, 'person' => $person]);
            }
            self::tickTasks($trial, $on);

            return $trial->refresh();
        });
    }

    /**
     * @param array<mixed> $input `{plant_id, why?, on?, lost?}`; lost false takes it back
     *
     * @throws Refused naming each field and what it may be
     */
    public function lose(Trial $trial, array $input): Trial
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['plant_id', 'why', 'on', 'lost'], $refusals);
        $id = $fields->integer('plant_id', 1, PHP_INT_MAX);
        $lost = $fields->flag('lost', true);
        $why = trim($fields->text('why', 200, ''));
        $on = Day::optional($fields, 'on', $refusals, 0) ?? Carbon::today();
        $plant = $trial->plants()->where('plant_id', $id)->first();
        if ($plant === null) {
            $refusals->add(new Refusal('plant_id', 'plant_missing', $id));
        }
        if ($lost && $why === '') {
            $refusals->add(new Refusal('why', 'reason_missing'));
        }
        $refusals->throwIfAny();

        return DB::transaction(static function () use ($trial, $plant, $lost, $why, $on): Trial {
            self::mustBe($trial, Trial::RUNNING);
            $plant?->fill(['lost_on' => $lost ? $on : null, 'lost_why' => $lost ? $why : ''])->save();

            return $trial->refresh();
        });
    }

    /** Looks the codes up before the end, which is written down. */
    public function open(Trial $trial): Trial
    {
        return DB::transaction(static function () use ($trial): Trial {
            self::mustBe($trial, Trial::RUNNING);
            if ($trial->isHidden()) {
                $trial->fill(['opened_on' => Carbon::today(), 'opened_by' => Author::name()])->save();
            }

            return $trial->refresh();
        });
    }

    /** Ends it, and keeps what it came to as it is now. */
    public function end(Trial $trial): Trial
    {
        return DB::transaction(static function () use ($trial): Trial {
            self::mustBe($trial, Trial::RUNNING);
            $trial->load('plants.values', 'plants.plant');
            $trial->fill(['state' => Trial::ENDED, 'ended_on' => Carbon::today(), 'result' => TrialResult::of($trial)])->save();
            $query = CareTask::query();
            $query->where('round', 'like', self::round($trial).'%');
            $query->where('state', 'open');
            $query->update(['state' => 'skipped', 'closed_on' => Carbon::today()->toDateString(), 'reason' => $trial->name]);

            return $trial->refresh();
        });
    }

    /** @throws Refused field "state" */
    private static function mustBe(Trial $trial, string $state): void
    {
        $trial->refresh();
        if ($trial->state !== $state) {
            throw Refused::because('state', 'trial_is', $trial->state, ['state' => $state]);
        }
    }

    private static function round(Trial $trial): string
    {
        return 'trial-'.$trial->id.'-';
    }

    /** One round of tasks for each day that is still to come. */
    private static function writeTasks(Trial $trial): void
    {
        foreach (array_filter($trial->days, static fn(string $day): bool => $day >= Carbon::today()->toDateString()) as $day) {
            $now = Carbon::now();
            CareTask::query()->insert(array_values($trial->plants->map(static fn(TrialPlant $row): array => [
                'plant_id' => $row->plant_id, 'kind' => TaskKind::Own->value, 'starts_on' => $now->copy()->startOfDay(), 'due_on' => $day, 'figures' => '{}', 'note' => Str::limit($trial->name, 190),
                'round' => self::round($trial).$day, 'created_at' => $now, 'updated_at' => $now,
            ])->all()));
        }
    }

    /** Once all that are left were measured on a day, its round is done. */
    private static function tickTasks(Trial $trial, Carbon $on): void
    {
        $measured = TrialValue::query()->whereDate('measured_on', $on)->pluck('trial_plant_id')->all();
        $plants = $trial->plants()->whereIn('id', $measured)->pluck('plant_id')->all();
        $query = CareTask::query();
        $query->where('round', self::round($trial).$on->toDateString());
        $query->where('state', 'open');
        $query->whereIn('plant_id', $plants);
        $query->update(['state' => 'done', 'closed_on' => Carbon::today()->toDateString()]);
    }
}
