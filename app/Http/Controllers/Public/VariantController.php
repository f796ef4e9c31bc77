<?php

namespace App\Http\Controllers\Public;

use App\Pictures\Bakery;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Picture\Baked;

/** A baked picture under its hash: the same bytes for ever. */
final class VariantController
{
    public function __invoke(Request $request, Bakery $bakery, string $hash, string $extension): Response
    {
        $bytes = $bakery->file($hash, $extension) ?? abort(404);
        $response = response($bytes, 200, ['Content-Type' => Baked::mime($extension), 'ETag' => "\"$hash\""])
            ->setCache(['public' => true, 'max_age' => 31536000, 'immutable' => true]);
        $response->isNotModified($request);

        return $response;
    }
}
