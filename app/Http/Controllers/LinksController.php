<?php

namespace App\Http\Controllers;

use App\Links\LinkChecks;
use App\Models\StoredBrand;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use InkyCard\Card\CardLink;
use InkyCard\Card\Kind\ProfilesKind;
use InkyCard\Card\Networks;
use InkyCard\Card\Piece;

/** All links of a card: what each opens, what it carries, whether it answers. */
final class LinksController extends Controller
{
    /** Links followed in one request that is no script's, so that it ends in time. */
    private const MOST = 12;

    public function show(Request $request, LinkChecks $checks, int $card): View
    {
        $card = $this->card($card);
        $document = $card->document();
        $links = CardLink::all($document);

        return view($request->hasHeader('HX-Request') ? 'links.panel' : 'links.show', [
            'card' => $card,
            'document' => $document,
            'links' => $links,
            'checks' => $checks->known(array_values(array_unique(array_column($links, 'address')))),
            'networks' => Networks::of($document, StoredBrand::in($this->workspace)->document()->lines),
            'profiles' => array_values(
                array_filter(
                    $document->pieces,
                    fn (Piece $piece) => $piece->shown && $piece->kind instanceof ProfilesKind,
                ),
            )[0] ?? null,
            'refused' => [],
            'swap' => null,
        ]);
    }

    /** Follows one link of the card, or, for a form without a script, those not checked lately. */
    public function check(Request $request, LinkChecks $checks, int $card): View|RedirectResponse
    {
        $addresses = array_values(
            array_unique(
                array_column(
                    array_filter(CardLink::all($this->card($card)->document()), self::canBeFollowed(...)),
                    'address',
                ),
            ),
        );
        $asked = self::string($request, 'address');
        if ($asked !== '') {
            // Only what stands on the card is followed.
            abort_unless(in_array($asked, $addresses, true), 404);

            $check = $checks->check($asked);

            return $request->hasHeader('HX-Request')
                ? view('links.checked', ['check' => $check])
                : redirect()->route('links', $card);
        }
        foreach (
            array_slice(array_diff($addresses, array_keys($checks->known($addresses))), 0, self::MOST) as $address
        ) {
            $checks->check($address);
        }

        return redirect()->route(self::string($request, 'back') === 'proof' ? 'proof' : 'links', $card);
    }

    public static function canBeFollowed(CardLink $link): bool
    {
        return str_starts_with($link->address, 'http');
    }
}
