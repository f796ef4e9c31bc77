<?php

namespace App\Http\Controllers;

use App\Auth\Invitations;
use App\Auth\MailLink;
use App\Auth\Role;
use App\Models\Workspace;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use InkyCard\Refusal;

/** What an invitation leads to: its mailbox is its owner's, so that nothing else is asked. */
final class InvitationController
{
    public function show(Request $request, int $invitation): View|Response
    {
        try {
            return self::page($request, self::found($request, $invitation));
        } catch (Refusal $refusal) {
            return SignInController::sorry(Words::of($refusal));
        }
    }

    public function accept(Request $request, int $invitation): RedirectResponse|Response
    {
        try {
            $one = self::found($request, $invitation);
            $name = $request->input('name');
            $user = Invitations::accept($one, is_string($name) ? mb_scrub($name) : '');
        } catch (Refusal $refusal) {
            return $refusal->path === '/name' && isset($one)
                ? response(self::page($request, $one, Words::of($refusal)), 422)
                : SignInController::sorry(Words::of($refusal));
        }
        Auth::logout();

        return SignInController::go($request, $user);
    }

    private static function page(Request $request, \stdClass $one, ?string $sentence = null): View
    {
        return view('account.invitation', [
            'workspace' => Workspace::query()->findOrFail($one->workspace_id), 'role' => Role::from($one->role),
            'email' => $one->email, 'here' => $request->fullUrl(), 'sentence' => $sentence,
            'known' => Invitations::known($one),
        ]);
    }

    /** @throws Refusal */
    private static function found(Request $request, int $invitation): \stdClass
    {
        $wrong = MailLink::wrong($request);

        return $wrong === null ? Invitations::find($invitation, (int) $request->query('at'))
            : throw Refusal::because($wrong);
    }
}
