<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Course\Water\PotLitres;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Weather\Weather;

/**
 * A pot lives through days of weather.
 *
 *     each day: A and L; days since watering + 1; k rounds: watering if it is due (never in frost), in the first round then rain, then use of D/k
 *     entering   r = min(g, eta (W(0) - W)) stays, g - r drains;  through and through r = eta (W(0) - W), g = r/(1 - 0.25), dunked g = r
 *     D          phi ET0 (leafy kc recovery + bare);  0 where T < 0 out of doors: nothing is taken up frozen
 *
 * Litres. Left out: snow, drying of the surface first, slow drainage, wind by days, a ball drier than its mix. Source: the season model, section 2. Check: ten days of a
 * pot that is not watered stand in season.json, and years of eight others.
 */
final class PotRun
{
    /** Days since the last watering where nobody knows. */
    public const LONG_SINCE = 99;

    private float $water = 0.0;
    private float $given = 0.0;
    private float $drained = 0.0;
    private int $waterings = 0;
    private PotLitres $litres;

    public function __construct(private readonly Weather $weather, private readonly LeafCourse $leaves) {}

    /**
     * @param float|null $startL litres in it on the morning of the first day; full where nobody knows
     * @param int        $since  days since it was watered
     */
    public function through(SeasonPot $pot, ComingBy $habit, ?float $startL = null, int $since = self::LONG_SINCE, ?LimeAndFeed $feed = null): PotDays
    {
        $weather = $this->weather;
        $hours = $habit->hoursByMonth($weather->south);
        $seen = $pot->seenByDay();
        $this->litres = $pot->litresOn(0);
        $this->water = $startL === null ? $this->litres->fullL : $this->litres->held($startL);
        $days = new PotDays($this->water, $pot->group->drought()->high, LikelyLost::afterDays($pot->group));
        for ($i = 0; $i < $weather->days; ++$i) {
            $number = $weather->first + $i;
            $this->given = $this->drained = 0.0;
            $this->waterings = 0;
            if ($pot->litresOn($i) !== $this->litres) {
                $this->becomes($pot->litresOn($i));
            }
            ++$since;
            [$stand, $frozen, $kc, $wanted] = $this->wants($pot, $seen, $i);
            $every = $hours[$weather->month[$i] ?? 0] ?? null;
            $rounds = match ($habit->kind) {
                ComingKind::Every => $every === null ? 1 : ComingBy::roundsADay($every),
                ComingKind::Share, ComingKind::Need => $habit->looks,
                default => 1,
            };
            $rain = $used = 0.0;
            for ($round = 0; $round < $rounds; ++$round) {
                if (! $frozen && $this->isDue($habit, $every, $since, $wanted / $rounds, $number)) {
                    $this->pour($habit->amountL, $habit->dunked);
                    $since = 0;
                }
                if ($round === 0 && ($rain = $this->rainL($pot, $stand, $this->litres, $i)) > 0.0) {
                    $this->takes($rain);
                }
                $before = $this->water;
                $this->water = $this->litres->after($before, $wanted / $rounds);
                $used += $before - $this->water;
            }
            $days->end($this->water, $wanted, $used, $this->given, $rain, $this->drained, $this->waterings, $kc, $this->litres->wetL);
            if ($feed !== null) {
                $feed->day($number, $weather->meanC[$i] ?? 0.0, $this->litres->volumeL, $this->water, $this->given, $this->drained, $wanted > 0.0 ? $kc * $used / $wanted : 0.0);
                $days->ph[] = $feed->ph;
            }
        }

        return $days;
    }

    /**
     * Litres that it wants each day, and those that rain on it, whatever is in it.
     *
     * @return array{list<float>, list<float>}
     */
    public function asked(SeasonPot $pot): array
    {
        $seen = $pot->seenByDay();
        $wanted = $rain = [];
        for ($i = 0; $i < $this->weather->days; ++$i) {
            [$stand, , , $wanted[]] = $this->wants($pot, $seen, $i);
            $rain[] = $this->rainL($pot, $stand, $pot->litresOn($i), $i);
        }

        return [$wanted, $rain];
    }

    /**
     * @param array<int, GrowthStage> $seen
     *
     * @return array{PotStand, bool, float, float} where it stands, whether it is frozen, kc, litres that it wants
     */
    private function wants(SeasonPot $pot, array $seen, int $i): array
    {
        $weather = $this->weather;
        $number = $weather->first + $i;
        $stand = $pot->quarters?->holds($weather->dayOfYear[$i] ?? 1) === true ? $pot->quarters->stand : $pot->stand;
        $kc = $stand->under ? 1.0 : (isset($seen[$number]) ? $seen[$number]->cropCoefficient($pot->evergreen) : ($pot->evergreen ? $this->leaves->evergreen : $this->leaves->bare)[$i] ?? 1.0);
        $frozen = ($weather->meanC[$i] ?? 0.0) < 0.0 && ! $stand->under;

        return [$stand, $frozen, $kc, $frozen ? 0.0 : $pot->phi * ($weather->et0Mm[$i] ?? 0.0) * ($stand->leafyM2 * $kc * $pot->recovery($number) + $stand->bareM2)];
    }

    private function rainL(SeasonPot $pot, PotStand $stand, PotLitres $litres, int $i): float
    {
        $mm = $this->weather->rainMm[$i] ?? 0.0;
        if ($mm <= 0.0 || $stand->rainShare <= 0.0) {
            return 0.0;
        }

        return $stand->rainL($mm, $litres->openSoilM2, min(1.0, $pot->crownM2 / max(1e-9, $litres->openSoilM2)) * ($pot->evergreen ? 1.0 : $this->leaves->leaf[$i] ?? 1.0));
    }

    private function isDue(ComingBy $habit, ?float $every, int $since, float $wanted, int $number): bool
    {
        return match ($habit->kind) {
            ComingKind::Every => $every !== null && ($every < 24.0 || $since >= ComingBy::daysBetween($every))
                && ($habit->skipAbove === null || $this->litres->easyShare($this->water) <= $habit->skipAbove),
            ComingKind::Share => $this->litres->easyShare($this->water) <= $habit->at,
            ComingKind::Need => $this->water - $wanted < $this->litres->limitL,
            ComingKind::Dates => isset($habit->dates[$number]),
            ComingKind::Never => false,
        };
    }

    /** @param float|null $amountL null through and through */
    private function pour(?float $amountL, bool $dunked): void
    {
        $given = $amountL ?? $this->litres->roundL($this->water, $dunked);
        $stays = min($given, $this->litres->restoresL($this->water, $dunked));
        $this->water += $stays;
        $this->given += $given;
        $this->drained += $given - $stays;
        ++$this->waterings;
    }

    /** Rain: what is over drains. */
    private function takes(float $litres): void
    {
        $stays = min($litres, $this->litres->restoresL($this->water));
        $this->water += $stays;
        $this->drained += $litres - $stays;
    }

    /** The mix is older by half a year: what it holds no longer drains. */
    private function becomes(PotLitres $litres): void
    {
        $this->drained += max(0.0, $this->water - $litres->fullL);
        $this->water = min($this->water, $litres->fullL);
        $this->litres = $litres;
    }
}
