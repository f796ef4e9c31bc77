<?php

namespace App\Http\Controllers;

use App\Bench\Workbench;
use App\Http\Middleware\ContentPolicy;
use App\Pictures\BlockedPictures;
use App\Pictures\Drawings;
use App\Pictures\HostedPictures;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

final class BenchController extends Controller
{
    public function show(Request $request, int $card): View|RedirectResponse
    {
        $card = $this->card($card);
        if ($card->house_id !== null && $card->person_id !== null) {
            return redirect()->route('person', $card->person_id)->with('told', __(
                'This card follows a house card: what is theirs is changed here.',
            ));
        }

        return view('bench.show', [
            'bench' => Workbench::of($card),
            'open' => self::string($request, 'piece'),
            'refused' => [],
            'conflict' => null,
        ]);
    }

    /** The card as sent, alone in a frame. */
    public function sheet(Request $request, int $card): Response
    {
        $card = $this->card($card);
        $form = self::string($request, 'form');
        $html = match (true) {
            $request->boolean('blocked') => (new HtmlComposer(new BlockedPictures))
                ->compose(Sheet::of($card->document())),
            $form !== '' => (new HtmlComposer(HostedPictures::forScreen()))
                ->compose(Sheet::of($card->document()->inForm($form))),
            default => Workbench::of($card)->sheet,
        };

        $response = response()
            ->view('bench.sheet', ['html' => $html, 'revision' => $card->head])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);

        // Named by its revision it stays what it is: the bench shows it in several frames.
        return $request->has('at') ? $response->header('Cache-Control', 'private, max-age=3600') : $response;
    }

    /** A revision of it drawn, for lists; as it will be on a day, if one is asked for. */
    public function drawing(Request $request, Drawings $drawings, int $card, int $number): AnyResponse
    {
        $card = $this->card($card);
        $revision = $card->revisionAt($number) ?? abort(404);
        try {
            $on = $request->has('on') ? Day::parse($request->input('on')) : null;
        } catch (Refusal) {
            abort(404);
        }

        return $on === null ? $drawings->response($card->asOf($revision, $card->today())) : $drawings->response(
            $card->asOf($revision, $on), Clock::moment($on, '12:00', $this->workspace->clock())->getTimestamp(),
        );
    }

    /** Tuning of one piece, for the side of the bench. */
    public function tuning(Request $request, int $card): View
    {
        return view('bench.tuning', [
            'bench' => Workbench::of($this->card($card)),
            'open' => self::string($request, 'piece'),
            'refused' => [],
        ]);
    }
}
