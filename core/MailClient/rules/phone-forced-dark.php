<?php

return [
    'label' => 'Phone, forced dark',
    'about' => 'A phone program that turns the lightness of every colour over, pictures excepted.',
    'nearest' => 'Outlook and Gmail on phones, forced dark',
    'width' => 360,
    'dark' => 'forced',
    'rules' => [
        ['value' => '/gradient\(/i', 'says' => 'gradients are gone', 'harms' => true, 'from' => ['linear-gradient()', '2021-12-29']],
        ['property' => ['position', 'transform', 'float'], 'says' => 'placing is ignored', 'harms' => true, 'from' => ['position', '2021-05-16']],
        ['attribute' => ['class', 'id', 'target', 'srcset'], 'says' => 'names of elements are gone', 'from' => 'guess'],
        ['picture' => 'svg', 'says' => 'SVG pictures are not shown', 'harms' => true, 'from' => ['SVG file', '2023-01-15']],
    ],
];
