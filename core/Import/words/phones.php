<?php

// Labels before numbers to dial, by what they are: one a row.

return [
    'en' => [
        'mobile' => [
            'm',
            'mob',
            'mobile',
            'cell',
        ],
        'fax' => [
            'f',
            'fax',
        ],
        'direct' => [
            'd',
            'dd',
            'ddi',
            'direct',
        ],
        'office' => [
            'o',
            'office',
            'switchboard',
            'main',
        ],
    ],
    'de' => [
        'mobile' => [
            'handy',
            'mobil',
        ],
        'direct' => [
            'durchwahl',
        ],
        'office' => [
            'büro',
        ],
    ],
];
