<?php

namespace App\Http\Controllers;

use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Pictures\BlockedPictures;
use App\Pictures\Drawings;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use InkyCard\Refusal;
use InkyCard\Sketch\Kept;
use InkyCard\Sketch\Sketches;
use InkyCard\Time\Day;
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
        $parts = self::parts($request);
        $from = max(0, min(self::integer($request, 'from'), Sketches::SHOWN));

        return view('bench.sketches', [
            'card' => $card, 'kept' => $parts, 'keep' => self::KEEP, 'from' => $from,
            'sketches' => self::sketches($card)->of($card->document(), Kept::of($parts), $from),
        ]);
    }

    public function drawing(Request $request, Drawings $drawings, int $card, string $sketch): Response
    {
        $card = $this->card($card);
        try {
            return $drawings->response(
                self::sketches($card)->design($sketch, $card->document(), Kept::of(self::parts($request))),
            );
        } catch (Refusal) {
            abort(404);
        }
    }

    public static function sketches(StoredCard $card): Sketches
    {
        return new Sketches(
            StoredBrand::in($card->workspace)->document(), Day::at(now()), new BlockedPictures,
        );
    }

    /** @return list<string> */
    public static function parts(Request $request): array
    {
        return array_values(array_intersect(Kept::PARTS, array_filter($request->array('keep'), is_string(...))));
    }
}
