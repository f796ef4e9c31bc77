<?php

namespace InkyCard\Handover;

use InkyCard\Limits;
use InkyCard\MailClient\MailClient;
use InkyCard\Said;

/**
 * The way that works, by three things somebody may say before starting (need A08): where the card will go, for how
 * many people, how free its making shall be. Each may be left out.
 */
final readonly class FirstWay
{
    public const PEOPLE = ['one' => 'one person', 'many' => 'several people'];

    public const FREEDOM = ['ready' => 'as little work as can be', 'choose' => 'a say in the design',
        'own' => 'every line by hand'];

    private function __construct(private ?Destination $to, private string $people, private string $freedom)
    {
    }

    /** What is none of the answers counts as not said. */
    public static function of(string $to, string $people, string $freedom): self
    {
        return new self(
            Destination::all()[$to] ?? null, isset(self::PEOPLE[$people]) ? $people : '',
            isset(self::FREEDOM[$freedom]) ? $freedom : '',
        );
    }

    public function isAsked(): bool
    {
        return $this->to !== null || $this->people !== '' || $this->freedom !== '';
    }

    /** What to press first: a starter, the sketches, nothing at all; what somebody has where nothing was said. */
    public function first(): string
    {
        return match ($this->freedom) {
            'ready' => 'starters',
            'choose' => 'sketches',
            'own' => 'blank',
            default => '',
        };
    }

    /** @return list<string|Said> what to know, in order: making it, what its place takes, the others */
    public function says(): array
    {
        return array_values(array_filter([
            match ($this->freedom) {
                'ready' => 'Take a starter: facts go in, everything else is set.',
                'choose' => 'Take a sketch: two dozen designs with your facts, one thing kept and the rest anew.',
                'own' => 'Start from nothing, or paste HTML of your own: every line is yours, and the proof still says '
                    .'what mail programs make of it.',
                default => '',
            },
            ...$this->to === null ? [] : $this->place($this->to),
            $this->people === 'many' ? 'Make one card first, then copy it for each person: what the brand keeps stays '
                .'the same on all of them, and a change of the brand reaches all at once.' : '',
        ]));
    }

    /** @return list<string|Said> */
    private function place(Destination $to): array
    {
        $client = MailClient::of($to->client);
        $how = match (true) {
            $to->onPhone() => 'it is opened on the phone by a code and copied there',
            $to->takes === 'rich' => 'it is copied here and pasted there',
            $to->takes === 'source' => 'its code is copied here and pasted there',
            $to->takes === 'placed' => 'it is put there from here',
            default => 'it takes a file',
        };

        return array_values(array_filter([
            Said::of(':destination works: :how, :count steps.', [
                'destination' => Said::of($to->label), 'how' => Said::of($how), 'count' => count($to->steps),
            ]),
            in_array($to->client, MailClient::CODE_LIMITED, true)
                ? Said::of('It takes :most characters of code at most: every starter stays under half.', [
                    'most' => number_format(Limits::CODE),
                ])
                : '',
            $client->word ? 'It lays mail out as a word processor does: round corners are square there unless a call '
                .'is drawn as a shape, and no picture stands behind words.' : '',
            $client->losesPictures('data') ? 'Pictures have to be fetched there, so they are kept here for you.' : '',
        ]));
    }
}
