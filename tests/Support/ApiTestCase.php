<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Documents\SchemaChecker;
use App\OpenApi\Operations;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;
use LogicException;

/** A test that asks the application itself; every good answer it gets is held to what the API's own document says of it. */
abstract class ApiTestCase extends TestCase
{
    /** One for all tests: what it has read of the schemas is kept. */
    private static ?SchemaChecker $checker = null;

    public function createApplication(): Application
    {
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        // these tests wipe what they run on: never the database of the browser tests, never a live one
        if (
            $app->make('config')->get('database.connections.mariadb.database') !== 'rush_hold_api' ||
            // accounts are deleted here with all that is theirs, and their numbers are those of other databases too
            $app->make('config')->get('filesystems.disks.files.root') !== storage_path('files/test-api') ||
            ! $app->environment('testing')
        ) {
            throw new LogicException('The API tests must run on the database rush_hold_api and on files of their own.');
        }

        return $app;
    }

    public function call(
        $method,
        $uri,
        $parameters = [],
        $cookies = [],
        $files = [],
        $server = [],
        $content = null,
    ): TestResponse {
        $response = parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
        $route = $this->app['router']->current();
        $operation = $route === null ? null : Operations::find($method, $route->uri());
        if ($operation !== null && $response->isSuccessful()) {
            $status = $response->getStatusCode();
            if ($status === 204 && $operation->orNothing) {
                self::assertSame('', (string) $response->getContent());

                return $response;
            }
            self::assertTrue(
                $status === $operation->status || ($status === 200 && $operation->status === 201),
                "{$method} {$uri} answered {$status}, its document says {$operation->status}",
            );
            if ($operation->answer === null) {
                self::assertSame('', (string) $response->getContent());
            } elseif (str_contains($operation->answer, '/')) {
                self::assertSame($operation->answer, explode(';', (string) $response->headers->get('Content-Type'))[0]);
            } else {
                $file = is_file(__DIR__."/../../schemas/{$operation->answer}.json")
                    ? $operation->answer.'.json'
                    : 'answers.json#/$defs/'.$operation->answer;
                self::$checker ??= new SchemaChecker(__DIR__.'/../../schemas');
                $faults = self::$checker->faultsOf(
                    json_decode((string) $response->getContent()),
                    $file,
                );
                self::assertSame(
                    [],
                    array_map(static fn (\Throwable $fault): string => $fault->getMessage(), $faults),
                    "{$method} {$uri} is not as its document says",
                );
            }
        }

        return $response;
    }
}
