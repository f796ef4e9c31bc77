<?php

// What letters close with where it is the whole line: one a row.

return [
    'en' => [
        'best',
        'thanks',
        'thank you',
    ],
    'de' => [
        'gruß',
        'lg',
    ],
];
