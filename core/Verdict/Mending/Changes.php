<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Mending;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\Holes;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Site\Wind;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Verdict\Fit\Assessment;

/**
 * The single changes of a setup that somebody could make: parts, another component, a lighter stone of the same size, rinsing, a sieve, lime, a layer, a covering,
 * depth, holes, another pot, tipping, shelter, pots together, another watering habit, rain in the water, another feed, repotting sooner. Those that cannot be, and
 * what is so already, are left out.
 *
 * Source: model section 10 and revision (i); steps are what growers measure by. Check: of 1:1:1 each part is tried with 0.5, 1 and 2 more, and with 0.5 and 1 less.
 */
final readonly class Changes
{
    /** Multiples of the unit that are tried. */
    private const STEPS = [1.0, 2.0, 4.0];
    private const RINSE_MM = [0.5, 1.0, 2.0];
    private const LAYER_CM = [1.5, 3.0, 5.0];
    private const TIP_DEG = [15.0, 25.0, 35.0];
    private const COVER_CM = 1.0;
    private const RAIN_SHARES = [0.5, 0.75, 1.0];
    private const LIME_TO = [5.2, 5.8, 6.4];
    private const SAME_SIZE = 1.6;
    private const LIGHTER = 0.75;
    private const LAYER_FROM_MM = 4.0;

    private Setup $setup;

    /** @var list<Portion> */
    private array $shelf;

    /**
     * @param list<Material|Portion> $shelf  that could be added
     * @param list<OtherPot>          $others
     */
    public function __construct(Assessment $now, array $shelf, private array $others = [])
    {
        $this->setup = $now->setup;
        $this->shelf = array_map(static fn(Material|Portion $what): Portion => $what instanceof Portion ? $what : Portion::of($what), $shelf);
    }

    /** @return list<Change> */
    public function all(): array
    {
        return [...$this->parts(), ...$this->additions(), ...$this->swaps(), ...$this->preparations(), ...$this->limings(), ...$this->potAndHoles(), ...$this->layers(), ...$this->otherPots(), ...$this->surroundings()];
    }

    /** @return list<Change> */
    private function parts(): array
    {
        $setup = $this->setup;
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

    /** @return list<Change> */
    private function additions(): array
    {
        $setup = $this->setup;
        $used = array_map(static fn(array $portion): string => $portion[0]->key, $setup->portions);
        $unit = $this->unit();
        $changes = [];
        foreach ($this->shelf as $portion) {
            if (in_array($portion->key, $used, true)) {
                continue;
            }
            foreach (self::STEPS as $times) {
                $changes[] = $this->tried(static fn(): Change => new Change(Change::ADD, $setup->withParts($portion, $times * $unit), $times + 0.5, $times * $unit, $portion->key));
            }
        }

        return array_values(array_filter($changes));
    }

    /**
     * Rinsing a component of fines (see isRinsed), or sieving its coarsest grains out; what is prepared already is left as it is.
     *
     * @return list<Change>
     */
    private function preparations(): array
    {
        $setup = $this->setup;
        $oversizeMm = $setup->pot->depthCm * 10.0 / 5.0;
        $changes = [];
        foreach ($setup->portions as [$portion, $parts]) {
            $component = count($portion->contents) === 1 && $portion->keptShare === 1.0 ? $portion->contents[0][0] : null;
            if ($component === null || $parts <= 0.0) {
                continue;
            }
            foreach (self::isRinsed($component) ? self::RINSE_MM : [] as $i => $mm) {
                if ($component->grading->passingAt($mm) > 0.02) {
                    $changes[] = $this->tried(fn(): Change => new Change(Change::RINSE, $setup->withParts($this->screened($portion, $mm, INF), $parts), 1.0 + 0.5 * $i, $mm, $portion->key));
                }
            }
            if ($component->grading->passingAt($oversizeMm) < 0.98) {
                $changes[] = $this->tried(fn(): Change => new Change(Change::SIEVE_OUT, $setup->withParts($this->screened($portion, 0.0, $oversizeMm), $parts), 1.5, $oversizeMm, $portion->key));
            }
        }

        return array_values(array_filter($changes));
    }

    /**
     * A stone lighter by a quarter and of the same size in place of another.
     *
     * @return list<Change>
     */
    private function swaps(): array
    {
        $setup = $this->setup;
        $changes = [];
        foreach ($setup->portions as [$portion, $parts]) {
            $stone = self::stone($portion);
            if ($stone === null || $parts <= 0.0) {
                continue;
            }
            foreach ($this->shelf as $other) {
                $lighter = self::stone($other);
                if ($lighter === null || $other->key === $portion->key || $lighter->bulkDensity > self::LIGHTER * $stone->bulkDensity) {
                    continue;
                }
                $ratio = $lighter->medianMm() / $stone->medianMm();
                if ($ratio <= self::SAME_SIZE && $ratio >= 1.0 / self::SAME_SIZE) {
                    $there = array_sum(array_map(static fn(array $each): float => $each[0]->key === $other->key ? $each[1] : 0.0, $setup->portions));
                    $rest = array_values(array_filter($setup->portions, static fn(array $each): bool => $each[0]->key !== $portion->key && $each[0]->key !== $other->key));
                    $changes[] = $this->tried(static fn(): Change => new Change(
                        Change::SWAP,
                        $setup->withPortions([...$rest, [$other, $parts + $there]]),
                        1.0 + abs(log($ratio)),
                        $parts,
                        $other->key,
                        $portion->key,
                    ));
                }
            }
        }

        return array_values(array_filter($changes));
    }

    private static function stone(Portion $portion): ?Material
    {
        $component = count($portion->contents) === 1 ? $portion->contents[0][0] : null;

        return $component === null || $component->kind?->isCompressible() === true ? null : $component;
    }

    /**
     * A component that buffers limed before it is mixed; one that is limed already is left as it is.
     *
     * @return list<Change>
     */
    private function limings(): array
    {
        $setup = $this->setup;
        $changes = [];
        foreach ($setup->portions as [$portion, $parts]) {
            $component = count($portion->contents) === 1 ? $portion->contents[0][0] : null;
            if ($component === null || $parts <= 0.0 || $component->buffer <= 0.0 || $component->ph === null || $component->kind?->isOrganic() !== true) {
                continue;
            }
            foreach (self::LIME_TO as $i => $ph) {
                if ($ph > $component->ph + 0.3) {
                    $changes[] = $this->tried(static fn(): Change => new Change(
                        Change::LIME,
                        $setup->withParts($portion->changed(static fn(Material $each): array => [$each->with(ph: $ph), 1.0]), $parts),
                        1.0 + 0.2 * $i,
                        $ph,
                        $portion->key,
                    ));
                }
            }
        }

        return array_values(array_filter($changes));
    }

    private function screened(Portion $portion, float $loMm, float $hiMm): Portion
    {
        return $portion->changed(static function (Material $component) use ($loMm, $hiMm): array {
            $screening = Screening::between($component, $loMm, $hiMm);

            return [$screening->component->with(key: $component->key.'#prepared'), $screening->keptShare];
        }, isLoss: true);
    }

    /** Stone and bark have their fines taken out; what is fine throughout is never. */
    private static function isRinsed(Material $component): bool
    {
        return ! in_array($component->kind, [MaterialKind::Organic, MaterialKind::Soil], true);
    }

    /** @return list<Change> */
    private function potAndHoles(): array
    {
        $setup = $this->setup;
        $holes = $setup->holes;
        $changes = [];
        foreach ([1.0, 2.0, 3.0, 5.0, 8.0] as $by) {
            $changes[] = $this->tried(static fn(): Change => new Change(Change::DEEPER, $setup->with(pot: $setup->pot->withDepth($setup->pot->depthCm + $by)), 1.0 + $by / 4.0, $by));
            if ($by < $setup->pot->depthCm) {
                $changes[] = $this->tried(static fn(): Change => new Change(Change::SHALLOWER, $setup->with(pot: $setup->pot->withDepth($setup->pot->depthCm - $by)), 1.0 + $by / 4.0, $by));
            }
        }
        $wider = $holes->count === 0 ? [Holes::of(1, 2.0, 0.6), Holes::of(2, 2.0, 0.6), Holes::of(4, 2.0, 0.6)] : [
            Holes::of($holes->count + 1, $holes->diameterCm, $holes->openShare),
            Holes::of($holes->count + 2, $holes->diameterCm, $holes->openShare),
            Holes::of($holes->count + 4, $holes->diameterCm, $holes->openShare),
        ];
        foreach ($wider as $more) {
            if ($more->openAreaCm2() < 0.5 * $setup->pot->floorCm2()) {
                $changes[] = $this->tried(static fn(): Change => new Change(Change::HOLES, $setup->with(holes: $more), 1.0 + ($more->count - $holes->count) / 4.0));
            }
        }
        foreach (self::TIP_DEG as $i => $degrees) {
            if ($degrees > $setup->tipDeg) {
                $changes[] = $this->tried(static fn(): Change => new Change(Change::TIP, $setup->with(tipDeg: $degrees), 1.0 + 0.5 * $i, $degrees));
            }
        }

        return array_values(array_filter($changes));
    }

    /** @return list<Change> */
    private function layers(): array
    {
        $setup = $this->setup;
        if ($setup->layer !== null) {
            $without = $this->tried(static fn(): Change => new Change(Change::NO_LAYER, $setup->withoutLayer(), 0.5));

            return $without === null ? [] : [$without];
        }
        foreach ($this->shelf as $portion) {
            $component = count($portion->contents) === 1 ? $portion->contents[0][0] : null;
            if ($component === null || $component->medianMm() < self::LAYER_FROM_MM || $component->kind?->isCompressible() === true) {
                continue;
            }
            $substrate = new Substrate(new Blend([[$component, 1.0]]), $setup->compactionIndex);

            return array_values(array_filter(array_map(fn(float $cm): ?Change => $this->tried(
                static fn(): Change => new Change(Change::LAYER, $setup->with(layer: new DrainageLayer($substrate, $cm)), 1.0 + $cm / 3.0, $cm, $portion->key),
            ), self::LAYER_CM)));
        }

        return [];
    }

    /** @return list<Change> */
    private function otherPots(): array
    {
        $setup = $this->setup;

        return array_values(array_filter(array_map(fn(OtherPot $other): ?Change => $this->isThisPot($other) ? null : $this->tried(static fn(): Change => new Change(
            Change::OTHER_POT,
            $setup->with(pot: $other->pot, holes: $other->holes, potWeightKg: $other->weightKg, situation: $setup->situation?->with(dryingSides: $other->dryingSides)),
            1.0 + abs(log($other->pot->volumeL(0.0, $other->pot->depthCm) / $setup->pot->volumeL(0.0, $setup->pot->depthCm))),
            to: $other->key,
        )), $this->others)));
    }

    /**
     * What changes around the pot and not in it.
     *
     * @return list<Change>
     */
    private function surroundings(): array
    {
        $setup = $this->setup;
        $situation = $setup->situation;
        if ($situation === null) {
            return [];
        }
        $changes = [];
        if ($situation->surface !== Surface::Stone) {
            $cm = $setup->topDressingCm + self::COVER_CM;
            $changes[] = $this->tried(static fn(): Change => new Change(Change::STONE, $setup->with(topDressingCm: $cm, situation: $situation->with(surface: Surface::Stone)), 0.8, $cm));
        }
        if ($situation->surface !== Surface::Moss) {
            $changes[] = new Change(Change::MOSS, $setup->with(situation: $situation->with(surface: Surface::Moss)), 0.9);
        }
        foreach ([Exposure::HalfShade, Exposure::Shade] as $i => $exposure) {
            if ($exposure->factor() < $situation->place->exposure->factor()) {
                $changes[] = new Change(Change::SHADE, $setup->with(situation: $situation->with(place: $situation->place->with(exposure: $exposure))), 1.0 + $i, to: $exposure->value);
            }
        }
        if ($situation->place->wind === Wind::Windy) {
            $changes[] = new Change(Change::WINDBREAK, $setup->with(situation: $situation->with(place: $situation->place->with(wind: Wind::Usual))), 1.0);
        }
        if ($situation->place->stand !== Stand::Bed && $situation->place->exposure !== Exposure::Indoors) {
            $changes[] = new Change(Change::TOGETHER, $setup->with(situation: $situation->with(place: $situation->place->with(stand: Stand::Bed))), 1.2);
        }
        if ($setup->ageing !== null && $setup->ageing->frostCycles > 0.0) {
            $changes[] = new Change(Change::WINTER_SHELTER, $setup->with(situation: $situation->with(place: $situation->place->with(winterShelter: true))), 1.2);
        }
        foreach (self::RAIN_SHARES as $i => $share) {
            if ($share > $situation->rainShare && $situation->alkalinityMgL > 0.0) {
                $changes[] = new Change(Change::RAIN, $setup->with(situation: $situation->with(rainShare: $share)), 0.8 + 0.2 * $i, $share);
            }
        }
        foreach (Feed::cases() as $feed) {
            if ($feed->mmolLYear() !== $situation->feedAcidityMmolLYear && ($feed !== Feed::None || $situation->feedAcidityMgL <= 0.0)) {
                $changes[] = new Change(Change::FEED, $setup->with(situation: $situation->with(feedAcidityMmolLYear: $feed->mmolLYear())), $feed === Feed::None ? 1.4 : 1.0, $feed->mmolLYear(), to: $feed->value);
            }
        }

        return array_values(array_filter([...$changes, ...$this->habits($situation)]));
    }

    /** @return list<Change> */
    private function habits(Situation $situation): array
    {
        $setup = $this->setup;
        $climate = $situation->climate;
        $changes = [];
        if ($climate !== null) {
            $season = $climate->season($climate->hottestMonth);
            $now = $situation->habit->hoursIn($season);
            foreach (WateringHabit::COMMON_HOURS as $hours) {
                if ($hours < $now) {
                    $changes[] = new Change(Change::HABIT, $setup->with(situation: $situation->with(habit: $situation->habit->withHours($season, $hours))), 1.0 + log($now / $hours), $hours, to: $season->value);
                }
            }
        }
        for ($years = $situation->targets->plannedYears - 0.5; $years >= 0.5; $years -= 0.5) {
            $changes[] = new Change(Change::REPOT, $setup->with(situation: $situation->withPlannedYears($years)), 1.0 + $situation->targets->plannedYears - $years, $years);
        }

        return $changes;
    }

    private function isThisPot(OtherPot $other): bool
    {
        $setup = $this->setup;

        return $other->pot->shape === $setup->pot->shape && $other->pot->depthCm === $setup->pot->depthCm && $other->pot->measures === $setup->pot->measures && $other->holes === $setup->holes;
    }

    /** What one adds or takes away without thinking: half a part of a small mix, a part of one of ten or so, else about a tenth. */
    private function unit(): float
    {
        $total = array_sum(array_column($this->setup->portions, 1));

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
