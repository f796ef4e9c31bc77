<?php

return [
    'label' => 'Open-source desktop',
    'about' => 'A desktop program with a browser engine that keeps styles and shows pictures when asked.',
    'nearest' => 'Thunderbird',
    'rules' => [
        ['property' => 'mso-line-height-rule', 'says' => 'what is for the Word engine is left out', 'from' => 'guess'],
        ['attribute' => 'target', 'says' => 'links open in the browser', 'from' => ['target attribute', '2021-12-28']],
    ],
];
