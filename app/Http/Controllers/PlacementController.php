<?php

namespace App\Http\Controllers;

use App\Models\StoredCard;
use App\Placements\Placements;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use InkyCard\Card\Situation;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;

/** Which card goes under messages from which address, and when. */
final class PlacementController extends Controller
{
    private const ADDRESSES = 25;

    /** Every address with its cards, as a table. */
    public function index(): View
    {
        $addresses = Placements::addresses($this->workspace, self::ADDRESSES);

        return view('cards.placements', [
            'addresses' => $addresses,
            'situations' => Situation::cases(),
            'placements' => Placements::table($this->workspace, $addresses->pluck('address')->all()),
            'cards' => StoredCard::choices($this->workspace),
        ]);
    }

    public function put(Request $request): RedirectResponse
    {
        return $this->place($request, self::integer($request, 'card'));
    }

    /** Which address uses the card, and when: one card for each address and situation. */
    public function place(Request $request, int $card): RedirectResponse
    {
        $card = $this->card($card);
        try {
            $address = mb_strtolower(MailAddress::parse(self::string($request, 'address'))->address);
            $situation
                = Situation::tryFrom(self::string($request, 'situation'))
                ?? throw Refusal::because('Choose new mail, replies or campaigns.');
        } catch (Refusal $refusal) {
            return back()
                ->with(['told' => $refusal->getMessage(), 'misplaced' => $card->id])
                ->withInput(['address' => mb_scrub(self::string($request, 'address'))]);
        }
        if ($request->boolean('remove')) {
            Placements::take($card, $address, $situation);

            return back()->with([
                'told' => "$card->name is not used for {$situation->label()} from $address any more.",
                'taken' => ['card' => $card->id, 'address' => $address, 'situation' => $situation->value],
            ]);
        }
        $other = Placements::put($card, $address, $situation);

        return back()->with(
            'told',
            "$card->name is used for {$situation->label()} from $address"
                .($other === null ? '.' : ", in place of $other."),
        );
    }
}
