<?php

namespace App\Http\Controllers\Public;

use App\Links\EventEntries;
use Illuminate\Http\Response;
use InkyCard\Handover\CalendarEntry;

/** An event of a card for the reader's own calendar. */
final class EventController
{
    public function __invoke(string $signature, int $card, string $piece): Response
    {
        [$event, $stored] = EventEntries::find($signature, $card, $piece)
            ?? abort(404, __('This event is no longer there: it was taken off the signature you had it from.'));
        $calendar = CalendarEntry::of(
            [$event], $stored->document()->country, $stored->revision()->keptAt(),
            "event-$card-$piece@".parse_url(config('app.url'), PHP_URL_HOST), $stored->head,
        );

        return response($calendar->serialize(), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="event.ics"',
            'Cache-Control' => 'no-cache',
        ]);
    }
}
