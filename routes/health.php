<?php

declare(strict_types=1);

use App\Http\Controllers\HealthController;
use Illuminate\Support\Facades\Route;

// Bare routes: no session, and the first of them no database.
Route::get('healthz', [HealthController::class, 'word']);
Route::get('healthz/full', [HealthController::class, 'full']);
