<?php

declare(strict_types=1);

use App\Http\PageController;
use Illuminate\Support\Facades\Route;

// the session begins with the page, so that what it asks for at once is asked in one session
Route::get('/{path?}', PageController::class)->where('path', '(?!api/).*')->middleware('session');
