<?php

// Words of postal addresses: one a row.

return [
    'en' => [
        'street',
        'st',
        'road',
        'rd',
        'lane',
        'ln',
        'avenue',
        'ave',
        'square',
        'way',
        'drive',
        'floor',
        'suite',
        'po box',
        'p.o. box',
        'po. box',
        'p.o box',
    ],
    'de' => [
        'straße',
        'str',
        'platz',
        'weg',
    ],
    'fr' => [
        'rue',
    ],
];
