<?php

declare(strict_types=1);

use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use Tests\Feature\Contract;

// what the tests of the front end are answered stays what the API may say

const ANSWERS = [
    'batch' => 'Batch', 'batches' => 'BatchSummaryPage', 'components' => 'ComponentPage', 'day' => 'PottingDay', 'days' => 'PottingDaySummaryPage', 'fertilisers' => 'FertiliserPage', 'lots' => 'LotPage', 'meta' => 'Meta',
    'movements' => 'StockMovementPage', 'plant' => 'PlantDossier', 'plants' => 'PlantPage', 'pots' => 'PotPage', 'recipes' => 'RecipePage', 'running' => 'BenchTest', 'sheet' => 'ComponentSheet',
    'sites' => 'SitePage', 'species' => 'SpeciesPage', 'tasks' => 'CareTaskPage', 'test' => 'BenchTest', 'tests' => 'BenchTestSummaryPage', 'vessels' => 'VesselPage', 'sieve-sets' => 'SieveSetPage', 'plans' => 'BenchPlanList', 'recipe-versions' => 'RecipeVersionList', 'today' => 'Today',
    'evaluation' => 'Evaluation', 'comparison' => 'Comparison', 'plan' => 'BatchPlan', 'top-up' => 'TopUp', 'judgement' => 'EntryJudgement', 'words' => 'WrittenMix',
    'round' => 'WaterRound', 'season-year' => 'SeasonYear', 'away' => 'Away', 'away-helps' => 'AwayHelps', 'weather' => 'SiteWeather',
    'view-ageing' => 'AgeingView', 'view-compaction' => 'CompactionView', 'view-curve' => 'CurveView', 'view-depths' => 'DepthView', 'view-trade' => 'TradeView', 'view-triangle' => 'TriangleView',
];

test('an answer kept for the front end is one that the API may give', function (string $file, string $schema): void {
    $kept = (string) file_get_contents(base_path("ui/src/testing/answers/$file.json"));
    Contract::check(TestResponse::fromBaseResponse(new Response($kept)), $schema);
})->with(array_map(null, array_keys(ANSWERS), array_values(ANSWERS)));
