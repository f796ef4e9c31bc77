<?php

namespace InkyCard\Card\Kind;

use InkyCard\Time\Day;
use InkyCard\Time\Window;

final class EventKind extends AbstractCallKind
{
    protected const CAN = [Capability::Call, Capability::Event];

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

    public function window(Filled $piece): ?Window
    {
        $day = $piece->text('starts');

        return $day === '' ? null : Window::on(Day::parse($day));
    }

    protected function words(Filled $piece, CardContext $card): string
    {
        $day = $this->window($piece)?->from;

        return $day === null ? $piece->text('words') : sprintf('%s, %s', $piece->text('words'), $card->day($day));
    }
}
