<?php

namespace InkyCard\Card;

/** When a card goes under a message. */
enum Situation: string
{
    case NewMail = 'new';
    case Reply = 'reply';
    case Campaign = 'campaign';

    public function label(): string
    {
        return ['new' => 'new mail', 'reply' => 'replies', 'campaign' => 'campaigns'][$this->value];
    }

    /** @return array<string, string> by value */
    public static function labels(): array
    {
        return array_combine(
            array_column(self::cases(), 'value'), array_map(fn (self $it) => $it->label(), self::cases()),
        );
    }
}
