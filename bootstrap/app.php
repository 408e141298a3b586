<?php

declare(strict_types=1);

use App\Http\Controllers\AppController;
use App\Http\Middleware\BoundedBody;
use App\Http\Middleware\ByKey;
use App\Http\Middleware\ForItsAccount;
use App\Http\Middleware\Heavy;
use App\Http\Middleware\OwnForms;
use App\Http\Middleware\SecurityHeaders;
use App\Problems\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        then: static fn () => Route::group([], __DIR__.'/../routes/health.php'),
    )
    ->withMiddleware(static function (Middleware $middleware): void {
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->append(SecurityHeaders::class);
        $middleware->encryptCookies(except: [AppController::THEME_COOKIE]);
        $middleware->web(
            prepend: [BoundedBody::class, ByKey::class],
            append: [ForItsAccount::class],
            replace: [ValidateCsrfToken::class => OwnForms::class],
        );
        $middleware->prependToPriorityList(SubstituteBindings::class, ForItsAccount::class);
        $middleware->alias(['heavy' => Heavy::class]);
        $middleware->redirectGuestsTo('/');
    })
    ->withExceptions(static fn (Exceptions $exceptions) => Problems::register($exceptions))
    ->create();
