<?php

namespace App\Http\Controllers;

use App\Bench\ProfileRow;
use App\Bench\ProfileRows;
use App\Bench\ProfileShelf;
use App\Models\StoredBrand;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Link\Pictograms;
use InkyCard\Link\ProfileDirectory;

/** Profile links of a card: one of them, and all there could be. */
final class ProfileController extends Controller
{
    /** Pictures of the library offered as marks. */
    private const PICTURES = 24;

    public function show(Request $request, int $card): View
    {
        $card = $this->card($card);
        $document = $card->document();
        $piece = self::piece($document->pieces, self::string($request, 'piece'));
        $line = self::string($request, 'link');
        $row = array_values(array_filter(
            ProfileRows::of($card, $document, $piece), fn (ProfileRow $row) => $row->line === $line,
        ))[0] ?? abort(404);

        return view('bench.profile', [
            'card' => $card, 'piece' => $piece, 'row' => $row, 'id' => $row->id($piece->id),
            'find' => ProfileDirectory::find($row->link->kind), 'marks' => Pictograms::all(),
            'pictures' => $this->workspace->pictures()->where('hand', false)->latest('id')->limit(self::PICTURES)
                ->get(),
        ]);
    }

    public function kinds(Request $request, int $card): View
    {
        $card = $this->card($card);
        $document = $card->document();

        return view('bench.profile-kinds', [
            'card' => $card, 'piece' => self::piece($document->pieces, self::string($request, 'piece')),
            'shelf' => ProfileShelf::of($document, StoredBrand::in($this->workspace)->document()->lines->profiles),
        ]);
    }

    /** @param  list<Piece>  $pieces */
    private static function piece(array $pieces, string $id): Piece
    {
        return array_values(array_filter(
            $pieces, fn (Piece $piece) => $piece->id === $id && $piece->can(Capability::Profiles),
        ))[0] ?? abort(404);
    }
}
