<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/**
 * A figure that is known by months, day by day: straight lines between the middles of the months, round the year's end, so that each month keeps its mean.
 *
 *     nodes v on the days MID_MONTH, v = figures; 60 times v_m += figure_m - mean of the line over the days of m, all twelve at once
 *
 * Days of the year 1 to 365. The unit is the figure's. Source: the season model; an iteration halves the error at least, as the line's weight on its own month is above
 * a half. Check: nights of a hill of -6 degC in January and -5.5 in February have nodes of -6.195573189 and -5.908413489.
 */
final class MonthLine
{
    private const TIMES = 60;

    /** @var list<array{int, int, float}>|null of each day: the nodes before and after, and how far it lies along */
    private static ?array $places = null;

    /** @var list<array<int, float>>|null */
    private static ?array $weights = null;

    /** @var list<float> */
    public readonly array $nodes;

    /** @param list<float> $figures twelve, January first */
    public function __construct(array $figures)
    {
        $nodes = $figures;
        for ($i = 0; $i < self::TIMES; ++$i) {
            $off = self::means($nodes);
            foreach ($nodes as $month => $node) {
                $nodes[$month] = $node + ($figures[$month] ?? 0.0) - ($off[$month] ?? 0.0);
            }
        }
        $this->nodes = $nodes;
    }

    public function at(int $day): float
    {
        [$before, $after, $along] = self::places()[($day - 1 + 730) % 365] ?? [0, 0, 0.0];
        $from = $this->nodes[$before] ?? 0.0;

        return $from + (($this->nodes[$after] ?? 0.0) - $from) * $along;
    }

    /** @return list<float> of the 365 days */
    public function days(): array
    {
        return array_map($this->at(...), range(1, 365));
    }

    /**
     * Means of the line over the days of each month.
     *
     * @param list<float> $nodes
     *
     * @return list<float>
     */
    private static function means(array $nodes): array
    {
        $means = [];
        foreach (self::weights() as $ofMonth) {
            $mean = 0.0;
            foreach ($ofMonth as $node => $weight) {
                $mean += $weight * ($nodes[$node] ?? 0.0);
            }
            $means[] = $mean;
        }

        return $means;
    }

    /**
     * What each node counts for in the mean of a month: the same for every figure.
     *
     * @return list<array<int, float>> of the months, by node
     */
    private static function weights(): array
    {
        if (self::$weights !== null) {
            return self::$weights;
        }
        $weights = [];
        $day = 0;
        foreach (Climate::DAYS as $days) {
            $ofMonth = [];
            for ($i = 0; $i < $days; ++$i) {
                [$before, $after, $along] = self::places()[$day++] ?? [0, 0, 0.0];
                $ofMonth[$before] = ($ofMonth[$before] ?? 0.0) + (1.0 - $along) / $days;
                $ofMonth[$after] = ($ofMonth[$after] ?? 0.0) + $along / $days;
            }
            $weights[] = $ofMonth;
        }

        return self::$weights = $weights;
    }

    /** @return list<array{int, int, float}> */
    private static function places(): array
    {
        if (self::$places !== null) {
            return self::$places;
        }
        $places = [];
        for ($day = 1; $day <= 365; ++$day) {
            $after = 0;
            while ($after < 12 && Climate::MID_MONTH[$after] < $day) {
                ++$after;
            }
            $before = ($after + 11) % 12;
            $after %= 12;
            $from = Climate::MID_MONTH[$before];
            $span = max(1, (Climate::MID_MONTH[$after] - $from + 365) % 365);
            $places[] = [$before, $after, (float) ((($day - $from + 365) % 365) / $span)];
        }

        return self::$places = $places;
    }
}
