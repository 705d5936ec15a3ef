<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

/**
 * A potting day summed up: what each pot takes, the base mixes with their loads, and the litres of each component from the shelf.
 *
 *     need of a component = sum over mixes of its gross + sum over pots of extras, layers, dressings, moss and covers * (1 + spare)
 *
 * Litres, loose. Source: conservation of volume; model section 11. Check: the needs of a day are those of its pots, one by one.
 */
final readonly class DaySums
{
    /** @var array<int, DayPotNeeds> by number of the pot */
    public array $pots;

    /** @var array<int, DayMix> by number of the mix */
    public array $mixes;

    /** @var array<string, float> litres by key of the component */
    public array $needsL;

    /**
     * @param list<DayPot> $pots
     */
    public function __construct(array $pots, public float $spare, float $tubL, float $scoopL)
    {
        $needs = $net = $byMix = $beside = [];
        foreach ($pots as $pot) {
            $needs[$pot->id] = $each = $pot->needs();
            $net[$pot->mix] = ($net[$pot->mix] ?? 0.0) + $each->baseL;
            $byMix[$pot->mix][] = $pot;
            foreach ($each->besideMix() as $key => $litres) {
                $beside[$key] = ($beside[$key] ?? 0.0) + $litres * (1.0 + $spare);
            }
        }
        $mixes = [];
        foreach ($byMix as $key => $ofMix) {
            $portions = $ofMix[0]->setup->portions;
            assert($portions !== []);
            $mixes[$key] = $mix = new DayMix($portions, count($ofMix), $net[$key], $spare, $tubL, $scoopL);
            foreach ($mix->grossL as $component => $litres) {
                $beside[$component] = ($beside[$component] ?? 0.0) + $litres;
            }
        }
        $this->pots = $needs;
        $this->mixes = $mixes;
        $this->needsL = $beside;
    }
}
