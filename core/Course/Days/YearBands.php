<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Basis\Numerics\Quantile;

/**
 * What many runs of a pot's days have in common: of each day and of each sum the value that one run in ten stays below, the middle one, and that nine stay below.
 *
 * Litres, days, shares. Source: the season model, section 4. Check: a tray maple on a hill under its owner's habit has 57.9, 69 and 80 days of want in a year.
 */
final readonly class YearBands
{
    public const SHARES = [0.1, 0.5, 0.9];

    /** @var list<array{float, float, float}> L in the evening of each day */
    public array $water;

    /** @var list<float> share of the runs that are in want on a day */
    public array $want;

    /** @var list<float> share of the runs in which it is watered on a day */
    public array $watered;

    /** @var array<string, array{float, float, float}> want_days, longest_want, wet_days, waterings, given_l, rain_l, drained_l, used_l, short */
    public array $sums;

    /** Share of the runs that are likely lost, see LikelyLost. */
    public float $lost;

    /** @param non-empty-list<PotDays> $runs of the same days */
    public function __construct(array $runs)
    {
        $count = count($runs);
        $water = $want = $watered = [];
        foreach (array_keys($runs[0]->water) as $day) {
            $values = [];
            $wanting = $pouring = 0;
            foreach ($runs as $run) {
                $values[] = $run->water[$day] ?? 0.0;
                $wanting += $run->isWant($day) ? 1 : 0;
                $pouring += ($run->waterings[$day] ?? 0) > 0 ? 1 : 0;
            }
            $water[] = self::band($values);
            $want[] = $wanting / $count;
            $watered[] = $pouring / $count;
        }
        $this->water = $water;
        $this->want = $want;
        $this->watered = $watered;
        $this->sums = [
            'want_days' => self::bandOf($runs, static fn(PotDays $run): int => $run->wantDays),
            'longest_want' => self::bandOf($runs, static fn(PotDays $run): int => $run->longestWant),
            'wet_days' => self::bandOf($runs, static fn(PotDays $run): int => $run->wetDays),
            'waterings' => self::bandOf($runs, static fn(PotDays $run): int => array_sum($run->waterings)),
            'given_l' => self::bandOf($runs, static fn(PotDays $run): float => array_sum($run->given)),
            'rain_l' => self::bandOf($runs, static fn(PotDays $run): float => array_sum($run->rain)),
            'drained_l' => self::bandOf($runs, static fn(PotDays $run): float => array_sum($run->drained)),
            'used_l' => self::bandOf($runs, static fn(PotDays $run): float => array_sum($run->used)),
            'short' => self::bandOf($runs, static fn(PotDays $run): float => $run->short()),
        ];
        $this->lost = count(array_filter($runs, static fn(PotDays $run): bool => $run->lostOn !== null)) / $count;
    }

    /**
     * @param non-empty-list<PotDays>         $runs
     * @param callable(PotDays): (int|float) $figure
     *
     * @return array{float, float, float}
     */
    private static function bandOf(array $runs, callable $figure): array
    {
        return self::band(array_map(static fn(PotDays $run): float => $figure($run), $runs));
    }

    /**
     * @param non-empty-list<float> $values
     *
     * @return array{float, float, float}
     */
    private static function band(array $values): array
    {
        sort($values);

        return [Quantile::sorted($values, self::SHARES[0]), Quantile::sorted($values, self::SHARES[1]), Quantile::sorted($values, self::SHARES[2])];
    }
}
