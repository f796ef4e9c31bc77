<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Symfony\Component\HttpFoundation\Response;

/**
 * To look at a password takes long on purpose: so many wrong ones, from anywhere, and others would wait for it. Who
 * tries then is sent away before there is a session or a page.
 */
final class PatientSignIn
{
    /** Wrong tries from anywhere in so many seconds. */
    private const WRONG = 5;

    private const SPAN = 5;

    private const KEY = 'sign-in|anywhere';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethod('POST') || $request->path() !== 'sign-in') {
            return $next($request);
        }
        if (RateLimiter::tooManyAttempts(self::KEY, self::WRONG)) {
            return new \Illuminate\Http\Response(
                'Many are trying passwords just now: go back, wait a little, or have a link sent.', 429,
                ['Content-Type' => 'text/plain; charset=utf-8', 'Retry-After' => self::SPAN],
            );
        }
        $response = $next($request);
        $response->getStatusCode() === 422 && RateLimiter::hit(self::KEY, self::SPAN);

        return $response;
    }
}
