<?php

declare(strict_types=1);

use App\Http\Controllers\BatchController;
use App\Http\Controllers\ComponentController;
use App\Http\Controllers\EvaluationController;
use App\Http\Controllers\MetaController;
use App\Http\Controllers\PotController;
use App\Http\Controllers\RecipeController;
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
