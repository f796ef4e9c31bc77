<?php

return [
    'like' => 'webkit-desktop',
    'label' => 'Phone, 375 px',
    'about' => 'A phone\'s own mail program, 375 px wide: nearly everything shows, and it makes links of what looks like one.',
    'nearest' => 'Apple Mail on the phone',
    'width' => 375,
    'rules' => [],
];
