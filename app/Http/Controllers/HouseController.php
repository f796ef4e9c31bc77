<?php

namespace App\Http\Controllers;

use App\Handover\InUse;
use App\House\House;
use App\House\HousePut;
use App\House\HouseReview;
use App\Models\Errand;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Pictures\Drawings;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Starter\Starters;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response;

/** A card groups follow: whose cards it changes and how, before it does. */
final class HouseController extends Controller
{
    private const PER_PAGE = 12;

    /** Starters that suit many people alike. */
    public const SAMPLES = ['many-hands', 'plain-answer', 'two-lines', 'ledger-line', 'stone-and-statute', 'commons',
        'quiet-clinic', 'span-and-pier'];

    public function show(Request $request, int $house): View
    {
        $house = House::find($this->workspace, $house);
        $page = $house->followers()->orderBy('name')->orderBy('people.id')->paginate(self::PER_PAGE);
        $reviewed = (new HouseReview($house))->of($page->getCollection());
        $ids = array_values(array_filter(array_map(fn (array $one): ?int => $one['card']?->id, $reviewed)));
        $cards = StoredCard::query()->whereIn('id', $ids)->get()->each(
            fn (StoredCard $card) => $card->setRelation('workspace', $this->workspace),
        );

        return view('people.house', [
            'house' => $house, 'list' => $page, 'reviewed' => $reviewed, 'put' => HousePut::newest($house->card->id),
            'uses' => InUse::ofCards(array_values($cards->all())),
            'errand' => Errand::query()->where(['workspace_id' => $this->workspace->id, 'kind' => 'put-house',
                'data->house' => $house->card->id])->latest('id')->first(),
        ]);
    }

    /** How many it changes: looked at behind the page. */
    public function counts(int $house): View
    {
        $house = House::find($this->workspace, $house);

        return view('people.house-counts', ['counts' => (new HouseReview($house))->counts()]);
    }

    /** Somebody's card as the draft makes it. */
    public function drawing(Drawings $drawings, int $house, string $person): Response
    {
        $house = House::find($this->workspace, $house);

        return $drawings->response((new HouseReview($house))->drafted(StoredPerson::in($this->workspace, $person)));
    }

    public function begin(Request $request): RedirectResponse
    {
        $sample = Starters::all()[self::string($request, 'starter')] ?? null;
        $card = $sample === null ? $this->card(self::integer($request, 'card')) : $this->sampled($request, $sample);
        try {
            House::begin($card, self::member($request));
        } catch (Refusal $refusal) {
            return back()->with('told', Words::of($refusal));
        }

        return redirect()->route('house', $card->id)->with('told', __(
            'A house card. What is personal became blanks: see to that on the bench, under “Filled by”.',
        ));
    }

    /** A card to begin from: the firm's inks and facts are in it, and nobody's name. */
    private function sampled(Request $request, Starter $starter): StoredCard
    {
        $document = $starter->begin('', '', StoredBrand::in($this->workspace)->document());

        return StoredCard::start(
            $this->workspace, $document->with(['name' => "House card, $starter->name"]), self::member($request),
            "Started from {$starter->name}",
        );
    }

    public function end(int $house): RedirectResponse
    {
        House::find($this->workspace, $house)->end();

        return redirect()->route('people')->with('told', __(
            'A house card no more: people’s cards stay as they are.',
        ));
    }

    public function put(Request $request, int $house): RedirectResponse
    {
        return $this->going(fn () => HousePut::begin(House::find($this->workspace, $house), self::member($request)),
            $house);
    }

    public function undo(Request $request, int $house): RedirectResponse
    {
        return $this->going(fn () => HousePut::beginUndo(House::find($this->workspace, $house),
            self::member($request)), $house);
    }

    /** @param  \Closure(): Errand  $begin */
    private function going(\Closure $begin, int $house): RedirectResponse
    {
        try {
            $begin();
        } catch (Refusal $refusal) {
            return redirect()->route('house', $house)->with('told', Words::of($refusal));
        }

        return redirect()->route('house', $house);
    }
}
