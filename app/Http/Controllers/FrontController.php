<?php

namespace App\Http\Controllers;

use App\Auth\Guests;
use App\Front\Front;
use App\Http\Middleware\ContentPolicy;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use InkyCard\Refusal;

/** The front page, and what is begun there without an account. */
final class FrontController
{
    private const MINUTES_A_DAY = 1440;

    public function show(Request $request): View|RedirectResponse
    {
        return match (true) {
            Auth::check() => redirect()->route('cards'),
            $request->hasHeader('HX-Request') => view('front.cards', $this->parts($request)),
            default => view('front.show', $this->parts($request) + ['sentence' => session('sentence')]),
        };
    }

    /** The large one, alone in a frame. */
    public function sheet(Request $request): Response
    {
        $html = (new Front($request, self::country($request)))->shown()['html'];

        return response()->view('bench.sheet', ['html' => "<div style=\"padding:4px\">$html</div>"])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /** A workspace of their own, for a while: to go on with one of these, or with what they have. */
    public function begin(Request $request): RedirectResponse
    {
        if (Auth::check()) {
            return redirect()->route('cards');
        }
        $front = new Front($request, self::country($request));
        $brings = $request->input('then') === 'bring';
        try {
            $guest = Guests::begin($front->typed['am'] ?: __('My cards'), $front->country);
        } catch (Refusal $refusal) {
            return redirect()->route('front', array_filter($front->typed))->with('sentence', Words::of($refusal));
        }
        Auth::setRememberDuration(Guests::DAYS * self::MINUTES_A_DAY);
        Auth::login($guest, remember: true);
        $request->session()->regenerate();
        if ($brings) {
            return redirect()->to(route('start').'#bring');
        }
        $workspace = $guest->workspace() ?? abort(500);
        $begun = $front->card($front->chosen);
        // What they chose is their brand until they say otherwise.
        StoredBrand::begin($workspace, ['inks' => $begun->style->full()['inks']]);
        $card = StoredCard::start($workspace, $begun, $guest, 'Started from a sentence');

        return redirect()->route($request->input('then') === 'hand-over' ? 'hand-over' : 'bench', $card->id);
    }

    /** @return array<string, mixed> */
    private function parts(Request $request): array
    {
        $front = new Front($request, self::country($request));

        return [
            'front' => $front, 'shown' => $front->shown(), 'samples' => Front::SAMPLES,
            'few' => $request->boolean('all') ? count($front->keys) : Front::FEW, 'days' => Guests::DAYS,
        ];
    }

    /** As their browser says, for numbers without a country. */
    private static function country(Request $request): string
    {
        foreach ($request->getLanguages() as $language) {
            if (preg_match('/_([A-Z]{2})$/', $language, $part) === 1) {
                return $part[1];
            }
        }

        return 'GB';
    }
}
