<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Work\Batching\LoadScoops;

/**
 * One base mix of a day, for all the pots that take it: litres with spare, loads for the tub, scoops of each load, litres from each bin.
 *
 *     loose = sum of what the pots take * (1 + spare);  loads = ceil(loose / tub)
 *
 * Source: model section 11. Check: three pots of 2 L at 10 % spare in a tub of 4: 6.6 L in 2 loads of 3.3.
 */
final readonly class DayMix
{
    public float $looseL;
    public int $loads;
    public float $loadL;

    /** @var array<string, float> scoops in one load by key of the portion */
    public array $scoops;

    /** @var array<string, float> share of the mix by key of the portion */
    public array $shares;

    /** @var array<string, float> litres taken from the bin, before screening, by key of the portion */
    public array $grossL;

    /**
     * @param non-empty-list<array{Portion, float}> $portions
     * @param float                                 $netL     what the pots take together
     */
    public function __construct(public array $portions, public int $pots, public float $netL, float $spare, float $tubL, float $scoopL)
    {
        $this->looseL = $netL * (1.0 + $spare);
        $this->loads = max(1, (int) ceil($this->looseL / $tubL - 1e-9));
        $this->loadL = $this->looseL / $this->loads;
        $scooped = array_sum(array_column($portions, 1));
        $shares = $gross = [];
        foreach ($portions as [$portion, $parts]) {
            if ($parts > 0.0) {
                $shares[$portion->key] = $parts / $scooped;
                $gross[$portion->key] = $this->looseL * $parts / $scooped / $portion->keptShare;
            }
        }
        $this->shares = $shares;
        $this->grossL = $gross;
        $this->scoops = LoadScoops::of(array_map(fn(float $share): float => $share * $this->loadL, $shares), $scoopL);
    }

    /** @return array<string, float> shares after rounding to half scoops */
    public function trueShares(): array
    {
        $total = array_sum($this->scoops);

        return array_map(static fn(float $scoops): float => $total > 0.0 ? $scoops / $total : 0.0, $this->scoops);
    }
}
