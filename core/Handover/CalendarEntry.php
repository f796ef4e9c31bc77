<?php

namespace InkyCard\Handover;

use InkyCard\Card\Piece;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;
use Sabre\VObject\Component\VCalendar;

/** Events of a card as entries for calendars (RFC 5545). */
final class CalendarEntry
{
    /**
     * @param  list<Piece>  $events  those without a day are left out
     * @param  string  $country  of the card, ISO 3166-1 alpha-2: its clock where an event names no zone
     * @param  \DateTimeInterface  $made  when this was made
     * @param  string  $uid  the one event's own name for ever; empty for one by what it says
     * @param  int  $sequence  how often it was changed (3.8.7.4)
     */
    public static function of(
        array $events, string $country, \DateTimeInterface $made, string $uid = '', int $sequence = 0,
    ): VCalendar {
        $calendar = new VCalendar(['PRODID' => '-//Inky Card//EN']);
        foreach ($events as $piece) {
            $day = $piece->kind->window($piece)?->from;
            if ($day === null) {
                continue;
            }
            $event = $calendar->createComponent('VEVENT', array_filter([
                'UID' => $uid ?: hash('sha256', $piece->fact().$day->iso.$piece->text('address')).'@inky-card.invalid',
                'DTSTAMP' => Clock::utc($made),
                'SEQUENCE' => $sequence,
                'SUMMARY' => $piece->fact(),
                'LOCATION' => $piece->text('place'),
                'URL' => $piece->text('address'),
            ]));
            foreach (self::times($piece, $day, $country) as $name => [$value, $parameters]) {
                $event->add($name, $value, $parameters);
            }
            $calendar->add($event);
        }

        return $calendar;
    }

    /** @return array<string, array{string, array<string, string>}> property => value, parameters; a whole day or UTC */
    private static function times(Piece $piece, Day $day, string $country): array
    {
        if ($piece->text('from') === '') {
            return ['DTSTART' => [str_replace('-', '', $day->iso), ['VALUE' => 'DATE']]];
        }
        $zone = $piece->text('zone') ?: Clock::zoneOf($country);
        $at = fn (Day $on, string $time): string => Clock::utc(Clock::moment($on, $time, $zone));
        $until = $piece->text('until');

        return ['DTSTART' => [$at($day, $piece->text('from')), []]] + ($until === '' ? [] : ['DTEND' => [
            $at($until > $piece->text('from') ? $day : $day->plus(1), $until), [],
        ]]);
    }
}
