<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\ConcurrencyErrorDetector;
use Illuminate\Database\LostConnectionDetector;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use RushHold\Faults\CannotBeReckoned;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Turns whatever goes wrong into a problem for the API, and into a page in the product's own voice for a visitor. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Fault::class, FaultyDocument::class, ProblemException::class]);
        // a store that is away is told by /healthz/full; written down with every request it would fill the log
        $exceptions->dontReportWhen(
            static fn (Throwable $thrown): bool => self::isStoreAway($thrown) || self::isOfTheGone($thrown),
        );
        $exceptions->render(static function (Throwable $thrown, Request $request): Response {
            $problem = self::of($thrown);
            $headers =
                $thrown instanceof HttpExceptionInterface
                    ? array_map(strval(...), array_filter($thrown->getHeaders(), is_scalar(...)))
                    : [];
            if (in_array($problem->status, [429, 503], true)) {
                $headers += ['Retry-After' => '1'];
            }
            // looked up as it was sent: an address that cannot be decoded is an address too
            if (preg_match('#^/api(/|\?|$)#', (string) ($request->server->get('REQUEST_URI') ?? '')) === 1) {
                return $problem->response($headers);
            }

            return response()->view('problem', ['problem' => $problem], $problem->status, $headers);
        });
    }

    public static function of(Throwable $thrown): Problem
    {
        return match (true) {
            self::isStoreAway($thrown) => new Problem(
                'store-away',
                503,
                'The store does not answer',
                'Nothing was saved just now. Try again in a moment.',
            ),
            self::isOfTheGone($thrown) => self::ofStatus(404),
            (new ConcurrencyErrorDetector())->causedByConcurrencyError($thrown) => new Problem(
                'store-busy',
                503,
                'Too much at once',
                'What was sent met other changes again and again. Nothing of it was saved. Try again in a moment.',
            ),
            $thrown instanceof ProblemException => $thrown->problem,
            $thrown instanceof FaultyDocument => Problem::ofFaults($thrown->faults),
            $thrown instanceof Fault => Problem::ofFaults([$thrown]),
            $thrown instanceof ValidationException => self::ofValidation($thrown),
            $thrown instanceof AuthenticationException => new Problem(
                'signed-out',
                401,
                'You are not signed in',
                'Sign in and try again.',
            ),
            $thrown instanceof TokenMismatchException => new Problem(
                'stale-page',
                419,
                'This page is too old',
                'Load it again; what you typed is kept.',
            ),
            $thrown instanceof ThrottleRequestsException => new Problem(
                'too-often',
                429,
                'That was too often',
                self::wait((int) ($thrown->getHeaders()['Retry-After'] ?? 60)),
            ),
            $thrown instanceof HttpExceptionInterface => self::ofStatus($thrown->getStatusCode()),
            // what the craft did not foresee, wherever it was asked: written down, and told as a fault
            str_starts_with($thrown->getFile(), base_path('core/')) => Problem::ofFaults([
                CannotBeReckoned::from('This'),
            ]),
            default => self::ofStatus(500),
        };
    }

    /** Whether something was written for a record that was deleted while it was reckoned. */
    private static function isOfTheGone(Throwable $thrown): bool
    {
        return $thrown instanceof QueryException && ($thrown->errorInfo[1] ?? null) === 1452;
    }

    private static function wait(int $seconds): string
    {
        return $seconds > 90
            ? sprintf('Try again in %d minutes.', (int) ceil($seconds / 60))
            : 'Wait a minute, then try again.';
    }

    private static function isStoreAway(Throwable $thrown): bool
    {
        // a failure while the answer was being written carries the real one inside
        for ($cause = $thrown; $cause !== null; $cause = $cause->getPrevious()) {
            if ($cause instanceof \PDOException && (new LostConnectionDetector())->causedByLostConnection($cause)) {
                return true;
            }
        }

        return false;
    }

    private static function ofValidation(ValidationException $thrown): Problem
    {
        $faults = [];
        foreach ($thrown->errors() as $field => $messages) {
            foreach ((array) $messages as $message) {
                $faults[] = [
                    'pointer' => '/'.str_replace('.', '/', $field),
                    'value' => null,
                    'range' => '',
                    'message' => is_string($message) ? $message : '',
                ];
            }
        }

        return new Problem(
            'bad-input',
            $thrown->status,
            'Something in it is not right',
            $faults[0]['message'] ?? 'Check what you typed.',
            $faults,
        );
    }

    private static function ofStatus(int $status): Problem
    {
        [$type, $title, $detail] = match ($status) {
            400 => [
                'refused',
                'That was not understood',
                'The address or the request holds what none may hold. Nothing was changed.',
            ],
            403 => ['not-here', 'That cannot be done here', 'This account may not do that.'],
            404 => ['not-found', 'There is nothing here', 'It may have been deleted, or it belongs to somebody else.'],
            405 => ['wrong-verb', 'That cannot be done here', 'This address does not take that kind of request.'],
            413 => ['too-large', 'That is too large', 'Nothing was saved. What is sent here may not be so long.'],
            419 => ['stale-page', 'This page is too old', 'Load it again; what you typed is kept.'],
            503 => ['away', 'Back in a moment', 'The application is being looked after.'],
            default => [
                'failed',
                'Something broke on our side',
                'It has been written down. Try again; what you typed is kept.',
            ],
        };

        return new Problem($type, $status, $title, $detail);
    }
}
