<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Models\BenchTest;
use App\Bench\RefreshMeasured;
use App\Bench\TestDocument;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refused;

/** Lets evaluations use a finished test, or takes it back out; discards a test, or takes it back. */
final readonly class UseBenchTest
{
    public function __construct(private RefreshMeasured $refresh) {}

    /** @throws Refused where it is not finished, or contradicts what else is known */
    public function use(BenchTest $test, bool $inUse): BenchTest
    {
        if ($inUse && $test->status !== BenchTest::FINISHED) {
            throw Refused::because('in_use', 'test_not_finished', $test->status);
        }

        return DB::transaction(function () use ($test, $inUse): BenchTest {
            $test->fill(['in_use' => $inUse])->save();
            $this->refresh($test);

            return $test;
        });
    }

    public function discard(BenchTest $test, bool $discarded): BenchTest
    {
        return DB::transaction(function () use ($test, $discarded): BenchTest {
            $back = $test->finished_at === null ? BenchTest::RUNNING : BenchTest::FINISHED;
            $test->fill(['status' => $discarded ? BenchTest::DISCARDED : $back, 'in_use' => false])->save();
            $this->refresh($test);

            return $test;
        });
    }

    private function refresh(BenchTest $test): void
    {
        if ($test->lot !== null) {
            ($this->refresh)($test->lot);
        } elseif ($test->component !== null) {
            ($this->refresh)($test->component);
        } elseif ($test->recipe !== null) {
            $shrinks = BenchTest::query()->where('recipe_id', $test->recipe_id)->where('kind', 'mix_shrink')->where('in_use', true);
            $shrinks->orderByDesc('finished_at');
            $last = $shrinks->first();
            $test->recipe->compaction_index = $last === null ? null : (new TestDocument($last))->compactionIndex();
            $test->recipe->save();
        }
    }
}
