<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;

/**
 * The pot and what is done to the mix in it: a layer, sieving, packing, a larger pot.
 *
 * Source: the two schools of each question, practice. Check: a pot of half as much again is 1.5^(1/3) = 1.145 times as long, wide and deep.
 */
final readonly class AboutPot
{
    public function __construct(private Occasion $at, private Variation $try) {}

    /** @return array<string, array<string, float|string|null>> */
    public function all(): array
    {
        $setup = $this->at->setup;
        $found = ['oversize_pot' => $this->oversize()];
        $chip = $this->at->standIns['chip'] ?? null;
        $other = Variation::tried(fn(): ?Setup => match (true) {
            $setup->layer !== null => $setup->withoutLayer(),
            $chip === null => null,
            default => $setup->with(layer: new DrainageLayer(new Substrate(new Blend([[$chip, 1.0]]), $setup->compactionIndex), 2.0)),
        });
        if ($other !== null) {
            [$with, $without] = $setup->layer !== null ? [$setup, $other] : [$other, $setup];
            $found['drainage_layer'] = ['cm' => $with->layer->thicknessCm ?? 0.0, 'air' => Variation::air($with), 'other_air' => Variation::air($without), 'litres' => $with->zone->volumeL, 'other_litres' => $without->zone->volumeL, 'water' => $with->waterL(0.0), 'other_water' => $without->waterL(0.0)];
        }
        $rinsed = Variation::tried(fn(): Setup => $setup->withPortions(array_map(static fn(array $portion): array => [self::rinsed($portion[0]), $portion[1]], $setup->portions)));
        if ($rinsed !== null) {
            $kept = $total = 0.0;
            foreach ($rinsed->portions as [$portion, $parts]) {
                $kept += $parts;
                $total += $parts / $portion->keptShare;
            }
            $found['sieve_all'] = ['air' => Variation::air($setup), 'other_air' => Variation::air($rinsed), 'lost' => 1.0 - $kept / $total, ...$this->try->pair($rinsed)];
        }
        $loose = $setup->with(compactionIndex: 4.5);
        $pressed = $setup->with(compactionIndex: 9.0);
        $found['pack_it'] = ['air' => Variation::air($pressed), 'other_air' => Variation::air($loose), 'water' => $pressed->waterL(0.0), 'other_water' => $loose->waterL(0.0)];
        $found['fixing'] = ['wet_kg' => $this->at->now->weights->wetKg];

        return $found;
    }

    /** @return array<string, float|null> days to dry and air in this pot and in one of half as much again */
    private function oversize(): array
    {
        $setup = $this->at->setup;
        $larger = $this->at->setup->pot->enlarged(1.5 ** (1.0 / 3.0));
        $other = Variation::tried(static fn(): Setup => $setup->with(pot: $larger));
        if ($other === null) {
            return [];
        }
        // the same plant in both: its canopy does not grow with the pot
        $canopy = $this->at->now->water->demand->canopyM2 ?? $this->at->situation->plant->canopyM2;
        $plant = new Crown($canopy, $this->at->situation->plant->leaf, $this->at->situation->plant->evergreen);
        $same = static fn(Setup $in): ?float => $in->situation === null ? null : (new Assessment($in->with(situation: $in->situation->with(plant: $plant)), withYears: false))->water?->hottestIntervalH();

        return ['air' => Variation::air($setup), 'other_air' => Variation::air($other), 'interval_h' => $same($setup), 'other_interval_h' => $same($other), 'litres' => $setup->zone->volumeL, 'other_litres' => $other->zone->volumeL];
    }

    private static function rinsed(Portion $portion): Portion
    {
        return $portion->changed(static function (Material $component): array {
            if ($component->grading->passingAt(1.0) <= 0.0 || $component->grading->passingAt(1.0) >= 0.99) {
                return [$component, 1.0];
            }
            $screening = Screening::between($component, 1.0);

            return [$screening->component->with(key: $component->key.'#rinsed'), $screening->keptShare];
        }, isLoss: true);
    }
}
