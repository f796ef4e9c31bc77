<?php

// Words beside the number of a licence or register: one a row.

return [
    'en' => [
        'licence',
        'licenced',
        'license',
        'licensed',
        'register',
        'registered',
        'registration',
        'reg no',
        'reg. no',
        'regno',
        'reg.no',
        'member no',
        'authorised',
        'vat',
        'company no',
        'charity no',
    ],
    'de' => [
        'ustid',
        'ust-id',
    ],
];
