<?php

namespace App\Http\Middleware;

use App\Models\User;
use App\Words\Locality;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Number;
use Symfony\Component\HttpFoundation\Response;

/** Answers are in the language of who asks, with days and numbers as they write them. */
final class SpeaksLanguage
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->hasSession() ? $request->user() : null;
        $user = $user instanceof User ? $user : null;
        $locality = Locality::of($request, $user, $user?->workspace());
        app()->instance(Locality::class, $locality);
        App::setLocale($locality->language);
        Number::useLocale($locality->region);

        return $next($request);
    }
}
