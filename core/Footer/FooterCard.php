<?php

namespace InkyCard\Footer;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Tuning;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PictureSources;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Link\LinkedWords;

/** A footer composed: its sender's card, with its own lines before and behind it, and marks where tokens go. */
final readonly class FooterCard
{
    /** Between two ways out. */
    private const BETWEEN = ' · ';

    /** Ids of its own lines. */
    public const BEFORE = 'footer-why';

    public const AFTER = 'footer-firm';

    private TokenMarks $marks;

    public Card $card;

    public function __construct(Footer $footer, Card $sender)
    {
        $this->marks = new TokenMarks($footer->style);
        $card = $footer->form === 'short' ? self::short($sender) : $sender;
        $pieces = array_map(
            fn (Piece $piece) => ! $piece->shown ? $piece
                : $piece->with(['fields' => $this->marks->putInAll($piece->fields)]), $card->pieces,
        );
        $before = $this->marks->put($footer->text('why'));
        $after = array_filter([
            $this->marks->put($footer->text('firm')), $this->marks->put($footer->text('registration')),
            implode(self::BETWEEN, array_map($this->phrase(...), array_filter(
                array_map($footer->link(...), Footer::LINKS), fn (FooterLink $link) => $link->leads(),
            ))),
        ]);
        $this->card = $card->with([
            'forms' => [], 'pieces' => [
                ...$before === '' ? [] : [self::notice(self::BEFORE, Zone::Before, $before)],
                ...$pieces,
                ...$after === [] ? [] : [self::notice(self::AFTER, Zone::After, implode("\n", $after))],
            ],
        ]);
    }

    /** Who, a number, a site: what a message calls for it says above. */
    private static function short(Card $sender): Card
    {
        $short = (new Shorten)->apply($sender);

        return $short->with(['pieces' => array_map(
            fn (Piece $piece) => $piece->can(Capability::Call) ? $piece->with(['shown' => false]) : $piece,
            $short->pieces,
        )]);
    }

    private function phrase(FooterLink $link): string
    {
        return LinkedWords::phrase($this->marks->put($link->words), $this->marks->put($link->address));
    }

    private static function notice(string $id, Zone $zone, string $text): Piece
    {
        return new Piece(
            $id, Kinds::of('notice'), $zone, ['text' => $text, 'documents' => [], 'follow' => ''], true, [], null,
            FilledBy::Us, Tuning::of([]),
        );
    }

    /**
     * As its sending system takes it: every token as it was written.
     *
     * @param  ?Sheet  $sheet  where that is not the card's own: one with counted links
     */
    public function html(PictureSources $pictures, ?Sheet $sheet = null): string
    {
        return $this->marks->raw($this->composed($pictures, $sheet));
    }

    public function text(): string
    {
        return $this->marks->raw($this->plain());
    }

    /** To fill in for many recipients. */
    public function plate(PictureSources $pictures, ?Sheet $sheet = null): FooterPlate
    {
        return new FooterPlate(
            $this->marks->parts($this->composed($pictures, $sheet), html: true),
            $this->marks->parts($this->plain(), html: false),
        );
    }

    /**
     * What a style reads as tokens that are none of the footer's: in its styles, in its words.
     *
     * @return list<string>
     */
    public function clashes(PictureSources $pictures, TokenStyle $style): array
    {
        $taken = [...$style->find($this->composed($pictures, null)), ...$style->find($this->plain())];

        return array_values(array_unique(array_column($taken, 'raw')));
    }

    private function composed(PictureSources $pictures, ?Sheet $sheet): string
    {
        return (new HtmlComposer($pictures))->compose($sheet ?? Sheet::of($this->card));
    }

    private function plain(): string
    {
        return PlainTextComposer::compose(Sheet::of($this->card));
    }

    /**
     * The card as one recipient has it, or, for nobody, with its tokens as words: what a proof looks at.
     *
     * @param  array<string, string>|null  $values
     */
    public function as(?array $values): Card
    {
        return $this->card->with(['pieces' => array_map(
            fn (Piece $piece) => $piece->with(['fields' => $this->marks->fillAll($piece->fields, $values)]),
            $this->card->pieces,
        )]);
    }

    /** @return list<string> names of the tokens in it, those of the card too */
    public function tokens(): array
    {
        return $this->marks->names();
    }
}
