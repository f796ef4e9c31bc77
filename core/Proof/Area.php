<?php

namespace InkyCard\Proof;

/** What a check is about: the rows of the matrix of where a card holds. */
enum Area: string
{
    case Layout = 'layout';
    case Pictures = 'pictures';
    case Text = 'text';
    case Links = 'links';
    case Facts = 'facts';
    case Size = 'size';

    public function label(): string
    {
        return [
            'layout' => 'Layout holds', 'pictures' => 'Pictures reach', 'text' => 'Text readable',
            'links' => 'Links lead', 'facts' => 'Facts in order', 'size' => 'Size allowed',
        ][$this->value];
    }

    /** @return array<string, string> by value */
    public static function labels(): array
    {
        return array_combine(
            array_column(self::cases(), 'value'), array_map(fn (self $it) => $it->label(), self::cases()),
        );
    }
}
