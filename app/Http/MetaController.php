<?php

declare(strict_types=1);

namespace App\Http;

use App\Blend\Comparison;
use App\Sheets\Table;
use App\Shelf\Models\Component;
use Illuminate\Http\JsonResponse;
use Zolbek\Core\Course\Ageing\Forecast;
use Zolbek\Core\Course\Water\StickChart;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Container\UsualPot;
use Zolbek\Core\Place\Plant\GrowthStage;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Question\Evaluation\Notable;
use Zolbek\Core\Question\Writing\RecipeText;
use Zolbek\Core\Work\Batching\Extra;

/** What a client needs to know before it asks: the words of the model and the targets of the plant groups. */
final readonly class MetaController
{
    /** Curves of components that can still be told apart in one picture. */
    private const MOST_COMPONENTS = 4;

    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'currency' => config('app.currency'),
            'kinds' => MaterialKind::words(),
            'hazards' => Component::HAZARDS,
            'shapes' => array_map(static fn(PotShape $shape): array => ['shape' => $shape->value, 'measures' => $shape->measures()], PotShape::cases()),
            'plant_groups' => array_map(static fn(PlantGroup $group): array => [
                'group' => $group->value,
                'air' => [$group->air()->low, $group->air()->high],
                'ph' => [$group->ph()->low, $group->ph()->high],
                'tension_limit_cm' => $group->tensionLimitCm(),
                'years' => $group->replaceYears(),
            ], PlantGroup::cases()),
            'rules' => self::rules(),
        ]);
    }

    /** @return array<string, mixed> what screens go by that is of the job and not of the screen */
    private static function rules(): array
    {
        $habit = new WateringHabit();

        return [
            'horizon_years' => Forecast::HORIZON,
            'little_share' => RecipeText::LITTLE,
            'most_file_bytes' => Table::MOST_BYTES,
            'handful_l' => Extra::HANDFUL_L,
            'usual_pot' => ['floor_of_rim' => UsualPot::FLOOR_OF_RIM, 'sides' => UsualPot::SIDES, 'holes' => UsualPot::HOLES, 'hole_cm' => UsualPot::HOLE_CM],
            'notable' => [
                'litres' => Notable::LITRES, 'cm' => Notable::CM, 'share' => Notable::SHARE,
                'washed_off' => Notable::WASHED_OFF, 'repelled' => Notable::REPELLED, 'wet_foot_cm' => Notable::WET_FOOT_CM, 'warmer_k' => Notable::WARMER_K,
            ],
            'gap_shares' => array_column(array_map(static fn(BallTreatment $treatment): array => [$treatment->value, $treatment->gapShare()], BallTreatment::cases()), 1, 0),
            'stages' => array_column(GrowthStage::cases(), 'value'),
            'hours' => ['spring' => $habit->springH, 'summer' => $habit->summerH, 'autumn' => $habit->autumnH, 'winter' => $habit->winterH],
            'most_days_told' => StickChart::MOST_DAYS,
            'most_compared' => Comparison::MOST,
            'most_components_compared' => self::MOST_COMPONENTS,
        ];
    }
}
