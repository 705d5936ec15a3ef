<?php

declare(strict_types=1);

namespace App\Plants;

use App\Calibration\InUse;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use App\Recipes\Models\Recipe;
use App\Recipes\RecipePortions;
use App\Situations\Models\Site;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Water\WaterCourse;
use Zolbek\Core\Place\Container\Mesh;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Setup\Setup;

/** The checks of a pot that matter, with a mix and perhaps a plant in it, against the next smaller pot of the yard: schema PotChecks of the API. */
final readonly class PotChecks
{
    private const HEADSPACE_SHARE = 0.1;

    public function __construct(private PlantSituation $situations) {}

    /**
     * @param array<mixed> $input `{pot_id, recipe_id, plant_id}`
     *
     * @return array<string, mixed>
     *
     * @throws Refused naming each field and what it may be
     */
    public function of(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['pot_id', 'recipe_id', 'plant_id'], $refusals);
        $pot = Pot::query()->whereKey($fields->integer('pot_id', 1, PHP_INT_MAX))->first();
        if ($pot === null) {
            $refusals->add(new Refusal('pot_id', 'pot_missing', $fields->raw('pot_id')));
        }
        $recipe = Recipe::query()->with('parts.component')->whereKey($fields->integer('recipe_id', 1, PHP_INT_MAX))->first();
        if ($recipe === null) {
            $refusals->add(new Refusal('recipe_id', 'recipe_missing', $fields->raw('recipe_id')));
        }
        $plant = $fields->has('plant_id') ? Plant::query()->with(['species', 'site'])->whereKey($fields->integer('plant_id', 1, PHP_INT_MAX))->first() : null;
        if ($plant === null && $fields->has('plant_id')) {
            $refusals->add(new Refusal('plant_id', 'plant_missing', $fields->raw('plant_id')));
        }
        $refusals->throwIfAny();
        assert($pot !== null && $recipe !== null);
        $subject = $plant ?? self::any($recipe);
        $core = $pot->toCore();
        $smaller = $this->nextSmaller($pot, $core->volumeL(0.0, $core->depthCm));
        $setup = $this->setup($recipe, $pot, $subject);
        $opening = $pot->openingMm();
        $mesh = $opening === null ? null : new Mesh($setup->substrate->blend->grading(), $opening);

        return [
            'open_hole_cm2' => $pot->holes()->openAreaCm2(),
            'open_hole_share' => $pot->holes()->openAreaCm2() / $core->floorCm2(),
            'run_through_s' => (new RunThrough($setup->zone, $setup->substrate, $setup->holes))->seconds,
            'floor_raised' => $pot->feet_cm > 0.0 || $pot->drying_sides,
            'feet_cm' => $pot->feet_cm,
            'mesh' => $mesh === null ? null : ['aperture_mm' => $mesh->apertureMm, 'holds' => $mesh->holds, 'lost_share' => $mesh->lostShareOfBottomCm, 'may_clog' => $mesh->mayClog],
            'here' => $this->figures($pot, $setup, $subject),
            'smaller' => $smaller === null ? null : $this->figures($smaller, $this->setup($recipe, $smaller, $subject), $subject),
            'proportions' => $plant === null ? [] : Proportions::of($plant, $core),
            'cautions' => array_values(array_filter([
                $pot->home_made ? 'home_made' : null,
                $pot->wall === 'cement' ? 'cement' : null,
                $pot->light_passes ? 'light' : null,
                $pot->holes()->count === 0 ? 'no_holes' : null,
            ])),
        ];
    }

    /** @return array<string, mixed> */
    private function figures(Pot $pot, Setup $setup, Plant $plant): array
    {
        $situation = $setup->situation;
        $water = new PotWater($setup->zone, $setup->substrate);

        return [
            'pot_id' => $pot->id,
            'name' => $pot->name,
            'volume_l' => $setup->zone->volumeL,
            'air' => $water->air,
            'water_l' => $water->waterL,
            'days_to_dry' => $situation?->climate === null ? null : (new WaterCourse($setup, $situation, $situation->climate))->hottestIntervalH() / 24.0,
        ];
    }

    private function setup(Recipe $recipe, Pot $pot, Plant $plant): Setup
    {
        $core = $pot->toCore();

        return new Setup(
            RecipePortions::of($recipe),
            $core,
            $pot->holes(),
            PlantGroup::from($plant->plant_group),
            $core->depthCm * self::HEADSPACE_SHARE,
            potWeightKg: $pot->weight_kg,
            situation: $this->situations->of($plant)->with(dryingSides: $pot->drying_sides),
            model: InUse::now()->constants(),
        );
    }

    private function nextSmaller(Pot $pot, float $volumeL): ?Pot
    {
        $best = null;
        $most = 0.0;
        $query = Pot::query();
        $query->whereNull('archived_at');
        $query->whereKeyNot($pot->id);
        $query->limit(500);
        foreach ($query->get() as $other) {
            $core = $other->toCore();
            $litres = $core->volumeL(0.0, $core->depthCm);
            if ($litres < $volumeL * 0.98 && $litres > $most) {
                [$best, $most] = [$other, $litres];
            }
        }

        return $best;
    }

    /** A plant that nobody named: of the recipe's group, at the first site, with a canopy over a pot of middle size. */
    private static function any(Recipe $recipe): Plant
    {
        $plant = new Plant(['plant_group' => $recipe->plant_group, 'exposure' => 'full_sun', 'vigour' => 'middling', 'health' => 'well', 'purpose' => 'grow_on', 'canopy_cm' => 40.0]);
        $site = Site::query();
        $site->whereNull('archived_at');
        $site->orderBy('id');
        $plant->setRelation('site', $site->first());
        $plant->setRelation('species', null);

        return $plant;
    }
}
