<?php

namespace App\Http\Middleware;

use App\Http\SentAgain;
use App\Models\User;
use App\Models\Workspace;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Signed-in pages show one workspace, and only to its members. */
final class InWorkspace
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $user */
        $user = $request->user();
        $workspace = $user->workspace();
        abort_if($workspace === null, 403, 'You belong to no workspace yet.');
        app()->instance(Workspace::class, $workspace);
        view()->share('workspace', $workspace);

        $response = $next($request);
        if ($response->getStatusCode() < 400) {
            SentAgain::arrived($request);
        }

        return $response;
    }
}
