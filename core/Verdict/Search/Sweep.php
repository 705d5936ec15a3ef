<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Judge;
use Zolbek\Core\Verdict\Fit\Rating;
use Zolbek\Core\Verdict\Fit\Tally;
use Zolbek\Core\Verdict\Uncertainty\Propagation;

/**
 * Goes through all recipes of a shelf for one pot. What wishes forbid is left out by whole branches where that can be counted; of every set the recipe nearest to
 * equal parts is judged first, then all others, the most promising sets first, up to a number of recipes; half of that number is for the sets.
 *
 * A recipe is ruled out where a verdict proves that it stays below the best word that was confirmed with years, or, within that word, below seven tenths of the best fit.
 * Years are worked out only where they decide: a fit without years is the most that a fit with them can be.
 *
 * Cost and litres from stock are of one litre scooped for each litre filled at least, for a mix never lies looser in the pot than as it was scooped.
 * Source: branch and bound; model section 10. Check: the best of a small shelf is that of judging each of its recipes in full.
 */
final class Sweep
{
    /** A recipe below this share of the best fit is not offered. */
    private const OFFERED_FROM = 0.7;

    /** After so many recipes the best word is looked at again, and somebody is told. */
    private const STRIDE = 500;

    /** So many are tried to confirm a better word each time. */
    private const TRIES = 12;

    /** Rank of a recipe that cannot be, worse than every word. */
    public const NONE = 9;

    public readonly Counts $counts;

    /** @var list<Candidate> */
    private array $candidates = [];

    /** @var list<Candidate> that may have a better word than was confirmed, and were not tried */
    private array $hopeful = [];

    /** @var array<string, Confirmed|null> null where it breaks a wish after all */
    private array $confirmed = [];

    /** @var array<string, Sureness> */
    private array $sureness = [];

    private ?Rating $bestRating = null;
    private float $bestFit = 0.0;

    /** @var list<non-empty-list<int>> sets that were not gone through to the end */
    private array $left = [];

    /** Whether there are sets that were not even begun. */
    private bool $hasSetsLeft = false;

    private readonly Glance $glance;
    private readonly RecipeSpace $space;

    /** What wishes leave of the shelf. */
    public readonly Limits $limits;

    /**
     * @param list<Ingredient>                     $ingredients
     * @param array<string, array<string, string>> $bases       basis of each property by key of the material; typical where left out
     */
    public function __construct(private readonly Setup $place, private readonly array $ingredients, private readonly Wishes $wishes, private readonly int $budget, private readonly array $bases = [])
    {
        $this->glance = new Glance($place);
        $this->limits = new Limits($place, $ingredients, $wishes);
        $this->counts = new Counts((new RecipeSpace($ingredients, $wishes->mostComponents, $wishes->steps))->count());
        $this->space = new RecipeSpace($this->limits->bounded(), $wishes->mostComponents, $wishes->steps);
        $this->counts->ruleOut('shelf', $this->counts->space - $this->space->count());
    }

    /**
     * Yields after every so many recipes; a false sent back stops it. What it found stands in it.
     *
     * @return \Generator<int, Counts, bool|null, void>
     */
    public function run(): \Generator
    {
        $promise = $sets = [];
        foreach ($this->space->sets() as $set) {
            if (count($sets) >= $this->budget / 2) {
                $this->hasSetsLeft = true;
                break;
            }
            $sets[] = $set;
            $even = $this->space->evenOf($set);
            $promise[] = $even === null ? [self::NONE, 0.0] : $this->look($set, $even);
            if (count($sets) % self::STRIDE === 0 && yield from $this->isStopped()) {
                $this->left = $sets;
                $this->hasSetsLeft = true;

                return;
            }
        }
        $order = array_keys($sets);
        usort($order, static fn(int $a, int $b): int => $promise[$a] <=> $promise[$b] ?: $a <=> $b);
        $looked = count($sets);
        if (yield from $this->isStopped()) {
            $order = [];
            $this->left = $sets;
        }
        foreach ($order as $at => $s) {
            $even = $this->space->evenOf($sets[$s]);
            foreach ($this->space->recipes($sets[$s]) as $parts) {
                if ($parts === $even) {
                    continue;
                }
                $isOver = $looked >= $this->budget || ($looked % self::STRIDE === 0 ? yield from $this->isStopped() : false);
                if ($isOver) {
                    $this->left = array_map(static fn(int $i): array => $sets[$i], array_slice($order, $at));
                    break 2;
                }
                $this->look($sets[$s], $parts);
                ++$looked;
            }
        }
        $this->confirmBetter();
    }

    /** The same without being told how far it has come. */
    public function toItsEnd(): self
    {
        foreach ($this->run() as $_) {
            continue;
        }

        return $this;
    }

    /**
     * Of so many of the most promising those that keep all wishes with their years too, best first.
     *
     * @return list<Confirmed>
     */
    public function best(int $most): array
    {
        $full = array_values(array_filter(array_map($this->confirm(...), array_slice($this->candidates(), 0, $most))));
        usort($full, static fn(Confirmed $a, Confirmed $b): int => [$a->rating->rank(), -$a->fit] <=> [$b->rating->rank(), -$b->fit]);

        return $full;
    }

    /** The best word that was confirmed; null where nothing was. */
    public function bestRating(): ?Rating
    {
        return $this->bestRating;
    }

    /** @return list<Candidate> that may still have the best word, by fit without years, best first */
    public function candidates(): array
    {
        $worst = ($this->bestRating ?? Rating::Lethal)->rank();

        return self::byFit(array_values(array_filter($this->candidates, static fn(Candidate $each): bool => $each->glimpse->rating->rank() <= $worst)));
    }

    /** In full, with its years; null where it does not last as long as was wished. */
    public function confirm(Candidate $candidate): ?Confirmed
    {
        $key = $candidate->code();
        if (! array_key_exists($key, $this->confirmed)) {
            $full = new Confirmed($candidate, $this->assess($candidate->parts()));
            $this->confirmed[$key] = $this->limits->lastsAsWished($full) ? $full : null;
            if ($this->confirmed[$key] !== null) {
                $this->note($full);
            }
        }

        return $this->confirmed[$key];
    }

    /**
     * Whether it may still have the best word once its years are worked out: one look at it in the year by which failing is a stop, in place of the whole course.
     *
     *     it fails by t0 <= low - margin of the years' band where its reserve then is not above 0 (see Forecast, Verdict)
     */
    public function mayLast(Candidate $candidate): bool
    {
        if ($this->place->situation === null || $this->bestRating === null || $this->bestRating->rank() >= Rating::Poor->rank()) {
            return true;
        }
        $band = Judge::yearsAgainst(null, $this->place->targets())->band;
        $stopsAt = floor(($band->low - $band->margin) / Forecast::STEP) * Forecast::STEP;

        return $stopsAt < 0.0 || (new AgedPot($this->place->with(portions: $this->portions($candidate->parts())), $stopsAt))->reserve > 0.0;
    }

    /** How sure its word is. */
    public function sureness(Confirmed $full): Sureness
    {
        $key = $full->candidate->code();
        if (! isset($this->sureness[$key])) {
            $assessment = $this->assess($full->candidate->parts());
            $this->sureness[$key] = new Sureness($assessment, new Propagation($assessment->setup, fn(Material $material): array => $this->bases[$material->key] ?? []));
        }

        return $this->sureness[$key];
    }

    /** @param non-empty-array<int, int> $parts by place of the ingredient */
    public function assess(array $parts): Assessment
    {
        return new Assessment($this->place->with(portions: $this->portions($parts)));
    }

    /**
     * @param non-empty-array<int, int> $parts by place of the ingredient
     *
     * @return non-empty-list<array{Portion, float}>
     */
    public function portions(array $parts): array
    {
        $portions = [];
        foreach ($parts as $i => $each) {
            $portions[] = [$this->ingredients[$i]->portion, (float) $each];
        }

        return $portions;
    }

    /**
     * Any recipe of this shelf in full, whatever is wished.
     *
     * @param non-empty-array<int, int> $parts by place of the ingredient
     *
     * @throws Refused where it cannot be
     */
    public function tried(array $parts): Confirmed
    {
        $seen = $this->glance->at($this->portions($parts));
        assert($seen instanceof Glimpse);

        return new Confirmed($this->limits->candidate($parts, $seen), $this->assess($parts));
    }

    /** The recipe that what is found should be like; null where there is none. */
    public function like(): ?Candidate
    {
        $parts = array_filter(array_map(static fn(float $share): int => (int) round(100.0 * $share), $this->wishes->like));

        return $parts === [] ? null : $this->tried($parts)->candidate;
    }

    /** How many ingredients lie on the shelf. */
    public function width(): int
    {
        return count($this->ingredients);
    }

    /** What the best of those not looked at could reach by what is bounded; null where that is not known, 0 where none are left. */
    public function leftAtMost(): ?float
    {
        if ($this->hasSetsLeft) {
            return null;
        }
        $most = 0.0;
        $judge = new Judge($this->place);
        foreach ($this->left as $set) {
            $even = $this->space->evenOf($set);
            if ($even === null) {
                continue;
            }
            $tally = new Tally();
            $tally->take($judge->segregation(Portion::blend($this->portions(array_combine($set, $even)))));
            $most = max($most, $tally->fitAtMost());
        }

        return $most >= 1.0 ? null : $most;
    }

    /**
     * @param non-empty-list<int>      $set
     * @param non-empty-array<int, int> $parts one for each of the set
     *
     * @return array{int, float} the word and minus the fit that it has at most
     */
    private function look(array $set, array $parts): array
    {
        $byPlace = array_combine($set, $parts);
        $broken = $this->limits->brokenAnyway($byPlace);
        if ($broken !== null) {
            $this->counts->ruleOut($broken->value);

            return [self::NONE, 0.0];
        }
        try {
            $seen = $this->glance->at($this->portions($byPlace), $this->bestRating ?? Rating::Lethal, self::OFFERED_FROM * $this->bestFit);
        } catch (Refused) {
            $this->counts->ruleOut('cannot_be');

            return [self::NONE, 0.0];
        }
        if ($seen instanceof Criterion) {
            $this->counts->ruleOut($seen->value);

            return [self::NONE - 1, 0.0];
        }
        $candidate = $this->limits->candidate($byPlace, $seen);
        $broken = $this->limits->broken($candidate);
        if ($broken !== null) {
            $this->counts->ruleOut($broken->value);

            return [self::NONE - 2, -$seen->fit];
        }
        ++$this->counts->judged;
        $this->candidates[] = $candidate;
        if ($seen->rating->rank() < ($this->bestRating?->rank() ?? self::NONE)) {
            $this->hopeful[] = $candidate;
        }

        return [$seen->rating->rank(), -$seen->fit];
    }

    /** @return \Generator<int, Counts, bool|null, bool> */
    private function isStopped(): \Generator
    {
        $this->confirmBetter();

        return (yield $this->counts) === false;
    }

    /** Looks among the candidates for a better word than was confirmed, or a first one. */
    private function confirmBetter(): void
    {
        if ($this->hopeful === []) {
            return;
        }
        $known = $this->bestRating?->rank() ?? self::NONE;
        $this->hopeful = self::byFit($this->hopeful);
        for ($try = 0; $try < self::TRIES && $this->hopeful !== [] && ($this->bestRating?->rank() ?? self::NONE) === $known; ++$try) {
            $this->confirm(array_shift($this->hopeful));
        }
        $now = $this->bestRating?->rank() ?? self::NONE;
        $this->hopeful = array_values(array_filter($this->hopeful, static fn(Candidate $each): bool => $each->glimpse->rating->rank() < $now));
        if ($now < $known) {
            $this->candidates = array_values(array_filter($this->candidates, static fn(Candidate $each): bool => $each->glimpse->rating->rank() <= $now));
        }
    }

    private function note(Confirmed $full): void
    {
        if ($this->bestRating === null || [$full->rating->rank(), -$full->fit] < [$this->bestRating->rank(), -$this->bestFit]) {
            [$this->bestRating, $this->bestFit] = [$full->rating, $full->fit];
        }
    }

    /**
     * The best word first, then the greatest fit, then as they came: there may be a hundred thousand.
     *
     * @param list<Candidate> $candidates
     *
     * @return list<Candidate>
     */
    private static function byFit(array $candidates): array
    {
        // a fit is at most 1, so that a word always goes before it
        $keys = array_map(static fn(Candidate $each): float => 2.0 * $each->glimpse->rating->rank() - $each->glimpse->fit, $candidates);
        asort($keys);

        return array_map(static fn(int $n): Candidate => $candidates[$n], array_keys($keys));
    }
}
