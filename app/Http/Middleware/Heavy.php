<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Limits\Turns;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What reckons for long: two at once for an account, few at once altogether; a third waits a moment, whoever comes beyond that is told and asks again. */
final readonly class Heavy
{
    /** What is marked so, below /api/, an id as *; the page asks for no more than its turns of these, and bin/serve/nginx.conf sends them to a line of their own. */
    public const PATHS = [
        'rushes/*/rehearsal',
        'rushes/*/rehearsal/remedies',
        'rushes/*/rehearsal/try',
        'rushes/*/rehearsal/outlook',
        'rushes/*/map',
        'rushes/*/schools',
        'rushes/*/sweeps',
        'layouts/*/best',
        'cards/*/pdf',
        'outings/*/day',
        'outings/*/calendar',
        'outings/*/after',
        'outings/*/after/pdf',
        'bursts/*/rush',
        'log/tables/look',
        'log/tables/take',
    ];

    public function __construct(private Turns $turns) {}

    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws ProblemException when it is not this account's turn
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $turn = $this->turns->await($user instanceof User ? (string) $user->id : 'nobody');
        if ($turn === null) {
            throw new ProblemException(
                new Problem(
                    'busy',
                    429,
                    'Two reckonings of yours are under way',
                    'This one waits until they are done.',
                    [],
                    ['retry_after_s' => 1],
                ),
            );
        }
        try {
            return $next($request);
        } finally {
            $turn->end();
        }
    }
}
