<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;
use InkyCard\Refusal;
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
        $calendar = new VCalendar(['PRODID' => '-//Inky Card//EN']);
        foreach ($parcel->pieces('event') as $piece) {
            if ($piece->text('starts') === '') {
                continue;
            }
            $event = $calendar->createComponent('VEVENT', [
                'UID' => hash('sha256', $piece->text('words').$piece->text('starts').$piece->text('address'))
                    .'@inky-card.invalid',
                'DTSTAMP' => $parcel->made->format('Ymd\THis\Z'),
                'SUMMARY' => $piece->text('words'),
                'URL' => $piece->text('address'),
            ]);
            $event->add('DTSTART', str_replace('-', '', $piece->text('starts')), ['VALUE' => 'DATE']);
            $calendar->add($event);
        }

        return $calendar->select('VEVENT') !== []
            ? Artifact::file($parcel->slug().'.ics', 'text/calendar; charset=utf-8', $calendar->serialize())
            : throw Refusal::because('This card has no event with a day: add one on the bench first.');
    }
}
