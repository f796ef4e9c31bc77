<?php

namespace App\Pictures;

use App\Models\Workspace;
use Illuminate\Support\Facades\DB;

/** Which cards, as they are now, have which picture. */
final readonly class Uses
{
    /** @param  array<string, array<int, string>>  $cards  hash => card id => its name */
    private function __construct(private array $cards)
    {
    }

    public static function in(Workspace $workspace): self
    {
        $cards = [];
        $heads = DB::table('cards')->where('workspace_id', $workspace->id)->orderBy('cards.id')
            ->join('card_revisions as r', fn ($join) => $join->on('r.card_id', 'cards.id')->on('r.number',
                'cards.head'))
            ->select(['cards.id', 'cards.name', 'r.document']);
        foreach ($heads->cursor() as $card) {
            preg_match_all('/"(?:picture|hand):([0-9a-f]{64})/', $card->document, $found);
            foreach (array_unique($found[1]) as $hash) {
                $cards[$hash][(int) $card->id] = $card->name;
            }
        }

        return new self($cards);
    }

    /** @return array<int, string> card id => name */
    public function of(string $hash): array
    {
        return $this->cards[$hash] ?? [];
    }
}
