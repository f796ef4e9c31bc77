<?php

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Symfony\Component\HttpFoundation\Response;

/**
 * Tokens of forms as ever, but that what a page asks for by itself hands out none: answered late, or to somebody signed
 * out, its token would take the place of that of the session there is, and every edit after it be refused.
 */
final class ValidateToken extends ValidateCsrfToken
{
    /**
     * @param  \Illuminate\Http\Request  $request
     * @param  Response  $response
     * @return Response
     */
    protected function addCookieToResponse($request, $response)
    {
        return StartSession::isByItself($request) ? $response : parent::addCookieToResponse($request, $response);
    }
}
