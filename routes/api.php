<?php

declare(strict_types=1);

use App\Batches\Http\BatchController;
use App\Bench\Http\BenchController;
use App\Bench\Http\SieveSetController;
use App\Bench\Http\VesselController;
use App\Blend\Http\EvaluationController;
use App\Blend\Http\ViewController;
use App\Blend\Http\WritingController;
use App\Diary\Http\DiaryController;
use App\Files\Http\ExchangeController;
use App\Files\Http\StatusController;
use App\Files\Http\YardController;
use App\Http\MetaController;
use App\Instruments\Http\InstrumentController;
use App\Irrigation\Http\ZoneController;
use App\People\Http\ActivityController;
use App\People\Http\PeopleController;
use App\People\Http\SessionController;
use App\People\Http\YardsController;
use App\Plants\Http\FertiliserController;
use App\Plants\Http\PhotoController;
use App\Plants\Http\PlantController;
use App\Pots\Http\PotController;
use App\PottingDays\Http\PottingDayController;
use App\PottingDays\Http\UsesController;
use App\Recipes\Http\RecipeController;
use App\Search\Http\SearchController;
use App\Season\Http\RoundController;
use App\Season\Http\SeasonController;
use App\Shelf\Http\ComponentController;
use App\Shelf\Http\LotController;
use App\Shelf\Http\MixController;
use App\Situations\Http\SiteController;
use App\Situations\Http\SpeciesController;
use App\Today\Http\CareController;
use App\Truth\Http\ModelNewsController;
use App\Truth\Http\ValidationController;
use App\Weather\Http\WeatherController;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('sign-in', [SessionController::class, 'store']);
Route::delete('sign-in', [SessionController::class, 'destroy']);
Route::put('session/password', [SessionController::class, 'password']);
Route::put('session/pin', [SessionController::class, 'pin']);
Route::post('pairings', [PeopleController::class, 'pair']);
Route::get('people', [PeopleController::class, 'index']);
Route::post('people', [PeopleController::class, 'store']);
Route::put('people/{person}', [PeopleController::class, 'update'])->whereNumber('person');
Route::put('people/{person}/archived', [PeopleController::class, 'archive'])->whereNumber('person');
Route::put('people/{person}/password', [PeopleController::class, 'password'])->whereNumber('person');
Route::post('people/{person}/pairing', [PeopleController::class, 'offer'])->whereNumber('person');
Route::delete('devices/{device}', [PeopleController::class, 'forget'])->whereNumber('device');
Route::get('yards', [YardsController::class, 'index']);
Route::post('yards', [YardsController::class, 'store']);
Route::put('yards/{yard}', [YardsController::class, 'update'])->whereNumber('yard');
Route::put('yards/{yard}/archived', [YardsController::class, 'archive'])->whereNumber('yard');
Route::put('session/yard', [YardsController::class, 'go']);
Route::get('activity', ActivityController::class);

Route::get('meta', MetaController::class);
Route::post('evaluate', EvaluationController::class);
Route::get('validation', ValidationController::class);
Route::get('model-news', [ModelNewsController::class, 'show']);
Route::put('model-news', [ModelNewsController::class, 'update']);

Route::apiResource('components', ComponentController::class)->except('destroy')->whereNumber('component');
Route::get('components/{component}/sheet', [ComponentController::class, 'sheet'])->whereNumber('component');
Route::put('components/{component}/archived', [ComponentController::class, 'archive'])->whereNumber('component');
Route::post('pots/checks', [PotController::class, 'checks']);
Route::post('pots/outline', [PotController::class, 'outline']);
Route::apiResource('pots', PotController::class)->except('destroy')->whereNumber('pot');
Route::put('pots/{pot}/archived', [PotController::class, 'archive'])->whereNumber('pot');
Route::apiResource('recipes', RecipeController::class)->except('destroy')->whereNumber('recipe');
Route::get('recipes/{recipe}/uses', [RecipeController::class, 'uses'])->whereNumber('recipe');
Route::get('recipes/{recipe}/versions', [RecipeController::class, 'versions'])->whereNumber('recipe');
Route::put('recipes/{recipe}/archived', [RecipeController::class, 'archive'])->whereNumber('recipe');

Route::post('searches', [SearchController::class, 'mixes']);
Route::post('searches/fewest', [SearchController::class, 'fewest']);
Route::get('bench/next', [SearchController::class, 'nextTests']);

Route::post('views/pots', [ViewController::class, 'pots']);
Route::post('views/ageing', [ViewController::class, 'ageing']);
Route::post('views/depths', [ViewController::class, 'depths']);
Route::post('views/compaction', [ViewController::class, 'compaction']);
Route::post('views/curve', [ViewController::class, 'curve']);
Route::post('views/trade', [ViewController::class, 'trade']);
Route::post('views/ranges', [ViewController::class, 'ranges']);
Route::post('views/triangle', [ViewController::class, 'triangle']);

Route::post('writing/read', [WritingController::class, 'read']);
Route::post('writing/expand', [WritingController::class, 'expand']);
Route::post('writing/top-up', [WritingController::class, 'topUp']);
Route::post('writing/thrown-in', [WritingController::class, 'thrownIn']);
Route::post('writing/extras', [WritingController::class, 'extras']);
Route::post('compare', [WritingController::class, 'compare']);

Route::apiResource('sites', SiteController::class)->only(['index', 'store', 'update'])->whereNumber('site');
Route::get('climates', [SiteController::class, 'climates']);
Route::put('sites/{site}/archived', [SiteController::class, 'archive'])->whereNumber('site');
Route::get('sites/{site}/weather', [WeatherController::class, 'show'])->whereNumber('site');
Route::post('sites/{site}/weather', [WeatherController::class, 'bring'])->whereNumber('site');
Route::put('sites/{site}/weather', [WeatherController::class, 'write'])->whereNumber('site');
Route::apiResource('species', SpeciesController::class)->only(['index', 'store', 'update'])->parameter('species', 'species')->whereNumber('species');
Route::put('species/{species}/archived', [SpeciesController::class, 'archive'])->whereNumber('species');

Route::post('batches/plan', [BatchController::class, 'plan']);
Route::post('batches/{batch}/mixed', [BatchController::class, 'mix'])->whereNumber('batch');
Route::delete('batches/{batch}/mixed', [BatchController::class, 'unmix'])->whereNumber('batch');
Route::apiResource('batches', BatchController::class)->only(['index', 'show', 'store'])->whereNumber('batch');

Route::post('mixes', [MixController::class, 'store']);
Route::put('mixes/{component}', [MixController::class, 'update'])->whereNumber('component');

Route::get('components/{component}/lots', [LotController::class, 'index'])->whereNumber('component');
Route::post('components/{component}/lots', [LotController::class, 'store'])->whereNumber('component');
Route::get('components/{component}/movements', [LotController::class, 'movements'])->whereNumber('component');
Route::post('components/{component}/movements', [LotController::class, 'move'])->whereNumber('component');
Route::put('lots/{lot}', [LotController::class, 'update'])->whereNumber('lot');
Route::put('lots/{lot}/held', [LotController::class, 'hold'])->whereNumber('lot');
Route::get('lots/{lot}/uses', [UsesController::class, 'ofLot'])->whereNumber('lot');
Route::get('plants/{plant}/deliveries', [UsesController::class, 'inPlant'])->whereNumber('plant');
Route::put('lots/{lot}/archived', [LotController::class, 'archive'])->whereNumber('lot');

Route::apiResource('vessels', VesselController::class)->only(['index', 'store', 'update'])->whereNumber('vessel');
Route::put('vessels/{vessel}/archived', [VesselController::class, 'archive'])->whereNumber('vessel');
Route::apiResource('sieve-sets', SieveSetController::class)->only(['index', 'store', 'update'])->parameter('sieve-sets', 'sieveSet')->whereNumber('sieveSet');
Route::put('sieve-sets/{sieveSet}/archived', [SieveSetController::class, 'archive'])->whereNumber('sieveSet');

Route::get('bench/plans', [BenchController::class, 'plans']);
Route::apiResource('bench/tests', BenchController::class)->except('destroy')->whereNumber('test');
Route::post('bench/tests/{test}/finish', [BenchController::class, 'finish'])->whereNumber('test');
Route::put('bench/tests/{test}/in-use', [BenchController::class, 'use'])->whereNumber('test');
Route::put('bench/tests/{test}/discarded', [BenchController::class, 'discard'])->whereNumber('test');

Route::get('instruments', [InstrumentController::class, 'index']);
Route::get('instruments/{instrument}', [InstrumentController::class, 'show']);
Route::put('instruments/{instrument}', [InstrumentController::class, 'set']);
Route::post('instruments/{instrument}/tare', [InstrumentController::class, 'tare']);
Route::post('instruments/{instrument}/shake', [InstrumentController::class, 'shake']);

Route::get('status', StatusController::class);
Route::get('backup', [YardController::class, 'backup']);
Route::get('yard', [YardController::class, 'export']);
Route::post('yard', [YardController::class, 'import']);
Route::get('exports/{sheet}', [ExchangeController::class, 'export']);
Route::get('templates/{sheet}', [ExchangeController::class, 'template']);
Route::post('imports/site-months', [SiteController::class, 'months']);
Route::post('imports/{sheet}', [ExchangeController::class, 'import']);
Route::get('component-files/{component}', [ExchangeController::class, 'component'])->whereNumber('component');
Route::get('recipe-files/{recipe}', [ExchangeController::class, 'recipe'])->whereNumber('recipe');
Route::post('recipe-files', [ExchangeController::class, 'takeRecipe']);
Route::post('component-files', [ExchangeController::class, 'takeComponent']);

Route::get('plant-places', [PlantController::class, 'places']);
Route::apiResource('plants', PlantController::class)->except('destroy')->whereNumber('plant');
Route::put('plants/{plant}/archived', [PlantController::class, 'archive'])->whereNumber('plant');
Route::post('plants/{plant}/events', [PlantController::class, 'tell'])->whereNumber('plant');
Route::get('plants/{plant}/pots', [PottingDayController::class, 'potsOfPlant'])->whereNumber('plant');
Route::post('plants/{plant}/potted', [PottingDayController::class, 'already'])->whereNumber('plant');
Route::post('plants/{plant}/layer', [PlantController::class, 'layer'])->whereNumber('plant');
Route::post('plants/{plant}/split', [PlantController::class, 'split'])->whereNumber('plant');
Route::post('plants/{plant}/offspring', [PlantController::class, 'offspring'])->whereNumber('plant');
Route::post('plants/{plant}/inspections/judge', [PlantController::class, 'judge'])->whereNumber('plant');
Route::post('plants/{plant}/inspections', [PlantController::class, 'inspect'])->whereNumber('plant');
Route::post('plants/{plant}/out-of-turn', [PlantController::class, 'outOfTurn'])->whereNumber('plant');
Route::post('plants/{plant}/moisture', [PlantController::class, 'moisture'])->whereNumber('plant');
Route::put('plants/{plant}/use', [PlantController::class, 'keepUse'])->whereNumber('plant');
Route::post('plants/{plant}/photos', [PhotoController::class, 'store'])->whereNumber('plant');
Route::get('photos/{photo}', [PhotoController::class, 'show'])->whereNumber('photo');
Route::delete('photos/{photo}', [PhotoController::class, 'destroy'])->whereNumber('photo');
Route::get('plant-files/{plant}', [ExchangeController::class, 'plant'])->whereNumber('plant');
Route::post('plant-files', [ExchangeController::class, 'takePlant']);
Route::get('pot-files/{pot}', [ExchangeController::class, 'pot'])->whereNumber('pot');
Route::post('pot-files', [ExchangeController::class, 'takePot']);
Route::get('proportions', [PlantController::class, 'proportions']);
Route::put('proportions', [PlantController::class, 'changeProportions']);

Route::apiResource('fertilisers', FertiliserController::class)->only(['index', 'store', 'update'])->whereNumber('fertiliser');
Route::put('fertilisers/{fertiliser}/archived', [FertiliserController::class, 'archive'])->whereNumber('fertiliser');

Route::post('days/shared', [PottingDayController::class, 'share']);
Route::apiResource('days', PottingDayController::class)->except('destroy')->whereNumber('day');
Route::post('days/{day}/news', [PottingDayController::class, 'news'])->whereNumber('day');
Route::put('days/{day}/archived', [PottingDayController::class, 'archive'])->whereNumber('day');
Route::post('days/{day}/plants', [PottingDayController::class, 'add'])->whereNumber('day');
Route::put('days/{day}/plants', [PottingDayController::class, 'changeMany'])->whereNumber('day');
Route::get('days/{day}/plants/{entry}/judgement', [PottingDayController::class, 'judge'])->whereNumber(['day', 'entry']);
Route::get('days/{day}/plants/{entry}/pots', [PottingDayController::class, 'pots'])->whereNumber(['day', 'entry']);
Route::put('days/{day}/plants/{entry}', [PottingDayController::class, 'change'])->whereNumber(['day', 'entry']);
Route::delete('days/{day}/plants/{entry}', [PottingDayController::class, 'remove'])->whereNumber(['day', 'entry']);
Route::post('days/{day}/plants/{entry}/state', [PottingDayController::class, 'pot'])->whereNumber(['day', 'entry']);
Route::post('days/{day}/loads', [PottingDayController::class, 'mix'])->whereNumber('day');
Route::put('days/{day}/ticks', [PottingDayController::class, 'tick'])->whereNumber('day');
Route::delete('days/{day}/loads/{load}', [PottingDayController::class, 'unmix'])->whereNumber(['day', 'load']);
Route::post('days/{day}/purchases', [PottingDayController::class, 'buy'])->whereNumber('day');
Route::post('days/{day}/leftovers', [PottingDayController::class, 'close'])->whereNumber('day');
Route::delete('days/{day}/leftovers/{leftover}', [PottingDayController::class, 'reopenMix'])->whereNumber(['day', 'leftover']);
Route::post('days/{day}/finished', [PottingDayController::class, 'finish'])->whereNumber('day');
Route::delete('days/{day}/finished', [PottingDayController::class, 'reopen'])->whereNumber('day');
Route::get('days/{day}/stand-ins/{component}', [PottingDayController::class, 'standIns'])->whereNumber(['day', 'component']);

Route::apiResource('zones', ZoneController::class)->except('destroy')->whereNumber('zone');
Route::put('zones/{zone}/archived', [ZoneController::class, 'archive'])->whereNumber('zone');
Route::post('zones/{zone}/program', [ZoneController::class, 'program'])->whereNumber('zone');
Route::post('zones/{zone}/run', [ZoneController::class, 'run'])->whereNumber('zone');
Route::delete('zones/{zone}/run', [ZoneController::class, 'shut'])->whereNumber('zone');
Route::post('season/year', [SeasonController::class, 'year']);
Route::post('season/place', [SeasonController::class, 'place']);
Route::post('season/away', [SeasonController::class, 'away']);
Route::post('season/away/helps', [SeasonController::class, 'helps']);
Route::get('round', [RoundController::class, 'show']);
Route::post('round', [RoundController::class, 'water']);
Route::delete('round', [RoundController::class, 'takeBack']);
Route::put('round/walk', [RoundController::class, 'walk']);

Route::get('today', [CareController::class, 'today']);
Route::post('rounds', [CareController::class, 'addRound']);
Route::put('rounds/{id}', [CareController::class, 'changeRound'])->whereUuid('id');
Route::apiResource('tasks', CareController::class)->only(['index', 'store', 'update'])->whereNumber('task');
Route::get('diary', DiaryController::class);
Route::get('calendar.ics', [CareController::class, 'calendar']);
Route::get('calendar-address', [CareController::class, 'address']);
Route::post('calendar-address', [CareController::class, 'renewAddress']);
Route::get('calendars/{secret}.ics', [CareController::class, 'subscribed'])->where('secret', '[A-Za-z0-9]{40}');
