<?php

declare(strict_types=1);

namespace App\Plants;

use App\Calibration\InUse;
use App\Plants\Models\Plant;
use App\Pots\Models\Pot;
use Illuminate\Support\Carbon;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Climate\Climate;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Plant\Crown;
use Zolbek\Core\Place\Plant\Leaf;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Plant\Targets;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Place\Setup\Situation;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Place;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Site\Surface;
use Zolbek\Core\Place\Watering\Feed;

/** A plant of the collection as the core knows it: its targets, its place, its climate. Climates of one site are worked out once. */
final class PlantSituation
{
    /** From this age on a plant counts as old. */
    private const OLD_YEARS = 20;

    /** @var array<string, Targets> the same for plants of one species, purpose and age */
    private array $targets = [];

    /** @var array<int, Climate> by site */
    private array $climates = [];

    /** @var array<int, DailyClimate> by site */
    private array $daily = [];

    public function of(Plant $plant, float $rootsCut = 0.0, Surface $surface = Surface::Bare): Situation
    {
        return new Situation(
            $this->targets($plant),
            $this->climate($plant),
            new Place(Exposure::from($plant->exposure), rainReaches: ! ($plant->roofed ?? false), stand: Stand::from($plant->stand ?? Stand::Bench->value), winterShelter: $plant->winter_shelter ?? false),
            new Crown(
                $plant->canopy_cm === null ? null : M_PI / 4.0 * ($plant->canopy_cm / 100.0) ** 2,
                Leaf::from($plant->species->leaf ?? Leaf::Middling->value),
                $plant->species->evergreen ?? false,
                $rootsCut,
                $rootsCut > 0.0 ? 0.0 : Crown::WEEKS_TO_RECOVER,
            ),
            $surface,
            alkalinityMgL: $plant->site->alkalinity_mg_l ?? 0.0,
            vigour: RootVigour::from($plant->vigour),
            purpose: Purpose::from($plant->purpose),
            rainShare: $plant->site->rain_share ?? 0.0,
            feedAcidityMmolLYear: Feed::from($plant->feed ?? Feed::Usual->value)->mmolLYear(),
        );
    }

    /**
     * The plant in this mix in a pot, as one would pot it: the usual rim left free, nothing else beside the mix.
     *
     * @param list<array{Portion, float}> $portions
     */
    public function setup(Plant $plant, Pot $pot, array $portions): Setup
    {
        $core = $pot->toCore();

        return new Setup($portions, $core, $pot->holes(), PlantGroup::from($plant->plant_group), $core->usualHeadspaceCm(), potWeightKg: $pot->weight_kg, situation: $this->of($plant), model: InUse::now()->constants());
    }

    public function targets(Plant $plant): Targets
    {
        $old = self::isOld($plant);
        $key = implode('|', [$plant->plant_group, $plant->species->id ?? 0, $plant->purpose, (int) $old, $plant->planned_years]);

        return $this->targets[$key] ??= Targets::of(PlantGroup::from($plant->plant_group), $plant->species?->overrides() ?? [], Purpose::from($plant->purpose), $old, $plant->planned_years);
    }

    public function climate(Plant $plant): ?Climate
    {
        return $plant->site === null ? null : $this->climates[$plant->site->id] ??= $plant->site->climate();
    }

    public function daily(Plant $plant): ?DailyClimate
    {
        $climate = $this->climate($plant);

        return $climate === null || $plant->site === null ? null : $this->daily[$plant->site->id] ??= new DailyClimate($climate);
    }

    private static function isOld(Plant $plant): bool
    {
        return $plant->year_started !== null && Carbon::now()->year - $plant->year_started >= self::OLD_YEARS;
    }
}
