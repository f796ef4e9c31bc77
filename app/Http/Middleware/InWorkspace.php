<?php

namespace App\Http\Middleware;

use App\Auth\Access;
use App\Http\SentAgain;
use App\Keeping\ActionLog;
use App\Models\User;
use App\Models\Workspace;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Signed-in pages show one workspace, and only to its members, as far as what they are there goes. */
final class InWorkspace
{
    private const EYES = 9;

    private const REFUSED = 'What you are in this workspace does not go so far: ask one of its owners.';

    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $user */
        $user = $request->user();
        $workspace = $user->workspace();
        abort_if($workspace === null, 403, __('You belong to no workspace yet.'));
        abort_unless($user->may(Access::of($request->route())), 403, self::REFUSED);
        app()->instance(Workspace::class, $workspace);
        view()->share('workspace', $workspace);
        // The demo lets one look through the eyes of others.
        $isDemo = config('inky.demo') && $user->isMadeUp() && ! $workspace->isGuests();
        view()->share('eyes', $isDemo && ! $request->hasHeader('HX-Request')
            ? fn () => $workspace->members()->orderBy('users.id')->limit(self::EYES)->get() : null);

        $response = $next($request);
        if ($response->getStatusCode() < 400) {
            SentAgain::arrived($request);
            ActionLog::write($request, $workspace, $user);
        }

        return $response;
    }
}
