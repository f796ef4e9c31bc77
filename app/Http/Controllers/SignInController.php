<?php

namespace App\Http\Controllers;

use App\Http\SentAgain;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;

final class SignInController
{
    /** Wrong tries a minute for one address from one place, and for all addresses from there. */
    private const TRIES = 5;

    private const TRIES_IN_ALL = 30;

    /** Longest password, bytes: hashing more takes longer for nothing. */
    private const LONGEST = 1000;

    public function show(): View
    {
        return view('sign-in', [
            'email' => is_string(old('email')) ? old('email') : '', 'sentence' => session('sentence'),
        ]);
    }

    public function store(Request $request): RedirectResponse|Response
    {
        ['email' => $email, 'password' => $password] = array_map(
            fn (mixed $typed) => is_string($typed) ? mb_scrub($typed) : '',
            $request->only(['email', 'password']) + ['email' => '', 'password' => ''],
        );
        $email = Str::limit($email, 254, '');
        $place = 'sign-in|'.$request->ip();
        $limits = [$place => self::TRIES_IN_ALL, $place.'|'.sha1(Str::lower($email)) => self::TRIES];
        foreach ($limits as $throttle => $most) {
            if (RateLimiter::tooManyAttempts($throttle, $most)) {
                $seconds = RateLimiter::availableIn($throttle);

                return $this->refused($email, "Too many tries: wait $seconds seconds and try again.", 429);
            }
        }
        // A null byte is no part of what anybody types: it ends a password for some ways of hashing.
        $sane = strlen($password) <= self::LONGEST && ! str_contains($password, "\0");
        if (! $sane || ! Auth::attempt(['email' => $email, 'password' => $password])) {
            array_map(RateLimiter::hit(...), array_keys($limits));

            return $this->refused($email, 'This mail address and password do not belong together.', 422);
        }
        RateLimiter::clear((string) array_key_last($limits));
        $request->session()->regenerate();

        return redirect()->intended(route('cards'));
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

    private function refused(string $email, string $sentence, int $status): Response
    {
        return response()->view('sign-in', compact('email', 'sentence'), $status);
    }
}
