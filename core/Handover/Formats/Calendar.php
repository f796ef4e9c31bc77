<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

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
        $days = self::days($parcel->card);
        if ($days === []) {
            throw Refusal::because('This card has no event with a day: add one on the bench first.');
        }
        $calendar = new VCalendar(['PRODID' => '-//Inky Card//EN']);
        foreach ($days as [$piece, $day]) {
            $calendar->add($this->event($calendar, $piece, $day, $parcel->made));
        }

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

    private function event(VCalendar $calendar, Piece $piece, Day $day, \DateTimeInterface $made): Component
    {
        $event = $calendar->createComponent('VEVENT', [
            'UID' => hash('sha256', $piece->fact().$day->iso.$piece->text('address')).'@inky-card.invalid',
            'DTSTAMP' => $made->format('Ymd\THis\Z'),
            'SUMMARY' => $piece->fact(),
            'URL' => $piece->text('address'),
        ]);
        $event->add('DTSTART', str_replace('-', '', $day->iso), ['VALUE' => 'DATE']);

        return $event;
    }
}
