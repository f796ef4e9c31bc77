<?php

namespace App\Http\Controllers;

use App\Pictures\Library;
use App\Pictures\Scribe;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Picture\Strokes;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** A written name: drawn on the page, photographed, or set in a script face. */
final class HandwritingController extends Controller
{
    public function show(Request $request): View
    {
        return $this->page($request);
    }

    public function store(Request $request, Library $library, Scribe $scribe): Response|RedirectResponse
    {
        $way = self::string($request, 'way');
        try {
            $picture = match ($way) {
                'drawn' => $library->addHand(
                    $this->workspace,
                    Refusal::at('/strokes', fn () => Strokes::read($request->input('strokes'))),
                    'Drawn by hand',
                ),
                'photographed' => Refusal::at(
                    '/photo',
                    fn () => $library->addHand($this->workspace, ...self::uploaded($request->file('photo'))),
                ),
                'set' => Refusal::at('/words', function () use ($request, $library, $scribe) {
                    $words = CleanText::of($request->input('words'), 60, 'name');

                    return $library->addHand(
                        $this->workspace,
                        $scribe->written($words, self::string($request, 'face')),
                        $words,
                    );
                }),
                default => throw Refusal::because('Draw the name, photograph it, or have it set.'),
            };
        } catch (Refusal $refusal) {
            return response($this->page($request, [$refusal->field() ?: 'way' => Words::of($refusal)]), 422);
        }

        return redirect()
            ->route('picture', $picture->id)
            ->with('told', __('Taken. Choose it for a closing on the bench; it is shown in the closing\'s ink.'));
    }

    /** A name in a script face, to look at. */
    public function sample(Request $request, Scribe $scribe): Response
    {
        try {
            return response(
                $scribe->sample(CleanText::of($request->input('words'), 60, 'name'), self::string($request, 'face')),
                200,
                ['Content-Type' => 'image/png', 'Cache-Control' => 'private, max-age=600'],
            );
        } catch (Refusal $refusal) {
            return response(Words::of($refusal), 422, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, array $refused = []): View
    {
        return view('pictures.hand', [
            'refused' => $refused,
            'name' => self::string($request, 'words') ?: self::member($request)->name,
            'faces' => Scribe::FACES,
        ]);
    }
}
