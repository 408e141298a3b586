<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Tells the browser to load nothing from elsewhere, run no inline script, and stay out of foreign frames. */
final class SecurityHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => implode('; ', [
                "default-src 'none'",
                "script-src 'self'",
                "style-src 'self' 'nonce-{$nonce}'",
                "font-src 'self'",
                "img-src 'self' data:",
                "connect-src 'self'",
                "manifest-src 'self'",
                "worker-src 'self'",
                "base-uri 'none'",
                "form-action 'self'",
                "frame-ancestors 'none'",
            ]),
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'DENY',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'camera=(), microphone=(), geolocation=(), payment=()',
            'Cross-Origin-Opener-Policy' => 'same-origin',
            'Cross-Origin-Resource-Policy' => 'same-origin',
        ]);
        // a browser keeps nothing of an account, but for what says for how long
        $keeps = (string) $response->headers->get('Cache-Control');
        if ($keeps === '' || (str_contains($keeps, 'private') && ! str_contains($keeps, 'max-age'))) {
            $response->headers->set('Cache-Control', 'no-store, private');
        }

        return $response;
    }
}
