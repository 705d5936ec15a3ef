<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

/**
 * Verdicts counted together as they come: fit and word of all, and at any moment the best that both can still become, whatever the rest will be.
 *
 *     fit = kills * poor * exp(sum w ln d / sum w)     see Assessment; the rest at its best: d 1 each, and all notes weighed
 *
 * A fit only falls with every verdict, and a word only gets worse: what has been proved after some of them holds. Source: model revision (f).
 * Check: a drought of d 0.5 leaves a fit of 0.5 at most, and no better word than workable.
 */
final class Tally
{
    /** Weights of all notes together. */
    private static float $allNotes;

    private float $kills = 1.0;
    private float $poor = 1.0;
    private float $notes = 0.0;
    private float $weights = 0.0;
    private bool $isLethal = false;
    private bool $stops = false;
    private bool $isGoodThroughout = true;

    public function __construct()
    {
        self::$allNotes ??= array_sum(array_map(static fn(Criterion $criterion): float => $criterion->noteWeight() ?? 0.0, Criterion::cases()));
    }

    public function take(Verdict $verdict): void
    {
        $criterion = $verdict->criterion;
        if ($criterion->kills()) {
            $this->kills = min($this->kills, $verdict->desirability);
        } elseif ($criterion->power() !== null) {
            $this->poor = min($this->poor, $verdict->desirability ** $criterion->power());
        } else {
            $weight = $criterion->noteWeight() ?? 0.0;
            $this->notes += $verdict->desirability < 1.0 ? $weight * log($verdict->desirability) : 0.0;
            $this->weights += $weight;
        }
        $this->isLethal = $this->isLethal || $verdict->kills();
        $this->stops = $this->stops || $verdict->level === Level::Stop;
        $this->isGoodThroughout = $this->isGoodThroughout && $verdict->level === Level::Good;
    }

    /** 0.01 to 1, of what was taken. */
    public function fit(): float
    {
        return $this->kills * $this->poor * ($this->weights > 0.0 ? exp($this->notes / $this->weights) : 1.0);
    }

    public function rating(): Rating
    {
        return $this->word($this->fit());
    }

    /** The greatest fit that is still possible. */
    public function fitAtMost(): float
    {
        return $this->kills * $this->poor * ($this->notes < 0.0 ? exp($this->notes / self::$allNotes) : 1.0);
    }

    /** Whether it may still become better than a word, or as good with at least such a fit. */
    public function mayReach(Rating $worst, float $leastFit): bool
    {
        $best = $this->word($fit = $this->fitAtMost());

        return $best === $worst ? $fit >= $leastFit : $best->rank() < $worst->rank();
    }

    /** Whether every figure so far lies in its band. */
    public function isGoodThroughout(): bool
    {
        return $this->isGoodThroughout;
    }

    private function word(float $fit): Rating
    {
        return match (true) {
            $this->isLethal => Rating::Lethal,
            $this->stops => Rating::Poor,
            $fit < Rating::GOOD_FROM => Rating::Workable,
            default => Rating::Good,
        };
    }
}
