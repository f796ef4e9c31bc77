<?php

namespace App\Http\Middleware;

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
        // One plain query, as every signed-in request makes it.
        $workspace = Workspace::query()->select('workspaces.*')->orderBy('id')
            ->join('memberships', 'workspace_id', '=', 'id')->where('user_id', $user->id)->first();
        abort_if($workspace === null, 403, 'You belong to no workspace yet.');
        app()->instance(Workspace::class, $workspace);
        view()->share('workspace', $workspace);

        return $next($request);
    }
}
