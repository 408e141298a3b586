<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\KeyRecord;
use App\Models\User;
use App\OpenApi\Operations;
use App\OpenApi\Scope;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * A request of another program, which brings a key instead of a session: it acts for the account of the key, as far as the key allows,
 * and for nobody else, whatever cookies come along.
 */
final class ByKey
{
    private const SEEN_EVERY_S = 60;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! self::is($request)) {
            return $next($request);
        }
        Auth::shouldUse('sanctum');
        $user = Auth::guard('sanctum')->user();
        $key = $user instanceof User ? $user->currentAccessToken() : null;
        if (! ($key instanceof KeyRecord)) {
            throw new ProblemException(
                new Problem(
                    'bad-key',
                    401,
                    'This key opens nothing',
                    'It is not known here, or it has ended. Keys are made in Settings.',
                ),
            );
        }
        $scope = Operations::find($request->method(), $request->route()->uri())?->scope;
        if ($scope === null || ! self::allows($key, $scope)) {
            throw new ProblemException(
                new Problem(
                    'not-allowed',
                    403,
                    'This key does not allow that',
                    $scope === null ? 'That is only for somebody at a page.' : "It needs the scope {$scope->value}.",
                ),
            );
        }
        if ($key->last_used_at === null || $key->last_used_at->diffInSeconds(now()) > self::SEEN_EVERY_S) {
            $key->forceFill(['last_used_at' => now()])->save();
        }

        return $next($request);
    }

    /** Whether a request comes with a key. */
    public static function is(Request $request): bool
    {
        return (string) $request->bearerToken() !== '';
    }

    private static function allows(KeyRecord $key, Scope $scope): bool
    {
        return array_filter($scope->allowedBy(), static fn (Scope $one): bool => $key->can($one->value)) !== [];
    }
}
