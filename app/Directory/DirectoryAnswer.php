<?php

namespace App\Directory;

use App\Api\Problem;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use InkyCard\Directory\Fault;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** What a directory is answered (RFC 7644, 3.1 and 3.12). */
final class DirectoryAnswer
{
    public const TYPE = 'application/scim+json';

    private const ERROR = 'urn:ietf:params:scim:api:messages:2.0:Error';

    private const LIST = 'urn:ietf:params:scim:api:messages:2.0:ListResponse';

    /** @param  array<string, mixed>  $resource */
    public static function of(array $resource, int $status = 200): JsonResponse
    {
        $headers = ['Content-Type' => self::TYPE] + ($status === 201
            ? ['Location' => $resource['meta']['location']] : []);

        return response()->json($resource, $status, $headers, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }

    /** @param  list<array<string, mixed>>  $resources  of one page */
    public static function list(array $resources, int $all, int $from): JsonResponse
    {
        return self::of([
            'schemas' => [self::LIST], 'totalResults' => $all, 'startIndex' => $from,
            'itemsPerPage' => count($resources), 'Resources' => $resources,
        ]);
    }

    /** For requests of directories; null for any other. */
    public static function fault(Throwable $fault, Request $request): ?JsonResponse
    {
        if (! $request->is('scim', 'scim/*')) {
            return null;
        }
        $status = match (true) {
            $fault instanceof Fault => $fault->status,
            $fault instanceof Refusal => 400,
            $fault instanceof AuthenticationException => 401,
            Problem::isNoRoom($fault) => 507,
            $fault instanceof HttpExceptionInterface => $fault->getStatusCode(),
            default => 500,
        };
        $said = $fault instanceof Fault || $fault instanceof Refusal || $status === 403 ? $fault->getMessage() : '';
        $type = $fault instanceof Fault ? $fault->type : ($fault instanceof Refusal ? 'invalidValue' : '');

        return response()->json(array_filter([
            'schemas' => [self::ERROR], 'status' => (string) $status, 'scimType' => $type,
            'detail' => $said ?: (Problem::DETAILS[$status] ?? Response::$statusTexts[$status] ?? ''),
        ]), $status, ($fault instanceof HttpExceptionInterface ? $fault->getHeaders() : []) + [
            'Content-Type' => self::TYPE,
        ] + ($status === 401 ? ['WWW-Authenticate' => 'Bearer'] : []), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
