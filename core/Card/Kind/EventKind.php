<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Link\WebAddress;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;
use InkyCard\Time\Window;
use InkyCard\Type\CleanText;

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
        return [
            ...parent::fields(),
            new Field('starts', 'Day', 'date', 'The day it takes place.', '2027-05-22'),
            new Field('from', 'Begins at', 'time'),
            new Field('until', 'Ends at', 'time', 'Earlier than it begins: the morning after.'),
            new Field('place', 'Place', example: '4 Mallow Lane, Eddersby'),
            new Field(
                'zone', 'Time zone', 'zone', 'Left empty, that of the card’s country.', example: 'Europe/London',
            ),
            new Field(
                'entry', 'Calendar entry', 'choice',
                'Opens in the reader’s own calendar. It is served here: a change reaches mail sent before.',
                choices: ['' => 'none', 'link' => 'a line under it'],
            ),
        ];
    }

    /** `calendar` is where its entry is served: what serves it sets it. */
    public function accept(array $fields, string $country): array
    {
        return parent::accept($fields, $country) + [
            'starts' => self::date($fields, 'starts'),
            'from' => self::optional($fields, 'from', Clock::parse(...)),
            'until' => self::optional($fields, 'until', Clock::parse(...)),
            'place' => self::optional($fields, 'place', fn ($raw) => CleanText::of($raw, 120, 'place')),
            'zone' => self::optional($fields, 'zone', Clock::zone(...)),
            'entry' => ($fields['entry'] ?? '') === 'link' ? 'link' : '',
            'calendar' => self::optional(
                $fields, 'calendar',
                fn ($raw) => WebAddress::parse($raw, 'address of the calendar entry', inside: true)->address,
            ),
        ];
    }

    public function window(Filled $piece): ?Window
    {
        $day = $piece->text('starts');

        return $day === '' ? null : Window::on(Day::parse($day));
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $blocks = parent::content($piece, $card);
        $address = $piece->text('calendar');
        if ($blocks === [] || $piece->text('entry') === '' || $address === '' || $piece->text('starts') === '') {
            return $blocks;
        }
        $words = $card->said('calendar');

        return [...$blocks, new LineBlock([self::run(
            $piece, $card, $words, InkRole::Link, $card->style->sizes->text, href: $address,
            plain: "$words: $address",
        )])];
    }

    protected function words(Filled $piece, CardContext $card): string
    {
        $day = $this->window($piece)?->from;
        $from = $piece->text('from');
        $until = $piece->text('until');

        return implode(', ', array_filter([
            $piece->text('words'),
            $day === null ? '' : $card->day($day),
            $day === null || $from === '' ? '' : $card->time($from).($until === '' ? '' : '–'.$card->time($until)),
            $piece->text('place'),
        ]));
    }
}
