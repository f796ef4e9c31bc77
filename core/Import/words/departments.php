<?php

// Words of parts of a firm: one a row.

return [
    'en' => [
        'department',
        'dept',
        'division',
        'faculty',
        'institute',
        'school',
        'team',
        'unit',
        'section',
    ],
    'de' => [
        'abteilung',
        'referat',
        'fakultät',
        'institut',
    ],
];
