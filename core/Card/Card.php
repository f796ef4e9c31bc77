<?php

namespace InkyCard\Card;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Style\Style;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** An e-mail signature being designed. Edits return a new card. */
final readonly class Card
{
    public const MAX_PIECES = 80;

    private const MAX_NAME = 80;

    private const RIGHT_TO_LEFT = ['ar', 'fa', 'he', 'ur', 'yi', 'ps', 'sd', 'ug', 'dv', 'ckb'];

    /**
     * @param  string  $name  what its maker calls it; never on the card itself
     * @param  string  $lang  language of its words, BCP 47
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @param  list<Piece>  $pieces  in reading order within each zone
     * @param  array<string, mixed>  $unknown  keys of the document this version does not know, kept as they came
     * @param  ?Tagging  $tags  campaign tags on its links; null for none
     * @param  bool  $counted  presses of its links are counted
     */
    private function __construct(
        public string $name,
        public string $lang,
        public string $country,
        public Arrangement $arrangement,
        public Style $style,
        public array $pieces,
        public array $unknown,
        public ?Tagging $tags,
        public bool $counted,
    ) {
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  array<string, mixed>  $unknown
     *
     * @throws Refusal
     */
    public static function of(
        mixed $name,
        mixed $lang,
        mixed $country,
        Arrangement $arrangement,
        Style $style,
        array $pieces,
        array $unknown = [],
        ?Tagging $tags = null,
        bool $counted = false,
    ): self {
        $name = Refusal::at('/name', fn () => CleanText::of($name, self::MAX_NAME, 'card name'));
        if ($name === '') {
            throw Refusal::because('Give the card a name.', '/name');
        }
        if (! is_string($lang) || ! preg_match('/^[a-z]{2,3}(-[A-Za-z0-9]{2,8}){0,3}$/D', $lang)) {
            throw Refusal::because('The language is a tag such as en or en-GB.', '/lang');
        }
        if (! is_string($country) || ! preg_match('/^[A-Z]{2}$/D', $country)) {
            throw Refusal::because('The country is two capital letters, such as GB.', '/country');
        }
        if (count($pieces) > self::MAX_PIECES) {
            throw Refusal::because('A card holds at most '.self::MAX_PIECES.' pieces.', '/pieces');
        }
        $seen = [];
        foreach ($pieces as $index => $piece) {
            if (isset($seen[$piece->id])) {
                throw Refusal::because("Two pieces have the id {$piece->id}.", "/pieces/$index/id");
            }
            $seen[$piece->id] = true;
        }

        return new self($name, $lang, $country, $arrangement, $style, $pieces, $unknown, $tags, $counted);
    }

    /**
     * @param  array<string, mixed>  $changes  property => value
     *
     * @throws Refusal
     */
    public function with(array $changes): self
    {
        return self::of(...[...get_object_vars($this), ...$changes]);
    }

    /** @throws Refusal when there is no such piece */
    public function piece(string $id): Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }
        throw Refusal::because('This piece is no longer on the card.');
    }

    /** The card with one piece put in the place of the one with its id. */
    public function replacing(Piece $changed): self
    {
        return $this->with(['pieces' => array_map(
            fn (Piece $piece) => $piece->id === $changed->id ? $changed : $piece,
            $this->pieces,
        )]);
    }

    /** @return list<Piece> in order, hidden ones too */
    public function inZone(Zone $zone): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece) => $piece->zone === $zone));
    }

    /** @return list<Piece> shown pieces that still hold a starter's made-up value */
    public function samples(): array
    {
        return array_values(
            array_filter($this->pieces, fn (Piece $piece) => $piece->shown && $piece->sample && ! $piece->isBlank()),
        );
    }

    /** Whether readers see a piece: it is shown, and the arrangement has a place for it. */
    public function shows(Piece $piece): bool
    {
        return $piece->shown && isset($this->arrangement->zones[$piece->zone->value]);
    }

    /** Base direction of its language, for the `dir` attribute. */
    public function direction(): string
    {
        return in_array(strtok(strtolower($this->lang), '-'), self::RIGHT_TO_LEFT, true) ? 'rtl' : 'ltr';
    }

    /** The piece its holder's name stands in; null when none is shown. */
    public function named(): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->shown && $piece->kind->key() === 'name') {
                return $piece;
            }
        }

        return null;
    }

    /** What its holder is called on it; empty when no name is filled in and shown. */
    public function holder(): string
    {
        return $this->named()?->text('text') ?? '';
    }
}
