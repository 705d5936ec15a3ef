<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

use Zolbek\Core\Blending\Portion;
use Zolbek\Core\Component\Component;
use Zolbek\Core\Container\Holes;
use Zolbek\Core\Input\Refused;

/**
 * Finds the single changes that would bring a criterion into its band, by computing each: parts of a component more or less,
 * another component from the shelf, a deeper or shallower pot, holes, no drainage layer. Of each kind the one that costs least
 * elsewhere; where none suffices, the one that helps most.
 */
final readonly class MendSearch
{
    /** A change that brings a figure less than this many margins nearer to its band is not worth naming. */
    private const WORTH_NAMING = 0.05;

    /** Multiples of the unit that are tried. */
    private const STEPS = [1.0, 2.0, 4.0];
    private const MOST = 3;

    /** @var list<array{Change, Assessment}> */
    private array $candidates;

    /** @param list<Component|Portion> $shelf that could be added */
    public function __construct(private Assessment $now, array $shelf)
    {
        $candidates = [];
        foreach ([...$this->parts(), ...$this->additions(array_map(static fn(Component|Portion $what): Portion => $what instanceof Portion ? $what : Portion::of($what), $shelf)), ...$this->potAndHoles()] as $change) {
            $candidates[] = [$change, new Assessment($change->setup)];
        }
        $this->candidates = $candidates;
    }

    /** @return list<Mend> best first, at most three and of different kinds; none for a criterion in its band */
    public function for(Criterion $criterion): array
    {
        $current = $this->now->verdict($criterion);
        if ($current->level === Level::Good) {
            return [];
        }
        $ranked = [];
        foreach ($this->candidates as [$change, $then]) {
            $verdict = $then->verdict($criterion);
            $suffices = $verdict->level === Level::Good;
            $nearer = $current->marginsOutside - $verdict->marginsOutside;
            if (! $suffices && ! ($nearer >= self::WORTH_NAMING)) {
                continue;
            }
            $worsens = $this->worsens($criterion, $then);
            $mend = new Mend($change, $verdict->value, $suffices, $worsens);
            $ranked[] = [[$suffices ? 0 : 1, count($worsens), $suffices ? $change->size : $verdict->marginsOutside, -$then->fit], $mend];
        }
        usort($ranked, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        $mends = [];
        foreach ($ranked as [, $mend]) {
            $mends[$mend->change->kind] ??= $mend;
        }
        $best = array_values($mends);
        $sufficient = array_values(array_filter($best, static fn(Mend $mend): bool => $mend->suffices));

        return array_slice($sufficient === [] ? $best : $sufficient, 0, self::MOST);
    }

    /** @return list<Criterion> */
    private function worsens(Criterion $mended, Assessment $then): array
    {
        $worse = [];
        foreach ($this->now->verdicts as $verdict) {
            if ($verdict->criterion !== $mended && $then->verdict($verdict->criterion)->marginsOutside > $verdict->marginsOutside + self::WORTH_NAMING) {
                $worse[] = $verdict->criterion;
            }
        }

        return $worse;
    }

    /** @return list<Change> */
    private function parts(): array
    {
        $setup = $this->now->setup;
        $unit = $this->unit();
        $changes = [];
        foreach ($setup->portions as [$portion, $parts]) {
            foreach (self::STEPS as $times) {
                $by = $times * $unit;
                $changes[] = $this->tried(static fn(): Change => new Change(Change::MORE, $setup->withParts($portion, $parts + $by), $times, $by, $portion->key));
                if ($by <= $parts) {
                    $changes[] = $this->tried(static fn(): Change => new Change(Change::LESS, $setup->withParts($portion, $parts - $by), $times, $by, $portion->key));
                }
            }
        }

        return array_values(array_filter($changes));
    }

    /**
     * @param list<Portion> $shelf
     *
     * @return list<Change>
     */
    private function additions(array $shelf): array
    {
        $setup = $this->now->setup;
        $used = array_map(static fn(array $portion): string => $portion[0]->key, $setup->portions);
        $unit = $this->unit();
        $changes = [];
        foreach ($shelf as $portion) {
            if (in_array($portion->key, $used, true)) {
                continue;
            }
            foreach (self::STEPS as $times) {
                $changes[] = $this->tried(static fn(): Change => new Change(Change::ADD, $setup->withParts($portion, $times * $unit), $times + 0.5, $times * $unit, $portion->key));
            }
        }

        return array_values(array_filter($changes));
    }

    /** @return list<Change> */
    private function potAndHoles(): array
    {
        $setup = $this->now->setup;
        $holes = $setup->holes;
        $changes = [];
        foreach ([1.0, 2.0, 3.0, 5.0, 8.0] as $by) {
            $changes[] = $this->tried(static fn(): Change => new Change(Change::DEEPER, $setup->withPot($setup->pot->withDepth($setup->pot->depthCm + $by)), 1.0 + $by / 4.0, $by));
            if ($by < $setup->pot->depthCm) {
                $changes[] = $this->tried(static fn(): Change => new Change(Change::SHALLOWER, $setup->withPot($setup->pot->withDepth($setup->pot->depthCm - $by)), 1.0 + $by / 4.0, $by));
            }
        }
        $wider = $holes->count === 0 ? [Holes::of(1, 2.0, 0.6), Holes::of(2, 2.0, 0.6), Holes::of(4, 2.0, 0.6)] : [
            Holes::of($holes->count + 1, $holes->diameterCm, $holes->openShare),
            Holes::of($holes->count + 2, $holes->diameterCm, $holes->openShare),
            Holes::of($holes->count + 4, $holes->diameterCm, $holes->openShare),
        ];
        foreach ($wider as $more) {
            if ($more->openAreaCm2() < 0.5 * $setup->pot->floorCm2()) {
                $changes[] = $this->tried(static fn(): Change => new Change(Change::HOLES, $setup->withHoles($more), 1.0 + ($more->count - $holes->count) / 4.0));
            }
        }
        if ($setup->layer !== null) {
            $changes[] = $this->tried(static fn(): Change => new Change(Change::NO_LAYER, $setup->withoutLayer(), 0.5));
        }

        return array_values(array_filter($changes));
    }

    /** What one adds or takes away without thinking: half a part of a small mix, a part of one of ten or so, else about a tenth. */
    private function unit(): float
    {
        $total = array_sum(array_column($this->now->setup->portions, 1));

        return match (true) {
            $total < 0.5 => $total / 10.0,
            $total <= 6.0 => 0.5,
            $total <= 15.0 => 1.0,
            default => round($total / 10.0),
        };
    }

    /**
     * @param callable(): Change $change
     */
    private function tried(callable $change): ?Change
    {
        try {
            return $change();
        } catch (Refused) {
            return null;
        }
    }
}
