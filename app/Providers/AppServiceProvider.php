<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\User;
use App\Sessions\QuietSessionHandler;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use RushHold\Document\DocumentChecker;
use RushHold\Planning\Planner;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(DocumentChecker::class, static fn (): DocumentChecker => new DocumentChecker(base_path('schemas')));
        $this->app->singleton(Planner::class, static fn (): Planner => Planner::standard());
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        TrustProxies::at(config('rushhold.trusted_proxies'));

        Session::extend('quiet-database', static fn (Application $app): QuietSessionHandler => new QuietSessionHandler(
            $app->make(DatabaseManager::class)->connection(), 'sessions', (int) config('session.lifetime'), $app,
        ));

        $who = static fn (Request $request): string => $request->user() instanceof User ? 'user '.$request->user()->id : 'ip '.$request->ip();
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(30)->by('ip '.$request->ip()),
            Limit::perMinute(5)->by('address '.mb_strtolower($request->string('email')->value()).' '.$request->ip()),
        ]);
        RateLimiter::for('password', static fn (Request $request): Limit => Limit::perMinute(6)->by($who($request)));
        RateLimiter::for('search', static fn (Request $request): Limit => Limit::perMinute(240)->by($who($request)));
        RateLimiter::for('rehearse', static fn (Request $request): Limit => Limit::perMinute(90)->by($who($request)));
        RateLimiter::for('sweep', static fn (Request $request): Limit => Limit::perMinute(20)->by($who($request)));
        RateLimiter::for('shared', static fn (Request $request): Limit => Limit::perMinute(60)->by('ip '.$request->ip()));
        RateLimiter::for('pdf', static fn (Request $request): Limit => Limit::perMinute(20)->by($who($request)));
        RateLimiter::for('new', static fn (Request $request): Limit => Limit::perMinute(60)->by($who($request)));
    }
}
