<?php

namespace InkyCard\Card\Kind;

final class Booking extends Call
{
    public function __construct()
    {
        parent::__construct('booking', 'Booking link', 'calendar-check', 'Opens the times you are free.', 'link', 'Find a time with me', 'quillfern.example/times');
    }
}
