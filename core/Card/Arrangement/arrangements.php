<?php

/* All arrangements, in the order they are offered: key => label, what it is, what makes its rows. */

use InkyCard\Card\Arrangement\Row;
use InkyCard\Card\Arrangement\Slot;
use InkyCard\Card\Kind\Zone;

[$before, $beside, $text, $under, $after] = Zone::cases();
$one = fn (Zone $zone, mixed ...$how) => new Row([new Slot($zone)], ...$how);

return [
    'picture-left' => ['Picture left', 'A face or logo first, the facts beside it.', fn () => [
        $one($before), new Row([new Slot($beside), new Slot($text, ruled: true)]), $one($under),
        $one($after),
    ]],
    'picture-right' => ['Picture right', 'The facts first, the picture at the end of the line.', fn () => [
        $one($before), new Row([new Slot($text), new Slot($beside, ruled: true)]), $one($under),
        $one($after),
    ]],
    'picture-above' => ['Picture above', 'Narrow: everything in one column, the picture on top.', fn () => [
        $one($before), $one($beside), $one($text), $one($under), $one($after),
    ]],
    'words-only' => [
        'Words only',
        'No picture, a rule down the side; the picture stays on the card for later.',
        fn () => [$one($before), $one($text), $one($under), $one($after)],
    ],
    'logo-column' => [
        'Logo column',
        'Picture and profile marks in one centred column of their own.',
        fn () => [
            $one($before),
            new Row([
                new Slot([$beside, $under], align: 'center', valign: 'middle'),
                new Slot($text, ruled: true, valign: 'middle'),
            ]),
            $one($after),
        ],
    ],
    'side-band' => ['Side band', 'The picture stands on a band of the accent ink.', fn () => [
        $one($before),
        new Row([
            new Slot($beside, align: 'center', valign: 'middle', band: true),
            new Slot([$text, $under]),
        ]),
        $one($after),
    ]],
    'two-columns' => [
        'Two columns',
        'Wide, for desks more than phones: who you are in one column, how to reach you in the next.',
        fn () => [
            $one($before),
            new Row([
                new Slot($beside),
                new Slot($text, contact: false),
                new Slot($text, contact: true, ruled: true),
            ]),
            $one($under),
            $one($after),
        ],
    ],
    'contacts-right' => [
        'Contacts right',
        'Name and marks at the start, contacts at the end, the picture above both.',
        fn () => [
            $one($before),
            $one($beside),
            new Row(
                [new Slot($text, contact: false), new Slot($text, contact: true, ruled: true)],
                gap: 10,
            ),
            $one($under),
            $one($after),
        ],
    ],
    'single-line' => [
        'Single line',
        'As low as it gets: who you are and how to reach you run on in one line.',
        fn () => [$one($before), new Row([new Slot($text, flow: true)]), $one($under, gap: 8), $one($after)],
    ],
    'centred' => ['Centred', 'Stacked on the middle of the line.', fn () => [
        $one($before),
        new Row([new Slot([$beside, $text, $under], align: 'center')]),
        $one($after),
    ]],
    'banner-led' => ['Banner first', 'What comes after the card opens it, the facts stand below.', fn () => [
        $one($before), $one($after), new Row([new Slot($beside), new Slot($text, ruled: true)]),
        $one($under),
    ]],
    'letterhead' => [
        'Letterhead',
        'Name over a rule, contacts in one line under it, the picture at the end.',
        fn () => [
            $one($before),
            new Row([
                new Slot($text, contact: false, valign: 'bottom'),
                new Slot($beside, valign: 'bottom'),
            ]),
            new Row([new Slot($text, contact: true, flow: true)], gap: 8, ruled: true),
            $one($under),
            $one($after),
        ],
    ],
    'reply' => ['Reply', 'Two lines for answers: who, and how to reach you. Nothing else.', fn () => [
        new Row([new Slot($text, contact: false, flow: true)]),
        new Row([new Slot($text, contact: true, flow: true)], gap: 2),
    ]],
    'marks-first' => [
        'Marks beside',
        'Wide, for desks more than phones: marks and call beside the facts, the picture before them.',
        fn () => [
            $one($before),
            new Row([new Slot($beside), new Slot($text), new Slot($under, ruled: true, valign: 'middle')]),
            $one($after),
        ],
    ],
    'ticket' => ['Stub', 'A stub of the accent ink, torn off along the rule; the facts beside it.', fn () => [
        $one($before),
        new Row([
            new Slot($beside, align: 'center', valign: 'middle', band: true),
            new Slot([$text, $under], ruled: true, valign: 'middle'),
        ]),
        $one($after),
    ]],
    'band-right' => ['Band at the end', 'The facts first, the picture on a band of the accent ink.', fn () => [
        $one($before),
        new Row([
            new Slot([$text, $under]), new Slot($beside, align: 'center', valign: 'middle', band: true),
        ]),
        $one($after),
    ]],
    'nameplate' => ['Nameplate', 'Who you are on a band across, how to reach you under it.', fn () => [
        $one($before),
        new Row([
            new Slot($beside, valign: 'middle', band: true),
            new Slot($text, contact: false, valign: 'middle', band: true),
        ]),
        new Row([new Slot($text, contact: true), new Slot($under, align: 'end')], gap: 0),
        $one($after),
    ]],
    'poster' => ['Poster', 'The picture flush with a block of colour that says who you are.', fn () => [
        $one($before),
        new Row([
            new Slot($beside), new Slot($text, contact: false, valign: 'middle', band: true),
        ]),
        new Row([new Slot($text, contact: true, flow: true)], gap: 10),
        $one($under, gap: 10),
        $one($after),
    ]],
    'head-band' => ['Firm on a band', 'The firm on a band across the top, the person below it.', fn () => [
        $one($before),
        new Row([new Slot($text, firm: true, band: true)]),
        new Row([new Slot($beside), new Slot($text, firm: false)], gap: 12),
        $one($under),
        $one($after),
    ]],
    'foot-band' => ['Contacts on a band', 'How to reach you runs on in a band across the foot.', fn () => [
        $one($before),
        new Row([new Slot($beside), new Slot($text, contact: false, ruled: true, valign: 'middle')]),
        $one($under, gap: 12),
        new Row([new Slot($text, contact: true, flow: true, band: true)], gap: 12),
        $one($after),
    ]],
    'index-card' => ['Index card', 'The firm on a tab, contacts as a list with hairlines.', fn () => [
        $one($before),
        new Row([new Slot($text, firm: true, band: true, tab: true)]),
        new Row([
            new Slot($text, contact: false, firm: false, valign: 'bottom'), new Slot($beside, valign: 'bottom'),
        ], gap: 8, ruled: true, over: 0),
        new Row([new Slot($text, contact: true, table: 'start')], gap: 8),
        $one($under),
        $one($after),
    ]],
    'slip' => ['Slip', 'Narrow as a bill: the firm on top, what there is at the end of each line.', fn () => [
        $one($before),
        new Row([new Slot($beside, align: 'center')]),
        new Row([new Slot($text, firm: true, align: 'center')], gap: 8),
        new Row([new Slot($text, contact: false, firm: false)], gap: 6, ruled: true),
        new Row([new Slot($text, contact: true, table: 'end')], gap: 6),
        $one($under, gap: 8, ruled: true),
        $one($after),
    ]],
    'masthead' => ['Masthead', 'On the middle of the line, between rules: for societies and houses.', fn () => [
        $one($before),
        new Row([new Slot($beside, align: 'center')]),
        new Row([new Slot($text, firm: true, align: 'center')], gap: 8),
        new Row([new Slot($text, contact: false, firm: false, align: 'center')], gap: 8, ruled: true),
        new Row([new Slot($text, contact: true, flow: true, align: 'center')], gap: 8, ruled: true),
        new Row([new Slot($under, align: 'center')], gap: 10),
        $one($after),
    ]],
    'margin-rule' => ['Margin rule', 'A rule down the margin and air around it; the picture at the end.', fn () => [
        $one($before),
        new Row([new Slot([$text, $under], edged: true), new Slot($beside)]),
        $one($after),
    ]],
    'call-first' => ['Call first', 'What you ask for comes right under your name, contacts after it.', fn () => [
        $one($before),
        new Row([new Slot($beside, valign: 'middle'), new Slot($text, contact: false, valign: 'middle')]),
        $one($under, gap: 10),
        new Row([new Slot($text, contact: true, flow: true)], gap: 8),
        $one($after),
    ]],
    'labelled' => ['Labelled', 'The picture beside a list of what reaches you where.', fn () => [
        $one($before),
        new Row([new Slot($text, contact: false)]),
        new Row([new Slot($beside), new Slot($text, contact: true, table: 'start')], gap: 8),
        $one($under),
        $one($after),
    ]],
    'folding' => ['Folding', 'Two columns where there is room, one below the other on a phone.', fn () => [
        $one($before),
        new Row([new Slot($beside)]),
        new Row([new Slot($text, contact: false), new Slot($text, contact: true)], gap: 10, wraps: true),
        $one($under, gap: 8),
        $one($after),
    ]],
];
