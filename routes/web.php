<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AfterController;
use App\Http\Controllers\AppController;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\BurstController;
use App\Http\Controllers\CameraStateController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CountController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\FrameController;
use App\Http\Controllers\GearController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\KitFileController;
use App\Http\Controllers\LayoutController;
use App\Http\Controllers\LearntController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\LogOutController;
use App\Http\Controllers\OutingController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\RushController;
use App\Http\Controllers\SweepController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\TokenController;
use App\Http\Middleware\BoundedBody;
use App\Http\Middleware\NotWhileFilled;
use Illuminate\Support\Facades\Route;

/** What can be asked of every record that can be undone. */
$undoable = static function (string $path, string $controller, bool $deletable): void {
    Route::get($path, [$controller, 'show']);
    Route::put($path, [$controller, 'update']);
    Route::post($path.'/undo', [$controller, 'undo']);
    Route::post($path.'/redo', [$controller, 'redo']);
    if ($deletable) {
        Route::delete($path, [$controller, 'destroy']);
        Route::post($path.'/restore', [$controller, 'restore'])->withTrashed();
    }
};

Route::prefix('api')->group(function () use ($undoable): void {
    Route::get('session', [AccountController::class, 'show']);
    Route::get('openapi.json', [AppController::class, 'openapi'])->middleware('throttle:shared');
    Route::get('catalogue', [AppController::class, 'catalogue']);
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('register', [AccountController::class, 'register'])
            ->middleware('throttle:newcomers')
            ->defaults(BoundedBody::KEY, 8);
        Route::post('sign-in', [AccountController::class, 'signIn'])->defaults(BoundedBody::KEY, 8);
        Route::post('password/forgotten', [AccountController::class, 'forgotten'])->defaults(BoundedBody::KEY, 8);
        Route::post('password/reset', [AccountController::class, 'reset'])->defaults(BoundedBody::KEY, 8);
    });
    Route::post('demo', [AccountController::class, 'demo'])
        ->middleware(['throttle:demo', 'throttle:newcomers'])
        ->defaults(BoundedBody::KEY, 1);

    Route::get('shared/{token}', [CardController::class, 'shared'])
        ->where('token', '[A-Za-z0-9_-]{43}')
        ->middleware('throttle:shared');

    Route::middleware(['auth', 'throttle:use', NotWhileFilled::class])->group(function () use ($undoable): void {
        Route::post('sign-out', [AccountController::class, 'signOut'])->withoutMiddleware(NotWhileFilled::class);
        Route::get('tokens', [TokenController::class, 'index']);
        Route::post('tokens', [TokenController::class, 'store'])
            ->middleware('throttle:new')
            ->defaults(BoundedBody::KEY, 8);
        Route::delete('tokens/{token}', [TokenController::class, 'destroy']);
        Route::get('quota', [AccountController::class, 'room']);
        Route::put('settings', [AccountController::class, 'settings']);
        Route::put('assumptions', [AccountController::class, 'assumptions']);
        Route::put('subjects', [AccountController::class, 'subjects'])->defaults(BoundedBody::KEY, 64);
        Route::middleware('throttle:password')->group(function (): void {
            Route::put('password', [AccountController::class, 'newPassword'])->defaults(BoundedBody::KEY, 8);
            Route::delete('account', [AccountController::class, 'destroy'])
                ->defaults(BoundedBody::KEY, 8)
                ->withoutMiddleware(NotWhileFilled::class);
        });

        Route::get('gear', [GearController::class, 'index']);
        Route::post('gear', [GearController::class, 'store'])->middleware('throttle:new');
        $undoable('gear/{gear}', GearController::class, deletable: true);
        Route::get('gear/{gear}/translation/{rush}', [GearController::class, 'translation']);
        Route::get('gear/{gear}/camera-state', [CameraStateController::class, 'show']);
        Route::put('gear/{gear}/camera-state', [CameraStateController::class, 'update']);
        Route::get('gear/{gear}/file', [KitFileController::class, 'one']);

        Route::get('files', [FileController::class, 'index']);
        // as long as the longest file of any purpose; each has its own bound (Files/FilePurpose)
        Route::put('files/{purpose}/{hash}', [FileController::class, 'update'])
            ->middleware('throttle:files')
            ->defaults(BoundedBody::KEY, 127_500)
            ->defaults(BoundedBody::STREAMED, true);
        Route::get('files/{file}', [FileController::class, 'show']);
        Route::delete('files/{file}', [FileController::class, 'destroy']);

        Route::get('kit-file', [KitFileController::class, 'whole']);
        Route::middleware('throttle:new')->group(function (): void {
            // a kit/1 file of up to 1.2 MB, written as one text of JSON
            Route::post('kit-file/preview', [KitFileController::class, 'preview'])->defaults(BoundedBody::KEY, 2048);
            // the first 512 KB of a photograph, in base64
            Route::post('kit-file/photograph', [KitFileController::class, 'photograph'])->defaults(BoundedBody::KEY, 800);
            Route::post('kit-file', [KitFileController::class, 'import'])->defaults(BoundedBody::KEY, 2048);
        });

        $undoable('layouts/{gear}', LayoutController::class, deletable: false);
        Route::get('layouts/{gear}/scheme/{scheme}', [LayoutController::class, 'scheme']);
        Route::get('layouts/{gear}/best', [LayoutController::class, 'best'])->middleware(['throttle:search', 'heavy']);

        Route::get('cards', [CardController::class, 'index']);
        Route::post('cards', [CardController::class, 'store'])->middleware('throttle:new');
        $undoable('cards/{card}', CardController::class, deletable: true);
        Route::put('cards/{card}/ticks', [CardController::class, 'tick']);
        Route::post('cards/{card}/share', [CardController::class, 'share'])->middleware('throttle:new');
        Route::delete('cards/{card}/share', [CardController::class, 'unshare']);
        Route::get('cards/{card}/pdf', [CardController::class, 'pdf'])->middleware(['throttle:pdf', 'heavy']);

        Route::get('places', [PlaceController::class, 'index']);
        Route::post('places', [PlaceController::class, 'store'])->middleware('throttle:new');
        // a GPX or KML file of up to 1.5 MB, written as one text of JSON
        Route::post('places/read', [PlaceController::class, 'read'])
            ->middleware('throttle:new')
            ->defaults(BoundedBody::KEY, 2048);
        Route::post('places/bearing', [PlaceController::class, 'bearing']);
        $undoable('places/{place}', PlaceController::class, deletable: true);
        Route::get('places/{place}/gpx', [PlaceController::class, 'gpx']);

        Route::get('outings', [OutingController::class, 'index']);
        Route::post('outings', [OutingController::class, 'store'])->middleware('throttle:new');
        $undoable('outings/{outing}', OutingController::class, deletable: true);
        Route::get('outings/{outing}/at', [OutingController::class, 'at']);
        Route::middleware(['throttle:search', 'heavy'])->group(function (): void {
            Route::get('outings/{outing}/day', [OutingController::class, 'day']);
            Route::get('outings/{outing}/after', [AfterController::class, 'show']);
            Route::get('outings/{outing}/after/pdf', [AfterController::class, 'pdf'])->middleware('throttle:pdf');
            Route::get('outings/{outing}/calendar', [OutingController::class, 'calendar']);
        });

        Route::get('log', [LogController::class, 'index']);
        Route::get('log/intake', [LogController::class, 'intake']);
        Route::delete('log/intake', [LogController::class, 'cancel']);
        Route::get('log/known/{hash}', [LogController::class, 'known']);
        Route::get('log/agreement', [LogController::class, 'agreement']);
        Route::get('log/counts', [CountController::class, 'index']);
        Route::get('log/counts/compare', [CountController::class, 'compare']);
        Route::get('log/learnt', [LearntController::class, 'index']);
        Route::put('log/learnt/{figure}', [LearntController::class, 'update']);
        Route::get('account/archive', [ArchiveController::class, 'show']);
        Route::post('account/archive', [ArchiveController::class, 'store'])->middleware('throttle:pdf');
        Route::delete('account/archive', [ArchiveController::class, 'destroy']);
        Route::withoutMiddleware(NotWhileFilled::class)->group(function (): void {
            Route::get('account/restore', [ArchiveController::class, 'restored']);
            Route::post('account/restore', [ArchiveController::class, 'restore'])->middleware('throttle:pdf');
            Route::delete('account/restore', [ArchiveController::class, 'giveUp']);
        });
        Route::get('log/out', [LogOutController::class, 'show']);
        Route::post('log/out', [LogOutController::class, 'store'])->middleware('throttle:pdf');
        Route::delete('log/out', [LogOutController::class, 'destroy']);
        Route::get('log/promises', [CountController::class, 'promises']);
        Route::get('log/tables', [TableController::class, 'index']);
        Route::post('log/tables/look', [TableController::class, 'look'])->middleware(['throttle:search', 'heavy']);
        Route::post('log/tables/take', [TableController::class, 'store'])->middleware(['throttle:new', 'heavy']);
        Route::delete('log/tables/{table}', [TableController::class, 'destroy']);
        Route::post('log/tables/{table}/back', [TableController::class, 'back']);
        Route::post('log/undo', [LogController::class, 'undo']);
        Route::post('log/redo', [LogController::class, 'redo']);
        Route::post('log/let-go', [LogController::class, 'letGo'])->middleware('throttle:new');
        Route::get('bursts/{burst}', [BurstController::class, 'show']);
        Route::get('bursts/{burst}/near', [BurstController::class, 'near']);
        Route::put('bursts/{burst}/rush', [BurstController::class, 'rush'])->middleware('heavy');
        Route::put('bursts/{burst}/subject', [BurstController::class, 'subject']);
        Route::post('bursts/{burst}/split', [BurstController::class, 'split']);
        Route::post('bursts/{burst}/join', [BurstController::class, 'join']);
        Route::post('bursts/{burst}/agree', [BurstController::class, 'agree']);
        Route::delete('bursts/{burst}', [BurstController::class, 'destroy']);
        Route::put('frames/{frame}/eye', [FrameController::class, 'eye']);
        Route::get('frames/{frame}/{which}', [FrameController::class, 'picture']);

        Route::get('kits', [KitController::class, 'index']);
        Route::get('kits/reach', [KitController::class, 'reach']);
        Route::post('kits', [KitController::class, 'store'])->middleware('throttle:new');
        Route::get('kits/{kit}', [KitController::class, 'show']);

        Route::get('rushes', [RushController::class, 'index']);
        Route::post('rushes', [RushController::class, 'store'])->middleware('throttle:new');
        $undoable('rushes/{rush}', RushController::class, deletable: true);
        Route::post('rushes/{rush}/duplicate', [RushController::class, 'duplicate'])->middleware('throttle:new');
        Route::get('rushes/{rush}/plan', [PlanController::class, 'show']);
        Route::get('rushes/{rush}/tips', [PlanController::class, 'tips'])->middleware('throttle:search');
        Route::get('rushes/{rush}/assumed', [PlanController::class, 'assumed'])->middleware('throttle:search');
        Route::get('rushes/{rush}/map', [PlanController::class, 'map'])->middleware(['throttle:search', 'heavy']);
        Route::get('rushes/{rush}/schools', [PlanController::class, 'schools'])->middleware([
            'throttle:search',
            'heavy',
        ]);
        Route::middleware(['throttle:rehearse', 'heavy'])->group(function (): void {
            Route::get('rushes/{rush}/rehearsal', [RehearsalController::class, 'show']);
            Route::get('rushes/{rush}/rehearsal/remedies', [RehearsalController::class, 'remedies']);
            Route::get('rushes/{rush}/rehearsal/outlook', [RehearsalController::class, 'outlook']);
            Route::post('rushes/{rush}/rehearsal/try', [RehearsalController::class, 'try']);
        });
        Route::post('rushes/{rush}/rehearsal/take', [RehearsalController::class, 'take'])->middleware(
            'throttle:search',
        );
        Route::get('rushes/{rush}/sweeps', [SweepController::class, 'index']);
        Route::post('rushes/{rush}/sweeps', [SweepController::class, 'store'])->middleware(['throttle:sweep', 'heavy']);
        Route::get('sweeps/{sweep}', [SweepController::class, 'show']);
        Route::delete('sweeps/{sweep}', [SweepController::class, 'destroy']);
        Route::post('plans', [PlanController::class, 'store'])->middleware('throttle:plan');
    });

    Route::any('{nothing}', fn () => abort(404))->where('nothing', '.*');
});

$rooms = array_column(
    json_decode((string) file_get_contents(resource_path('rooms.json')), true, 8, JSON_THROW_ON_ERROR),
    'id',
);
Route::get('/{room?}', [AppController::class, 'page'])->where(
    'room',
    '('.implode('|', [...$rooms, 'shared', 'settings', 'words', 'sign-in', 'register', 'forgotten', 'reset']).')(/.*)?',
);
