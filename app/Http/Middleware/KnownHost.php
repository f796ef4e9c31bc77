<?php

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Links and redirects are made with the name a request gives this server: it has to be one of its own, those of APP_URL
 * and PUBLIC_URL, or this machine's.
 */
final class KnownHost
{
    private const HERE = '/^(?:localhost|127\.\d+\.\d+\.\d+|\[::1\])$/D';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) preg_replace('/:\d+$/D', '', (string) $request->headers->get('HOST')));

        return preg_match(self::HERE, $host) === 1 || in_array($host, self::own(), true)
            ? $next($request)
            : new \Illuminate\Http\Response(
                'This server does not go by this name: set APP_URL or PUBLIC_URL to the address it is opened at.', 421,
                ['Content-Type' => 'text/plain; charset=utf-8', 'X-Content-Type-Options' => 'nosniff'],
            );
    }

    /** @return list<string> */
    private static function own(): array
    {
        return array_values(array_filter(array_map(
            fn (?string $address) => strtolower((string) parse_url((string) $address, PHP_URL_HOST)),
            [config('app.url'), config('inky.public_url')],
        )));
    }
}
