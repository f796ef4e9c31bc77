<?php

namespace App\Http\Controllers;

use App\Auth\OpenId;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use InkyCard\Refusal;

/** To a provider that says who somebody is, and back. */
final class OpenIdController
{
    public function begin(Request $request, OpenId $openId): RedirectResponse
    {
        abort_if(OpenId::label() === null, 404);
        try {
            return redirect()->away($openId->begin($request));
        } catch (Refusal $refusal) {
            return redirect()->route('sign-in')->with('sentence', Words::of($refusal));
        }
    }

    public function back(Request $request, OpenId $openId): RedirectResponse
    {
        abort_if(OpenId::label() === null, 404);
        try {
            $user = $openId->who($request)->member();
        } catch (Refusal $refusal) {
            return redirect()->route('sign-in')->with('sentence', Words::of($refusal));
        }
        Auth::logout();

        return SignInController::go($request, $user);
    }
}
