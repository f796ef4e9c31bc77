<?php

return [
    'name' => 'Quarter Museum',
    'trade' => 'Museum',
    'fields' => ['events', 'research'],
    'mood' => 'quiet halls',
    'card' => [
        'arrangement' => 'logo-column',
        'style' => [
            'inks' => [
                'body' => '#202020', 'accent' => '#004f59', 'quiet' => '#5f6666', 'link' => '#004f59',
                'paper' => '#ffffff',
            ],
            'typeface' => 'arial',
            'sizes' => ['name' => 16, 'text' => 13, 'small' => 11],
            'rule' => ['ink' => 'body', 'width' => 1],
            'marks' => ['shape' => 'bare', 'size' => 20, 'ink' => 'accent'],
            'gaps' => ['columns' => 24, 'lines' => 3],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'logo',
                'fields' => ['picture' => 'sample:logo-orbit', 'alt' => 'Quarter Museum', 'width' => 92],
            ],
            [
                'id' => 'p2', 'kind' => 'company', 'fields' => ['text' => 'Quarter Museum'],
                'tuning' => ['caps' => true, 'bold' => true, 'size' => 12, 'ink' => 'accent'],
            ],
            ['id' => 'p3', 'kind' => 'name', 'fields' => ['text' => 'Elif Demir'], 'tuning' => ['bold' => false]],
            ['id' => 'p4', 'kind' => 'role', 'fields' => ['text' => 'Curator of instruments']],
            [
                'id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960510', 'sort' => 'office'],
                'tuning' => ['gap' => 10],
            ],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'elif@quartermuseum.example']],
            [
                'id' => 'p7', 'kind' => 'line',
                'fields' => ['value' => 'Wednesday to Sunday, 10 to 5', 'label' => 'Open'],
            ],
            [
                'id' => 'p8', 'kind' => 'profiles',
                'fields' => ['links' => ['instagram.com/quartermuseum', 'mastodon.art/@quartermuseum']],
            ],
        ],
    ],
];
