<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Mending;

use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Verdict\Change\Change;
use Zolbek\Core\Verdict\Change\ChangeKind;
use Zolbek\Core\Verdict\Change\Changes;
use Zolbek\Core\Verdict\Change\OtherPot;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;
use Zolbek\Core\Verdict\Fit\Verdict;

/**
 * Finds the single changes (see Changes) that would bring a criterion into its band, by computing each: what a grower would try first (see Remedy), of each kind the
 * one that costs least elsewhere; where none suffices, the one that helps most. What would make the whole worse by a word is not offered.
 *
 * Source: model section 10 and revision (i). Check: none where every criterion is in its band, three at most for one that is not.
 */
final readonly class MendSearch
{
    /** A change that brings a figure less than this many margins nearer to its band is not worth naming. */
    private const WORTH_NAMING = 0.05;
    private const MOST = 3;

    /** How many of the likeliest are looked at in full where that takes time. */
    private const LIKELIEST = 12;

    /** @var list<array{Change, Assessment}> */
    private array $candidates;

    /**
     * @param list<Material|Portion> $shelf  that could be added
     * @param list<OtherPot>          $others pots of the yard that it could go into
     */
    public function __construct(private Assessment $now, array $shelf, array $others = [])
    {
        $served = array_filter(array_map(self::complaint(...), $now->verdicts));
        $candidates = [];
        foreach ($served === [] ? [] : (new Changes($now, $shelf, $others))->all() as $change) {
            foreach ($served as [$criterion, $isTooLow]) {
                if (Remedy::rank($criterion, $change->kind, $isTooLow) !== null) {
                    $candidates[] = [$change, new Assessment($change->setup, withYears: false)];
                    break;
                }
            }
        }
        $this->candidates = $candidates;
    }

    /** @return array{Criterion, bool}|null what is wrong, and whether by too little; null where nothing is */
    private static function complaint(Verdict $verdict): ?array
    {
        return $verdict->level === Level::Good ? null : [$verdict->criterion, $verdict->value !== null && $verdict->value < $verdict->band->low];
    }

    /** @return list<Mend> best first, at most three and of different kinds; none for a criterion in its band */
    public function for(Criterion $criterion): array
    {
        $current = $this->now->find($criterion);
        $complaint = $current === null ? null : self::complaint($current);
        if ($current === null || $complaint === null) {
            return [];
        }
        $isTooLow = $complaint[1];
        $ranked = [];
        foreach ($criterion === Criterion::Years ? $this->likelyToLast($current) : $this->candidates as [$change, $then]) {
            $remedy = Remedy::rank($criterion, $change->kind, $isTooLow);
            $verdict = $remedy === null ? null : $then->find($criterion);
            if ($verdict === null || $then->rating->rank() > $this->now->rating->rank()) {
                continue;
            }
            $suffices = $verdict->level === Level::Good;
            $nearer = $current->marginsOutside - $verdict->marginsOutside;
            if (! $suffices && ! ($nearer >= self::WORTH_NAMING)) {
                continue;
            }
            $ranked[] = [[$suffices ? 0 : 1, $remedy, count($this->worsens($criterion, $then)), $suffices ? $change->size : $verdict->marginsOutside, -$then->fit], $change, $verdict, $suffices, $then];
        }
        usort($ranked, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        $best = [];
        foreach ($ranked as $one) {
            $best[$one[1]->kind->value] ??= $one;
        }
        $sufficient = array_filter($best, static fn(array $one): bool => $one[3]);

        return array_map(
            fn(array $one): Mend => new Mend($one[1], $one[2]->value, $one[3], $this->worsens($criterion, $one[1]->setup->agesAs($this->now->setup) ? $one[4] : new Assessment($one[1]->setup))),
            array_slice(array_values($sufficient === [] ? $best : $sufficient), 0, self::MOST),
        );
    }

    /**
     * Those that would still stand in the year they are planned to, looked at in full.
     *
     * @return list<array{Change, Assessment}>
     */
    private function likelyToLast(Verdict $current): array
    {
        $likely = [];
        foreach ($this->candidates as [$change, $then]) {
            if (Remedy::rank(Criterion::Years, $change->kind, true) === null) {
                continue;
            }
            $planned = min(8.0, $change->setup->targets()->plannedYears);
            if ($change->kind === ChangeKind::Repot ? $planned <= ($current->value ?? 0.0) : ! (new AgedPot($change->setup, $planned - 0.5))->fails()) {
                $likely[] = [[Remedy::rank(Criterion::Years, $change->kind, true), count($this->worsens(Criterion::Years, $then)), $change->size], $change];
            }
        }
        usort($likely, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $kinds = [];
        $chosen = [];
        foreach ($likely as [, $change]) {
            $kind = $change->kind->value;
            $kinds[$kind] = ($kinds[$kind] ?? 0) + 1;
            if ($kinds[$kind] <= 2 && count($chosen) < self::LIKELIEST) {
                $chosen[] = [$change, new Assessment($change->setup)];
            }
        }

        return $chosen;
    }

    /** @return list<Criterion> */
    private function worsens(Criterion $mended, Assessment $then): array
    {
        $worse = [];
        foreach ($this->now->verdicts as $verdict) {
            $after = $then->find($verdict->criterion);
            if ($verdict->criterion !== $mended && $after !== null && $after->marginsOutside > $verdict->marginsOutside + self::WORTH_NAMING) {
                $worse[] = $verdict->criterion;
            }
        }

        return $worse;
    }
}
