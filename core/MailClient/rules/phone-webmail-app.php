<?php

return [
    'like' => 'strict-webmail',
    'label' => 'Phone webmail app',
    'about' => 'A webmail\'s app reading a mailbox of another provider: no style sheets, no flexible columns.',
    'nearest' => 'Gmail app, other account',
    'width' => 360,
    'rules' => [
        ['property' => ['object-fit', 'background-size', 'white-space'], 'says' => 'fitting is ignored', 'harms' => true, 'from' => ['object-fit', '2021-07-15']],
        ['property' => 'display', 'if' => '/flex|grid/', 'says' => 'columns fall under each other', 'harms' => true, 'from' => ['display:flex', '2021-11-02']],
    ],
];
