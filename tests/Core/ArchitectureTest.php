<?php

declare(strict_types=1);

arch('the core knows nothing outside itself')
    ->expect('Zolbek\Core')
    ->toOnlyUse('Zolbek\Core');

arch('the core is strict, final and does nothing but compute')
    ->expect('Zolbek\Core')
    ->toUseStrictTypes()
    ->not->toUse(['echo', 'print', 'fopen', 'file_get_contents', 'file_put_contents', 'time', 'date', 'microtime', 'rand', 'mt_rand', 'random_int', 'getenv', 'env', 'config']);

arch('core classes are final or enums')
    ->expect('Zolbek\Core')
    ->classes()
    ->toBeFinal();

arch('the application is strict')
    ->expect('App')
    ->toUseStrictTypes()
    ->not->toUse(['dd', 'dump', 'var_dump', 'print_r', 'eval']);

arch('models stay out of the core and of each other\'s way')
    ->expect('App\Models')
    ->toOnlyBeUsedIn(['App', 'Database', 'Tests']);

test('every class of the core that computes states its source and a check value', function (): void {
    $computing = [
        'Numerics/Erfc', 'Numerics/GaussLegendre', 'Grading/Grading', 'Grading/SizeClasses', 'Grading/PanTail', 'Packing/CompressiblePacking', 'Packing/ResidualPacking', 'Blending/Substrate',
        'Blending/PoreSizes', 'Retention/RetentionCurve', 'Container/Pot', 'Container/RootZone', 'Container/PotWater', 'Container/Mesh', 'Flow/Ergun', 'Flow/RunThrough', 'Chemistry/Reaction',
        'Ageing/Attrition', 'Fit/Band', 'Batching/BatchPlan', 'Batching/LoadScoops',
        'Watering/ExtraterrestrialRadiation', 'Watering/Hargreaves', 'Watering/PenmanMonteith', 'Watering/Climate', 'Watering/Plant', 'Watering/PotUse', 'Watering/DailyBalance', 'Watering/SurfaceHeat',
        'Chemistry/Exchange', 'Chemistry/Correction', 'Chemistry/ReactionCourse', 'Chemistry/Feed', 'Chemistry/Salts', 'Grading/PoreSize', 'Ageing/FrostCycles', 'Ageing/WashOut', 'Ageing/RootVigour', 'Watering/Drought', 'Watering/Canopy', 'Watering/Stand',
        'Fit/Verdict', 'Fit/Assessment', 'Fit/Supply', 'Fit/ModelConstants', 'Fit/Remedy', 'Uncertainty/ModelError', 'Validation/Beside', 'Validation/PublishedSets', 'Validation/Panel', 'Component/ComponentKind', 'Ageing/AgeingClimate', 'Ageing/AgedPot', 'Ageing/Forecast', 'Container/TippedPot', 'Container/Filling', 'Container/WallZone',
        'Container/DepthBudget', 'Blending/Floating', 'Fit/Targets', 'Fit/WaterCourse', 'Batching/TopUp', 'Batching/BaseWithExtras', 'Uncertainty/Propagation', 'Writing/RecipeText', 'Writing/NameMatch',
        'Batching/PotShare', 'Batching/DayMix', 'Batching/DayPotNeeds', 'Batching/PottingDay', 'Batching/Screenings', 'Batching/StockByLot', 'Batching/Spare', 'Potting/Due', 'Potting/PottingSeason', 'Potting/FirstWater', 'Potting/OutOfTurn', 'Potting/TieWire', 'Potting/MeshPieces', 'Potting/WorkTime',
        'Inspection/OldMix', 'Inspection/Advice', 'Nutrition/Fertiliser', 'Nutrition/SlowRelease', 'Nutrition/FeedingSeason', 'Aftercare/CarePlan', 'Watering/DailyClimate', 'Watering/StickChart', 'Watering/LearnedInterval',
    ];
    foreach ($computing as $class) {
        $text = (string) file_get_contents(dirname(__DIR__, 2).'/core/'.$class.'.php');
        expect($text)->toContain('Check:');
    }
});
