<?php

declare(strict_types=1);

namespace App\Truth\Actions;

use App\Calibration\InUse;
use App\Calibration\Models\Calibration;
use App\Common\Author;
use App\Plants\Models\Plant;
use App\Truth\ModelNotice;
use App\Truth\YardTests;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Verdict\Calibration\FactorFit;

/** Fits the factors of the model to the yard's own tests and keeps them; switches one set of them on, or all off. */
final readonly class Calibrate
{
    /** Of more plants the days on which they fall due are found anew at the next start. */
    private const AT_ONCE = 200;

    public function __construct(private RecomputeForecasts $recompute) {}

    /** @throws Refused field "tests", where there are too few */
    public function fit(): Calibration
    {
        $fit = InUse::now()->without(static fn(): FactorFit => new FactorFit(YardTests::all()));
        $factors = [];
        foreach ($fit->spread as $name => $spread) {
            $factors[$name] = ['factor' => $fit->factors->factor($name), 'spread' => $spread];
        }
        $tests = [];
        foreach ($fit->residuals as $key => $residual) {
            $at = (int) strrpos($key, ' ');
            $tests[] = ['key' => substr($key, 0, $at), 'figure' => substr($key, $at + 1), ...$residual];
        }

        return Calibration::query()->create(['made_at' => Carbon::now(), 'person' => Author::name(), 'factors' => $factors, 'tests' => $tests, 'in_use' => false, 'switched' => []]);
    }

    public function switch(Calibration $calibration, bool $on): void
    {
        DB::transaction(static function () use ($calibration, $on): void {
            $calibration->refresh();
            $said = static fn(bool $on): array => ['on' => $on, 'at' => Carbon::now()->toIso8601String(), 'by' => Author::name()];
            foreach (Calibration::query()->where('in_use', true)->get() as $other) {
                if ($other->id !== $calibration->id || ! $on) {
                    $other->fill(['in_use' => false, 'switched' => [...$other->switched, $said(false)]])->save();
                }
            }
            if ($on && ! $calibration->in_use) {
                $calibration->refresh()->fill(['in_use' => true, 'switched' => [...$calibration->switched, $said(true)]])->save();
            }
        });
        InUse::now()->forget();
        if (Plant::query()->whereNotNull('standing')->where('status', 'kept')->count() <= self::AT_ONCE) {
            ($this->recompute)();
        } else {
            ModelNotice::askToRecompute();
        }
    }
}
