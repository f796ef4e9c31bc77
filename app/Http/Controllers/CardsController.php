<?php

namespace App\Http\Controllers;

use App\Banners\CardLabels;
use App\Banners\WindowForm;
use App\Clicks\Tally;
use App\Handover\InUse;
use App\Models\StoredCard;
use App\Placements\Placements;
use App\Search\OnCard;
use App\Search\Query;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Edit\CopyFor;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Card\Situation;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;

/** The cards of the workspace. */
final class CardsController extends Controller
{
    private const PER_PAGE = 12;

    /** Days of clicks shown on a tile. */
    private const CLICKED = 30;

    private const SORTS = ['newest' => 'Newest first', 'oldest' => 'Oldest first', 'name' => 'By name'];

    public function index(Request $request): View
    {
        $query = new Query(self::string($request, 'find'));
        $archived = self::string($request, 'show') === 'archived';
        $sort = isset(self::SORTS[self::string($request, 'sort')]) ? self::string($request, 'sort') : 'newest';
        $label = self::string($request, 'label');
        $page = $this->listed($query, $archived, $sort, $label)->paginate(self::PER_PAGE)->withQueryString();
        $ids = array_map(fn (StoredCard $card) => $card->id, array_values($page->items()));

        return view('cards.index', [
            'cards' => $page, 'find' => $query->text, 'archived' => $archived, 'sort' => $sort,
            'sorts' => array_map(Words::of(...), self::SORTS),
            'filed' => $this->own()->whereNotNull('archived_at')->count(),
            'clicks' => (new Tally($this->workspace, self::CLICKED, now(), $ids))->seriesBy('card'),
            'placements' => Placements::ofCards($this->workspace, $ids), 'situations' => Situation::labels(),
            'uses' => InUse::ofCards(array_values($page->items())),
            'labels' => CardLabels::ofCards($ids), 'label' => $label, 'all' => CardLabels::in($this->workspace->id),
        ]);
    }

    /** @return Builder<StoredCard> */
    private function listed(Query $query, bool $archived, string $sort, string $label): Builder
    {
        $cards = $archived ? $this->own()->whereNotNull('archived_at') : $this->own()->whereNull('archived_at');
        // Those people have by a house card are found by looking for them, and under People.
        if ($query->isEmpty() && $label === '') {
            $cards->whereNull('house_id');
        }
        if ($label !== '') {
            $cards->whereIn('id', DB::table('card_labels')->where('label', $label)->select('card_id'));
        }
        if (! $query->isEmpty()) {
            $cards->tap(new OnCard($query));
        }

        return match ($sort) {
            'name' => $cards->orderBy('name')->orderBy('id'),
            'oldest' => $cards->oldest('updated_at')->oldest('id'),
            default => $cards->latest('updated_at')->latest('id'),
        };
    }

    /** @return Builder<StoredCard> */
    private function own(): Builder
    {
        return StoredCard::query()->where('workspace_id', $this->workspace->id);
    }

    /** Several at once: put in the archive, brought back, or copied. */
    public function several(Request $request): RedirectResponse
    {
        $ids = array_filter(array_map(fn ($id) => is_scalar($id) ? (int) $id : 0, $request->array('cards')));
        $chosen = StoredCard::query()
            ->where('workspace_id', $this->workspace->id)
            ->whereIn('id', $ids)
            ->orderBy('id')
            ->get();
        if ($chosen->isEmpty()) {
            return back()->with('told', __('Choose cards first.'));
        }
        $cards = trans_choice('One card|:count cards', $chosen->count());
        switch (self::string($request, 'do')) {
            case 'archive':
                StoredCard::archive($this->workspace, $chosen->modelKeys());

                return back()->with('told', __(':cards put in the archive.', ['cards' => $cards]))
                    ->with('undo', ['bring-back', $chosen->modelKeys()]);
            case 'label':
            case 'unlabel':
                return back()->with('told', $this->label($request, $chosen->modelKeys()));
            case 'bring-back':
                StoredCard::archive($this->workspace, $chosen->modelKeys(), away: false);

                return back()->with('told', __(':cards brought back.', ['cards' => $cards]))
                    ->with('undo', ['archive', $chosen->modelKeys()]);
            case 'copy':
                $this->copies($request, $chosen);

                return redirect()->route('cards')->with('told', __(':cards copied.', ['cards' => $cards]));
        }

        return back();
    }

    /** @param  Collection<int, StoredCard>  $chosen */
    private function copies(Request $request, Collection $chosen): void
    {
        DB::transaction(fn () => $chosen->each(fn (StoredCard $card) => StoredCard::start(
            $this->workspace, (new CopyFor('', ''))->apply($card->document()), self::member($request),
            "Copied from $card->name",
        )));
    }

    /** @param  array<int>  $cards */
    private function label(Request $request, array $cards): string
    {
        $on = self::string($request, 'do') === 'label';
        try {
            $labels = WindowForm::labels(self::string($request, 'label'));
        } catch (Refusal $refusal) {
            return Words::of($refusal);
        }
        if ($labels === []) {
            return __('Write the label first.');
        }
        $on ? CardLabels::put($cards, $labels) : CardLabels::take($cards, $labels);

        return implode(', ', $labels).($on ? ': on ' : ': off ').count($cards).(count($cards) === 1 ? ' card.'
            : ' cards.');
    }

    public function copy(int $card): View
    {
        return view('cards.copy', ['card' => $this->card($card), 'refused' => []]);
    }

    /** A copy for another person or purpose. */
    public function storeCopy(Request $request, int $card): Response|RedirectResponse
    {
        $card = $this->card($card);
        try {
            $email = trim(self::string($request, 'email'));
            $email = $email === '' ? '' : Refusal::at('/email', fn () => MailAddress::parse($email)->address);
            $document = (new CopyFor(self::string($request, 'holder'), $email, self::string($request, 'name')))->apply(
                $card->document(),
            );
            $document = $request->boolean('short') ? (new Shorten())->apply($document) : $document;
        } catch (Refusal $refusal) {
            return response()->view(
                'cards.copy',
                ['card' => $card, 'refused' => [$refusal->field() => Words::of($refusal)]],
                422,
            );
        }

        return redirect()->route(
            'bench',
            StoredCard::start($this->workspace, $document, self::member($request), "Copied from $card->name")->id,
        );
    }
}
