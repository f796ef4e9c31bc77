<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Card\Content\TextRun;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Limits;
use InkyCard\Link\Target;
use InkyCard\Picture\Mark;
use InkyCard\Picture\Shape;
use InkyCard\Type\CleanText;

/** A kind that asks the reader to do one thing: words and an address, as a button or as a line of text. */
abstract class AbstractCallKind extends AbstractKind
{
    /** Height of its symbol by the size of its words. */
    private const SIGN = 1.15;

    private const FORMS = [
        'button' => 'A button',
        'link' => 'A line of text',
        'underlined' => 'A line of text, underlined',
    ];

    /** @param  key-of<self::FORMS>  $form  unless chosen otherwise */
    public function __construct(
        string $key,
        string $label,
        string $icon,
        string $purpose,
        private readonly string $form,
        private readonly string $example,
        private readonly string $address,
    ) {
        parent::__construct($key, $label, $icon, $purpose, Zone::Under);
    }

    public function mainField(): string
    {
        return 'words';
    }

    public function needs(): array
    {
        return ['words', 'address'];
    }

    public function resizes(): array
    {
        return ['button', ...Limits::BUTTON_DRAGGED];
    }

    public function tunes(): array
    {
        return ['ink', 'face', 'size', 'bold', 'italic', 'align', 'gap', 'joined', 'call'];
    }

    public function fields(): array
    {
        return [
            new Field(
                'words', 'Words', help: 'Say what happens: a verb and what the reader gets.', example: $this->example,
            ),
            new Field(
                'address', 'Where it leads', 'url',
                'A page made for it brings most. A mail address or a number works too.', $this->address,
            ),
            new Field('form', 'Shown as', 'choice', choices: self::FORMS),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'words' => self::optional($fields, 'words', fn ($raw) => CleanText::of($raw, 80, 'wording')),
            'address' => self::optional($fields, 'address', fn ($raw) => Target::parse($raw, $country)),
            'form' => self::choice(
                $fields, 'form', self::FORMS, $this->form, 'Choose a button or a line of text.',
            ),
        ];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        if ($piece->text('words') === '') {
            return [];
        }
        $style = $card->style;
        $ink = $style->inkOf($piece->tuning(), InkRole::Accent);
        if ($piece->text('form') === 'button') {
            return [$this->button($piece, $card, $ink)];
        }

        return [new Content\LineBlock([$this->said($piece, $card, $ink)])];
    }

    private function button(Filled $piece, CardContext $card, Colour $ink): Content\ButtonBlock
    {
        $style = $card->style;
        $own = $piece->tuning()->call;
        $look = $style->button->tuned($own);
        $paper = $style->ink(InkRole::Paper);
        $words = match (true) {
            $own?->words !== null => $style->ink($own->words),
            $look->outlined => $ink,
            default => Contrast::readable($ink, $paper),
        };
        $said = $this->said($piece, $card, $words);

        return new Content\ButtonBlock(
            $said, $ink, $look, symbol: $own?->symbol === null ? null
                : self::sign($own->symbol, $said, $look->outlined ? $paper : $ink),
            last: $own->last ?? false,
        );
    }

    /** A pictogram as tall as the words beside it, in their ink. What it shows, they say. */
    private static function sign(string $icon, TextRun $words, Colour $background): Content\PictureBlock
    {
        $size = (int) round($words->size * self::SIGN);

        return new Content\PictureBlock(
            new Mark($icon, Shape::Bare, $size, $words->ink, $background, onOwn: true), $size, $size, '',
            speaks: false,
        );
    }

    private function said(Filled $piece, CardContext $card, Colour $ink): TextRun
    {
        $style = $card->style;
        $words = $this->words($piece, $card);
        $address = $piece->text('address');
        $tuning = $piece->tuning();
        $asLine = $piece->text('form') !== 'button';

        return new TextRun(
            $words, $ink, $tuning->size ?? $style->sizes->text, $tuning->bold ?? true, $address,
            $asLine ? "$words: ".Target::words($address) : null, $piece->text('form') === 'underlined',
            $tuning->italic ?? false, $style->spacing->lineHeight, face: $tuning->face,
        );
    }

    /** What stands on it; kinds with a date add it. */
    protected function words(Filled $piece, CardContext $card): string
    {
        return $piece->text('words');
    }
}
