<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AppController;
use App\Http\Controllers\GearController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RushController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::get('session', [AccountController::class, 'show']);
    Route::get('catalogue', [AppController::class, 'catalogue']);
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('register', [AccountController::class, 'register']);
        Route::post('sign-in', [AccountController::class, 'signIn']);
    });
    Route::post('demo', [AccountController::class, 'demo'])->middleware('throttle:new');

    Route::middleware('auth')->group(function (): void {
        Route::post('sign-out', [AccountController::class, 'signOut']);
        Route::put('settings', [AccountController::class, 'settings']);
        Route::put('assumptions', [AccountController::class, 'assumptions']);
        Route::middleware('throttle:password')->group(function (): void {
            Route::put('password', [AccountController::class, 'password']);
            Route::delete('account', [AccountController::class, 'destroy']);
        });

        Route::get('gear', [GearController::class, 'index']);
        Route::post('gear', [GearController::class, 'store'])->middleware('throttle:new');
        Route::put('gear/{gear}', [GearController::class, 'update']);
        Route::delete('gear/{gear}', [GearController::class, 'destroy']);
        Route::post('gear/{gear}/restore', [GearController::class, 'restore'])->withTrashed();

        Route::get('kits', [KitController::class, 'index']);
        Route::post('kits', [KitController::class, 'store'])->middleware('throttle:new');
        Route::get('kits/{kit}', [KitController::class, 'show']);

        Route::get('rushes', [RushController::class, 'index']);
        Route::post('rushes', [RushController::class, 'store'])->middleware('throttle:new');
        Route::get('rushes/{rush}', [RushController::class, 'show']);
        Route::put('rushes/{rush}', [RushController::class, 'update']);
        Route::delete('rushes/{rush}', [RushController::class, 'destroy']);
        Route::post('rushes/{rush}/restore', [RushController::class, 'restore'])->withTrashed();
        Route::post('rushes/{rush}/duplicate', [RushController::class, 'duplicate'])->middleware('throttle:new');
        Route::post('rushes/{rush}/undo', [RushController::class, 'undo']);
        Route::post('rushes/{rush}/redo', [RushController::class, 'redo']);
        Route::get('rushes/{rush}/plan', [PlanController::class, 'show']);
        Route::get('rushes/{rush}/tips', [PlanController::class, 'tips'])->middleware('throttle:search');
        Route::get('rushes/{rush}/map', [PlanController::class, 'map'])->middleware('throttle:search');
        Route::get('rushes/{rush}/schools', [PlanController::class, 'schools'])->middleware('throttle:search');
        Route::post('plans', [PlanController::class, 'store']);
    });

    Route::any('{nothing}', fn () => abort(404))->where('nothing', '.*');
});

Route::get('/{room?}', [AppController::class, 'page'])->where('room', '(plan|kit|settings|sign-in|register)(/.*)?');
