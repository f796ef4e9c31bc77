<?php

namespace App\Http\Controllers\Api;

use App\Http\Controllers\Controller;
use Illuminate\Contracts\Pagination\LengthAwarePaginator;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\CardJson;
use InkyCard\Refusal;

/** Answers to programs; what they take and say is described in docs/openapi.json. */
abstract class ApiController extends Controller
{
    protected const PER_PAGE = 50;

    /** @param  array<string, string>  $headers */
    protected static function json(mixed $value, int $status = 200, array $headers = []): JsonResponse
    {
        return response()->json($value, $status, $headers, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /**
     * A page of a list, with links to the others (RFC 8288).
     *
     * @template T
     *
     * @param  LengthAwarePaginator<int, T>  $page
     * @param  \Closure(T): array<string, mixed>  $row
     */
    protected static function page(LengthAwarePaginator $page, \Closure $row): JsonResponse
    {
        $links = array_filter(['prev' => $page->previousPageUrl(), 'next' => $page->nextPageUrl()]);

        return self::json([
            'data' => array_map($row, array_values($page->items())),
            'page' => $page->currentPage(), 'pages' => $page->lastPage(), 'total' => $page->total(),
        ], 200, $links === [] ? [] : ['Link' => implode(', ', array_map(
            fn (string $to, string $rel) => "<$to>; rel=\"$rel\"", $links, array_keys($links),
        ))]);
    }

    /** A value of the query, where several may not stand. */
    protected static function query(Request $request, string $key, string $else = ''): string
    {
        $value = $request->query($key);

        return is_string($value) && mb_check_encoding($value, 'UTF-8') ? $value : $else;
    }

    /**
     * The JSON object that was sent; what is within stays what it is.
     *
     * @return array<array-key, mixed>
     *
     * @throws Refusal
     */
    protected static function sent(Request $request): array
    {
        $body = (string) $request->getContent();
        $sent = strlen($body) > CardJson::MAX_BYTES ? throw Refusal::because('This is over 8 MB.')
            : json_decode($body, false, 64);

        return $sent instanceof \stdClass ? (array) $sent : throw Refusal::because('Send a JSON object.');
    }

    /**
     * A text of what was sent; empty where there is none.
     *
     * @param  array<array-key, mixed>  $sent
     *
     * @throws Refusal
     */
    protected static function text(array $sent, string $key): string
    {
        $text = $sent[$key] ?? '';

        return is_string($text) ? $text : throw Refusal::because(':key is a string.', "/$key", ['key' => $key]);
    }

    protected static function plain(string $text, string $type): Response
    {
        return response($text, 200, ['Content-Type' => "$type; charset=utf-8"]);
    }
}
