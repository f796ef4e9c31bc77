<?php

return [
    'like' => 'tolerant-webmail',
    'label' => 'New desktop',
    'about' => 'A desktop program that is a webmail in a window. The open data has no column for it; the nearest webmail stands in.',
    'nearest' => 'Outlook.com on the web, for the new Outlook',
    'rules' => [
        ['property' => 'mso-line-height-rule', 'says' => 'what is for the Word engine is left out', 'from' => 'guess'],
    ],
];
