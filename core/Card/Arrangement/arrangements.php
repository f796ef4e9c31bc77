<?php

/* All arrangements, in the order they are offered: key, label, what it is, rows. */

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Arrangement\Row;
use InkyCard\Card\Arrangement\Slot;
use InkyCard\Card\Kind\Zone;

[$before, $beside, $text, $under, $after] = Zone::cases();
$one = fn (Zone $zone, mixed ...$how) => new Row([new Slot($zone)], ...$how);

return [
    new Arrangement('picture-left', 'Picture left', 'A face or logo first, the facts beside it.', [
        $one($before), new Row([new Slot($beside), new Slot($text, ruled: true)]), $one($under),
        $one($after),
    ]),
    new Arrangement('picture-right', 'Picture right', 'The facts first, the picture at the end of the line.', [
        $one($before), new Row([new Slot($text), new Slot($beside, ruled: true)]), $one($under),
        $one($after),
    ]),
    new Arrangement('picture-above', 'Picture above', 'Narrow: everything in one column, the picture on top.', [
        $one($before), $one($beside), $one($text), $one($under), $one($after),
    ]),
    new Arrangement(
        'words-only', 'Words only',
        'No picture, a rule down the side; the picture stays on the card for later.',
        [$one($before), $one($text), $one($under), $one($after)],
    ),
    new Arrangement(
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
    new Arrangement('side-band', 'Side band', 'The picture stands on a band of the accent ink.', [
        $one($before),
        new Row([
            new Slot($beside, align: 'center', valign: 'middle', band: true),
            new Slot([$text, $under]),
        ]),
        $one($after),
    ]),
    new Arrangement(
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
    new Arrangement(
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
    new Arrangement(
        'single-line', 'Single line',
        'As low as it gets: who you are and how to reach you run on in one line.',
        [$one($before), new Row([new Slot($text, flow: true)]), $one($under, gap: 8), $one($after)],
    ),
    new Arrangement('centred', 'Centred', 'Stacked on the middle of the line.', [
        $one($before),
        new Row([new Slot([$beside, $text, $under], align: 'center')]),
        $one($after),
    ]),
    new Arrangement('banner-led', 'Banner first', 'What comes after the card opens it, the facts stand below.', [
        $one($before), $one($after), new Row([new Slot($beside), new Slot($text, ruled: true)]),
        $one($under),
    ]),
    new Arrangement(
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
    new Arrangement('reply', 'Reply', 'Two lines for answers: who, and how to reach you. Nothing else.', [
        new Row([new Slot($text, contact: false, flow: true)]),
        new Row([new Slot($text, contact: true, flow: true)], gap: 2),
    ]),
    new Arrangement(
        'marks-first',
        'Marks beside',
        'Wide, for desks more than phones: marks and call beside the facts, the picture before them.',
        [
            $one($before),
            new Row([new Slot($beside), new Slot($text), new Slot($under, ruled: true, valign: 'middle')]),
            $one($after),
        ],
    ),
];
