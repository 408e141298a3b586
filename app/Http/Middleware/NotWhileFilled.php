<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Problems\ProblemException;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** While an archive is put into an account nothing in it is read or written: it is there as a whole, or not at all. */
final class NotWhileFilled
{
    /**
     * @param  Closure(Request): Response  $next
     *
     * @throws ProblemException when it has to wait
     */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->filled_by !== null) {
            throw User::isBeingFilled();
        }

        return $next($request);
    }
}
