<?php

namespace App\Http\Controllers;

use App\Brought;
use App\Models\Brand;
use App\Models\Card;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Card\Kinds;
use InkyCard\Card\Scraps;
use InkyCard\Card\Starter;
use InkyCard\Card\Starters;
use InkyCard\Refusal;

/** Starting a card: from a starter with the maker's brand and name in it, from nothing, or from what there is already. */
final class StartController extends Controller
{
    public function show(Request $request): Response
    {
        return $this->page($request);
    }

    public function store(Request $request): RedirectResponse
    {
        if (self::word($request, 'starter') === 'blank') {
            return $this->begun($request, $this->blank($request), 'Started from nothing');
        }
        $starter = Starters::all()[self::word($request, 'starter')] ?? abort(404);

        return $this->begun($request, $this->begin($starter, $request), "Started from {$starter->name}");
    }

    /** A signature pasted as text or HTML, or a card document as a file. */
    public function bring(Request $request): Response|RedirectResponse
    {
        try {
            if ($request->hasFile('file')) {
                $bytes = Refusal::at('/file', fn () => self::uploaded($request->file('file'))[0]);
                if (str_starts_with(ltrim($bytes), '{')) {
                    return $this->begun($request, Refusal::at('/file', fn () => CardJson::decode($bytes)), 'Started from a file');
                }

                return $this->toConfirm($request, $bytes, '/file');
            }
            $text = self::word($request, 'text');
            if (preg_match('/<(table|div|p|a|span|img|br)\b/i', $text) === 1) {
                return $this->toConfirm($request, $text, '/text');
            }

            return $this->begun($request, Refusal::at('/text', fn () => $this->pasted($request, $text)), 'Started from a pasted signature');
        } catch (Refusal $refusal) {
            return $this->page($request, [str_starts_with($refusal->path, '/file') ? 'file' : 'text' => ltrim(substr($refusal->path, 5).': ', ': ').$refusal->getMessage()], 422);
        }
    }

    public function sheet(Request $request, string $starter): Response
    {
        return self::rendering($this->begin(Starters::all()[$starter] ?? abort(404), $request));
    }

    private function begin(Starter $starter, Request $request): Document
    {
        $user = self::member($request);

        return $starter->begin($user->name, $user->email, Brand::in($this->workspace)->document());
    }

    /** Nothing but the brand's look. */
    private function blank(Request $request): Document
    {
        $brand = Brand::in($this->workspace)->document();

        return CardJson::read([
            'format' => CardJson::FORMAT, 'name' => self::member($request)->name.' — blank', 'country' => $brand->country,
            'style' => ['inks' => $brand->toArray()['inks'], 'typeface' => $brand->typeface->key, 'sizes' => $brand->sizes],
            'pieces' => [],
        ]);
    }

    /** @throws Refusal */
    private function pasted(Request $request, string $text): Document
    {
        $blank = $this->blank($request)->with(['name' => self::member($request)->name.' — pasted']);
        $pieces = Scraps::sort($text, $blank->country);
        $document = json_decode(CardJson::encode($blank), true);
        foreach ($pieces as $index => ['kind' => $kind, 'fields' => $fields]) {
            $document['pieces'][] = ['id' => 'p'.($index + 1), 'kind' => $kind, 'fields' => Kinds::of($kind)->accept($fields, $blank->country)];
        }

        return CardJson::read($document);
    }

    /** Something brought in another form is read, and looked over line by line before it is a card. */
    private function toConfirm(Request $request, string $bytes, string $path): RedirectResponse
    {
        Refusal::at($path, fn () => Brought::facts($bytes, Brand::in($this->workspace)->document()->country));

        return redirect()->route('cards.read', Brought::keep($bytes, (int) self::member($request)->id));
    }

    private function begun(Request $request, Document $document, string $words): RedirectResponse
    {
        return redirect()->route('bench', Card::start($this->workspace, $document, self::member($request), $words)->id);
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, array $refused = [], int $status = 200): Response
    {
        $all = Starters::all();
        [$trade, $mood] = [self::word($request, 'trade'), self::word($request, 'mood')];
        $moods = array_unique(array_merge(...array_map(fn (Starter $starter) => array_map(trim(...), explode(',', $starter->mood)), array_values($all))));
        sort($moods);

        return response()->view('cards.start', [
            'starters' => array_filter($all, fn (Starter $starter) => ($trade === '' || $starter->trade === $trade) && ($mood === '' || str_contains($starter->mood, $mood))),
            'trades' => collect($all)->pluck('trade')->unique()->sort()->values()->all(), 'moods' => $moods, 'trade' => $trade, 'mood' => $mood, 'refused' => $refused,
            'recent' => Card::query()->where('workspace_id', $this->workspace->id)->whereNull('archived_at')->latest('updated_at')->limit(6)->get(),
        ], $status);
    }
}
