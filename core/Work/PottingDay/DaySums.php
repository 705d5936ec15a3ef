<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\PottingDay;

/**
 * A potting day summed up: what each pot takes, the base mixes with their loads, and the litres of each component from the shelf.
 *
 *     need of a component = sum over mixes of what their open loads take + sum over pots to fill of extras, layers, dressings, moss and covers * (1 + spare)
 *
 * Litres, loose. Source: conservation of volume; model section 11. Check: the needs of a day are those of its pots, one by one.
 */
final readonly class DaySums
{
    /** @var array<int, DayPotNeeds> by number of the pot */
    public array $pots;

    /** @var array<int, DayMix> by number of the mix */
    public array $mixes;

    /** @var array<string, float> litres by key of the component, without what loads and pots took that are done */
    public array $needsL;

    /**
     * @param list<DayPot>      $pots
     * @param list<float>       $smaller volumes of smaller scoops at hand
     * @param array<int, MixedAlready> $mixed   by number of the mix
     */
    public function __construct(array $pots, public float $spare, float $tubL, float $scoopL, array $smaller = [], array $mixed = [])
    {
        $needs = $byMix = $beside = [];
        foreach ($pots as $pot) {
            $needs[$pot->id] = $each = $pot->needs();
            $byMix[$pot->mix][] = [$pot, $each];
            foreach ($pot->usedL === null ? $each->besideMix() : [] as $key => $litres) {
                $beside[$key] = ($beside[$key] ?? 0.0) + $pot->count * $litres * (1.0 + $spare);
            }
        }
        $mixes = [];
        foreach (array_keys($byMix + $mixed) as $number) {
            $ofMix = $byMix[$number] ?? [];
            $done = $mixed[$number] ?? null;
            $portions = $ofMix === [] ? $done?->portions : $ofMix[0][0]->basePortions();
            assert($portions !== null);
            $toFill = array_filter($ofMix, static fn(array $each): bool => $each[0]->usedL === null);
            $mixes[$number] = $mix = new DayMix(
                $portions,
                (int) self::sum($ofMix, static fn(DayPot $pot, DayPotNeeds $each): float => (float) $pot->count),
                self::sum($ofMix, static fn(DayPot $pot, DayPotNeeds $each): float => $pot->count * $each->baseL),
                self::sum($toFill, static fn(DayPot $pot, DayPotNeeds $each): float => $pot->count * $each->baseL * $spare),
                self::sum($ofMix, static fn(DayPot $pot, DayPotNeeds $each): float => $pot->usedL === null ? 0.0 : $pot->usedL - $pot->count * $each->baseL),
                $tubL,
                $scoopL,
                $smaller,
                $done->litres ?? 0.0,
                $done->numbers ?? [],
            );
            foreach ($mix->grossL as $component => $litres) {
                $beside[$component] = ($beside[$component] ?? 0.0) + $litres;
            }
        }
        $this->pots = $needs;
        $this->mixes = $mixes;
        $this->needsL = $beside;
    }

    /**
     * @param array<int, array{DayPot, DayPotNeeds}>  $pots
     * @param callable(DayPot, DayPotNeeds): float     $figure
     */
    private static function sum(array $pots, callable $figure): float
    {
        return array_sum(array_map(static fn(array $each): float => $figure(...$each), $pots));
    }
}
