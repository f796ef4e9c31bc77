<?php

namespace App\Links;

use InkyCard\Card\Card;
use InkyCard\Card\CardLink;
use InkyCard\Card\Kind\Capability;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\Target;
use InkyCard\Link\WebAddress;

/** A link of a card as its panel tells of it. */
final readonly class PanelLink
{
    /** Longest address that is shown whole, characters. */
    private const SHOWN = 160;

    private function __construct(
        public CardLink $link,
        public string $words,
        public string $shown,
        public string $advice,
        public bool $tagged,
        public string $tags,
    ) {
    }

    /** @return list<self> in order */
    public static function all(Card $card): array
    {
        return array_map(fn (CardLink $link) => self::of($link, $card), CardLink::all($card));
    }

    /** Whether it can be followed from here. */
    public function leadsOn(): bool
    {
        return $this->link->leadsOn();
    }

    private static function of(CardLink $link, Card $card): self
    {
        $web = str_starts_with($link->address, 'https://');
        $shown = match (true) {
            $link->piece->isHosted() => __('to what is due'),
            $web => WebAddress::parse($link->address)->short(),
            default => Target::words($link->address),
        };
        $complete = $card->follows($link->piece) && $card->tags?->isOn($link->address, $link->piece->id) === true;
        $same = $link->href === $link->address;

        return new self(
            $link, $link->words ?: $link->piece->kind->label(), mb_strimwidth($shown, 0, self::SHOWN, '…'),
            $link->piece->can(Capability::Profiles) ? ProfileDirectory::advice($link->address) : '',
            ! $same || $complete,
            match (true) {
                ! $same => substr($link->href, strlen((string) strtok($link->address, '#'))),
                $complete => 'has all its tags',
                default => 'left as it is',
            },
        );
    }
}
