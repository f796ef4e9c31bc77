<?php

namespace App\Http\Controllers;

use App\Clicks\Tally;
use App\Models\StoredCard;
use App\Placements\Placements;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
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

    private const ADDRESSES = 25;

    /** Days of presses shown on a tile. */
    private const PRESSED = 30;

    private const SORTS = ['newest' => 'Newest first', 'oldest' => 'Oldest first', 'name' => 'By name'];

    public function index(Request $request): View
    {
        $find = mb_substr(trim(self::word($request, 'find')), 0, 100);
        $archived = self::word($request, 'show') === 'archived';
        $sort = isset(self::SORTS[self::word($request, 'sort')]) ? self::word($request, 'sort') : 'newest';
        $like = '%'.addcslashes($find, '%_\\').'%';
        $cards = StoredCard::query()
            ->where('workspace_id', $this->workspace->id)
            ->when(
                $archived,
                fn (Builder $query) => $query->whereNotNull('archived_at'),
                fn (Builder $query) => $query->whereNull('archived_at'),
            )
            ->when(
                $find !== '',
                fn (Builder $query) => $query->where(
                    fn (Builder $either) => $either
                        ->whereLike('name', $like)
                        ->orWhereExists(
                            fn ($exists) => $exists
                                ->from('card_revisions')
                                ->whereColumn('card_id', 'cards.id')
                                ->whereColumn('number', 'cards.head')
                                ->whereLike('document', $like),
                        ),
                ),
            );
        match ($sort) {
            'name' => $cards->orderBy('name')->orderBy('id'),
            'oldest' => $cards->oldest('updated_at')->oldest('id'),
            default => $cards->latest('updated_at')->latest('id'),
        };
        $page = $cards->paginate(self::PER_PAGE)->withQueryString();

        return view('cards.index', [
            'cards' => $page,
            'find' => $find,
            'archived' => $archived,
            'sort' => $sort,
            'sorts' => self::SORTS,
            'filed' => StoredCard::query()
                ->where('workspace_id', $this->workspace->id)
                ->whereNotNull('archived_at')
                ->count(),
            'presses' => (new Tally(
                $this->workspace, self::PRESSED, now(),
                array_map(fn (StoredCard $card) => $card->id, array_values($page->items())),
            ))->seriesBy('card'),
            'placements' => DB::table('placements')
                ->whereIn('card_id', $page->pluck('id'))
                ->orderBy('address')
                ->get()
                ->groupBy('card_id'),
        ]);
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
        $count = $chosen->count();
        if ($count === 0) {
            return back()->with('told', 'Choose cards first.');
        }
        $cards = $count === 1 ? 'One card' : "$count cards";
        switch (self::word($request, 'do')) {
            case 'archive':
                StoredCard::query()->whereKey($chosen->modelKeys())->toBase()->update(['archived_at' => now()]);

                return back()->with([
                    'told' => "$cards put in the archive.",
                    'undo' => ['bring-back', $chosen->modelKeys()],
                ]);
            case 'bring-back':
                StoredCard::query()->whereKey($chosen->modelKeys())->toBase()->update(['archived_at' => null]);

                return back()->with(['told' => "$cards brought back.", 'undo' => ['archive', $chosen->modelKeys()]]);
            case 'copy':
                DB::transaction(
                    fn () => $chosen->each(
                        fn (StoredCard $card) => StoredCard::start(
                            $this->workspace, (new CopyFor('', ''))->apply($card->document()), self::member($request),
                            "Copied from $card->name",
                        ),
                    ),
                );

                return redirect()->route('cards')->with('told', "$cards copied.");
        }

        return back();
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
            $email = trim(self::word($request, 'email'));
            $email = $email === '' ? '' : Refusal::at('/email', fn () => MailAddress::parse($email)->address);
            $document = (new CopyFor(self::word($request, 'holder'), $email, self::word($request, 'name')))->apply(
                $card->document(),
            );
            $document = $request->boolean('short') ? (new Shorten())->apply($document) : $document;
        } catch (Refusal $refusal) {
            return response()->view(
                'cards.copy',
                ['card' => $card, 'refused' => [$refusal->field() => $refusal->getMessage()]],
                422,
            );
        }

        return redirect()->route(
            'bench',
            StoredCard::start($this->workspace, $document, self::member($request), "Copied from $card->name")->id,
        );
    }

    /** Every address with its cards, as a table. */
    public function placements(): View
    {
        $addresses = DB::table('placements')
            ->where('workspace_id', $this->workspace->id)
            ->select('address')
            ->distinct()
            ->orderBy('address')
            ->paginate(self::ADDRESSES);
        $placed = DB::table('placements')
            ->join('cards', 'cards.id', 'card_id')
            ->where('placements.workspace_id', $this->workspace->id)
            ->whereIn('address', $addresses->pluck('address'))
            ->get(['address', 'situation', 'card_id', 'cards.name']);

        return view('cards.placements', [
            'addresses' => $addresses,
            'situations' => Situation::cases(),
            'placements' => $placed->groupBy('address')->map(fn ($rows) => $rows->keyBy('situation'))->all(),
            'cards' => StoredCard::choices($this->workspace),
        ]);
    }

    public function put(Request $request): RedirectResponse
    {
        return $this->place($request, self::seen($request, 'card'));
    }

    /** Which address uses the card, and when: one card for each address and situation. */
    public function place(Request $request, int $card): RedirectResponse
    {
        $card = $this->card($card);
        try {
            $address = mb_strtolower(MailAddress::parse(self::word($request, 'address'))->address);
            $situation
                = Situation::tryFrom(self::word($request, 'situation'))
                ?? throw Refusal::because('Choose new mail, replies or campaigns.');
        } catch (Refusal $refusal) {
            return back()
                ->with(['told' => $refusal->getMessage(), 'misplaced' => $card->id])
                ->withInput(['address' => mb_scrub(self::word($request, 'address'))]);
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
