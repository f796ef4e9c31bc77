<?php

namespace InkyCard\Card\Kind;

/** Where on a card a piece sits; an arrangement turns zones into columns and rows. */
enum Zone: string
{
    case Before = 'before';
    case Beside = 'beside';
    case Text = 'text';
    case Under = 'under';
    case After = 'after';

    public function label(): string
    {
        return [
            'before' => 'Before the card',
            'beside' => 'Beside the text',
            'text' => 'Text',
            'under' => 'Under the text',
            'after' => 'After the card',
        ][$this->value];
    }
}
