<?php

// Larger type on a dense screen: lengths in styles grow, sizes in attributes do not.
return [
    'like' => 'word-desktop',
    'label' => 'Word-engine desktop, 120 dpi',
    'about' => 'The same on a dense screen: type grows by a quarter, pictures sized by attribute do not.',
    'width' => 720,
    'rules' => [
        ['property' => ['font', 'font-size', 'line-height', 'padding', 'padding-top', 'padding-right', 'padding-bottom', 'padding-left', 'width', 'height', 'border-left', 'border-bottom'], 'times' => 1.25, 'says' => 'type grows, pictures do not', 'from' => ['width attribute', '2019-09-27']],
    ],
];
