<?php

return [
    'name' => 'Lantern Lab',
    'trade' => 'Research',
    'fields' => ['research'],
    'mood' => 'precise, modest',
    'card' => [
        'arrangement' => 'contacts-right',
        'style' => [
            'inks' => [
                'body' => '#1c2430', 'accent' => '#3a4f8a', 'quiet' => '#5d6675', 'link' => '#3a4f8a',
                'paper' => '#ffffff',
            ],
            'typeface' => 'cambria',
            'sizes' => ['name' => 19, 'text' => 14, 'small' => 12],
            'rule' => ['ink' => 'quiet', 'width' => 1],
            'marks' => ['ink' => 'quiet', 'shape' => 'square', 'size' => 22],
            'button' => ['radius' => 0],
        ],
        'pieces' => [
            [
                'id' => 'p1', 'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-lab', 'shape' => 'square', 'size' => 92],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Prof. Ngozi Adair']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => 'Chair of soil ecology']],
            ['id' => 'p4', 'kind' => 'department', 'fields' => ['text' => 'Institute of Earth and Water']],
            ['id' => 'p5', 'kind' => 'company', 'fields' => ['text' => 'University of Eddersby']],
            ['id' => 'p6', 'kind' => 'email', 'fields' => ['address' => 'ngozi@lanternlab.example']],
            ['id' => 'p7', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960575', 'sort' => 'office']],
            [
                'id' => 'p8', 'kind' => 'line',
                'fields' => ['value' => 'Publications', 'label' => '', 'address' => 'lanternlab.example/papers'],
            ],
            ['id' => 'p9', 'kind' => 'address', 'fields' => ['text' => 'Room 2.14, Tannery Wing']],
            [
                'id' => 'p10', 'kind' => 'post',
                'fields' => [
                    'title' => 'Roots remember drought', 'address' => 'lanternlab.example/roots',
                    'lead' => 'New paper:', 'feed' => '',
                ],
            ],
        ],
    ],
];
