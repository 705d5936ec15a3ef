<?php

declare(strict_types=1);

namespace App\Plants;

use App\Common\Field;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Plant\RootVigour;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Place\Site\Stand;
use Zolbek\Core\Place\Watering\Feed;
use Zolbek\Core\Work\Inspection\Health;

/** What is written down of a plant, each field described once: form, column, CSV, file and contract follow from here. */
final class PlantFields
{
    /** Fields that are more than one value: records that it names, lists, and the stage, which is seen on a day. */
    public const OTHERS = ['species_id', 'site_id', 'pot_id', 'recipe_id', 'buried', 'plan', 'stage'];

    private const EARLIEST = 1000;

    /** @return array<string, Field> by name */
    public static function all(): array
    {
        $words = static fn(array $cases): array => array_column($cases, 'value');

        return Field::byName(
            Field::text('number', 30),
            Field::text('name', 100, null),
            Field::whole('count', 2, Plant::MOST_ALIKE),
            Field::word('plant_group', PlantGroup::words(), PlantGroup::BroadleafDeciduous->value, 'PlantGroup'),
            Field::whole('year_started', self::EARLIEST, Carbon::now()->year),
            Field::figure('height_cm', 'cm', 0.1, 5000),
            Field::figure('canopy_cm', 'cm', 0.1, 5000),
            Field::figure('trunk_mm', 'mm', 0.1, 5000),
            Field::figure('weight_kg', 'kg', 0, 10_000),
            Field::figure('planned_years', '', 0.5, 20),
            Field::text('place', 100),
            Field::word('exposure', $words(Exposure::cases()), Exposure::FullSun->value, 'Exposure'),
            Field::word('stand', $words(Stand::cases()), Stand::Bench->value, 'Stand'),
            Field::word('feed', $words(Feed::cases()), Feed::Usual->value, 'Feed'),
            Field::word('vigour', $words(RootVigour::cases()), RootVigour::Middling->value, 'Vigour'),
            Field::word('health', $words(Health::cases()), Health::Well->value, 'Health'),
            Field::word('purpose', $words(Purpose::cases()), Purpose::GrowOn->value, 'Purpose'),
            Field::word('origin', Plant::ORIGINS, 'bought', 'Origin'),
            Field::flag('shelter'),
            Field::flag('winter_shelter'),
            Field::flag('roofed'),
            Field::dayOfYear('quarters_from'),
            Field::dayOfYear('quarters_to'),
            Field::word('quarters_exposure', $words(Exposure::cases()), Exposure::Shade->value, 'Exposure'),
            Field::flag('quarters_roofed'),
            Field::day('potted_on'),
            Field::text('front', 200),
            Field::text('note', 4000),
        );
    }

    /** @return list<string> of all that a form of a plant may hold */
    public static function names(): array
    {
        return [...array_keys(self::all()), ...self::OTHERS];
    }
}
