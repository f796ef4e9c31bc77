<?php

namespace App\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Auth;

/**
 * A form whose page had been open too long, or whose member was signed out meanwhile: what was typed is kept with the
 * session and goes on with one press, after signing in where that is needed.
 */
final class SentAgain
{
    private const KEY = 'sent-again';

    /** Bytes that are kept; more than anybody types. */
    private const MOST = 300_000;

    /** What nobody wants kept, and what belongs to the page that is gone. */
    private const LEFT = ['password', 'token', '_token', '_method'];

    /** What a form answers that came too late; null for what no form of ours sent. */
    public static function answer(Request $request): ?RedirectResponse
    {
        if (! $request->isMethod('POST') || $request->hasHeader('HX-Request') || ! self::isOurs($request)) {
            return null;
        }
        $input = Arr::except($request->post(), self::LEFT);
        $fits = strlen((string) json_encode($input)) <= self::MOST;
        if ($request->is('sign-in') || ! $fits) {
            return $fits ? redirect()->route('sign-in')->withInput(['email' => $request->input('email')])
                ->with('sentence', __('This page had been open too long: once more, please.')) : null;
        }
        $request->session()->put(self::KEY, [
            'to' => $request->path(), 'input' => $input, 'files' => $request->allFiles() !== [],
        ]);

        if (Auth::check()) {
            return redirect()->route('again');
        }
        $request->session()->put('url.intended', route('again'));

        return redirect()->route('sign-in')
            ->with('sentence', __('You were signed out. What you sent is kept: sign in, and it goes on.'));
    }

    /** @return array{to: string, fields: array<string, string>, files: bool}|null what is kept, once */
    public static function kept(Request $request): ?array
    {
        $kept = $request->session()->get(self::KEY);
        if (! is_array($kept)) {
            return null;
        }
        $fields = [];
        foreach (explode('&', http_build_query($kept['input'])) as $pair) {
            [$name, $value] = array_map(urldecode(...), explode('=', $pair, 2) + [1 => '']);
            $fields += $name === '' ? [] : [$name => $value];
        }

        return ['to' => '/'.ltrim((string) $kept['to'], '/'), 'fields' => $fields, 'files' => (bool) $kept['files']];
    }

    /** What was kept has gone where it was to go: it is not offered once more. */
    public static function arrived(Request $request): void
    {
        $kept = $request->hasSession() && $request->isMethod('POST') ? $request->session()->get(self::KEY) : null;
        if (is_array($kept) && $kept['to'] === $request->path()) {
            self::forget($request);
        }
    }

    public static function forget(Request $request): void
    {
        $request->session()->forget(self::KEY);
    }

    /** Whoever keeps what another page sent would send it in its member's name (RFC 6454). */
    private static function isOurs(Request $request): bool
    {
        $from = $request->headers->get('Origin') ?? (string) $request->headers->get('Referer');

        return parse_url($from, PHP_URL_HOST) === $request->getHost()
            && (parse_url($from, PHP_URL_PORT) ?: null) === (parse_url($request->getSchemeAndHttpHost(), PHP_URL_PORT)
                ?: null);
    }
}
