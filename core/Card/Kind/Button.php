<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Content\Run;
use InkyCard\Card\Field;
use InkyCard\Card\Piece;
use InkyCard\Card\Zone;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Link\WebAddress;
use InkyCard\Type\Line;

final class Button extends Base
{
    public function __construct()
    {
        parent::__construct('button', 'Call to action', 'hand-index', 'The one thing you ask the reader to do, as a button.', Zone::Under);
    }

    public function fields(): array
    {
        return [
            new Field('words', 'Words on it', help: 'Say what happens: a verb and what the reader gets.', example: 'Book a garden visit'),
            new Field('address', 'Where it leads', 'url', example: 'quillfern.example/visits'),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'words' => self::optional($fields, 'words', fn ($raw) => Line::of($raw, 60, 'button wording')),
            'address' => self::optional($fields, 'address', fn ($raw) => WebAddress::parse($raw, 'address it leads to')->address),
        ];
    }

    /** A button that leads nowhere is no button: it stays off the card until it has words and an address. */
    public function content(Piece $piece, Card $card): array
    {
        if ($piece->text('words') === '' || $piece->text('address') === '') {
            return [];
        }
        $style = $card->style;
        $ground = $style->ink($piece->tuning->ink ?? InkRole::Accent);

        return [new Content\Button(
            new Run(
                $piece->text('words'),
                Contrast::better($ground, $style->ink(InkRole::Paper), Colour::hex('#111111')),
                $piece->tuning->size ?? $style->sizes['text'],
                $piece->tuning->bold ?? true,
                $piece->text('address'),
            ),
            $ground,
            $style->radius,
        )];
    }
}
