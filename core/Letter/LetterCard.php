<?php

namespace InkyCard\Letter;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Tuning;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PictureSources;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Footer\Footer;
use InkyCard\Footer\FooterCard;
use InkyCard\Footer\FooterPlate;
use InkyCard\Footer\TokenMarks;
use InkyCard\Footer\TokenStyle;
use InkyCard\Layout\Sheet;
use InkyCard\Markup\HtmlBuilder;

/** A letter composed: its words as a card of their own, in the sender's style, and below it the card or a footer. */
final readonly class LetterCard
{
    /** Above blocks, CSS px: paragraphs and what is like them, headings, the call. */
    private const ABOVE = ['heading' => 22, 'item' => 5, 'call' => 22];

    private const PARAGRAPH = 12;

    /** Between the words and what stands below them, CSS px. */
    private const BELOW = 26;

    private const WIDTH = 560;

    private const UNSEEN = 'display:none;font-size:1px;line-height:1px;max-height:0;overflow:hidden;mso-hide:all';

    private TokenMarks $marks;

    /** Its words. */
    public Card $card;

    /** What stands below, where that is a card alone. */
    private ?Card $sender;

    private ?FooterCard $footer;

    /** @param  ?Footer  $footer  in place of the card alone */
    public function __construct(private LetterDocument $letter, Card $sender, ?Footer $footer = null)
    {
        $this->marks = new TokenMarks($footer->style ?? TokenStyle::of('double-braces'));
        $this->sender = $footer === null ? $sender : null;
        $this->footer = $footer === null ? null : new FooterCard($footer, $sender);
        $this->card = Card::of(
            mb_strimwidth($letter->subject, 0, 80, '…'), $sender->lang, $sender->country,
            Arrangement::of('words-only'), $sender->style->with(['background' => null]),
            $this->pieces($sender->country, $this->marks->put(...)),
        );
    }

    /**
     * @param  \Closure(string): string  $with  puts in its texts what stands for tokens
     * @return list<Piece>
     */
    private function pieces(string $country, \Closure $with): array
    {
        $letter = $this->letter;
        $pieces = $letter->picture === '' ? [] : [self::piece('letter-picture', Kinds::of('banner'), [
            'picture' => $letter->picture, 'alt' => $letter->alt, 'address' => $with($letter->call->address),
            'width' => self::WIDTH, 'ratio' => $letter->ratio,
        ], 0)];
        foreach (LetterText::read($with($letter->body), $country) as $at => $block) {
            $pieces[] = self::piece(
                "letter-$at", new LetterKind($block), [],
                $pieces === [] ? 0 : self::ABOVE[$block->kind] ?? self::PARAGRAPH,
            );
        }

        return ! $letter->call->leads() ? $pieces : [...$pieces, self::piece('letter-call', Kinds::of('button'), [
            'words' => $with($letter->call->words), 'form' => 'button', 'address' => $with($letter->call->address),
        ], self::ABOVE['call'])];
    }

    /** @param  array<string, mixed>  $fields */
    private static function piece(string $id, Kind $kind, array $fields, int $above): Piece
    {
        return new Piece(
            $id, $kind, Zone::Text, $fields, true, [], null, FilledBy::Us, Tuning::of(['gap' => $above]),
        );
    }

    public function html(PictureSources $pictures): string
    {
        $words = $this->marks->raw($this->preview().$this->words($pictures));
        $below = $this->footer?->html($pictures) ?? $this->below($pictures);

        return self::joined($words, $below);
    }

    public function text(): string
    {
        $below = $this->footer?->text()
            ?? ($this->sender === null ? '' : PlainTextComposer::compose(Sheet::of($this->sender), delimiter: true));

        return $this->marks->raw(PlainTextComposer::compose(Sheet::of($this->card)))."\n".$below;
    }

    /**
     * As one recipient has it.
     *
     * @param  array<string, string>  $values
     * @return array{string, string} HTML, text
     */
    public function for(PictureSources $pictures, array $values): array
    {
        $words = new FooterPlate(
            $this->marks->parts($this->preview().$this->words($pictures), html: true),
            $this->marks->parts(PlainTextComposer::compose(Sheet::of($this->card)), html: false),
        );
        $below = $this->footer?->plate($pictures);

        return [
            self::joined($words->html($values), $below?->html($values) ?? $this->below($pictures)),
            $words->text($values)."\n".($below?->text($values) ?? ($this->sender === null ? ''
                : PlainTextComposer::compose(Sheet::of($this->sender), delimiter: true))),
        ];
    }

    /**
     * What a proof looks at: its words, and what stands below.
     *
     * @param  array<string, string>|null  $values  of a recipient; null for its tokens as they are
     * @return list<Card>
     */
    public function as(?array $values): array
    {
        $fill = fn (string $text): string => (string) $this->marks->fillAll([$this->marks->put($text)], $values)[0];
        $words = $this->card->with(['pieces' => $this->pieces($this->card->country, $fill)]);

        return [$words, $this->footer?->as($values) ?? $this->sender ?? $words];
    }

    /** What mailboxes show beside the subject, and nobody in the letter. */
    private function preview(): string
    {
        return $this->letter->preview === '' ? '' : (new HtmlBuilder)->open('div', [], self::UNSEEN)
            ->text($this->marks->put($this->letter->preview))->close()->html();
    }

    /** @return list<string> names of its tokens, those of what stands below too */
    public function tokens(): array
    {
        return array_values(array_unique([...$this->marks->names(), ...$this->footer?->tokens() ?? []]));
    }

    private function words(PictureSources $pictures): string
    {
        return (new HtmlComposer($pictures))->compose(Sheet::of($this->card));
    }

    private function below(PictureSources $pictures): string
    {
        return $this->sender === null ? '' : (new HtmlComposer($pictures))->compose(Sheet::of($this->sender));
    }

    private static function joined(string $words, string $below): string
    {
        $out = new HtmlBuilder;
        $out->open('table', ['role' => 'presentation', 'cellpadding' => 0, 'cellspacing' => 0, 'border' => 0])
            ->open('tr')->open('td', [], 'padding:0')->sanitised($words)->close()->close()
            ->open('tr')->open('td', [], 'padding:'.self::BELOW.'px 0 0')->sanitised($below)->close()->close()->close();

        return $out->html();
    }
}
