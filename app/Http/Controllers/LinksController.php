<?php

namespace App\Http\Controllers;

use App\Links\LinkChecks;
use App\Links\PanelLink;
use App\Models\StoredBrand;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use InkyCard\Card\CardLink;
use InkyCard\Card\Kind\ProfilesKind;
use InkyCard\Card\Networks;
use InkyCard\Card\Piece;
use InkyCard\Link\CampaignTags;
use InkyCard\Link\ProfileLink;

/** All links of a card: what each opens, what it carries, whether it answers. */
final class LinksController extends Controller
{
    /** Links are followed for so long in one request that is no script's, seconds; what is left is told. */
    private const SECONDS = 20;

    public function show(Request $request, LinkChecks $checks, int $card): View
    {
        $card = $this->card($card);
        $document = $card->document();
        $links = PanelLink::all($document);
        $networks = Networks::of($document, StoredBrand::in($this->workspace)->document()->lines);
        $profiles = array_values(array_filter($document->pieces, fn (Piece $piece) => $piece->shown
            && $piece->kind instanceof ProfilesKind))[0] ?? null;
        $lines = fn (ProfileLink $new, ?ProfileLink $old = null) => $profiles === null
            ? ''
            : implode("\n", Networks::lines($profiles, $new, $old));

        return view($request->hasHeader('HX-Request') ? 'links.panel' : 'links.show', [
            'card' => $card,
            'document' => $document,
            'links' => $links,
            'checks' => $checks->known(array_values(array_unique(array_map(
                fn (PanelLink $it) => $it->link->address, $links,
            )))),
            'networks' => $networks,
            'profiles' => $profiles,
            // What the piece's links would be, by what could be done about them.
            'instead' => array_map(fn (array $pair) => [$pair[1], $lines($pair[1], $pair[0])], $networks->instead),
            'unused' => array_map(fn (ProfileLink $link) => [$link, $lines($link)], $networks->unused),
            'tokens' => CampaignTags::TOKENS,
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
                    array_filter(
                        CardLink::all($this->card($card)->document()), fn (CardLink $link) => $link->leadsOn(),
                    ),
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
        $left = array_values(array_diff($addresses, array_keys($checks->known($addresses))));
        $until = microtime(true) + self::SECONDS;
        while ($left !== [] && microtime(true) < $until) {
            $checks->check(array_shift($left));
        }

        return redirect()
            ->route(self::string($request, 'back') === 'proof' ? 'proof' : 'links', $card)
            ->with('unfollowed', count($left));
    }
}
