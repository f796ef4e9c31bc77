<?php

/*
 * Pictograms a link can have for its own mark, by what they show: names in the open icon set. Marks baked long ago
 * are baked again from here when their file is lost, so none leaves this list.
 */
return [
    'People' => [
        'person-circle', 'person-badge', 'person-vcard', 'person-video', 'people', 'heart', 'heart-pulse', 'star',
        'award', 'patch-check', 'trophy', 'emoji-smile',
    ],
    'Places' => [
        'house-door', 'house', 'house-heart', 'building', 'building-check', 'bank', 'shop', 'hospital', 'geo-alt',
        'geo-alt-fill', 'map', 'signpost-2', 'globe',
    ],
    'Work' => [
        'briefcase', 'tools', 'hammer', 'wrench', 'rulers', 'brush', 'palette', 'vector-pen', 'pen', 'scissors',
        'camera', 'camera-video', 'film', 'mic', 'music-note-beamed', 'code-slash', 'code-square', 'cpu', 'box-seam',
        'truck', 'graph-up', 'bar-chart', 'shield-check', 'lightbulb',
    ],
    'Words' => [
        'book', 'journal-text', 'journal-code', 'journal-medical', 'newspaper', 'envelope-paper', 'envelope-fill',
        'chat-dots', 'chat-square-text', 'quote', 'mortarboard', 'easel', 'archive', 'list-ul', 'download',
    ],
    'Time' => ['calendar-check', 'calendar3', 'clock', 'ticket-perforated', 'balloon', 'gift'],
    'Outside' => [
        'flower1', 'flower2', 'flower3', 'tree', 'feather', 'sun', 'moon', 'water', 'snow', 'bicycle', 'compass',
        'suitcase', 'airplane', 'car-front', 'rocket-takeoff',
    ],
    'Things' => [
        'cup-hot', 'cup-straw', 'basket', 'bag', 'cart', 'key', 'images', 'telephone', 'telephone-fill', 'smartwatch',
        'controller', 'dice-5', 'puzzle', 'headphones', 'eyeglasses', 'link-45deg',
    ],
];
