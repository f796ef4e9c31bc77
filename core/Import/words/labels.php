<?php

// Labels before numbers and addresses: `plain` ones always are, `marked` ones before a sign such as a colon.

return [
    'en' => [
        'plain' => [
            'e-mail',
            'email',
            'mail',
            'web',
            'website',
            'url',
            'site',
            'tel',
            'telephone',
            'phone',
            'call',
            'mob',
            'mobile',
            'cell',
            'fax',
            'find us',
            'follow me',
            'follow us',
        ],
        'marked' => [
            'direct',
            'office',
            'address',
            'a',
            'e',
            'm',
            't',
            'p',
            'w',
            'f',
            'd',
            'o',
        ],
    ],
    'de' => [
        'plain' => [
            'webseite',
            'telefon',
            'mobil',
            'handy',
        ],
        'marked' => [
            'büro',
        ],
    ],
];
