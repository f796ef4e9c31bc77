<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Piece;
use InkyCard\Colour\Contrast;
use InkyCard\Link\Target;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** A kind that asks the reader to do one thing: words and an address, as a button or as a line of text. */
abstract class AbstractCallKind extends AbstractKind
{
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

    protected function fact(): string
    {
        return 'words';
    }

    public function resizes(): array
    {
        return ['button', 4, 40];
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
        $form = $fields['form'] ?? $this->form;
        if (! is_string($form) || ! isset(self::FORMS[$form])) {
            throw Refusal::because('Choose a button or a line of text.', '/form');
        }

        return [
            'words' => self::optional($fields, 'words', fn ($raw) => CleanText::of($raw, 80, 'wording')),
            'address' => self::optional($fields, 'address', fn ($raw) => Target::parse($raw, $country)),
            'form' => $form,
        ];
    }

    /** A call that leads nowhere is none: it stays off the card until it has words and an address. */
    public function content(Piece $piece, Card $card): array
    {
        $words = $this->words($piece);
        $address = $piece->text('address');
        if ($piece->text('words') === '' || $address === '') {
            return [];
        }
        $style = $card->style;
        $size = $piece->tuning->size ?? $style->sizes['text'];
        $ground = $style->ink($piece->tuning->ink ?? InkRole::Accent);
        if ($piece->text('form') !== 'button') {
            return [
                new Content\LineBlock([
                    new TextRun(
                        $words, $ground, $size, $piece->tuning->bold ?? true, $address,
                        "$words: ".Target::words($address), $piece->text('form') === 'underlined',
                        $piece->tuning->italic ?? false, $style->leading,
                    ),
                ]),
            ];
        }

        return [
            new Content\ButtonBlock(
                new TextRun(
                    $words, Contrast::readable($ground, $style->ink(InkRole::Paper)), $size,
                    $piece->tuning->bold ?? true, $address, italic: $piece->tuning->italic ?? false,
                    leading: $style->leading,
                ),
                $ground,
                $style->radius,
            ),
        ];
    }

    /** What stands on it; kinds with a date add it. */
    protected function words(Piece $piece): string
    {
        return $piece->text('words');
    }

    /** A date as people read it, such as 14 March 2027. */
    protected static function day(string $date): string
    {
        [$year, $month, $day] = array_map('intval', explode('-', $date));

        return $day.' '
            .[
                '', 'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October',
                'November', 'December',
            ][$month]
            .' '
            .$year;
    }

    /**
     * @param  array<array-key, mixed>  $fields
     *
     * @throws Refusal unless it is empty or a date of the calendar, YYYY-MM-DD (ISO 8601)
     */
    protected static function date(array $fields, string $name): string
    {
        return self::optional($fields, $name, function (mixed $raw) {
            $text = CleanText::of($raw, 10, 'date');

            return preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $text, $part)
                && checkdate((int) $part[2], (int) $part[3], (int) $part[1])
                ? $text
                : throw Refusal::because('The date is written year, month, day, such as 2027-03-14.');
        });
    }
}
