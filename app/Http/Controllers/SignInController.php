<?php

namespace App\Http\Controllers;

use App\Auth\MailLink;
use App\Auth\OpenId;
use App\Auth\SecondFactor;
use App\Http\SentAgain;
use App\Models\User;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;
use InkyCard\Said;

/** By a password or a link in a message, and by a second factor where there is one. */
final class SignInController
{
    /** Wrong tries a minute for one address from one place, and for all addresses from there. */
    private const TRIES = 5;

    private const TRIES_IN_ALL = 30;

    /** Longest password, bytes: hashing more takes longer for nothing. */
    private const LONGEST = 1000;

    /** Minutes a link is good for, and a second factor is waited for. */
    private const MINUTES = 30;

    private const SECOND = 'second';

    /** In the session: when a link was followed last, which stands in for a password that was forgotten. */
    public const LINKED = 'linked';

    public function show(): View
    {
        return self::page(is_string(old('email')) ? old('email') : '', session('sentence'));
    }

    public function store(Request $request): RedirectResponse|Response
    {
        ['email' => $email, 'password' => $password] = array_map(
            fn (mixed $typed) => is_string($typed) ? mb_scrub($typed) : '',
            $request->only(['email', 'password']) + ['email' => '', 'password' => ''],
        );
        $email = Str::limit($email, 254, '');
        $limits = self::limits($request, $email);
        if (($seconds = self::wait($limits)) !== null) {
            return $this->refused($email, self::tooMany($seconds), 429);
        }
        // A null byte is no part of what anybody types: it ends a password for some ways of hashing.
        $sane = strlen($password) <= self::LONGEST && ! str_contains($password, "\0");
        if (! $sane || ! Auth::validate(['email' => $email, 'password' => $password])) {
            array_map(RateLimiter::hit(...), array_keys($limits));

            return $this->refused($email, __('This mail address and password do not belong together.'), 422);
        }
        RateLimiter::clear((string) array_key_last($limits));
        /** @var User $user */
        $user = Auth::getLastAttempted();

        return self::go($request, $user);
    }

    /** A message with a link, to who has no password at hand. */
    public function send(Request $request): View|Response
    {
        $typed = $request->input('email');
        try {
            $email = MailAddress::parse(is_string($typed) ? $typed : '')->address;
            $user = User::query()->where('email', $email)->first();
            $workspace = $user?->workspace();
            if ($user !== null && $workspace !== null) {
                MailLink::send($workspace, $email, __('Sign in to Inky Card'), [
                    "Dear $user->name,", __(
                        'this address signs you in, once, for half an hour. If you did not ask for it, '
                            .'nothing is to be done.',
                    ),
                ], MailLink::to('sign-in.link', self::MINUTES, ['user' => $user->id]));
            }
        } catch (Refusal $refusal) {
            return $this->refused(is_string($typed) ? mb_scrub($typed) : '', Words::of($refusal), 422);
        }

        return view('sign-in-sent', ['email' => $email]);
    }

    /** What the link leads to. */
    public function ask(Request $request, int $user): View|Response
    {
        $member = User::query()->find($user);
        $wrong = $member === null ? Words::of('This link leads to nobody any more.') : MailLink::wrong($request);

        return $wrong === null ? view('sign-in-link', ['user' => $member, 'here' => $request->fullUrl()])
            : self::sorry($wrong);
    }

    public function follow(Request $request, int $user): RedirectResponse|Response
    {
        $member = User::query()->find($user);
        $wrong = $member === null ? Words::of('This link leads to nobody any more.') : MailLink::wrong($request);
        if ($member === null || $wrong !== null || ! MailLink::spend($request)) {
            return self::sorry($wrong ?? __('This link was used just now.'));
        }
        Auth::logout();
        $request->session()->put(self::LINKED, now()->getTimestamp());

        return self::go($request, $member);
    }

    public function second(Request $request): View|RedirectResponse
    {
        return self::half($request) === null ? redirect()->route('sign-in')
            : view('sign-in-second', ['sentence' => null]);
    }

    public function pass(Request $request): RedirectResponse|Response
    {
        $user = self::half($request);
        if ($user === null) {
            return redirect()->route('sign-in')->with('sentence', __('That took too long: once more, please.'));
        }
        $limits = self::limits($request, "second|$user->id");
        $code = $request->input('code');
        $seconds = self::wait($limits);
        if ($seconds !== null || ! SecondFactor::passes($user, is_string($code) ? Str::limit($code, 40, '') : '')) {
            array_map(RateLimiter::hit(...), array_keys($limits));

            return response(view('sign-in-second', [
                'sentence' => $seconds === null ? __('This is no code of now, and none of those you kept.')
                    : self::tooMany($seconds),
            ]), $seconds !== null ? 429 : 422);
        }
        $request->session()->forget(self::SECOND);

        return self::in($request, $user);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    /** What was sent too late, to go on with. */
    public function again(Request $request): View
    {
        return view('again', ['kept' => SentAgain::kept($request)]);
    }

    public function drop(Request $request): RedirectResponse
    {
        SentAgain::forget($request);

        return redirect()->route('cards');
    }

    /** On to the second factor, or in. */
    public static function go(Request $request, User $user): RedirectResponse
    {
        if ($user->second === null) {
            return self::in($request, $user);
        }
        $request->session()->put(self::SECOND, [$user->id, now()->addMinutes(self::MINUTES)->getTimestamp()]);

        return redirect()->route('sign-in.second');
    }

    private static function in(Request $request, User $user): RedirectResponse
    {
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->intended(route('cards'));
    }

    /** Who has shown the first factor and not the second. */
    private static function half(Request $request): ?User
    {
        [$id, $until] = (array) $request->session()->get(self::SECOND) + [0, 0];

        return $until < now()->getTimestamp() ? null : User::query()->find((int) $id);
    }

    /** @return array<string, int> what is counted => how often it may be wrong in a minute */
    private static function limits(Request $request, string $whom): array
    {
        $place = 'sign-in|'.$request->ip();

        return [$place => self::TRIES_IN_ALL, $place.'|'.sha1(Str::lower($whom)) => self::TRIES];
    }

    private static function tooMany(int $seconds): string
    {
        return Words::of(Said::of('Too many tries: wait :seconds seconds and try again.', ['seconds' => $seconds]));
    }

    /** @param  array<string, int>  $limits */
    private static function wait(array $limits): ?int
    {
        foreach ($limits as $throttle => $most) {
            if (RateLimiter::tooManyAttempts($throttle, $most)) {
                return RateLimiter::availableIn($throttle);
            }
        }

        return null;
    }

    public static function sorry(string $sentence): Response
    {
        return response(view('errors.plain', ['title' => __('This link leads nowhere'), 'sentence' => $sentence]), 410);
    }

    private function refused(string $email, string $sentence, int $status): Response
    {
        return response(self::page($email, $sentence), $status);
    }

    private static function page(string $email, ?string $sentence): View
    {
        return view('sign-in', ['email' => $email, 'sentence' => $sentence, 'with' => OpenId::label()]);
    }
}
