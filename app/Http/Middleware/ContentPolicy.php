<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a page may load and run (CSP Level 3): its own files, and no script or style written into the page. */
final class ContentPolicy
{
    private const PAGE
        = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:; font-src 'self'; "
        ."connect-src 'self'; frame-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** A rendering carries a card's inline styles, so it may have those; it runs nothing at all. */
    public const RENDERING
        = "default-src 'none'; style-src 'self' 'unsafe-inline'; font-src 'self'; img-src 'self' data: https: http:; "
            ."base-uri 'none'; "
            ."form-action 'none'; "
        ."frame-ancestors 'self'; sandbox allow-same-origin allow-popups";

    /** Once reached by https, by nothing else for a year (RFC 6797). */
    private const SECURE = 'max-age=31536000';

    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $response->headers->add([
            'Content-Security-Policy' => $response->headers->get('Content-Security-Policy', self::PAGE),
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
        ] + ($request->isSecure() ? ['Strict-Transport-Security' => self::SECURE] : []));

        return $response;
    }
}
