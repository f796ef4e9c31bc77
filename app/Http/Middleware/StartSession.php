<?php

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as Start;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Sessions as ever, but that requests a page makes on the side only read
 * them: frames, pictures and marks are asked for while a form is on its way,
 * and one that ends after it would write back a session without what the form
 * had to say. Their routes say so (ReadsSession). Edits, of which there is one a key, leave a session they did not
 * change as it is, and touch it once a minute, so that it does not run out.
 */
final class StartSession extends Start
{
    /** Seconds a session is left alone that nothing changed in. */
    private const REST = 60;

    private const KEPT = '_kept';

    /** @var array<string, mixed> as it was read */
    private array $before = [];

    /**
     * @param  Session  $session
     */
    protected function startSession(Request $request, $session)
    {
        $started = parent::startSession($request, $session);
        $this->before = $started->all();

        return $started;
    }

    /**
     * What a page asks for by itself gives nobody a session: answered late, it would take the place of the one its
     * member has signed in with meanwhile, in another tab. Nor does it say again which one there is, where it leaves
     * that alone.
     */
    protected function addCookieToResponse(Response $response, Session $session)
    {
        if (! self::isByItself(request()) || (Auth::check() && ! $this->leavesAlone(request()))) {
            parent::addCookieToResponse($response, $session);
        }
    }

    /** An edit, or what a page asks for on the side. */
    public static function isByItself(Request $request): bool
    {
        return $request->hasHeader('HX-Request') || self::isBeside($request);
    }

    /** Told by the route: a stranger is sent away before its own middleware comes. */
    private static function isBeside(Request $request): bool
    {
        return in_array('reads', $request->route()?->gatherMiddleware() ?? [], true);
    }

    /** @param  Request  $request */
    protected function saveSession($request)
    {
        if (! $this->leavesAlone($request)) {
            $request->session()->put(self::KEPT, now()->getTimestamp());
            parent::saveSession($request);
        }
    }

    private function leavesAlone(Request $request): bool
    {
        $session = $request->session();

        return self::isBeside($request) || ($request->hasHeader('HX-Request') && $session->all() === $this->before
            && now()->getTimestamp() - (int) $session->get(self::KEPT) < self::REST);
    }
}
