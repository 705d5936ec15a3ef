<?php

declare(strict_types=1);

namespace App\Blend;

use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\DrainageLayer;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;
use Zolbek\Core\Verdict\Fit\Level;

/**
 * Where growers disagree and the question comes up here: what each school would have in this very pot, climate and habit. Figures only; the neutral words are
 * in the catalogue of the front end under the same codes.
 */
final class Quarrels
{
    public const CODES = [
        'organic_share', 'loam_base', 'soft_clay', 'light_filler', 'pumice', 'all_lava', 'drainage_layer', 'sieve_all', 'pack_it', 'mix_wet', 'watering_in', 'how_wet', 'roots_off',
        'wash_roots', 'old_soil', 'crown_and_root', 'fit_mix_or_watering', 'watering_rule', 'feeding_rhythm', 'feed_where', 'ball_lifted', 'planting_depth', 'fixing', 'fertiliser',
        'seal_cuts', 'cover_collected', 'when', 'new_or_reused', 'oversize_pot',
    ];

    /** What the other school would bring, by the key of its component. */
    private const STAND_INS = ['bark' => 'composted-bark-fine-2-8-mm', 'loam' => 'loam-screened-6-mm', 'granule' => 'akadama-type-clay-granule-2-6-mm', 'pumice' => 'pumice-3-6-mm', 'lava' => 'lava-scoria-3-6-mm', 'chip' => 'granite-chip-4-8-mm'];
    private const STAND_IN_SHARE = 0.25;

    /** @var array<string, Material> */
    private array $standIns = [];

    private float $organic;

    public function __construct(private readonly BlendForm $form, private readonly Assessment $now, private readonly Situation $situation)
    {
        $query = Component::query();
        $query->whereIn('key', self::STAND_INS);
        foreach ($query->get() as $record) {
            $this->standIns[(string) array_search($record->key, self::STAND_INS, true)] = $record->toCore();
        }
        $this->organic = $this->shareOf(static fn(Material $component): bool => in_array($component->kind, [MaterialKind::Bark, MaterialKind::Organic], true));
    }

    /** @return list<array{code: string, figures: array<string, float|string|null>}> in the order of CODES */
    public function all(): array
    {
        $found = [...$this->ofMaterials(), ...$this->ofPot(), ...$this->ofWatering(), ...$this->ofRoots(), ...$this->ofFeedAndTime()];
        $list = [];
        foreach (self::CODES as $code) {
            if (isset($found[$code])) {
                $list[] = ['code' => $code, 'figures' => $found[$code]];
            }
        }

        return $list;
    }

    /** @return array<string, array<string, float|string|null>> */
    private function ofMaterials(): array
    {
        $setup = $this->setup();
        $found = [];
        $other = $this->organic > 0.0
            ? $this->with(static fn(Material $component): bool => ! in_array($component->kind, [MaterialKind::Bark, MaterialKind::Organic], true))
            : $this->plus('bark', self::STAND_IN_SHARE);
        if ($other !== null) {
            $found['organic_share'] = ['share' => $this->organic, ...$this->pair($other)];
        }
        $loam = $this->shareOf(static fn(Material $component): bool => $component->kind === MaterialKind::Soil);
        $other = $loam > 0.0 ? $this->with(static fn(Material $component): bool => $component->kind !== MaterialKind::Soil) : $this->plus('loam', self::STAND_IN_SHARE);
        if ($other !== null) {
            $then = new Assessment($other);
            $found['loam_base'] = ['share' => $loam, ...$this->pair($other, $then), 'fit' => $this->now->fit, 'other_fit' => $then->fit];
        }
        $clay = $this->shareOf(static fn(Material $component): bool => $component->kind === MaterialKind::ClayGranule && $component->crumbleRate >= 0.03);
        if ($clay > 0.0) {
            $aged = new AgedPot($setup, min(8.0, $this->situation->targets->plannedYears));
            $found['soft_clay'] = ['share' => $clay, 'frost_cycles' => $setup->ageing?->frostCycles, 'air' => $this->air($setup), 'later_air' => $aged->air, 'planned' => $aged->years];
        }
        $surface = SurfaceDocument::of($this->form, $this->situation);
        if ($surface['floats'] > 0.02) {
            $found['light_filler'] = ['floats' => $surface['floats'], 'bare' => $surface['washed_off_bare'], 'stone' => $surface['washed_off_stone'], 'moss' => $surface['washed_off_moss']];
        }
        if ($this->parts('pumice') > 0.0 && isset($this->standIns['lava'])) {
            $other = $this->swapped('pumice', 'lava');
            $found['pumice'] = $other === null ? null : ['wet_kg' => $this->now->weights->wetKg, 'other_wet_kg' => (new Assessment($other, withYears: false))->weights->wetKg, ...$this->pair($other)];
        }
        if ($this->parts('lava') >= 0.5 && isset($this->standIns['pumice'])) {
            $other = $this->plus('pumice', 0.5);
            $found['all_lava'] = $other === null ? null : $this->pair($other);
        }

        return array_filter($found);
    }

    /** @return array<string, array<string, float|string|null>> */
    private function ofPot(): array
    {
        $setup = $this->setup();
        $found = ['oversize_pot' => $this->oversize()];
        $chip = $this->standIns['chip'] ?? null;
        $other = $this->tried(fn(): ?Setup => match (true) {
            $setup->layer !== null => $setup->withoutLayer(),
            $chip === null => null,
            default => $setup->with(layer: new DrainageLayer(new Substrate(new Blend([[$chip, 1.0]]), $setup->compactionIndex), 2.0)),
        });
        if ($other !== null) {
            [$with, $without] = $setup->layer !== null ? [$setup, $other] : [$other, $setup];
            $found['drainage_layer'] = ['cm' => $with->layer->thicknessCm ?? 0.0, 'air' => $this->air($with), 'other_air' => $this->air($without), 'litres' => $with->zone->volumeL, 'other_litres' => $without->zone->volumeL, 'water' => $with->waterL(0.0), 'other_water' => $without->waterL(0.0)];
        }
        $rinsed = $this->tried(fn(): Setup => $setup->withPortions(array_map(static fn(array $portion): array => [self::rinsed($portion[0]), $portion[1]], $setup->portions)));
        if ($rinsed !== null) {
            $kept = $total = 0.0;
            foreach ($rinsed->portions as [$portion, $parts]) {
                $kept += $parts;
                $total += $parts / $portion->keptShare;
            }
            $found['sieve_all'] = ['air' => $this->air($setup), 'other_air' => $this->air($rinsed), 'lost' => 1.0 - $kept / $total, ...$this->pair($rinsed)];
        }
        $loose = $setup->with(compactionIndex: 4.5);
        $pressed = $setup->with(compactionIndex: 9.0);
        $found['pack_it'] = ['air' => $this->air($pressed), 'other_air' => $this->air($loose), 'water' => $pressed->waterL(0.0), 'other_water' => $loose->waterL(0.0)];
        $found['fixing'] = ['wet_kg' => $this->now->weights->wetKg];

        return $found;
    }

    /** @return array<string, array<string, float|string|null>> */
    private function ofWatering(): array
    {
        $water = $this->now->water;
        $limit = $this->situation->targets->tensionLimitCm;
        $setup = $this->setup();
        $found = [
            'how_wet' => ['limit' => $limit, 'litres' => $setup->waterL(0.0) - $setup->waterL($limit), 'other_litres' => $setup->waterL(0.0) - $setup->waterL($limit / 4.0)],
            'watering_in' => ['waits' => $setup->group->waitsForWounds() ? 'yes' : 'no'],
        ];
        if ($this->organic > 0.1) {
            $found['mix_wet'] = ['share' => $this->organic];
        }
        if ($water !== null) {
            $found['watering_rule'] = ['interval_h' => $water->hottestIntervalH(), 'spring_h' => $water->intervalH(($water->climate->hottestMonth + 9) % 12), 'habit_h' => $water->habitH];
            if ($this->now->find(Criterion::Drought)?->level !== Level::Good) {
                $found['fit_mix_or_watering'] = ['drought' => $water->drought->degree, 'interval_h' => $water->hottestIntervalH(), 'habit_h' => $water->habitH];
            }
        }

        return $found;
    }

    /** @return array<string, array<string, float|string|null>> */
    private function ofRoots(): array
    {
        $plant = $this->situation->plant;
        $setup = $this->setup();
        $found = [];
        if ($plant->rootsCut > 0.0) {
            $half = new Crown($plant->canopyM2, $plant->leaf, $plant->evergreen, 0.5);
            $found['roots_off'] = ['cut' => $plant->rootsCut, 'recovery' => (new Crown($plant->canopyM2, $plant->leaf, $plant->evergreen, $plant->rootsCut))->recovery(), 'other_recovery' => $half->recovery()];
            $found['crown_and_root'] = ['cut' => $plant->rootsCut];
            $found['seal_cuts'] = ['cut' => $plant->rootsCut];
        }
        $filling = $setup->filling;
        if ($filling?->ball !== null) {
            [$ball, $around] = $filling->ballAndAround();
            $found['wash_roots'] = ['litres' => 0.45 * $filling->ballL, 'other_litres' => 0.10 * $filling->ballL, 'gap' => $filling->ball->gapShare()];
            $found['old_soil'] = ['ball' => $ball, 'around' => $around, 'litres' => $filling->newMixL, 'other_litres' => $setup->zone->volumeL];
            $found['ball_lifted'] = ['ball' => $ball];
            $found['planting_depth'] = ['collar' => $setup->contents->collarCm ?? 0.0];
        }
        if ($this->form->situation?->purpose === Purpose::NewlyCollected) {
            $found['cover_collected'] = ['recovery' => $plant->recovery()];
        }

        return $found;
    }

    /** @return array<string, array<string, float|string|null>> */
    private function ofFeedAndTime(): array
    {
        $setup = $this->setup();
        $cec = (new CationExchange($setup->substrate))->cecCmolL;
        $wakes = $this->situation->climate?->warmsPast($setup->group->wakesAtC());
        $aged = new AgedPot($setup, 1.0);

        return [
            'feeding_rhythm' => ['cec' => $cec],
            'feed_where' => ['cec' => $cec],
            'fertiliser' => ['cec' => $cec, 'litres' => $setup->newMixL()],
            'when' => ['day' => $wakes === null ? null : (float) $wakes, 'stage' => $this->form->situation?->stage?->value],
            'new_or_reused' => ['air' => $this->air($setup), 'other_air' => $aged->air, 'drop' => $aged->levelDropCm],
        ];
    }

    /** @return array<string, float|null> days to dry and air in this pot and in one of half as much again */
    private function oversize(): array
    {
        $setup = $this->setup();
        $larger = $this->form->pot->toCore()->enlarged(1.5 ** (1.0 / 3.0));
        $other = $this->tried(static fn(): Setup => $setup->with(pot: $larger));
        if ($other === null) {
            return [];
        }
        // the same plant in both: its canopy does not grow with the pot
        $canopy = $this->now->water->canopyM2 ?? $this->situation->plant->canopyM2;
        $plant = new Crown($canopy, $this->situation->plant->leaf, $this->situation->plant->evergreen);
        $same = static fn(Setup $in): ?float => $in->situation === null ? null : (new Assessment($in->with(situation: $in->situation->with(plant: $plant)), withYears: false))->water?->hottestIntervalH();

        return ['air' => $this->air($setup), 'other_air' => $this->air($other), 'interval_h' => $same($setup), 'other_interval_h' => $same($other), 'litres' => $setup->zone->volumeL, 'other_litres' => $other->zone->volumeL];
    }

    /** @return array<string, float|null> years and interval of this mix and of another one */
    private function pair(Setup $other, ?Assessment $then = null): array
    {
        $then ??= new Assessment($other);

        return [
            'years' => $this->now->find(Criterion::Years)->value ?? null,
            'other_years' => $then->find(Criterion::Years)->value ?? null,
            'interval_h' => $this->now->water?->hottestIntervalH(),
            'other_interval_h' => $then->water?->hottestIntervalH(),
            'air' => $this->air($this->setup()),
            'other_air' => $this->air($other),
        ];
    }

    private function setup(): Setup
    {
        return $this->now->setup;
    }

    private function air(Setup $setup): float
    {
        return (new PotWater($setup->zone, $setup->substrate))->air;
    }

    /** @param callable(Material): bool $is */
    private function shareOf(callable $is): float
    {
        $blend = $this->now->setup->substrate->blend;
        $share = 0.0;
        foreach ($blend->components as $i => $component) {
            $share += $is($component) ? $blend->shares[$i] : 0.0;
        }

        return $share;
    }

    private function parts(string $word): float
    {
        return $this->shareOf(static fn(Material $component): bool => str_contains(mb_strtolower($component->name), $word));
    }

    /**
     * The mix with only those components that are kept; null where none or all would be.
     *
     * @param callable(Material): bool $keeps
     */
    private function with(callable $keeps): ?Setup
    {
        $blend = $this->setup()->substrate->blend;
        $portions = [];
        foreach ($blend->components as $i => $component) {
            if ($keeps($component)) {
                $portions[] = [Portion::of($component), $blend->shares[$i]];
            }
        }

        return $portions === [] || count($portions) === count($blend->components) ? null : $this->tried(fn(): Setup => $this->setup()->withPortions($portions));
    }

    /** The mix with a share of another component in it. */
    private function plus(string $standIn, float $share): ?Setup
    {
        $component = $this->standIns[$standIn] ?? null;
        $total = array_sum(array_column($this->setup()->portions, 1));

        return $component === null ? null : $this->tried(fn(): Setup => $this->setup()->withParts(Portion::of($component), $total * $share / (1.0 - $share)));
    }

    /** The mix with one material in place of another. */
    private function swapped(string $word, string $standIn): ?Setup
    {
        $by = $this->standIns[$standIn];
        $blend = $this->setup()->substrate->blend;
        $parts = [];
        foreach ($blend->components as $i => $component) {
            $is = str_contains(mb_strtolower($component->name), $word) ? $by : $component;
            $parts[$is->key] = [Portion::of($is), ($parts[$is->key][1] ?? 0.0) + $blend->shares[$i]];
        }

        return $this->tried(fn(): Setup => $this->setup()->withPortions(array_values($parts)));
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

    /** @param callable(): ?Setup $make */
    private function tried(callable $make): ?Setup
    {
        try {
            return $make();
        } catch (Refused) {
            return null;
        }
    }
}
