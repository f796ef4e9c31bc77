<?php

namespace App\Http\Controllers\Public;

use App\Pictures\Bakery;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** A dressed mark: as it is worn today. Kept for an hour, so that it changes on the day. */
final class SeasonalController
{
    public function __invoke(Request $request, Bakery $bakery, string $hash): Response
    {
        $bytes = $bakery->onDay($hash, now()->toDateString()) ?? abort(404);
        $response = response($bytes, 200, ['Content-Type' => 'image/png'])
            ->setEtag(md5($bytes))
            ->setCache(['public' => true, 'max_age' => 3600]);
        $response->isNotModified($request);

        return $response;
    }
}
