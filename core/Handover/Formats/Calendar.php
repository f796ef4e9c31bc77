<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Handover\Artifact;
use InkyCard\Handover\CalendarEntry;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/** The card's events as days for a calendar (RFC 5545). */
final class Calendar implements Format
{
    public function key(): string
    {
        return 'ics';
    }

    public function label(): string
    {
        return 'Dates, iCalendar';
    }

    public function build(Parcel $parcel): Artifact
    {
        if (self::days($parcel->card) === []) {
            throw Refusal::because('This card has no event with a day: add one on the bench first.');
        }
        $calendar = CalendarEntry::of(
            $parcel->card->filled(Capability::Event), $parcel->card->country, $parcel->made,
        );

        return Artifact::file($parcel->slug().'.ics', 'text/calendar; charset=utf-8', $calendar->serialize());
    }

    /** @return list<array{Piece, Day}> events that have a day */
    public static function days(Card $card): array
    {
        $days = [];
        foreach ($card->filled(Capability::Event) as $piece) {
            $day = $piece->kind->window($piece)?->from;
            $day === null || $days[] = [$piece, $day];
        }

        return $days;
    }
}
