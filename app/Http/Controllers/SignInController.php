<?php

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;

final class SignInController
{
    /** Wrong tries a minute for one address from one place. */
    private const TRIES = 5;

    public function show(): View
    {
        return view('sign-in', ['email' => '', 'sentence' => null]);
    }

    public function store(Request $request): RedirectResponse|Response
    {
        ['email' => $email, 'password' => $password] = array_map(
            fn (mixed $typed) => is_string($typed) ? mb_scrub($typed) : '',
            $request->only(['email', 'password']) + ['email' => '', 'password' => ''],
        );
        $email = Str::limit($email, 254, '');
        $throttle = 'sign-in|'.sha1(Str::lower($email)).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($throttle, self::TRIES)) {
            return $this->again(
                $email,
                'Too many tries: wait '.RateLimiter::availableIn($throttle).' seconds and try again.',
                429,
            );
        }
        if (! Auth::attempt(['email' => $email, 'password' => $password])) {
            RateLimiter::hit($throttle);

            return $this->again($email, 'This mail address and password do not belong together.', 422);
        }
        RateLimiter::clear($throttle);
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

    private function again(string $email, string $sentence, int $status): Response
    {
        return response()->view('sign-in', compact('email', 'sentence'), $status);
    }
}
