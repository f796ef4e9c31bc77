<?php

namespace App\Http\Controllers;

use App\Import\Brought;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Outside\SafeHttpClient;
use App\Pictures\Drawings;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Brand\Brand;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Starter\Starters;
use InkyCard\Handover\Destination;
use InkyCard\Handover\FirstWay;
use InkyCard\Link\Trade;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

/**
 * Starting a card: from a starter with the maker's brand and name in it, from nothing, or from what there is already.
 */
final class StartController extends Controller
{
    public function show(Request $request): Response
    {
        return $this->page($request);
    }

    public function store(Request $request): RedirectResponse
    {
        if (self::string($request, 'starter') === 'blank') {
            return $this->begun($request, $this->blank($request), 'Started from nothing');
        }
        if (self::string($request, 'starter') === 'sketches') {
            $id = $this->started($request, $this->known($request), 'Started from facts');

            return redirect()->route('sketches', $id);
        }
        $starter = Starters::all()[self::string($request, 'starter')] ?? abort(404);

        return $this->begun($request, $this->begin($starter, $request), "Started from {$starter->name}");
    }

    /**
     * What somebody has already: a signature as text, HTML, message or contact, the address of a public page, or a card
     * document.
     */
    public function bring(Request $request, SafeHttpClient $outside): Response|RedirectResponse
    {
        $field = $request->file('file') !== null ? 'file' : ($request->has('address') ? 'address' : 'text');
        try {
            $brought = match ($field) {
                'file' => self::uploaded(
                    $request->file('file'), __('Choose one file.'), Brought::MOST, Brought::tooLarge(),
                )[0],
                'address' => Brought::page($outside, trim(self::string($request, 'address'))),
                default => self::string($request, 'text'),
            };
            if ($field === 'file' && str_starts_with(ltrim($brought), '{')) {
                return $this->begun($request, CardJson::decode($brought), 'Started from a file');
            }
            $country = StoredBrand::in($this->workspace)->document()->country;
            CardJson::read(Brought::document(Brought::facts($brought, $country), $country));

            return redirect()->route('cards.read', Brought::keep($brought, (int) self::member($request)->id));
        } catch (Refusal $refusal) {
            return $this->page($request, [$field => ltrim("$refusal->path: ", ': ').Words::of($refusal)], 422);
        }
    }

    /** A starter as the maker would begin it, drawn. */
    public function drawing(Request $request, Drawings $drawings, string $starter): AnyResponse
    {
        return $drawings->response($this->begin(Starters::all()[$starter] ?? abort(404), $request));
    }

    private function begin(Starter $starter, Request $request): Document
    {
        $user = self::member($request);
        $brand = StoredBrand::in($this->workspace)->document();

        return $starter->begin($user->name, $user->email, $brand, $this->inks($request) === 'own');
    }

    /** In whose inks starters are shown and begun: their own until there is a brand with some. */
    private function inks(Request $request): string
    {
        $asked = self::string($request, 'inks');
        $isSet = StoredBrand::in($this->workspace)->document()->hasOwnInks();

        return in_array($asked, ['own', 'ours'], true) ? $asked : ($isSet ? 'ours' : 'own');
    }

    /** Nothing but the brand's look. */
    private function blank(Request $request): Document
    {
        $brand = StoredBrand::in($this->workspace)->document();

        return CardJson::read(['name' => self::member($request)->name.' — blank'] + $this->empty($brand));
    }

    /** @return array<string, mixed> a document with nothing but the brand's look */
    private function empty(Brand $brand): array
    {
        return [
            'format' => CardJson::FORMAT,
            'country' => $brand->country,
            'style' => [
                'inks' => $brand->toArray()['inks'],
                'typeface' => $brand->typeface->key,
                'sizes' => $brand->sizes,
            ],
            'pieces' => [],
        ];
    }

    /** What is known of the maker and the firm, a line each. */
    private function known(Request $request): Document
    {
        $brand = StoredBrand::in($this->workspace)->document();
        $user = self::member($request);
        $known = new Standing($brand, $user->name, $user->email);
        $pieces = [];
        foreach (Kinds::all() as $key => $kind) {
            $fields = $kind->standing($known);
            if (array_filter($fields) !== [] && $key !== 'initials') {
                $pieces[] = ['id' => "k$key", 'kind' => $key, 'fields' => $fields];
            }
        }
        // What only they know is there to be written over.
        array_push($pieces, [
            'id' => 'krole', 'kind' => 'role', 'fields' => ['text' => 'What I do'], 'sample' => true,
        ], [
            'id' => 'kcall', 'kind' => 'button', 'sample' => true,
            'fields' => ['words' => 'Book a time', 'address' => $brand->lines->web ?: 'example.com'],
        ]);

        return CardJson::read(['name' => "$user->name — sketched", 'pieces' => $pieces] + $this->empty($brand));
    }

    private function begun(Request $request, Document $document, string $words): RedirectResponse
    {
        return redirect()->route('bench', $this->started($request, $document, $words));
    }

    /** @return int its number */
    private function started(Request $request, Document $document, string $words): int
    {
        return StoredCard::start($this->workspace, $document, self::member($request), $words)->id;
    }

    /**
     * @param  array<string, Starter>  $all
     * @return array<string, string> trades there are starters for: key => label
     */
    private static function trades(array $all): array
    {
        $used = array_merge(...array_values(array_map(fn (Starter $one) => $one->fields, $all)));
        $trades = array_filter(Trade::cases(), fn (Trade $trade) => in_array($trade, $used, true));
        $labels = array_column(array_map(fn (Trade $trade) => [$trade->value, $trade->label()], $trades), 1, 0);
        asort($labels);

        return $labels;
    }

    /**
     * @param  array<string, Starter>  $all
     * @return list<string> how starters come across
     */
    private static function moods(array $all): array
    {
        $moods = array_unique(array_merge(...array_map(
            fn (Starter $starter) => array_map(trim(...), explode(',', $starter->mood)), array_values($all),
        )));
        sort($moods);

        return $moods;
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, array $refused = [], int $status = 200): Response
    {
        $all = Starters::all();
        [$trade, $mood] = [self::string($request, 'trade'), self::string($request, 'mood')];

        return response()->view(
            'cards.start',
            [
                'starters' => array_filter(
                    $all,
                    fn (Starter $starter) => ($trade === '' || in_array(Trade::tryFrom($trade), $starter->fields, true))
                        && ($mood === '' || str_contains($starter->mood, $mood)),
                ),
                'trades' => self::trades($all),
                'moods' => self::moods($all),
                'inks' => $this->inks($request),
                // Names what the drawings are made of besides the starter.
                'as' => substr(md5(self::member($request)->name.StoredBrand::in($this->workspace)->document), 0, 12),
                'trade' => $trade,
                'mood' => $mood,
                'refused' => $refused,
                'way' => FirstWay::of(
                    self::string($request, 'to'), self::string($request, 'people'), self::string($request, 'freedom'),
                ),
                'asked' => $request->only(['to', 'people', 'freedom']),
                'destinations' => collect(Destination::all())->groupBy('group'),
                'recent' => StoredCard::query()
                    ->where('workspace_id', $this->workspace->id)
                    ->whereNull('archived_at')
                    ->latest('updated_at')
                    ->limit(6)
                    ->get(),
            ],
            $status,
        );
    }
}
