<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AppController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\GearController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LayoutController;
use App\Http\Controllers\LeftController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\RushController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\SweepController;
use App\Http\Middleware\BoundedBody;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::get('session', [AccountController::class, 'show']);
    Route::get('catalogue', [AppController::class, 'catalogue']);
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('register', [AccountController::class, 'register'])->middleware('throttle:newcomers')->defaults(BoundedBody::KEY, 8);
        Route::post('sign-in', [AccountController::class, 'signIn'])->defaults(BoundedBody::KEY, 8);
        Route::post('password/forgotten', [AccountController::class, 'forgotten'])->defaults(BoundedBody::KEY, 8);
        Route::post('password/reset', [AccountController::class, 'reset'])->defaults(BoundedBody::KEY, 8);
    });
    Route::post('demo', [AccountController::class, 'demo'])->middleware(['throttle:demo', 'throttle:newcomers'])->defaults(BoundedBody::KEY, 1);

    Route::get('shared/{token}', [CardController::class, 'shared'])->where('token', '[A-Za-z0-9_-]{43}')->middleware('throttle:shared');

    Route::middleware(['auth', 'throttle:use'])->group(function (): void {
        Route::post('sign-out', [AccountController::class, 'signOut']);
        Route::get('room', [AccountController::class, 'room']);
        Route::put('settings', [AccountController::class, 'settings']);
        Route::put('assumptions', [AccountController::class, 'assumptions']);
        Route::middleware('throttle:password')->group(function (): void {
            Route::put('password', [AccountController::class, 'newPassword'])->defaults(BoundedBody::KEY, 8);
            Route::delete('account', [AccountController::class, 'destroy'])->defaults(BoundedBody::KEY, 8);
        });

        Route::get('gear', [GearController::class, 'index']);
        Route::post('gear', [GearController::class, 'store'])->middleware('throttle:new');
        Route::get('gear/{gear}', [GearController::class, 'show']);
        Route::put('gear/{gear}', [GearController::class, 'update']);
        Route::post('gear/{gear}/undo', [GearController::class, 'undo']);
        Route::post('gear/{gear}/redo', [GearController::class, 'redo']);
        Route::get('gear/{gear}/says/{rush}', [GearController::class, 'says']);
        Route::get('gear/{gear}/left', [LeftController::class, 'show']);
        Route::put('gear/{gear}/left', [LeftController::class, 'update']);
        Route::get('gear/{gear}/sheet', [SheetController::class, 'one']);
        Route::delete('gear/{gear}', [GearController::class, 'destroy']);
        Route::post('gear/{gear}/restore', [GearController::class, 'restore'])->withTrashed();

        Route::get('sheet', [SheetController::class, 'whole']);
        Route::middleware('throttle:new')->group(function (): void {
            // a kit/1 file of up to 1.2 MB, written as one text of JSON
            Route::post('sheet/preview', [SheetController::class, 'preview'])->defaults(BoundedBody::KEY, 2048);
            Route::post('sheet', [SheetController::class, 'take'])->defaults(BoundedBody::KEY, 2048);
        });

        Route::get('layouts/{gear}', [LayoutController::class, 'show']);
        Route::put('layouts/{gear}', [LayoutController::class, 'update']);
        Route::post('layouts/{gear}/undo', [LayoutController::class, 'undo']);
        Route::post('layouts/{gear}/redo', [LayoutController::class, 'redo']);
        Route::get('layouts/{gear}/scheme/{scheme}', [LayoutController::class, 'scheme']);
        Route::get('layouts/{gear}/best', [LayoutController::class, 'best'])->middleware(['throttle:search', 'heavy']);

        Route::get('cards', [CardController::class, 'index']);
        Route::post('cards', [CardController::class, 'store'])->middleware('throttle:new');
        Route::get('cards/{card}', [CardController::class, 'show']);
        Route::put('cards/{card}', [CardController::class, 'update']);
        Route::delete('cards/{card}', [CardController::class, 'destroy']);
        Route::post('cards/{card}/restore', [CardController::class, 'restore'])->withTrashed();
        Route::post('cards/{card}/undo', [CardController::class, 'undo']);
        Route::post('cards/{card}/redo', [CardController::class, 'redo']);
        Route::put('cards/{card}/ticks', [CardController::class, 'tick']);
        Route::post('cards/{card}/share', [CardController::class, 'share'])->middleware('throttle:new');
        Route::delete('cards/{card}/share', [CardController::class, 'unshare']);
        Route::get('cards/{card}/pdf', [CardController::class, 'pdf'])->middleware(['throttle:pdf', 'heavy']);

        Route::get('kits', [KitController::class, 'index']);
        Route::get('kits/reach', [KitController::class, 'reach']);
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
        Route::get('rushes/{rush}/map', [PlanController::class, 'map'])->middleware(['throttle:search', 'heavy']);
        Route::get('rushes/{rush}/schools', [PlanController::class, 'schools'])->middleware(['throttle:search', 'heavy']);
        Route::middleware(['throttle:rehearse', 'heavy'])->group(function (): void {
            Route::get('rushes/{rush}/rehearsal', [RehearsalController::class, 'show']);
            Route::get('rushes/{rush}/rehearsal/helps', [RehearsalController::class, 'helps']);
            Route::post('rushes/{rush}/rehearsal/try', [RehearsalController::class, 'try']);
        });
        Route::post('rushes/{rush}/rehearsal/take', [RehearsalController::class, 'take'])->middleware('throttle:search');
        Route::get('rushes/{rush}/sweeps', [SweepController::class, 'index']);
        Route::post('rushes/{rush}/sweeps', [SweepController::class, 'store'])->middleware(['throttle:sweep', 'heavy']);
        Route::get('sweeps/{sweep}', [SweepController::class, 'show']);
        Route::delete('sweeps/{sweep}', [SweepController::class, 'destroy']);
        Route::post('plans', [PlanController::class, 'store'])->middleware('throttle:plan');
    });

    Route::any('{nothing}', fn () => abort(404))->where('nothing', '.*');
});

Route::get('/{room?}', [AppController::class, 'page'])->where('room', '(plan|rehearse|kit|controls|card|shared|settings|sign-in|register|forgotten|reset)(/.*)?');
