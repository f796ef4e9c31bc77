<?php

namespace App\Http\Controllers;

use App\Exceptions\StaleRevision;
use App\Models\Revision;
use App\Models\StoredCard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\CardJson;
use InkyCard\Card\Difference;

/** Everything a card has been. */
final class HistoryController extends Controller
{
    private const PER_PAGE = 12;

    public function show(int $card): View
    {
        $card = $this->card($card);

        return view('history.show', [
            'card' => $card,
            'revisions' => $card
                ->revisions()
                ->orderByDesc('number')
                ->paginate(self::PER_PAGE)
                ->through(Revision::of(...)),
        ]);
    }

    /** Two of its states side by side. */
    public function compare(Request $request, int $card): View
    {
        $card = $this->card($card);
        // While a stay in a field went on, the number somebody saw may have moved: the next one then.
        $near = fn (string $which) => $card->revisionFrom(self::integer($request, $which)) ?? abort(404);
        [$one, $other] = [$near('one'), $near('other')];
        if ($one->number > $other->number) {
            [$one, $other] = [$other, $one];
        }

        $differences = Difference::between(CardJson::restore($one->document), CardJson::restore($other->document));

        return view('history.compare', [
            'card' => $card, 'one' => $one, 'other' => $other, 'differences' => $differences,
        ]);
    }

    public function sheet(int $card, int $number): Response
    {
        return self::rendering(CardJson::restore($this->revision($this->card($card), $number)->document));
    }

    public function back(Request $request, int $card, int $number): RedirectResponse
    {
        $card = $this->card($card);
        try {
            $card->goBack(self::integer($request), $this->revision($card, $number), self::member($request));
        } catch (StaleRevision) {
            return redirect()
                ->route('history', $card->id)
                ->with('told', __('The card was changed elsewhere meanwhile: look again before you go back.'));
        }

        return redirect()->route('bench', $card->id);
    }

    private function revision(StoredCard $card, int $number): Revision
    {
        return $card->revisionAt($number) ?? abort(404);
    }
}
