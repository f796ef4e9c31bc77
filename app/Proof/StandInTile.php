<?php

namespace App\Proof;

use App\Words\Words;
use Illuminate\Support\Facades\App;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Finding;
use InkyCard\Proof\Proof;

/** A stand-in on the wall of a proof: how the card fares there, in a few words. */
final readonly class StandInTile
{
    /**
     * @param  string  $state  severity of the gravest finding; good for none
     * @param  list<string>  $marked  ids of the pieces findings are about
     */
    private function __construct(
        public MailClient $client,
        public string $state,
        public string $words,
        public array $marked,
    ) {
    }

    /** Gravest first. */
    private const RANKS = ['blocks' => 0, 'mend' => 1, 'advice' => 2, 'good' => 3];

    /** @return list<self> those with something to see first */
    public static function all(Proof $proof): array
    {
        $tiles = array_map(fn (MailClient $client) => self::of($client, $proof), array_values(MailClient::all()));
        usort($tiles, fn (self $one, self $other) => self::RANKS[$one->state] <=> self::RANKS[$other->state]);

        return $tiles;
    }

    private static function of(MailClient $client, Proof $proof): self
    {
        $findings = array_values(array_filter(
            $proof->findings,
            fn (Finding $finding) => in_array($client->key, $finding->clients, true),
        ));
        $verdict = $proof->subject->reading($client->key)->verdict();
        [$state, $words] = match (true) {
            $findings !== [] => [
                $findings[0]->severity->value,
                $verdict !== '' ? Words::of($verdict) : self::short($findings[0]->title),
            ],
            $verdict !== '' => ['advice', Words::of($verdict)],
            $client->form === 'text' => [
                'good', trans_choice(':count line|:count lines', substr_count($proof->subject->text(), "\n")),
            ],
            default => ['good', $client->isDark() ? __('reads well') : __('as designed')],
        };
        $marked = array_merge([], ...array_map(fn (Finding $finding) => $finding->pieces, $findings));

        return new self($client, $state, $words, array_values(array_unique($marked)));
    }

    /** A title in a few words: what comes after them says where, and the tile says that. */
    private static function short(string $title): string
    {
        return mb_strtolower(App::getLocale() === Words::SOURCE
            ? (string) preg_replace('/ (?:on|in|for|where|of) .*$/', '', $title) : Words::of($title));
    }
}
