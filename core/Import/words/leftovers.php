<?php

// What is left of a line when its number or address is taken out, and says nothing alone: one a row.

return [
    'en' => [
        'tel',
        'phone',
        'mobile',
        'mob',
        'cell',
        'fax',
        'email',
        'e-mail',
        'mail',
        'web',
        'website',
        'office',
        'direct',
        'and',
        'or',
        'call',
    ],
];
