<?php

namespace App\Search;

use App\Help\Guide;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use App\Models\Workspace;
use Illuminate\Support\Collection;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Link\ProfileDirectory;

/** Finds anything of a workspace: cards by what is on them, pieces, pictures, places and what can be done there. */
final readonly class Finder
{
    public function __construct(private Workspace $workspace)
    {
    }

    /** @return array<string, list<Hit>> heading => hits; headings without any left out */
    public function find(Query $query): array
    {
        if ($query->isEmpty()) {
            return [];
        }
        $cards = $this->cards($query);
        // What is to be done with a card is shown on the one found, or the one worked on last.
        $one = $cards->first() ?? $this->latest();

        return array_filter([
            'Cards' => array_values($cards->map(self::card(...))->all()),
            'Pieces' => self::pieces($cards, $query),
            'Pictures' => $this->pictures($query),
            __('Go to') => Places::matching($query),
            'Where a card can go' => $one === null ? [] : Places::destinations($query, $one),
            __('What can be set') => $one === null ? [] : Places::settings($query, $one),
            __('What pieces are for') => self::purposes($query),
            __('What things mean') => self::explained($query),
            'Where to find your own address' => self::profiles($query),
        ]);
    }

    /** @return Collection<int, StoredCard> by name, or by what is on them */
    private function cards(Query $query): Collection
    {
        return StoredCard::query()
            ->where('workspace_id', $this->workspace->id)
            ->tap(new OnCard($query))
            ->latest('updated_at')
            ->limit(Query::EACH)
            ->get()
            ->toBase();
    }

    private function latest(): ?StoredCard
    {
        return StoredCard::query()->where('workspace_id', $this->workspace->id)->whereNull('archived_at')
            ->latest('updated_at')->first();
    }

    private static function card(StoredCard $card): Hit
    {
        return new Hit($card->name, $card->archived_at === null ? '' : 'archived', route('bench', $card->id));
    }

    /**
     * @param  Collection<int, StoredCard>  $cards
     * @return list<Hit>
     */
    private static function pieces(Collection $cards, Query $query): array
    {
        $hits = [];
        foreach ($cards as $card) {
            foreach ($card->document()->pieces as $piece) {
                $label = $piece->kind->label();
                if (! $piece->isBlank() && $query->matches("$label ".$piece->summary())) {
                    $hits[] = new Hit(
                        $piece->summary(), mb_strtolower($label).' on '.$card->name,
                        route('bench', ['card' => $card->id, 'piece' => $piece->id]),
                    );
                }
            }
        }

        return array_slice($hits, 0, Query::EACH);
    }

    /** @return list<Hit> */
    private function pictures(Query $query): array
    {
        return array_values($this->workspace
            ->pictures()
            ->whereNull('removed_at')
            ->where(fn ($either) => $either->whereLike('name', $query->like())->orWhereLike('alt', $query->like()))
            ->limit(Query::EACH)
            ->get()
            ->toBase()
            ->map(fn (StoredPicture $it) => new Hit($it->name, $it->alt, route('picture', $it->id)))
            ->all());
    }

    /** @return list<Hit> */
    private static function purposes(Query $query): array
    {
        return self::first(array_filter(
            Kinds::all(), fn (Kind $kind) => $query->matches($kind->label().' '.$kind->purpose()),
        ), fn (Kind $kind) => new Hit($kind->label(), $kind->purpose()));
    }

    /** @return list<Hit> */
    private static function explained(Query $query): array
    {
        $hits = [];
        foreach (Guide::all() as $topics) {
            foreach ($topics as $key => $topic) {
                if ($query->matches("$topic->title $topic->found")) {
                    $hits[] = new Hit($topic->title, $topic->says, route('help')."#$key");
                }
            }
        }

        return array_slice($hits, 0, Query::EACH);
    }

    /** @return list<Hit> */
    private static function profiles(Query $query): array
    {
        $all = ProfileDirectory::all();

        return self::first(array_filter(array_keys($all), fn (string $kind) => ProfileDirectory::find($kind) !== ''
            && $query->matches("{$all[$kind]['label']} ".implode(' ', $all[$kind]['trades'])),
        ), fn (string $kind) => new Hit($all[$kind]['label'], ProfileDirectory::find($kind)));
    }

    /**
     * @template T
     *
     * @param  array<T>  $found
     * @param  \Closure(T): Hit  $hit
     * @return list<Hit>
     */
    private static function first(array $found, \Closure $hit): array
    {
        return array_map($hit, array_values(array_slice($found, 0, Query::EACH)));
    }
}
