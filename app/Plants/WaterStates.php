<?php

declare(strict_types=1);

namespace App\Plants;

use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Situations\Models\Site;
use App\Weather\SiteWeather;
use Illuminate\Support\Carbon;
use Zolbek\Core\Course\Days\LeafCourse;
use Zolbek\Core\Course\Days\PotRun;
use Zolbek\Core\Course\Days\SeasonPot;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Weather\Date;
use Zolbek\Core\Place\Weather\Weather;
use Zolbek\Core\Work\WaterRound\PotState;

/**
 * What is thought to be in the pots of plants: from their first watering that counts, through the weather that was, corrected by all that was said since.
 *
 * Of a day, its use goes by from six in the morning to eight in the evening; rain comes first. Where nobody measured the weather it is that of mean days without rain.
 */
final class WaterStates
{
    private const BACK_DAYS = 120;
    public const AHEAD_DAYS = 60;
    private const MORNING_H = 6.0;
    private const EVENING_H = 20.0;

    /** @var array<string, array{Weather, PotRun}> by site, first day and today */
    private array $runs = [];

    public function __construct(private readonly Outlook $outlook, private readonly SeasonPots $pots, private readonly SiteWeather $weather) {}

    public function one(Plant $plant, ?Carbon $at = null): ?WaterNow
    {
        return $this->of([$plant], $at)[$plant->id] ?? null;
    }

    /**
     * @param iterable<Plant> $plants with species and site
     *
     * @return array<int, WaterNow> by plant, of those of which it is known what they stand in, and where
     */
    public function of(iterable $plants, ?Carbon $at = null): array
    {
        $at ??= Carbon::now();
        $checks = MoistureCheck::sincePotted($plants);
        $this->pots->lookUp($plants, $at);
        $states = [];
        foreach ($plants as $plant) {
            $setup = $this->outlook->setup($plant);
            $pot = $setup === null ? null : $this->pots->of($plant, $setup, now: $at);
            if ($setup !== null && $pot !== null && $plant->site !== null && $setup->situation?->climate !== null) {
                $own = array_values(array_filter($checks[$plant->id] ?? [], static fn(MoistureCheck $check): bool => $check->checked_at->lte($at)));
                $states[$plant->id] = $this->through($plant, $plant->site, $setup->situation->climate, $setup, $pot, $own, $at);
            }
        }

        return $states;
    }

    /** @param list<MoistureCheck> $checks oldest first, none later than $at */
    private function through(Plant $plant, Site $site, Climate $climate, Setup $setup, SeasonPot $pot, array $checks, Carbon $at): WaterNow
    {
        $today = self::number($at);
        [$weather, $run] = $this->run($site, $climate, $today);
        [$wanted, $rain] = $run->asked($pot->with(phi: 1.0));
        $litres = $pot->litres[0];
        $now = self::shareOfDay($at);
        $ahead = [];
        for ($i = self::BACK_DAYS; $i < self::BACK_DAYS + self::AHEAD_DAYS; ++$i) {
            $ahead[] = (1.0 - $now) * ($wanted[$i] ?? 0.0) + $now * ($wanted[$i + 1] ?? 0.0);
        }
        $start = self::start($plant, $checks, $at);
        $replay = null;
        if ($start !== null) {
            $replay = new PotReplay($setup, $litres, PotState::full($litres, $plant->use_log ?? 0.0, self::spread($plant)), $start, self::weighedFull($checks, $start));
            $gone = self::shareOfDay($start);
            $byDay = self::byDay($checks, $start);
            $begin = max(0, self::number($start) - $weather->first);
            for ($i = $begin; $i <= self::BACK_DAYS; ++$i) {
                // rain of the day of a watering came before it, and today's is still to come
                if ($i > $begin && $i < self::BACK_DAYS && ($rain[$i] ?? 0.0) > 0.0) {
                    $replay->rains($rain[$i]);
                }
                foreach ($byDay[$weather->first + $i] ?? [] as $check) {
                    $then = self::shareOfDay($check->checked_at);
                    $replay->goesBy($wanted[$i] ?? 0.0, max(0.0, $then - $gone));
                    $gone = max($gone, $then);
                    $replay->hears($check);
                }
                $replay->goesBy($wanted[$i] ?? 0.0, max(0.0, ($i === self::BACK_DAYS ? $now : 1.0) - $gone));
                $gone = 0.0;
            }
        }
        $isKnown = $replay?->isHeardOf() === true;
        $since = $replay === null ? self::BACK_DAYS : self::number($replay->wateredAt) - $weather->first;
        $filled = count(array_filter($weather->filled, static fn(int $day): bool => $day >= $since && $day < self::BACK_DAYS));

        return new WaterNow($setup, $pot, $isKnown ? $replay->state : null, $replay->state->logPhi ?? $plant->use_log ?? 0.0, $ahead, $replay?->wateredAt, $replay?->fullKg, $replay->readings ?? 0, $filled);
    }

    /**
     * The watering from which its water is counted: the first through and through, or the day of its potting, and not too long ago.
     *
     * @param list<MoistureCheck> $checks
     */
    private static function start(Plant $plant, array $checks, Carbon $at): ?Carbon
    {
        $earliest = $at->copy()->startOfDay()->subDays(self::BACK_DAYS);
        $starts = array_map(static fn(MoistureCheck $check): Carbon => $check->checked_at, array_filter($checks, static fn(MoistureCheck $check): bool => $check->verdict === 'water' && $check->given_l === null));
        if ($plant->potted_on !== null) {
            $starts[] = $plant->potted_on->copy()->setTime(12, 0);
        }
        $starts = array_filter($starts, static fn(Carbon $start): bool => $start->gte($earliest) && $start->lte($at));

        return $starts === [] ? null : min($starts);
    }

    /**
     * What it weighed full, as it was said last up to a time.
     *
     * @param list<MoistureCheck> $checks
     */
    private static function weighedFull(array $checks, Carbon $at): ?float
    {
        $full = null;
        foreach ($checks as $check) {
            $full = $check->checked_at->lte($at) ? $check->wet_kg ?? $full : $full;
        }

        return $full;
    }

    /**
     * @param list<MoistureCheck> $checks
     *
     * @return array<int, list<MoistureCheck>> those after a time, by number of the day
     */
    private static function byDay(array $checks, Carbon $after): array
    {
        $byDay = [];
        foreach ($checks as $check) {
            if ($check->checked_at->gt($after)) {
                $byDay[self::number($check->checked_at)][] = $check;
            }
        }

        return $byDay;
    }

    /** @return array{Weather, PotRun} from so many days back up to so many ahead */
    private function run(Site $site, Climate $climate, int $today): array
    {
        return $this->runs[$site->id.' '.$today] ??= (function () use ($site, $climate, $today): array {
            $first = $today - self::BACK_DAYS;
            $weather = $this->weather->known($site, $climate, $first, self::BACK_DAYS)->then($this->weather->ahead($climate, $today, self::AHEAD_DAYS + 1));

            return [$weather, new PotRun($weather, LeafCourse::of($weather, $climate))];
        })();
    }

    /** How sure its use is known: since it was potted anew it may use otherwise. */
    private static function spread(Plant $plant): float
    {
        $isOlder = $plant->potted_on !== null && $plant->use_found_on !== null && $plant->use_found_on < $plant->potted_on->toDateString();

        return $plant->use_spread === null || $isOlder ? PotState::PHI_SPREAD : $plant->use_spread;
    }

    private static function number(Carbon $at): int
    {
        return Date::number($at->toDateString());
    }

    /** Share of a day's use that is over at a time of the day. */
    private static function shareOfDay(Carbon $at): float
    {
        return max(0.0, min(1.0, ($at->hour + $at->minute / 60.0 - self::MORNING_H) / (self::EVENING_H - self::MORNING_H)));
    }
}
