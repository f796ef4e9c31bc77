<?php

return [
    'label' => 'WebKit desktop',
    'about' => 'A desktop program with a full browser engine: nearly everything shows, and it makes links of what looks like one.',
    'nearest' => 'Apple Mail on the Mac',
    'rules' => [
        ['property' => 'position', 'if' => '/fixed|sticky/', 'says' => 'placing is ignored', 'harms' => true, 'from' => ['position', '2021-05-16']],
        ['attribute' => 'srcset', 'on' => ['source'], 'says' => 'picture sets are ignored', 'from' => ['<picture>', '2024-04-15']],
        ['whole' => 'found', 'says' => 'it makes links of its own', 'harms' => true, 'from' => 'guess'],
    ],
];
