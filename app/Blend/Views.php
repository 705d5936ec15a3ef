<?php

declare(strict_types=1);

namespace App\Blend;

use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Recipes\Models\RecipePart;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;

/** A mix in a pot looked at along one thing that changes: years, depth, compaction, suction, or its parts and those of others. */
final readonly class Views
{
    private const DEPTHS = 24;
    private const OTHERS = 24;
    private const INDEXES = [4.1, 4.5, 4.75, 5.2, 5.7, 6.2, 6.7, 7.2, 7.8, 8.4, 9.0];

    public function __construct(private BlendForm $form) {}

    /** @return array<string, mixed> schema AgeingView */
    public function ageing(): array
    {
        $forecast = new Forecast($this->form->setup);
        $air = $this->form->setup->targets()->air;
        [$fast, $slow] = Forecast::range($this->form->setup);

        return [
            'fails_after' => $forecast->failsAfter,
            'fails_after_fast' => $fast,
            'fails_after_slow' => $slow,
            'horizon' => Forecast::HORIZON,
            'planned_years' => $this->form->setup->targets()->plannedYears,
            'air_low' => $air->low,
            'air_fails_below' => AgedPot::failsBelow($air->low),
            'frost_cycles' => $this->form->setup->ageing?->frostCycles,
            'course' => array_map(static fn(AgedPot $pot): array => [
                'years' => $pot->years,
                'air' => $pot->air,
                'air_without_roots' => $pot->airWithoutRoots,
                'easy_l' => $pot->easyL(),
                'run_through_s' => $pot->runThroughS,
                'level_drop_cm' => $pot->levelDropCm,
                'fails' => $pot->fails(),
            ], $forecast->course),
        ];
    }

    /** @return array<string, mixed> schema DepthView: this pot at other depths, and the mix in every pot of the yard */
    public function depths(): array
    {
        $setup = $this->form->setup;
        $deepest = max(30.0, 1.6 * $setup->pot->depthCm);
        $course = [];
        for ($i = 0; $i <= self::DEPTHS; ++$i) {
            $depth = 3.0 + ($deepest - 3.0) * $i / self::DEPTHS;
            $point = $this->tried(static fn(): array => self::depth($setup->with(pot: $setup->pot->withDepth($depth), withContents: false), $depth));
            if ($point !== null) {
                $course[] = $point;
            }
        }
        $query = Pot::query();
        $query->whereNull('archived_at')->orderBy('depth')->limit(200);
        $pots = [];
        foreach ($query->get() as $pot) {
            $point = $this->tried(static fn(): array => self::depth($setup->with(pot: $pot->toCore(), holes: $pot->holes(), potWeightKg: $pot->weight_kg, situation: $setup->situation?->with(dryingSides: $pot->drying_sides), withContents: false), $pot->depth));
            if ($point !== null) {
                $pots[] = ['pot_id' => $pot->id, 'name' => $pot->name, ...$point];
            }
        }

        return ['course' => $course, 'pots' => $pots, 'now_cm' => $setup->pot->depthCm];
    }

    /** @return array<string, mixed> schema CompactionView */
    public function compaction(): array
    {
        return ['course' => array_map(function (float $index): array {
            $setup = $this->form->setup->with(compactionIndex: $index);
            $water = new PotWater($setup->zone, $setup->substrate);

            return [
                'index' => $index,
                'air' => $water->air,
                'water_l' => $water->waterL,
                'easy_l' => $water->easyL,
                'yield_share' => $setup->substrate->yield,
                'run_through_s' => (new RunThrough($setup->zone, $setup->substrate, $setup->holes, $setup->holeCover))->seconds,
            ];
        }, self::INDEXES), 'now' => $this->form->setup->substrate->compactionIndex, 'settled' => $this->form->setup->substrate->blend->settledIndex()];
    }

    /** @return array<string, mixed> schema CurveView: retention of the new mix and of the old ball, with the heights of the pot on it */
    public function curve(): array
    {
        $setup = $this->form->setup;
        $heads = array_map(static fn(int $i): float => 10.0 ** ($i / 12.0 - 0.5), range(0, 56));
        $old = $setup->filling?->ball?->substrate->retention;
        $retention = $setup->substrate->retention;

        return [
            'mix' => array_map(static fn(float $head): array => ['head_cm' => $head, 'theta' => $retention->theta($head)], $heads),
            'ball' => $old === null ? null : array_map(static fn(float $head): array => ['head_cm' => $head, 'theta' => $old->theta($head)], $heads),
            'saturated' => $retention->saturated,
            'foot_cm' => max(0.1, $setup->zone->footSuctionCm),
            'top_cm' => $setup->zone->suctionCm($setup->zone->topCm),
            'limit_cm' => $setup->targets()->tensionLimitCm,
        ];
    }

    /** @return array<string, mixed> schema TradeView: this mix, its variants by one scoop, and the other recipes, in this pot */
    public function trade(): array
    {
        $setup = $this->form->setup;
        $total = array_sum(array_column($setup->portions, 1));
        $scoop = $total <= 6.0 ? 0.5 : ($total <= 15.0 ? 1.0 : round($total / 10.0));
        $points = [['kind' => 'this', 'name' => '', 'by' => 0.0, 'recipe_id' => null, 'component_id' => null, 'figures' => Figures::of($setup, MixPrice::perLooseL($setup, $this->form))]];
        foreach ($setup->portions as [$portion, $parts]) {
            foreach ([$scoop, -$scoop] as $by) {
                $then = $parts + $by < 0.0 ? null : $this->tried(static fn(): Setup => $setup->withParts($portion, $parts + $by));
                if ($then !== null) {
                    $component = $this->form->component($portion->key);
                    $points[] = ['kind' => 'variant', 'name' => $component->name, 'by' => $by, 'recipe_id' => null, 'component_id' => $component->id, 'figures' => Figures::of($then, MixPrice::perLooseL($then, $this->form))];
                }
            }
        }

        return ['points' => [...$points, ...$this->otherRecipes()], 'scoop' => $scoop];
    }

    /** @return list<array<string, mixed>> */
    private function otherRecipes(): array
    {
        $query = Recipe::query()->with('parts.component');
        $query->whereNull('archived_at')->orderByDesc('updated_at')->limit(self::OTHERS);
        $recipes = array_values($query->get()->all());
        $components = [];
        foreach ($recipes as $recipe) {
            foreach ($recipe->parts as $part) {
                $components[$part->component_id] = $part->component;
            }
        }
        Portions::load($components);
        $points = [];
        foreach ($recipes as $recipe) {
            $shelf = new Portions();
            $then = $this->tried(fn(): Setup => $this->form->setup->withPortions(array_values($recipe->parts->map(static fn(RecipePart $part): array => [
                $shelf->of($part->component, null, $part->preparation === null ? null : Preparation::read($part->preparation, new Refusals(), '')),
                $part->parts,
            ])->all())));
            if ($then !== null) {
                $points[] = ['kind' => 'recipe', 'name' => $recipe->name, 'by' => 0.0, 'recipe_id' => $recipe->id, 'component_id' => null, 'figures' => Figures::of($then, self::price($then, $components))];
            }
        }

        return $points;
    }

    /** @param array<int, Component> $components */
    private static function price(Setup $setup, array $components): ?float
    {
        $byKey = [];
        foreach ($components as $component) {
            $byKey[$component->key] = $component;
        }

        return MixPrice::of($setup, static fn(Portion $portion): ?float => isset($byKey[$portion->key]) ? $byKey[$portion->key]->stock()->pricePerL() : null);
    }

    /** @return array<string, float|null> */
    private static function depth(Setup $setup, float $depth): array
    {
        $assessment = new Assessment($setup, withYears: false);
        $water = new PotWater($setup->zone, $setup->substrate);

        return ['depth_cm' => $depth, 'air' => $water->air, 'easy_share' => $water->easyL / $water->volumeL, 'water_l' => $water->waterL, 'volume_l' => $water->volumeL, 'interval_h' => $assessment->water?->hottestIntervalH(), 'run_through_s' => $assessment->runThrough->seconds];
    }

    /**
     * @template T
     *
     * @param callable(): T $make
     *
     * @return T|null
     */
    private function tried(callable $make): mixed
    {
        try {
            return $make();
        } catch (Refused) {
            return null;
        }
    }
}
