<?php

/*
 * Measured in the program itself (153.8, tests/Browser/OpenDesktopTest.php): inline colours its dark page could not
 * carry are taken away one by one; what has none is near white, links are light blue.
 */
return [
    'like' => 'open-desktop',
    'label' => 'Open-source desktop, dark',
    'about' => 'The same on a dark page: light backgrounds go, and words too dark for it are near white, links light blue.',
    'strips' => [
        'bright' => 200, 'least' => 3.5, 'page' => '#18181b', 'ink' => '#eeeef0', 'link' => '#58c9ff',
        'seen' => '2026-11-28',
    ],
    'rules' => [],
];
