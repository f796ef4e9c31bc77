<?php

namespace App\Http\Controllers\Edit;

use Illuminate\Http\Request;
use InkyCard\Card\Edit;
use InkyCard\Card\Kind\Kinds;
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
            $request, $card, $piece, fn () => new Edit\AddPiece(Kinds::of($request->input('kind'))), whole: true,
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
