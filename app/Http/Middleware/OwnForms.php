<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;

/**
 * Changes come from our own pages only. Who is signed in proves it by the token of the session; who is not has no session on the
 * server, and sends back the sealed token of the cookie, from a page of this very address.
 */
class OwnForms extends ValidateCsrfToken
{
    protected function tokensMatch($request): bool
    {
        // a key is no cookie: no other page can make a browser send it
        return ByKey::is($request) ||
            parent::tokensMatch($request) ||
            ($request->user() === null && $this->sentBack($request));
    }

    private function sentBack(Request $request): bool
    {
        $kept = $request->cookies->get('XSRF-TOKEN');
        $sent = $this->getTokenFromRequest($request);
        $origin = $request->headers->get('Origin');

        return is_string($kept) &&
            $kept !== '' &&
            is_string($sent) &&
            hash_equals($kept, $sent) &&
            ($origin === null || parse_url($origin, PHP_URL_HOST) === $request->getHost()) &&
            in_array($request->headers->get('Sec-Fetch-Site', 'same-origin'), ['same-origin', 'none'], true);
    }
}
