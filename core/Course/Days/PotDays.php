<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

/**
 * A pot's days: what was in it each evening and what came and went, and what they add up to.
 *
 *     degree = max(0, 1 - used/D), 0 where D = 0        want: above what the plant's group takes without harm
 *     wet foot: W of the evening above Ww, so that air was too little the whole day        short = max(0, 1 - sum used/sum D)
 *
 * Litres; kept: W at the end = W at first + given + rain - drained - used. A pot that stands in water between two waterings counts only from day to day. Source: the
 * season model, sections 2 and 4. Check: a pot of 1 L that wants 0.15 L a day and gets none is in want on its fourth day.
 */
final class PotDays
{
    /** @var list<float> L in the evening */
    public array $water = [];

    /** @var list<float> L wanted */
    public array $demand = [];

    /** @var list<float> L */
    public array $used = [];

    /** @var list<float> 0..1 */
    public array $degree = [];

    /** @var list<float> L */
    public array $given = [];

    /** @var list<float> L */
    public array $rain = [];

    /** @var list<float> L */
    public array $drained = [];

    /** @var list<int> waterings */
    public array $waterings = [];

    /** @var list<float> */
    public array $kc = [];

    /** @var list<float> pH, where it was gone into */
    public array $ph = [];

    public int $wantDays = 0;
    public int $longestWant = 0;
    public int $wetDays = 0;

    /** Place of the day, 0 the first, on which it is likely lost; null where it is not. */
    public ?int $lostOn = null;

    private int $wantRun = 0;
    private int $thirstRun = 0;

    /**
     * @param float $goodTo    degree that the group takes without harm
     * @param int   $lostAfter days, see LikelyLost
     */
    public function __construct(public readonly float $startL, private readonly float $goodTo, private readonly int $lostAfter) {}

    public function end(float $waterL, float $demandL, float $usedL, float $givenL, float $rainL, float $drainedL, int $waterings, float $kc, float $wetL): void
    {
        $degree = $demandL > 0.0 ? max(0.0, 1.0 - $usedL / $demandL) : 0.0;
        $this->water[] = $waterL;
        $this->demand[] = $demandL;
        $this->used[] = $usedL;
        $this->degree[] = $degree;
        $this->given[] = $givenL;
        $this->rain[] = $rainL;
        $this->drained[] = $drainedL;
        $this->waterings[] = $waterings;
        $this->kc[] = $kc;
        if ($degree > $this->goodTo) {
            ++$this->wantDays;
            $this->longestWant = max($this->longestWant, ++$this->wantRun);
        } else {
            $this->wantRun = 0;
        }
        if ($waterL > $wetL) {
            ++$this->wetDays;
        }
        $this->thirstRun = $demandL > 0.0 && $usedL < LikelyLost::BELOW * $demandL ? $this->thirstRun + 1 : 0;
        if ($this->thirstRun >= $this->lostAfter) {
            $this->lostOn ??= count($this->water) - 1;
        }
    }

    public function isWant(int $day): bool
    {
        return ($this->degree[$day] ?? 0.0) > $this->goodTo;
    }

    /** Place of the first day of want, 0 the first; null where there is none. */
    public function firstWant(): ?int
    {
        foreach ($this->degree as $day => $degree) {
            if ($degree > $this->goodTo) {
                return $day;
            }
        }

        return null;
    }

    public function endL(): float
    {
        return $this->water === [] ? $this->startL : $this->water[count($this->water) - 1];
    }

    public function short(): float
    {
        $wanted = array_sum($this->demand);

        return $wanted > 0.0 ? max(0.0, 1.0 - array_sum($this->used) / $wanted) : 0.0;
    }

    /** What is out in the balance, L: nothing but rounding. */
    public function offBalanceL(): float
    {
        return $this->startL + array_sum($this->given) + array_sum($this->rain) - array_sum($this->drained) - array_sum($this->used) - $this->endL();
    }
}
