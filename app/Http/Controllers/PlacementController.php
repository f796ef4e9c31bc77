<?php

namespace App\Http\Controllers;

use App\Models\StoredCard;
use App\Placements\Placements;
use App\Words\Words;
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
                ->with(['told' => Words::of($refusal), 'misplaced' => $card->id])
                ->withInput(['address' => mb_scrub(self::string($request, 'address'))]);
        }
        if ($request->boolean('remove')) {
            Placements::take($card, $address, $situation);

            return back()->with([
                'told' => __(
                    ':name is not used for :label from :address any more.',
                    ['name' => $card->name, 'label' => $situation->label(), 'address' => $address],
                ),
                'taken' => ['card' => $card->id, 'address' => $address, 'situation' => $situation->value],
            ]);
        }
        $other = Placements::put($card, $address, $situation);

        $is = ['card' => $card->name, 'situation' => __($situation->label()), 'address' => $address, 'other' => $other];

        return back()->with('told', $other === null ? __(':card is used for :situation from :address.', $is)
            : __(':card is used for :situation from :address, in place of :other.', $is));
    }
}
