<?php

/*
 * Draws the made-up portraits of the demo and of the starters as SVG:
 *   php database/demo/draw-portraits.php
 * Each is a handful of shapes; the results are committed.
 */

/** @param  array{background: string, hill: string, skin: string, hair: string, coat: string, style: string}  $look */
function portrait(array $look): string
{
    $hair = [
        'bob' => '<path d="M112 148c-6-62 34-92 88-92s96 30 88 94c-2 22-6 44-16 62 2-40-6-64-26-88-32 22-84 30-112 '
            .'26-8 14-10 36-6 62-10-18-14-40-16-64z" fill="%s"/>',
        'crop' => '<path d="M122 150c-4-58 26-90 78-90s84 30 78 90c-6-22-14-34-26-44-36 8-72 6-102-2-14 10-22 24-28 '
            .'46z" fill="%s"/>',
        'long' => '<path d="M104 262c10-40-2-78 8-124 10-50 44-82 88-82s80 30 90 82c8 46-4 84 8 124-14 8-30 8-40 '
            .'2l-2-110c-22-6-40-20-52-38-14 22-34 34-58 38l-2 110c-12 6-26 6-40-2z" fill="%s"/>',
        'bun' => '<circle cx="200" cy="48" r="30" fill="%1$s"/><path d="M118 152c-4-62 32-92 82-92s86 30 82 '
            .'92c-8-26-20-42-38-54-30 12-64 12-90 2-18 12-28 28-36 52z" fill="%1$s"/>',
        'bald' => '<path d="M116 152c-2-20 2-34 8-44l8 40c-4 10-6 20-6 28-6-6-9-14-10-24zm168 0c2-20-2-34-8-44l-8 '
            .'40c4 10 6 20 6 28 6-6 9-14 10-24z" fill="%s"/>',
        'curl' => '<g fill="%1$s"><circle cx="128" cy="126" r="30"/><circle cx="142" cy="88" r="32"/><circle '
            .'cx="182" cy="66" r="32"/><circle cx="222" cy="66" r="32"/><circle cx="260" cy="90" r="32"/><circle '
            .'cx="274" cy="128" r="30"/></g>',
    ];
    $back = in_array($look['style'], ['long'], true) ? sprintf($hair['long'], $look['hair']) : '';
    $front
        = $look['style'] === 'long'
            ? sprintf(
                '<path d="M120 150c0-60 36-88 80-88s80 28 80 88c-14-8-40-22-60-58-20 38-70 50-100 58z" fill="%s"/>',
                $look['hair'],
            )
            : sprintf($hair[$look['style']], $look['hair']);

    return <<<SVG
    <svg xmlns="http://www.w3.org/2000/svg" width="400" height="400" viewBox="0 0 400 400">
    <rect width="400" height="400" fill="{$look['ground']}"/>
    <path d="M0 300c80-60 150-40 220-10s130 20 180-30v140H0z" fill="{$look['hill']}"/>
    $back
    <path d="M172 226h56v62h-56z" fill="{$look['skin']}"/>
    <path d="M172 246c18 16 38 16 56 0v16c-18 14-38 14-56 0z" fill="#000" opacity=".12"/>
    <path d="M96 400c0-78 34-118 76-124 16 18 40 18 56 0 42 6 76 46 76 124z" fill="{$look['coat']}"/>
    <ellipse cx="200" cy="166" rx="74" ry="84" fill="{$look['skin']}"/>
    <circle cx="172" cy="166" r="7" fill="#2a2320"/><circle cx="228" cy="166" r="7" fill="#2a2320"/>
    <path d="M176 206c14 16 34 16 48 0" fill="none" stroke="#2a2320" stroke-width="6" stroke-linecap="round"/>
    $front
    </svg>

    SVG;
}

$look = fn (string $style, string $hair, string $skin, string $coat, string $background, string $hill): array => compact(
    'style', 'hair', 'skin', 'coat', 'ground', 'hill',
);

$drawings = [
    __DIR__.'/portraits/maren.svg' => $look('bob', '#7a3f26', '#e9b795', '#40704f', '#dfe8d9', '#b9cfb3'),
    __DIR__.'/portraits/tobiah.svg' => $look('curl', '#241c1a', '#8d5a3b', '#b4502f', '#e6ecd9', '#c3d3ab'),
    __DIR__.'/portraits/isolde.svg' => $look('long', '#c08a4a', '#f0c8a8', '#35586b', '#e8e4d4', '#cfd6b8'),
    __DIR__.'/portraits/perrin.svg' => $look('bald', '#9a958c', '#e2ae8a', '#5b4a6b', '#dde7e2', '#a9c4b8'),
    __DIR__.'/portraits/ansel.svg' => $look('crop', '#d8b26a', '#f2cfb3', '#2f6b63', '#f0e8d6', '#d6cfa6'),
    __DIR__.'/portraits/juniper.svg' => $look('bun', '#3b2430', '#c98d66', '#8c3f52', '#e5ebdc', '#bccfae'),
    __DIR__.'/portraits/hollis.svg' => $look('crop', '#8b8f98', '#edc3a4', '#4a5f3a', '#e1e8ea', '#b4c8c4'),
    __DIR__.'/portraits/wren.svg' => $look('curl', '#9c4a2b', '#f3d2bb', '#6b6a2f', '#ece7d2', '#cdd2a2'),
    __DIR__.'/portraits/fenella.svg' => $look('bob', '#1f1a22', '#b97a52', '#a8622c', '#dfe9dd', '#b2cdb0'),
    __DIR__.'/../../resources/samples/portrait-harbour.svg' => $look(
        'bun', '#5a3a2a', '#eac0a0', '#0f5c73', '#dbe8ec', '#a9c9d3',
    ),
    __DIR__.'/../../resources/samples/portrait-kitchen.svg' => $look(
        'bald', '#4a3a30', '#a86f4a', '#a3461f', '#f3e2d0', '#e0bd98',
    ),
    __DIR__.'/../../resources/samples/portrait-office.svg' => $look(
        'bob', '#38303c', '#f0cdb4', '#6a2b57', '#ece4ec', '#cdbbcb',
    ),
    __DIR__.'/../../resources/samples/portrait-clinic.svg' => $look(
        'long', '#2b1d1a', '#a9714f', '#3d7a76', '#e2efec', '#b7d4cf',
    ),
    __DIR__.'/../../resources/samples/portrait-workshop.svg' => $look(
        'crop', '#3a2c24', '#e5b48f', '#8a5a2b', '#efe6d8', '#d3bf9d',
    ),
    __DIR__.'/../../resources/samples/portrait-stage.svg' => $look(
        'curl', '#5b2a1e', '#efc3a2', '#4b2e6b', '#ece6f2', '#cabddb',
    ),
    __DIR__.'/../../resources/samples/portrait-school.svg' => $look(
        'bob', '#c9a25a', '#f3cfb4', '#2f5d8a', '#e6edf4', '#b9cde0',
    ),
    __DIR__.'/../../resources/samples/portrait-court.svg' => $look(
        'crop', '#b9b6b0', '#d99c74', '#23282f', '#e7e5e1', '#c6c2ba',
    ),
    __DIR__.'/../../resources/samples/portrait-lab.svg' => $look(
        'bun', '#1a1416', '#8a5636', '#c84f5c', '#f5e9e6', '#e2c3bd',
    ),
];
foreach ($drawings as $file => $traits) {
    file_put_contents($file, portrait($traits));
}
