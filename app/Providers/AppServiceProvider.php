<?php

declare(strict_types=1);

namespace App\Providers;

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
}
