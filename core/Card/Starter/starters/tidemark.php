<?php

return [
    'name' => 'Tidemark',
    'trade' => 'Property letting',
    'fields' => ['property', 'reviews'],
    'mood' => 'calm, clear',
    'card' => [
        'style' => [
            'inks' => [
                'body' => '#1d2b36', 'accent' => '#0f5c73', 'quiet' => '#55656f', 'link' => '#0f5c73',
                'paper' => '#ffffff',
            ],
            'typeface' => 'verdana',
            'sizes' => ['name' => 18, 'text' => 12, 'small' => 11],
            'rule' => ['ink' => 'accent', 'width' => 3],
            'marks' => ['ink' => 'accent', 'shape' => 'round', 'size' => 26],
            'button' => ['radius' => 4],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-harbour', 'shape' => 'round', 'size' => 104],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Imogen Saltmarsh']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Lettings manager']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Tidemark Homes']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960211'], 'tuning' => ['gap' => 8]],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'imogen@tidemark.example']],
            ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'tidemark.example']],
            [
                'id' => 'p8', 'kind' => 'profiles',
                'fields' => ['links' => ['linkedin.com/in/imogen-saltmarsh', 'instagram.com/tidemarkhomes']],
            ],
            [
                'id' => 'p9', 'kind' => 'button', 'joined' => '',
                'fields' => ['words' => 'See homes to let', 'address' => 'tidemark.example/to-let'],
            ],
        ],
    ],
];
