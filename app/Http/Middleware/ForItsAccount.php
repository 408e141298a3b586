<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every answer says whose it is, so that nothing a browser keeps of one account is shown to another (X-Account); and a request from
 * a page of one account is not carried out for another that has signed in meanwhile in the same browser (X-As).
 */
final class ForItsAccount
{
    public const SAYS = 'X-Account';

    public const ASKS = 'X-As';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $key = $user instanceof User ? $user->key() : null;
        $as = $request->headers->get(self::ASKS);
        if ($key !== null && $as !== null && $as !== '' && ! hash_equals($key, $as)) {
            throw new ProblemException(
                new Problem(
                    'other-account',
                    401,
                    'Another account has signed in here',
                    'Nothing was changed. Load the page again.',
                ),
            );
        }
        $response = $next($request);
        $now = $request->user();
        if ($now instanceof User) {
            $response->headers->set(self::SAYS, $now->key());
        }

        return $response;
    }
}
