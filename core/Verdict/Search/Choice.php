<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/**
 * Of all that a sweep left, the few that are offered: the first in what somebody puts first, in that order, then the middle of all and others that are least like
 * these, until there are five; eight at most.
 *
 * Each is really different from those before it (see Unlike), so the lightest is the lightest but for its neighbours; one that is first in something more carries both
 * reasons. A fit without years bounds that with them
 * from above, so the best is proved as soon as no other can reach it; what is longest is so among those whose years were worked out. Source: practice.
 * Check: the best is that of judging every recipe in full.
 */
final class Choice
{
    private const MOST = 8;
    private const ENOUGH = 5;

    /** Recipes whose years are worked out for one reason at most, at the end and in between. */
    private const CONFIRMED = 120;
    private const CONFIRMED_MEANWHILE = 24;

    /** So many times as many are tried, for some of them turn out not to last. */
    private const TRIED = 4;

    /** Fits that differ by less are as good; then fewer components are better, for they are easier to mix. */
    private const SAME_FIT = 0.02;

    /** The best by fit whose sureness is compared. */
    private const COMPARED = 12;

    /** Set on top of what is to come after all others. */
    private const AFTER_ALL = 1e12;

    /** Nearer to the first than this share is as good. */
    private const AS_GOOD = 0.02;

    /** Another recipe is offered for its own sake from this share of the best fit. */
    private const WORTH = 0.8;

    /** @var array<int, Found> */
    private array $found = [];

    /** @var list<Candidate> */
    private readonly array $candidates;

    private readonly ?Candidate $like;

    private readonly int $most;

    public function __construct(private readonly Sweep $sweep, private readonly bool $isEnd = true)
    {
        $this->most = $isEnd ? self::CONFIRMED : self::CONFIRMED_MEANWHILE;
        $this->candidates = $sweep->candidates();
        $this->like = $sweep->like();
    }

    /**
     * @param list<Merit> $priorities
     *
     * @return list<Found>
     */
    public function made(array $priorities): array
    {
        foreach ([...$priorities, Merit::Middle] as $merit) {
            if (count($this->found) < self::MOST) {
                $this->choose($merit);
            }
        }
        while (count($this->found) < self::ENOUGH && $this->chooseDifferent()) {
            continue;
        }
        usort($this->found, static fn(Found $a, Found $b): int => [$a->recipe->rating->rank(), $a->sureness->isSure ? 0 : 1] <=> [$b->recipe->rating->rank(), $b->sureness->isSure ? 0 : 1]);

        return $this->found;
    }

    private function choose(Merit $merit): void
    {
        $inOrder = $this->inOrderOf($merit);
        if ($inOrder === [] || ($merit === Merit::Alike && $this->like === null)) {
            return;
        }
        $new = array_values(array_filter($inOrder, $this->isNew(...)))[0] ?? null;
        $figure = $new === null ? INF : $this->figure($new, $merit);
        $figures = array_map(fn(Found $found): float => $this->figure($found->recipe, $merit), $this->found);
        asort($figures);
        $first = array_key_first($figures);
        if ($first !== null && $figures[$first] < INF && $figures[$first] <= $figure + self::AS_GOOD * abs($figure)) {
            $this->found[$first] = $this->found[$first]->with($merit);
        } elseif ($new !== null) {
            $this->found[] = new Found($new, [$merit], $this->sweep->sureness($new));
        }
    }

    /** @return list<Confirmed> with the best word, the first in this first */
    private function inOrderOf(Merit $merit): array
    {
        return match ($merit) {
            Merit::Best => $this->bySureness(),
            Merit::Longest => $this->sorted($this->confirmed($this->candidates, $this->most), $merit),
            Merit::Middle => $this->byMiddle(),
            default => $this->confirmed($this->sortedAtAGlance($merit), self::COMPARED),
        };
    }

    /** @return list<Confirmed> the best by fit, sure ones first */
    private function bySureness(): array
    {
        $best = $this->confirmed($this->candidates, $this->most, isBounded: true);
        $key = static fn(Confirmed $full): array => [-floor($full->fit / self::SAME_FIT), $full->candidate->count(), -$full->fit];
        usort($best, static fn(Confirmed $a, Confirmed $b): int => $key($a) <=> $key($b));
        $compared = array_slice($best, 0, $this->isEnd ? self::COMPARED : 1);
        $sure = array_filter($compared, fn(Confirmed $full): bool => $this->sweep->sureness($full)->isSure);

        return [...array_values($sure), ...array_values(array_filter($best, static fn(Confirmed $full): bool => ! in_array($full, $sure, true)))];
    }

    /** @return list<Confirmed> nearest to the median of what was confirmed first */
    private function byMiddle(): array
    {
        $all = $this->confirmed($this->candidates, $this->most);
        $logs = static fn(Confirmed $full): array => [$full->candidate->glimpse->air * 10.0, log(max(1e-6, $full->candidate->glimpse->reachL)), log($full->candidate->glimpse->wetKg), $full->lasts() / 4.0, $full->candidate->cost === null ? 0.0 : log(max(1e-6, $full->candidate->cost))];
        $medians = [];
        for ($f = 0; $f < 5; ++$f) {
            $column = array_map(static fn(Confirmed $full): float => $logs($full)[$f], $all);
            sort($column);
            $medians[] = $column[intdiv(count($column), 2)] ?? 0.0;
        }
        $off = static fn(Confirmed $full): float => array_sum(array_map(static fn(float $value, float $median): float => abs($value - $median), $logs($full), $medians));
        usort($all, static fn(Confirmed $a, Confirmed $b): int => $off($a) <=> $off($b) ?: -$a->fit <=> -$b->fit);

        return $all;
    }

    private function chooseDifferent(): bool
    {
        $best = null;
        $worth = self::WORTH * max([0.0, ...array_map(static fn(Found $found): float => $found->recipe->fit, $this->found)]);
        foreach ($this->confirmed($this->candidates, $this->most) as $full) {
            if ($full->fit < $worth || ! $this->isNew($full)) {
                continue;
            }
            $away = min([INF, ...array_map(static fn(Found $found): float => Unlike::distance($full->candidate, $found->recipe->candidate), $this->found)]);
            if ($best === null || $away > $best[0]) {
                $best = [$away, $full];
            }
        }
        if ($best === null) {
            return false;
        }
        $this->found[] = new Found($best[1], [Merit::Different], $this->sweep->sureness($best[1]));

        return true;
    }

    private function isNew(Confirmed $full): bool
    {
        foreach ($this->found as $found) {
            if (Unlike::isNear($full->candidate, $found->recipe->candidate)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Those of them that have the best word with their years too.
     *
     * @param list<Candidate> $candidates in the order in which they are tried
     * @param bool            $isBounded  whether to stop where no further one can be better by fit, and a few are known
     *
     * @return list<Confirmed>
     */
    private function confirmed(array $candidates, int $most, bool $isBounded = false): array
    {
        $confirmed = [];
        foreach (array_slice($candidates, 0, self::TRIED * $this->most) as $candidate) {
            $full = $this->sweep->mayLast($candidate) ? $this->sweep->confirm($candidate) : null;
            if ($full !== null && $full->rating === $this->sweep->bestRating()) {
                $confirmed[] = $full;
            }
            if (count($confirmed) >= $most || ($isBounded && count($confirmed) >= 4 * self::COMPARED && self::isProved($confirmed, $candidate))) {
                break;
            }
        }
        $best = $this->sweep->bestRating();

        return array_values(array_filter($confirmed, static fn(Confirmed $full): bool => $full->rating === $best));
    }

    /**
     * Whether none that follow can be better than those that are compared.
     *
     * @param list<Confirmed> $confirmed
     */
    private static function isProved(array $confirmed, Candidate $next): bool
    {
        $fits = array_map(static fn(Confirmed $full): float => $full->fit, $confirmed);
        rsort($fits);

        return $fits[self::COMPARED - 1] >= $next->glimpse->fit;
    }

    /** @return list<Candidate> */
    private function sortedAtAGlance(Merit $merit): array
    {
        $these = array_values(array_filter($this->candidates, static fn(Candidate $each): bool => match ($merit) {
            Merit::Stock => $each->isInStock,
            Merit::Cheapest => $each->cost !== null,
            default => true,
        }));
        // they come by fit: what is equal stays so
        $figures = array_map(fn(Candidate $each): float => match ($merit) {
            // those of which every figure lies in its band come first
            Merit::Cheapest => ($each->cost ?? INF) + ($each->glimpse->isGoodThroughout ? 0.0 : self::AFTER_ALL),
            Merit::Lightest => $each->glimpse->wetKg,
            Merit::Water => -$each->glimpse->reachL,
            Merit::Alike => $this->like === null ? 0.0 : Unlike::inBehaviour($each, $this->like),
            Merit::Simplest => (float) $each->count(),
            default => 0.0,
        }, $these);
        asort($figures);

        return array_map(static fn(int $n): Candidate => $these[$n], array_slice(array_keys($figures), 0, self::TRIED * $this->most));
    }

    /**
     * @param list<Confirmed> $all
     *
     * @return list<Confirmed>
     */
    private function sorted(array $all, Merit $merit): array
    {
        usort($all, fn(Confirmed $a, Confirmed $b): int => [$this->figure($a, $merit), -$a->fit] <=> [$this->figure($b, $merit), -$b->fit]);

        return $all;
    }

    /** What it is compared by for a reason, less is better. */
    private function figure(Confirmed $full, Merit $merit): float
    {
        return match ($merit) {
            Merit::Cheapest => $full->candidate->cost ?? INF,
            Merit::Longest => -$full->lasts(),
            Merit::Lightest => $full->candidate->glimpse->wetKg,
            Merit::Water => -$full->candidate->glimpse->reachL,
            Merit::Alike => $this->like === null ? INF : Unlike::inBehaviour($full->candidate, $this->like),
            Merit::Simplest => (float) $full->candidate->count(),
            Merit::Stock => $full->candidate->isInStock ? -$full->fit : INF,
            Merit::Middle => INF,
            default => -$full->fit,
        };
    }
}
