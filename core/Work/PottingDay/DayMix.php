<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Work\Batching\ScoopPlan;

/**
 * One base mix of a day, for all the pots that take it: litres, the loads still to mix in scoops, litres from each bin for those.
 *
 *     loose = sum over pots to fill of what they take * (1 + spare) + what the filled ones were given;  loads = ScoopPlan of that, less what is mixed
 *
 * Source: model section 11. Check: three pots of 2 L at 10 % spare in a tub of 4, two components alike: 6.6 L, in loads of 4 and 3 L.
 */
final readonly class DayMix
{
    public float $looseL;
    public ScoopPlan $scoops;

    /** @var array<string, float> share of the mix by key of the portion */
    public array $shares;

    /** @var array<string, float> litres still to take from the bin, before screening, by key of the portion */
    public array $grossL;

    /** @var array<string, float> share that screening and rinsing leave, by key of the portion */
    public array $keptShares;

    /**
     * @param non-empty-list<array{Portion, float}> $portions
     * @param float                                 $netL    what the pots take together
     * @param float                                 $spareL  on top for those that are not filled yet
     * @param float                                 $moreL   what those that are filled were given beyond what they take
     * @param list<float>                           $smaller volumes of smaller scoops at hand
     * @param float                                 $mixedL  litres mixed already
     * @param list<int>                             $numbers of the loads that are mixed
     */
    public function __construct(public array $portions, public int $pots, public float $netL, float $spareL, float $moreL, float $tubL, float $scoopL, array $smaller = [], float $mixedL = 0.0, array $numbers = [])
    {
        $this->looseL = max(0.0, $netL + $spareL + $moreL);
        $parts = $kept = [];
        foreach ($portions as [$portion, $part]) {
            if ($part > 0.0) {
                $parts[$portion->key] = $part;
                $kept[$portion->key] = $portion->keptShare;
            }
        }
        assert($parts !== []);
        $sum = array_sum($parts);
        $this->shares = array_map(static fn(float $part): float => $part / $sum, $parts);
        $this->scoops = new ScoopPlan($parts, $this->looseL, $spareL, $tubL, $scoopL, $smaller, $mixedL, $numbers);
        $gross = [];
        foreach ($kept as $key => $share) {
            $gross[$key] = $this->scoops->litresOf($key) / $share;
        }
        $this->grossL = $gross;
        $this->keptShares = $kept;
    }
}
