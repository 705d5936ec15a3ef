<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Weather\MeanDays;
use Zolbek\Core\Place\Weather\Weather;

/**
 * How far leaves are out, day by day, by the warmth of the weather: the same for all plants of a site out of doors.
 *
 *     A += (T - A)/10                                               running mean, each morning first
 *     on day 60 (south 242): if C >= 60, G = 0; then C = 0
 *     from then to the day before day 244 (south 60): G += max(0, T - 5);   else C += max(0, 12 - A)
 *     L = clamp((G - 80)/170, 0, 1) (1 - min(1, C/60))              share of a canopy that is out, of what sheds its leaves
 *     kc = 0.1 + 0.9 L bare in rest;  0.3 + 0.7 clamp((A - 3)/4, 0, 1) evergreen
 *
 * degC; degree days are judged. It starts with G 250, C 0, A of the first day, and runs through the 365 mean days before. Source: the season model, section 2; degree days
 * as growers count them. Check: half the leaves are out on a hill between 9 and 14 May.
 */
final readonly class LeafCourse
{
    private const NORTH = [60, 244];
    private const SOUTH = [242, 60];
    private const CHILLED = 60.0;

    /** @var list<float> L of what sheds its leaves */
    public array $leaf;

    /** @var list<float> kc of what sheds its leaves */
    public array $bare;

    /** @var list<float> kc of evergreens */
    public array $evergreen;

    /** @var array{warm: float, grown: float, chilled: float} A, G and C on the last evening */
    public array $end;

    /** @param array{warm: float, grown: float, chilled: float} $before A, G and C on the evening before */
    public function __construct(array $before, Weather $weather)
    {
        ['warm' => $a, 'grown' => $g, 'chilled' => $c] = $before;
        $south = $weather->south;
        [$up, $down] = $south ? self::SOUTH : self::NORTH;
        $leaf = $bare = $evergreen = [];
        foreach ($weather->meanC as $i => $t) {
            $day = $weather->dayOfYear[$i] ?? 1;
            $a += ($t - $a) / 10.0;
            if ($day === $up) {
                $g = $c >= self::CHILLED ? 0.0 : $g;
                $c = 0.0;
            }
            if ($south ? $day >= $up || $day < $down : $day >= $up && $day < $down) {
                $g += $t > 5.0 ? $t - 5.0 : 0.0;
            } else {
                $c += $a < 12.0 ? 12.0 - $a : 0.0;
            }
            $leaf[] = $l = max(0.0, min(1.0, ($g - 80.0) / 170.0)) * (1.0 - min(1.0, $c / self::CHILLED));
            $bare[] = 0.1 + 0.9 * $l;
            $evergreen[] = 0.3 + 0.7 * max(0.0, min(1.0, ($a - 3.0) / 4.0));
        }
        $this->leaf = $leaf;
        $this->bare = $bare;
        $this->evergreen = $evergreen;
        $this->end = ['warm' => $a, 'grown' => $g, 'chilled' => $c];
    }

    /** Of some weather, after the 365 mean days before it. */
    public static function of(Weather $weather, Climate $climate): self
    {
        return new self(self::before($weather->first, $climate), $weather);
    }

    /** @return array{warm: float, grown: float, chilled: float} what a year of mean days leaves on the evening before a day */
    public static function before(int $first, Climate $climate): array
    {
        $year = MeanDays::of($climate)->weather($first - 365, 365);

        return (new self(['warm' => $year->meanC[0] ?? 0.0, 'grown' => 250.0, 'chilled' => 0.0], $year))->end;
    }
}
