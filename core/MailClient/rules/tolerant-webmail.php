<?php

return [
    'label' => 'Tolerant webmail',
    'about' => 'A webmail that keeps most of what is sent and adds nothing of its own.',
    'nearest' => 'Outlook.com on the web',
    'rules' => [
        ['property' => 'transform', 'says' => 'turning and scaling is ignored', 'harms' => true, 'from' => ['transform', '2019-02-28']],
        ['property' => 'position', 'if' => '/fixed|sticky|absolute/', 'says' => 'placing is ignored', 'harms' => true, 'from' => ['position', '2021-05-16']],
        ['value' => '/gradient\(/i', 'says' => 'gradients are gone', 'harms' => true, 'from' => ['linear-gradient()', '2021-12-29']],
        ['value' => '/\b(?:ok)?l(?:ch|ab)\(/i', 'says' => 'a colour it cannot read is dropped', 'harms' => true, 'from' => ['lch(), oklch(), lab(), oklab()', '2023-01-18']],
        ['property' => ['margin', 'margin-top', 'margin-right', 'margin-bottom', 'margin-left'], 'if' => '/-\d/', 'says' => 'negative margins are gone', 'harms' => true, 'from' => ['margin', '2019-10-01']],
        ['attribute' => ['id', 'name'], 'says' => 'names of elements are renamed', 'from' => 'guess'],
        ['attribute' => 'target', 'says' => 'links open where the client wants', 'from' => ['target attribute', '2021-12-28']],
        ['attribute' => ['srcset', 'sizes', 'hidden'], 'says' => 'hiding and picture sets are ignored', 'harms' => true, 'from' => ['srcset / sizes', '2019-05-29']],
        ['element' => ['button', 'form', 'picture'], 'says' => 'an element it does not know is opened up', 'from' => ['<button type=submit>', '2019-09-10']],
    ],
];
