<?php

namespace InkyCard\Card\Arrangement;

use InkyCard\Card\Kind\Zone;
use InkyCard\Refusal;

/**
 * How zones become columns and rows: a grid, read top to bottom, start to end.
 *
 * An arrangement only looks at a card: pieces stay in their zones, so that
 * going from one to the other and back changes nothing. A zone an arrangement
 * has no place for is not shown in it.
 */
final readonly class Arrangement
{
    /** @var array<string, true> zones it has a place for */
    public array $zones;

    /**
     * @param  string  $purpose  when to choose it, in one sentence
     * @param  non-empty-list<Row>  $rows
     */
    private function __construct(public string $key, public string $label, public string $purpose, public array $rows)
    {
        $zones = [];
        foreach ($rows as $row) {
            foreach ($row->slots as $slot) {
                $zones += array_fill_keys(array_column($slot->zones, 'value'), true);
            }
        }
        $this->zones = $zones;
    }

    /** Whether something of it stands on a band of the accent ink. */
    public function hasBand(): bool
    {
        foreach ($this->rows as $row) {
            foreach ($row->slots as $slot) {
                if ($slot->band) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @throws Refusal */
    public static function of(string $key): self
    {
        return self::all()[$key]
            ?? throw Refusal::because('Choose one of the arrangements: '.implode(', ', array_keys(self::all())).'.');
    }

    /** @return array<string, self> by key, in the order they are offered */
    public static function all(): array
    {
        static $all = null;
        [$before, $beside, $text, $under, $after] = Zone::cases();
        $one = fn (Zone $zone, mixed ...$how) => new Row([new Slot($zone)], ...$how);

        return $all ??= array_column(
            [
                new self('picture-left', 'Picture left', 'A face or logo first, the facts beside it.', [
                    $one($before), new Row([new Slot($beside), new Slot($text, ruled: true)]), $one($under),
                    $one($after),
                ]),
                new self('picture-right', 'Picture right', 'The facts first, the picture at the end of the line.', [
                    $one($before), new Row([new Slot($text), new Slot($beside, ruled: true)]), $one($under),
                    $one($after),
                ]),
                new self('picture-above', 'Picture above', 'Narrow: everything in one column, the picture on top.', [
                    $one($before), $one($beside), $one($text), $one($under), $one($after),
                ]),
                new self(
                    'words-only', 'Words only',
                    'No picture, a rule down the side; the picture stays on the card for later.',
                    [$one($before), $one($text), $one($under), $one($after)],
                ),
                new self(
                    'logo-column',
                    'Logo column',
                    'Picture and profile marks in one centred column of their own.',
                    [
                        $one($before),
                        new Row([
                            new Slot([$beside, $under], align: 'center', valign: 'middle'),
                            new Slot($text, ruled: true, valign: 'middle'),
                        ]),
                        $one($after),
                    ],
                ),
                new self('side-band', 'Side band', 'The picture stands on a band of the accent ink.', [
                    $one($before),
                    new Row([
                        new Slot($beside, align: 'center', valign: 'middle', band: true),
                        new Slot([$text, $under]),
                    ]),
                    $one($after),
                ]),
                new self(
                    'two-columns',
                    'Two columns',
                    'Wide, for desks more than phones: who you are in one column, how to reach you in the next.',
                    [
                        $one($before),
                        new Row([
                            new Slot($beside),
                            new Slot($text, contact: false),
                            new Slot($text, contact: true, ruled: true),
                        ]),
                        $one($under),
                        $one($after),
                    ],
                ),
                new self(
                    'contacts-right',
                    'Contacts right',
                    'Name and marks at the start, contacts at the end, the picture above both.',
                    [
                        $one($before),
                        $one($beside),
                        new Row(
                            [new Slot($text, contact: false), new Slot($text, contact: true, ruled: true)],
                            gap: 10,
                        ),
                        $one($under),
                        $one($after),
                    ],
                ),
                new self(
                    'single-line', 'Single line',
                    'As low as it gets: who you are and how to reach you run on in one line.',
                    [$one($before), new Row([new Slot($text, flow: true)]), $one($under, gap: 8), $one($after)],
                ),
                new self('centred', 'Centred', 'Stacked on the middle of the line.', [
                    $one($before),
                    new Row([new Slot([$beside, $text, $under], align: 'center')]),
                    $one($after),
                ]),
                new self('banner-led', 'Banner first', 'What comes after the card opens it, the facts stand below.', [
                    $one($before), $one($after), new Row([new Slot($beside), new Slot($text, ruled: true)]),
                    $one($under),
                ]),
                new self(
                    'letterhead',
                    'Letterhead',
                    'Name over a rule, contacts in one line under it, the picture at the end.',
                    [
                        $one($before),
                        new Row([
                            new Slot($text, contact: false, valign: 'bottom'),
                            new Slot($beside, valign: 'bottom'),
                        ]),
                        new Row([new Slot($text, contact: true, flow: true)], gap: 8, ruled: true),
                        $one($under),
                        $one($after),
                    ],
                ),
                new self('reply', 'Reply', 'Two lines for answers: who, and how to reach you. Nothing else.', [
                    new Row([new Slot($text, contact: false, flow: true)]),
                    new Row([new Slot($text, contact: true, flow: true)], gap: 2),
                ]),
                new self(
                    'marks-first',
                    'Marks beside',
                    'Wide, for desks more than phones: marks and call beside the facts, the picture before them.',
                    [
                        $one($before),
                        new Row([new Slot($beside), new Slot($text), new Slot($under, ruled: true, valign: 'middle')]),
                        $one($after),
                    ],
                ),
            ],
            null,
            'key',
        );
    }
}
