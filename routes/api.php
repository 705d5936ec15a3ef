<?php

declare(strict_types=1);

use App\Http\Controllers\BatchController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\ComponentController;
use App\Http\Controllers\EvaluationController;
use App\Http\Controllers\ExchangeController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\MetaController;
use App\Http\Controllers\MixController;
use App\Http\Controllers\PotController;
use App\Http\Controllers\RecipeController;
use App\Http\Controllers\SieveSetController;
use App\Http\Controllers\VesselController;
use Illuminate\Support\Facades\Route;

Route::get('meta', MetaController::class);
Route::post('evaluate', EvaluationController::class);

Route::apiResource('components', ComponentController::class)->except('destroy')->whereNumber('component');
Route::get('components/{component}/sheet', [ComponentController::class, 'sheet'])->whereNumber('component');
Route::put('components/{component}/archived', [ComponentController::class, 'archive'])->whereNumber('component');
Route::post('pots/outline', [PotController::class, 'outline']);
Route::apiResource('pots', PotController::class)->except('destroy')->whereNumber('pot');
Route::put('pots/{pot}/archived', [PotController::class, 'archive'])->whereNumber('pot');
Route::apiResource('recipes', RecipeController::class)->except('destroy')->whereNumber('recipe');
Route::put('recipes/{recipe}/archived', [RecipeController::class, 'archive'])->whereNumber('recipe');

Route::post('batches/plan', [BatchController::class, 'plan']);
Route::apiResource('batches', BatchController::class)->only(['index', 'show', 'store'])->whereNumber('batch');

Route::post('mixes', [MixController::class, 'store']);
Route::put('mixes/{component}', [MixController::class, 'update'])->whereNumber('component');

Route::get('components/{component}/lots', [LotController::class, 'index'])->whereNumber('component');
Route::post('components/{component}/lots', [LotController::class, 'store'])->whereNumber('component');
Route::get('components/{component}/movements', [LotController::class, 'movements'])->whereNumber('component');
Route::post('components/{component}/movements', [LotController::class, 'move'])->whereNumber('component');
Route::put('lots/{lot}', [LotController::class, 'update'])->whereNumber('lot');
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

Route::get('exports/{sheet}', [ExchangeController::class, 'export']);
Route::get('templates/{sheet}', [ExchangeController::class, 'template']);
Route::post('imports/{sheet}', [ExchangeController::class, 'import']);
Route::get('component-files/{component}', [ExchangeController::class, 'component'])->whereNumber('component');
Route::post('component-files', [ExchangeController::class, 'takeComponent']);
