<?php

namespace App\Http\Controllers\Edit;

use App\Models\StoredBrand;
use App\Models\User;
use App\Pictures\Drawings;
use Illuminate\Http\Request;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Edit;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Kind\Zone;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response;

/** Which pieces a card has, and where. */
final class OrderController extends AbstractEditController
{
    public function add(Request $request, int $card): Response
    {
        $piece = Edit\AddPiece::nextId($this->card($card)->document());
        $request->merge(['open' => $piece]);

        return $this->change(
            $request, $card, $piece, fn () => new Edit\AddPiece(
                Kinds::of($request->input('kind')),
                $this->known(self::member($request), $this->card($card)->document()),
            ), whole: true,
        );
    }

    /** What a piece of a kind looks like in the card's style, drawn. */
    public function example(Request $request, Drawings $drawings, int $card, string $kind): Response
    {
        $document = $this->card($card)->document();
        $known = $this->known(self::member($request), $document);

        return $drawings->response(Edit\Example::of($document, Kinds::all()[$kind] ?? abort(404), $known));
    }

    /** What is known of the firm, and of the member where it is their card. */
    private function known(User $member, Document $card): Standing
    {
        $own = in_array($card->holder(), ['', $member->name], true);

        return new Standing(
            StoredBrand::in($this->workspace)->document(), $card->holder() ?: $member->name, $own ? $member->email : '',
            $card->arrangement->hasBand(),
        );
    }

    public function show(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request, $card, $piece, fn () => new Edit\ShowPiece($piece, $request->boolean('shown')), whole: true,
        );
    }

    public function move(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request, $card, $piece, fn () => new Edit\MovePiece($piece, $request->boolean('up')), whole: true,
        );
    }

    public function place(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request,
            $card,
            $piece,
            fn () => new Edit\PlacePiece(
                $piece,
                Zone::tryFrom(self::string($request, 'zone'))
                    ?? throw Refusal::because('There is no such place on a card.'),
                self::string($request, 'before'),
            ),
            whole: true,
        );
    }

    public function copy(Request $request, int $card, string $piece): Response
    {
        return $this->change($request, $card, $piece, fn () => new Edit\CopyPiece($piece), whole: true);
    }

    public function remove(Request $request, int $card, string $piece): Response
    {
        return $this->change($request, $card, $piece, fn () => new Edit\RemovePiece($piece), whole: true);
    }
}
