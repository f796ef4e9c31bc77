<?php

namespace App\Http\Controllers;

use App\Models\StoredBrand;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Edit\Rearrange;
use InkyCard\Card\Edit\TakeLook;
use InkyCard\Card\Starter\Starters;
use InkyCard\Refusal;

/** A card in every arrangement and every starter's look, its own facts in all of them. */
final class LooksController extends Controller
{
    public function show(int $card): View
    {
        $card = $this->card($card);

        $document = $card->document();

        return view('bench.looks', [
            'card' => $card, 'document' => $document, 'arrangements' => Arrangement::all(), 'looks' => Starters::all(),
            'starter' => Starters::all()[$document->unknown['starter'] ?? ''] ?? null,
        ]);
    }

    public function sheet(Request $request, int $card): Response
    {
        $document = $this->card($card)->document();
        $look = self::string($request, 'look');
        $brand = StoredBrand::in($this->workspace)->document();
        try {
            $edit = $look === ''
                ? new Rearrange(Arrangement::of(self::string($request, 'arrangement')))
                : new TakeLook(Starters::all()[$look] ?? abort(404), $brand);

            return self::rendering($edit->apply($document));
        } catch (Refusal) {
            abort(404);
        }
    }
}
