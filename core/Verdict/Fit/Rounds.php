<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

/**
 * How often somebody must come by to water, as one would say it: so many times as often as he does, in summer and in a heat wave.
 *
 *     heat      the least n for which coming by every h/n hours keeps a hot spell within the drought that the plant bears
 *     summer    the least n for which the pot lasts h/n hours on a usual day of the month that uses most, to a twentieth; never more than in a heat wave
 *
 * h hours between two waterings in summer. Source: model sections 7 and 8, the verdict on drought itself. Check: where the verdict on drought is good, both are 1.
 */
final readonly class Rounds
{
    private const MOST = 8;
    private const NEARLY = 0.95;

    public int $summer;

    /** Null where no coming by keeps it through a heat wave. */
    public ?int $heat;

    private function __construct(Assessment $assessment)
    {
        $water = $assessment->water ?? throw new \LogicException('It is asked only where there is water.');
        $most = $assessment->setup->targets()->drought->high;
        $habitH = $water->demand->habitH;
        $heat = $summer = null;
        for ($n = 1; $n <= self::MOST && $heat === null; ++$n) {
            $heat = $water->droughtAt($habitH / $n)->degree <= $most ? $n : null;
        }
        for ($n = 1; $n <= self::MOST && $summer === null; ++$n) {
            $summer = $water->intervalH($water->climate->hottestMonth) >= self::NEARLY * $habitH / $n ? $n : null;
        }
        $this->heat = $heat;
        $this->summer = min($summer ?? self::MOST, $heat ?? self::MOST);
    }

    /** Null where nobody said where it stands. */
    public static function of(Assessment $assessment): ?self
    {
        return $assessment->water === null ? null : new self($assessment);
    }
}
