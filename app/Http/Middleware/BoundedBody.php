<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Problems\Problem;
use App\Problems\ProblemException;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Routing\Route;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses a request that is longer than its route takes, before anything reads it: 256 KB, unless the route says otherwise
 * by `->defaults(BoundedBody::KEY, kilobytes)`.
 */
final class BoundedBody
{
    public const KEY = 'longest_body_kb';

    /** Set where the body is read as a stream, and never as a whole. */
    public const STREAMED = 'body_is_streamed';

    /** Longest body where the route does not say, in KB. */
    public const USUAL_KB = 256;

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws ProblemException naming both lengths
     */
    public function handle(Request $request, Closure $next): Response
    {
        $most = self::limitKb($request->route()) * 1024;
        $told = (int) $request->headers->get('Content-Length', '0');
        // what is read as a stream counts itself while it is read (app/Files)
        $streamed = isset($request->route()->defaults[self::STREAMED]);
        $length = $told > $most || $streamed ? $told : strlen($request->getContent());
        if ($length > $most) {
            throw new ProblemException(
                new Problem(
                    'too-large',
                    413,
                    'That is too large',
                    sprintf(
                        'The request is %s KB long; it must be at most %s KB. Nothing was saved.',
                        number_format($length / 1024, 0, '.', ' '),
                        number_format($most / 1024, 0, '.', ' '),
                    ),
                ),
            );
        }

        return $next($request);
    }

    public static function limitKb(?Route $route): int
    {
        $own = $route->defaults[self::KEY] ?? null;

        return is_int($own) ? $own : self::USUAL_KB;
    }
}
