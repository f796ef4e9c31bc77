<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Piece;

final class EventKind extends AbstractCallKind
{
    public function __construct()
    {
        parent::__construct(
            'event', 'Event', 'calendar-event', 'A day to come by, with its date.', 'link', 'Open garden day',
            'quillfern.example/open-garden',
        );
    }

    public function fields(): array
    {
        return [...parent::fields(), new Field('starts', 'Day', 'date', 'The day it takes place.', '2027-05-22')];
    }

    public function accept(array $fields, string $country): array
    {
        return parent::accept($fields, $country) + ['starts' => self::date($fields, 'starts')];
    }

    protected function words(Piece $piece): string
    {
        $date = $piece->text('starts');

        return $date === '' ? $piece->text('words') : sprintf('%s, %s', $piece->text('words'), self::day($date));
    }
}
