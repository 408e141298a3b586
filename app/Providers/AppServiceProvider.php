<?php

declare(strict_types=1);

namespace App\Providers;

use App\Documents\SchemaChecker;
use App\Images\Sidecar;
use App\Limits\Turns;
use App\Log\Bursts\OutingObserver;
use App\Models\CardRecord;
use App\Models\FileRecord;
use App\Models\GearRecord;
use App\Models\KeyRecord;
use App\Models\OutingRecord;
use App\Models\PlaceRecord;
use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Owned\Owned;
use App\Runs\Runs;
use App\Sessions\QuietSessionHandler;
use App\Store\StoreConnection;
use App\Store\StoreConnector;
use App\Store\StoreGate;
use App\Weather\Forecast;
use App\Weather\StandIn;
use Closure;
use Illuminate\Cache\ApcStore;
use Illuminate\Cache\ApcWrapper;
use Illuminate\Cache\DatabaseStore;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\DatabaseManager;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Routing\UrlGenerator;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use RushHold\Planning\Planner;

final class AppServiceProvider extends ServiceProvider
{
    /** How often a worker looks for runs that nobody is at, in seconds. */
    private const LOOKS_S = 2;

    public function register(): void
    {
        $this->app->singleton(
            SchemaChecker::class,
            static fn (): SchemaChecker => new SchemaChecker(base_path('schemas')),
        );
        $this->app->singleton(Owned::class);
        // each text takes exiftool half a second; there are few
        $this->app->singleton(Sidecar::class);
        $this->app->bind(Forecast::class, StandIn::class);
        $this->app->singleton(Planner::class, static fn (): Planner => Planner::standard());
        $this->app->singleton(
            Turns::class,
            static fn (): Turns => new Turns(
                storage_path('framework/turns-'.config('rushhold.instance')),
                (int) config('rushhold.heavy'),
                (int) config('rushhold.heavy_seats'),
            ),
        );
        $this->app->singleton(
            StoreGate::class,
            static fn (): StoreGate => new StoreGate(storage_path('framework/store-away-'.config('rushhold.instance'))),
        );
        $this->store();
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        OutingRecord::observe(OutingObserver::class);
        Sanctum::usePersonalAccessTokenModel(KeyRecord::class);
        // what a record's controller reads from the address; the routes themselves may be compiled
        foreach (
            [
                'gear' => GearRecord::class,
                'card' => CardRecord::class,
                'rush' => RushRecord::class,
                'sweep' => RunRecord::class,
                'file' => FileRecord::class,
                'place' => PlaceRecord::class,
                'outing' => OutingRecord::class,
            ] as $parameter => $record
        ) {
            Route::model($parameter, $record);
        }
        TrustProxies::at(config('rushhold.trusted_proxies'));
        // links name the address the operator has set, whatever the request calls this machine
        if (is_string($url = config('app.url')) && $url !== '') {
            $this->app->make(UrlGenerator::class)->useOrigin($url);
            $this->app->make(UrlGenerator::class)->forceScheme(parse_url($url, PHP_URL_SCHEME) ?: 'http');
        }
        Vite::createAssetPathsUsing(static fn (string $path): string => '/'.$path);

        Session::extend(
            'quiet-database',
            static fn (Application $app): QuietSessionHandler => new QuietSessionHandler(
                $app->make(DatabaseManager::class)->connection(),
                'sessions',
                (int) config('session.lifetime'),
                $app,
            ),
        );
        Cache::extend(
            'counts',
            fn (Application $app) => Cache::repository(
                function_exists('apcu_enabled') && apcu_enabled()
                    ? new ApcStore(new ApcWrapper(), (string) config('cache.prefix'))
                    : new DatabaseStore(
                        $app->make(DatabaseManager::class)->connection(),
                        'cache',
                        (string) config('cache.prefix'),
                    ),
            ),
        );
        Event::listen(Looping::class, static function (): void {
            static $lookedAt = 0;
            // that a worker is there can be seen from outside the store (HealthController)
            touch((string) config('rushhold.beat'));
            if (time() - $lookedAt >= self::LOOKS_S) {
                $lookedAt = time();
                // a store that is away is waited for elsewhere
                rescue(static fn () => app(Runs::class)->wakeAll(), report: false);
            }
        });
        $this->limits();
    }

    /** While a person waits, a store that hangs is given up soon; commands and workers have patience. */
    private function store(): void
    {
        $someoneWaits = PHP_SAPI !== 'cli';
        $this->app->bind(
            'db.connector.mariadb',
            fn (): StoreConnector => new StoreConnector(
                $this->app->make(StoreGate::class),
                $someoneWaits,
                max(2, (int) config('rushhold.store_patience_s')),
            ),
        );
        Connection::resolverFor('mariadb', function (
            \PDO|Closure $pdo,
            string $database,
            string $prefix,
            array $config,
        ) use ($someoneWaits): StoreConnection {
            $connection = new StoreConnection($pdo, $database, $prefix, $config);

            return $someoneWaits ? $connection->guardedBy($this->app->make(StoreGate::class)) : $connection;
        });
    }

    /** How often anybody may ask. */
    private function limits(): void
    {
        $who = static fn (Request $request): string => $request->user() instanceof User
            ? 'user '.$request->user()->id
            : 'ip '.self::network($request);
        $address = static fn (Request $request): string => is_string($request->input('email'))
            ? mb_substr(User::address($request->input('email')), 0, 190)
            : '';
        RateLimiter::for(
            'sign-in',
            static fn (Request $request): array => [
                Limit::perMinute(30)->by('in ip '.self::network($request)),
                Limit::perMinute(5)->by('in address '.$address($request).' '.self::network($request)),
            ],
        );
        // accounts and copies of the demo take room for as long as they stand
        RateLimiter::for(
            'newcomers',
            static fn (Request $request): Limit => Limit::perHour((int) config('rushhold.newcomers'))->by(
                $request->path().' ip '.self::network($request),
            ),
        );
        RateLimiter::for(
            'use',
            static fn (Request $request): Limit => $request->isMethodSafe()
                ? Limit::perMinute(1500)->by('read '.$who($request))
                : Limit::perMinute(900)->by('write '.$who($request)),
        );
        RateLimiter::for(
            'demo',
            static fn (Request $request): Limit => Limit::perMinute(30)->by('demo ip '.self::network($request)),
        );
        foreach (
            [
                'password' => 6,
                'search' => 240,
                'rehearse' => 90,
                'sweep' => 20,
                'files' => 600,
                'pdf' => 20,
                'new' => 60,
                'plan' => 240,
            ] as $name => $perMinute
        ) {
            RateLimiter::for(
                $name,
                static fn (Request $request): Limit => Limit::perMinute($perMinute)->by($name.' '.$who($request)),
            );
        }
        RateLimiter::for(
            'shared',
            static fn (Request $request): Limit => Limit::perMinute(60)->by('shared ip '.self::network($request)),
        );
    }

    /** Where a request comes from: its address, of the longer kind the part that a household has for itself. */
    private static function network(Request $request): string
    {
        $packed = (string) inet_pton((string) $request->ip());

        return strlen($packed) === 16 ? bin2hex(substr($packed, 0, 8)) : (string) $request->ip();
    }
}
