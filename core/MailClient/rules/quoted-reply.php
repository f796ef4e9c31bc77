<?php

return [
    'like' => 'tolerant-webmail',
    'label' => 'Quoted in a reply',
    'about' => 'The message answered: indented, narrower, under what was written.',
    'quoted' => true,
    'width' => 560,
    'rules' => [
        ['attribute' => ['class'], 'says' => 'names of elements are gone', 'from' => 'guess'],
    ],
];
