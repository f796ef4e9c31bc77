<?php

return [
    'name' => 'Footlights',
    'trade' => 'Music and stage',
    'fields' => ['music', 'film', 'events'],
    'mood' => 'bold, late-evening',
    'card' => [
        'arrangement' => 'banner-led',
        'style' => [
            'inks' => [
                'body' => '#2a1a3e', 'accent' => '#7a2e8f', 'quiet' => '#665a73', 'link' => '#7a2e8f',
                'paper' => '#ffffff',
            ],
            'typeface' => 'trebuchet',
            'sizes' => ['name' => 20, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'accent', 'width' => 2],
            'marks' => ['ink' => 'body', 'shape' => 'rounded', 'size' => 26],
            'button' => ['radius' => 4],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'banner',
                'fields' => [
                    'picture' => 'sample:banner-concert', 'alt' => 'Winter concerts: four evenings in the old tannery',
                    'address' => 'footlights.example/winter', 'width' => 320, 'ratio' => 0.25,
                ],
            ],
            [
                'id' => 'p2', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-stage', 'shape' => 'rounded', 'size' => 96],
            ],
            ['id' => 'p3', 'kind' => 'name', 'fields' => ['text' => 'Lucian Tarn']],
            ['id' => 'p4', 'kind' => 'role', 'fields' => ['text' => 'Cellist']],
            ['id' => 'p5', 'kind' => 'tagline', 'fields' => ['text' => 'Chamber music in unlikely rooms']],
            [
                'id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'lucian@footlights.example'],
                'tuning' => ['gap' => 6],
            ],
            ['id' => 'p7', 'kind' => 'web', 'fields' => ['address' => 'footlights.example']],
            [
                'id' => 'p8', 'kind' => 'profiles',
                'fields' => [
                    'links' => [
                        'open.spotify.com/artist/1a2b3c', 'youtube.com/@footlights', 'instagram.com/footlights',
                    ],
                ],
            ],
            [
                'id' => 'p9', 'kind' => 'textlink',
                'fields' => [
                    'words' => 'Hear the new recording', 'address' => 'footlights.example/hear', 'form' => 'underlined',
                ],
                'joined' => '',
            ],
        ],
    ],
];
