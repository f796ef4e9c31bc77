<?php

namespace App\Api;

use App\Exceptions\StaleRevision;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** What went wrong, for programs: problem details (RFC 9457). */
final class Problem
{
    /** Sentences of ours for what the framework says in words of its own, or not at all. */
    public const DETAILS = [
        401 => 'Send a token of this workspace: Authorization: Bearer …',
        404 => 'There is nothing here, or it belongs to another workspace.',
        405 => 'This address is there, and takes another method.',
        412 => 'It was changed meanwhile: get it again, and send what is to stand with its new ETag.',
        413 => 'What you sent is over 64 MB in all.',
        428 => 'Say which revision this is to stand in place of: If-Match, with the ETag it came with.',
        429 => 'Too many requests with this token: wait as long as Retry-After says.',
        500 => 'Something went wrong here; it is in the log of this server.',
        507 => 'The disk of this server is full: nothing of this was kept.',
    ];

    /** A full disk shows wherever something is written, in the words of whoever wrote. */
    public static function isNoRoom(Throwable $fault): bool
    {
        return preg_match(
            '/No space left on device|database or disk is full|Disk quota exceeded/i', $fault->getMessage(),
        ) === 1;
    }

    /** For requests of the API; null for those of pages. */
    public static function answer(Throwable $fault, Request $request): ?JsonResponse
    {
        if (! $request->is('api', 'api/*')) {
            return null;
        }
        $status = match (true) {
            $fault instanceof Refusal => 422,
            $fault instanceof StaleRevision => 412,
            $fault instanceof AuthenticationException => 401,
            self::isNoRoom($fault) => 507,
            $fault instanceof HttpExceptionInterface => $fault->getStatusCode(),
            default => 500,
        };
        $said = $fault instanceof Refusal || $status === 403 ? $fault->getMessage() : '';
        $headers = $fault instanceof HttpExceptionInterface ? $fault->getHeaders() : [];

        return response()->json(array_filter([
            'title' => Response::$statusTexts[$status] ?? 'Unknown', 'status' => $status,
            'detail' => self::DETAILS[$status] ?? $said,
            'pointer' => $fault instanceof Refusal ? $fault->path : '',
        ], fn (mixed $said) => $said !== ''), $status, $headers + [
            'Content-Type' => 'application/problem+json',
        ] + ($status === 401 ? ['WWW-Authenticate' => 'Bearer'] : []), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
