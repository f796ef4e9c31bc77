<?php

namespace App\Http\Controllers\Api;

use App\Api\Description;
use Illuminate\Http\JsonResponse;

/** What the API takes and says (OpenAPI 3.1), for everybody. */
final class DescriptionController
{
    public function __invoke(): JsonResponse
    {
        return response()->json(Description::document(), 200, [], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
