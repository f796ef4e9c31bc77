<?php

namespace InkyCard\Card\Kind;

final class BookingKind extends AbstractCallKind
{
    protected const CAN = [Capability::Call, Capability::Reach, Capability::ShortCall];

    public function __construct()
    {
        parent::__construct(
            'booking', 'Booking link', 'calendar-check', 'Opens the times you are free.', 'link', 'Find a time with me',
            'quillfern.example/times',
        );
    }
}
