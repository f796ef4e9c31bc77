<?php

namespace App\Http\Controllers;

use App\Exceptions\StaleRevision;
use App\Models\BulkChange;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Pagination\Paginator;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\LazyCollection;
use InkyCard\Card\Edit\FollowBrand;
use InkyCard\Card\Edit\MeetRules;
use InkyCard\Card\MissingCompliance;

/** What the drafted brand changes on the cards: seen first, then put on all of them or not, and taken back as one. */
final class BrandChangeController extends Controller
{
    private const PER_PAGE = 6;

    public function show(Request $request): View
    {
        $brand = StoredBrand::in($this->workspace);

        return view('brand.change', [
            'brand' => $brand,
            'cards' => self::paged($request, BulkChange::touched($this->workspace, $brand->change())),
        ]);
    }

    /**
     * How many cards the draft changes, and how many lack what the rules ask; asked for after the page, as it reads
     * every card. `of` asks for one of the two in words.
     */
    public function counts(Request $request): View|Response
    {
        $brand = StoredBrand::in($this->workspace);
        $touched = fn (): int => $brand->draft === null
            ? 0
            : BulkChange::touched($this->workspace, $brand->change())->count();
        $lacking = fn (): int => $this->lacking($brand)->count();

        return match (self::string($request, 'of')) {
            'change' => response(trans_choice('{1}One card changes|[0,*]:count cards change', $touched())),
            'duties' => response(trans_choice('{1}One card lacks|[0,*]:count cards lack', $lacking())),
            default => view('brand.counts', [
                'brand' => $brand, 'touched' => $touched(), 'lacking' => $lacking(),
            ]),
        };
    }

    public function duties(Request $request): View
    {
        $brand = StoredBrand::in($this->workspace);

        $lacking = $this->lacking($brand);

        return view('brand.duties', [
            'cards' => self::paged($request, $lacking),
            'notices' => $lacking->contains(fn (array $of) => $of['lacks']->notices !== []),
        ]);
    }

    /** Puts the notices the rules in force ask for on every card that lacks them. */
    public function meet(Request $request): RedirectResponse
    {
        $sweep = DB::transaction(
            fn () => BulkChange::over(
                $this->workspace, new MeetRules(StoredBrand::in($this->workspace)->document()),
                'Notices put where trade rules ask for them', self::member($request),
            ),
        );

        return redirect()->to(route('brand').'#changes')->with('told', $sweep->words.': '.$sweep->count().'.');
    }

    /** A card as it would be with the draft. */
    public function sheet(int $card): Response
    {
        return self::rendering(StoredBrand::in($this->workspace)->change()->apply($this->card($card)->document()));
    }

    public function put(Request $request): RedirectResponse
    {
        $brand = StoredBrand::in($this->workspace);
        try {
            $sweep = DB::transaction(function () use ($request, $brand) {
                $change = $brand->change();
                $brand->put(self::integer($request, 'number'), $change->to);

                return BulkChange::over($this->workspace, $change, self::words($change), self::member($request));
            });
        } catch (StaleRevision) {
            return redirect()->route('brand.change')->with('told', __(
                'The brand was changed elsewhere meanwhile: look again before you put it on the cards.',
            ));
        }

        return redirect()->to(route('brand').'#changes')->with('told', $sweep->words.': '.$sweep->count().'.');
    }

    public function drop(Request $request): RedirectResponse
    {
        $brand = StoredBrand::in($this->workspace);
        try {
            $brand->keep(self::integer($request, 'number'), $brand->document());
        } catch (StaleRevision) {
            return redirect()
                ->route('brand')
                ->with('told', __('The brand was changed elsewhere meanwhile: nothing was dropped.'));
        }

        return redirect()->route('brand')->with('told', __('Dropped. Undo brings it back.'));
    }

    /** Takes the newest change of the brand back, on the brand and on every card. */
    public function undo(int $sweep): RedirectResponse
    {
        $found = BulkChange::query()->where(['workspace_id' => $this->workspace->id, 'id' => $sweep])->firstOrFail();
        $edit = $found->edit();
        $brand = StoredBrand::in($this->workspace);
        try {
            DB::transaction(function () use ($found, $edit, $brand) {
                if ($found->undone_at !== null || ! $found->isNewest()) {
                    throw new StaleRevision;
                }
                $found->undo();
                if ($edit instanceof FollowBrand) {
                    $brand->put($brand->number, $edit->from);
                }
            });
        } catch (StaleRevision) {
            return redirect()->route('brand')->with('told', __('There is a newer change: take that back first.'));
        }

        return redirect()->to(route('brand').'#changes')->with('told', __(
            'Taken back: :words.', ['words' => $found->words],
        ));
    }

    private static function words(FollowBrand $change): string
    {
        [$from, $to] = [$change->from->toArray(), $change->to->toArray()];
        $parts = [];
        foreach (['inks', 'lines'] as $part) {
            foreach ($to[$part] as $key => $value) {
                if ($value !== $from[$part][$key]) {
                    $parts[] = is_string($value) && $value !== '' ? "$key ".mb_strimwidth($value, 0, 40, '…') : $key;
                }
            }
        }
        foreach (['typeface', 'sizes', 'logos', 'notices', 'rules'] as $part) {
            if ($from[$part] != $to[$part]) {
                $parts[] = $part;
            }
        }

        return 'Brand: '.implode(', ', $parts);
    }

    /** @return LazyCollection<int, array{card: StoredCard, lacks: MissingCompliance}> those short of a rule in force */
    private function lacking(StoredBrand $brand): LazyCollection
    {
        $rules = $brand->document();
        if ($rules->rules === []) {
            return LazyCollection::empty();
        }

        return StoredCard::allIn($this->workspace)
            ->map(
                fn (StoredCard $card) => [
                    'card' => $card,
                    'lacks' => MissingCompliance::missing($card->document(), $rules),
                ],
            )
            ->filter(fn (array $of) => $of['lacks'] !== null);
    }

    /** How far a change of many cards has come. */
    public function progress(int $sweep): View
    {
        return view('brand.sweep', [
            'sweep' => BulkChange::query()->where(['workspace_id' => $this->workspace->id, 'id' => $sweep])
                ->firstOrFail(),
        ]);
    }

    /**
     * The first ones at once, whatever comes after them: how many there are in all is counted behind (`counts`).
     *
     * @template T
     *
     * @param  LazyCollection<int, T>  $all
     * @return Paginator<int, T>
     */
    private static function paged(Request $request, LazyCollection $all): Paginator
    {
        $page = max(1, self::integer($request, 'page'));
        $some = $all->skip(($page - 1) * self::PER_PAGE)->take(self::PER_PAGE + 1)->values()->collect();

        return new Paginator($some, self::PER_PAGE, $page, ['path' => $request->url()]);
    }
}
