<?php

namespace App\Http\Controllers;

use App\Auth\Ability;
use App\Auth\Guests;
use App\Auth\MailLink;
use App\Auth\Role;
use App\Models\User;
use App\Models\Workspace;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;

/** What a guest made becomes theirs for good: by a link to their mailbox, without a password. */
final class ClaimController
{
    /** Minutes the link is good for. */
    private const MINUTES = 2880;

    public function show(Request $request): View|RedirectResponse
    {
        $workspace = self::guests($request);

        return $workspace === null ? redirect()->route('account') : view('front.claim', [
            'until' => $workspace->guest_until, 'sentence' => null, 'email' => '', 'sent' => session('sent'),
        ]);
    }

    public function send(Request $request): RedirectResponse|Response
    {
        $workspace = self::guests($request) ?? abort(404);
        $typed = $request->input('email');
        try {
            $email = MailAddress::parse(is_string($typed) ? $typed : '')->address;
            MailLink::send($workspace, $email, __('Your cards on Inky Card'), [
                __('Dear reader,'), __(
                    'this address keeps the cards you have made, under this mail address. If you made '
                        .'none, nothing is to be done.',
                ),
            ], MailLink::to('claim.link', self::MINUTES, ['workspace' => $workspace->id, 'email' => $email]));
        } catch (Refusal $refusal) {
            return response(view('front.claim', [
                'until' => $workspace->guest_until, 'sentence' => Words::of($refusal), 'sent' => null,
                'email' => is_string($typed) ? mb_scrub($typed) : '',
            ]), 422);
        }

        return redirect()->route('claim')->with('sent', $email);
    }

    public function ask(Request $request, int $workspace): View|Response
    {
        [$guests, $wrong] = self::found($request, $workspace);
        $known = User::query()->where('email', (string) $request->query('email'))->first();

        return $guests === null ? SignInController::sorry($wrong) : view('front.claimed', [
            'here' => $request->fullUrl(), 'email' => (string) $request->query('email'), 'known' => $known,
            'workspaces' => $known === null ? [] : self::open($known),
        ]);
    }

    public function take(Request $request, int $workspace): RedirectResponse|Response
    {
        [$guests, $wrong] = self::found($request, $workspace);
        $email = (string) $request->query('email');
        $known = User::query()->where('email', $email)->first();
        $into = (int) (is_scalar($request->input('into')) ? $request->input('into') : 0);
        $target = $known === null || $into === 0 ? null
            : (collect(self::open($known))->firstWhere('id', $into) ?? abort(404));
        if ($guests === null || ! MailLink::spend($request)) {
            return SignInController::sorry($wrong ?: __('This link was used already.'));
        }
        $name = $request->input('name');
        $name = is_string($name) ? mb_substr(trim(mb_scrub($name)), 0, 80) : '';
        $user = $known === null || $target === null ? Guests::claim($guests, $email, $name)
            : Guests::merge($guests, $target, $known);
        Auth::logout();

        return SignInController::go($request, $user);
    }

    private static function guests(Request $request): ?Workspace
    {
        /** @var User $user */
        $user = $request->user();
        $workspace = $user->workspace();

        return $workspace?->isGuests() === true ? $workspace : null;
    }

    /** @return array{?Workspace, string} a guest's, or what is wrong */
    private static function found(Request $request, int $workspace): array
    {
        $found = Workspace::query()->whereNotNull('guest_until')->find($workspace);
        $wrong = MailLink::wrong($request);

        return match (true) {
            $wrong !== null => [null, $wrong],
            $found === null => [null, __('These cards were kept already, or their time is over.')],
            default => [$found, ''],
        };
    }

    /** @return list<Workspace> those somebody makes cards in */
    private static function open(User $user): array
    {
        return array_values($user->workspaces()->get()->filter(
            fn (Workspace $one): bool => Role::tryFrom((string) $one->getRelation('pivot')->role)
                ?->may(Ability::Make) === true,
        )->all());
    }
}
