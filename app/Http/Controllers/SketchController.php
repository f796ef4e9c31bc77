<?php

namespace App\Http\Controllers;

use App\Bench\Sketching;
use App\Pictures\Drawings;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use InkyCard\Refusal;
use InkyCard\Sketch\Sketches;
use Symfony\Component\HttpFoundation\Response;

/** Whole designs for a card's facts, to take one of. */
final class SketchController extends Controller
{
    /** What can stay as it is => as it is asked. */
    private const KEEP = [
        'arrangement' => 'its arrangement', 'typeface' => 'its typeface', 'inks' => 'its colours',
    ];

    public function show(Request $request, int $card): View
    {
        $card = $this->card($card);
        $sketching = Sketching::of($card, $request);
        $from = max(0, min(self::integer($request, 'from'), Sketches::SHOWN));

        return view('bench.sketches', [
            'card' => $card, 'kept' => $sketching->parts, 'keep' => self::KEEP, 'from' => $from,
            'most' => Sketches::SHOWN,
            'sketches' => $sketching->from($from),
        ]);
    }

    public function drawing(Request $request, Drawings $drawings, int $card, string $sketch): Response
    {
        $card = $this->card($card);
        try {
            return $drawings->response(Sketching::of($card, $request)->design($sketch));
        } catch (Refusal) {
            abort(404);
        }
    }
}
