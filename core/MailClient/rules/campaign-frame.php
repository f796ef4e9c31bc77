<?php

return [
    'label' => 'Campaign footer, 600 px',
    'about' => 'Within the frame of a campaign: 600 px wide, inline styles alone.',
    'styles' => 'dropped',
    'rules' => [
        ['attribute' => ['class', 'id'], 'says' => 'names of elements are gone', 'from' => 'guess'],
        ['element' => ['form', 'button'], 'says' => 'an element it does not know is opened up', 'from' => 'guess'],
        ['picture' => 'data', 'says' => 'pictures inside the code are refused', 'harms' => true, 'from' => 'guess'],
    ],
];
