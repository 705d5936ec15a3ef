<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Basis\Input\Refused;

/**
 * The limit that keeps a recipe from being better in what it was chosen for: the best of those one part away that goes against a wish, and which wish that is.
 *
 * Source: practice: one asks what a little more would bring. Check: with no wish nothing binds but the scoop.
 */
final readonly class Binding
{
    /** A fit that is less than this higher is no reason. */
    private const WORTH_NAMING = 0.01;

    /**
     * @param non-empty-list<Wish> $against
     * @param int                  $less    place of the ingredient of which there would be a part less
     * @param int                  $more    place of that of which there would be one more
     */
    private function __construct(public array $against, public int $less, public int $more, public Confirmed $then) {}

    public static function of(Sweep $sweep, Confirmed $now, Merit $merit): ?self
    {
        $best = null;
        $parts = $now->candidate->parts();
        foreach (array_keys($parts) as $less) {
            for ($more = 0; $more < $sweep->width(); ++$more) {
                if ($more === $less) {
                    continue;
                }
                $moved = $parts;
                --$moved[$less];
                $moved[$more] = ($moved[$more] ?? 0) + 1;
                $moved = array_filter($moved);
                ksort($moved);
                if ($moved === [] || ! $sweep->limits->isUsual($moved)) {
                    continue;
                }
                try {
                    $then = $sweep->tried($moved);
                } catch (Refused) {
                    continue;
                }
                $gain = self::gain($now, $then, $merit);
                $against = $gain === null ? [] : $sweep->limits->brokenBy($then);
                if ($gain !== null && $against !== [] && ($best === null || $gain > $best[0])) {
                    $best = [$gain, new self($against, $less, $more, $then)];
                }
            }
        }

        return $best[1] ?? null;
    }

    /** By how much it would be better in that; null where it would not, or not be as good by a word. */
    private static function gain(Confirmed $now, Confirmed $then, Merit $merit): ?float
    {
        if ($then->rating->rank() > $now->rating->rank()) {
            return null;
        }
        $gain = match ($merit) {
            Merit::Cheapest => $now->candidate->cost === null || $then->candidate->cost === null ? 0.0 : ($now->candidate->cost - $then->candidate->cost) / max(1e-9, $now->candidate->cost),
            Merit::Longest => $then->lasts() - $now->lasts(),
            Merit::Lightest => ($now->candidate->glimpse->wetKg - $then->candidate->glimpse->wetKg) / $now->candidate->glimpse->wetKg,
            Merit::Water => $then->candidate->glimpse->reachL / max(1e-9, $now->candidate->glimpse->reachL) - 1.0,
            default => $then->fit - $now->fit,
        };

        return $gain >= self::WORTH_NAMING ? $gain : null;
    }
}
