<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// Bare routes: no session, no database.
Route::get('healthz', fn (): string => 'ok');
