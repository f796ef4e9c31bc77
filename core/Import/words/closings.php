<?php

// What letters close with: a line begins so. One a row.

return [
    'en' => [
        'regards',
        'kind regards',
        'kindest regards',
        'best regards',
        'warm regards',
        'warmest regards',
        'many regards',
        'wishes',
        'kind wishes',
        'kindest wishes',
        'best wishes',
        'warm wishes',
        'warmest wishes',
        'many wishes',
        'thanks',
        'kind thanks',
        'kindest thanks',
        'best thanks',
        'warm thanks',
        'warmest thanks',
        'many thanks',
        'yours',
        'sincerely',
        'cheers',
        'warmly',
        'cordially',
    ],
    'de' => [
        'mit freundlichen',
        'viele grüße',
    ],
    'fr' => [
        'cordialement',
    ],
];
