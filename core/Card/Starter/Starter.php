<?php

namespace InkyCard\Card\Starter;

use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Tuning;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Limits;
use InkyCard\Link\Trade;

/** A finished card to start from: style, pieces, and made-up values marked as samples. */
final readonly class Starter
{
    /**
     * @param  string  $trade  whose work it suits
     * @param  list<Trade>  $fields  whose profile links that work uses, the first of them most
     * @param  string  $mood  how it comes across, in a word or two
     * @param  array<string, mixed>  $document  a card document without format and name
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $trade,
        public array $fields,
        public string $mood,
        private array $document,
    ) {
    }

    /** The starter as it is, every made-up value in it. */
    public function sample(): Card
    {
        return CardJson::read(['format' => CardJson::FORMAT, 'name' => $this->name] + $this->document);
    }

    /**
     * A card for somebody: the brand's inks and facts and what is known of them are in, the rest stays a sample.
     *
     * @param  string  $name  of its holder; empty for unknown
     * @param  string  $email  of its holder; empty for unknown
     * @param  bool  $own  it keeps its own inks
     *
     * @throws \InkyCard\Refusal when a fact is not acceptable
     */
    public function begin(string $name, string $email, Brand $brand, bool $own = false): Card
    {
        $card = $this->sample();
        $known = new Standing($brand, $name, $email, $card->arrangement->hasBand());

        return self::readable($card->with([
            'name' => trim($name.' — '.$this->name, ' —'),
            'country' => $brand->country,
            'unknown' => ['starter' => $this->key] + $card->unknown,
            'style' => $own ? $card->style
                : $card->style->with(['inks' => array_map(fn (Colour $ink) => $ink->hex, $brand->inks)]),
            'pieces' => array_map(fn (Piece $piece) => self::filled($piece, $known), $card->pieces),
        ]));
    }

    /** An ink of the brand that does not read, such as a pale accent, colours what stands behind words alone. */
    public static function readable(Card $card): Card
    {
        $tune = fn (Piece $piece) => $piece->with([
            'tuning' => Tuning::of(['ink' => 'body'] + $piece->tuning->toArray()),
        ]);

        return $card->with(['pieces' => array_map(
            fn (Piece $piece) => self::reads($card, $piece) || ! self::reads($card, $tune($piece)) ? $piece
                : $tune($piece),
            $card->pieces,
        )]);
    }

    private static function reads(Card $card, Piece $piece): bool
    {
        $paper = $card->styleOf($piece)->ink(InkRole::Paper);
        foreach ($card->content($piece) as $block) {
            $behind = $block->background($paper);
            foreach ($block->runs() as $run) {
                if (Contrast::ratio($run->ink, $behind) < Contrast::TEXT
                    || DarkPage::Forced->ratio($run->ink, $behind) < Limits::DARK_CONTRAST) {
                    return false;
                }
            }
        }

        return true;
    }

    private static function filled(Piece $piece, Standing $known): Piece
    {
        $fields = $piece->kind->standing($known);

        return array_filter($fields) === [] ? $piece : $piece->with([
            'fields' => $piece->kind->accept([...$piece->fields, ...$fields], $known->brand->country),
            'madeUp' => array_diff_key($piece->madeUp, $fields),
        ]);
    }
}
