<?php

namespace App\Http\Controllers\Scim;

use App\Http\Controllers\Controller;
use Illuminate\Http\Request;
use InkyCard\Directory\Fault;

/** Answers to directories (RFC 7644). */
abstract class ScimController extends Controller
{
    /** Levels of what is sent: none of it is deep. */
    private const DEEP = 16;

    /**
     * The JSON object that was sent.
     *
     * @return array<array-key, mixed>
     *
     * @throws Fault
     */
    protected static function sent(Request $request): array
    {
        $sent = json_decode($request->getContent(), true, self::DEEP);

        return is_array($sent) && $sent !== [] && ! array_is_list($sent) ? $sent
            : throw Fault::of('invalidSyntax', 'Send one JSON object.');
    }
}
