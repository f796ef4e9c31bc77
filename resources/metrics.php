<?php

/*
 * Reads the width tables of core/Type/Metrics from open fonts:
 *   php resources/metrics.php
 * The fonts come from Debian's fonts-liberation, fonts-crosextra-carlito,
 * fonts-crosextra-caladea, fonts-dejavu-core and fonts-dejavu-extra, and from
 * the npm package @fontsource/gelasio. The tables are committed.
 */

require __DIR__.'/../vendor/autoload.php';

use FontLib\Font;

$debian = '/usr/share/fonts/truetype';
$fonts = [
    'liberation-sans' => ["$debian/liberation/LiberationSans-Regular.ttf", "$debian/liberation/LiberationSans-Bold.ttf"],
    'liberation-serif' => ["$debian/liberation/LiberationSerif-Regular.ttf", "$debian/liberation/LiberationSerif-Bold.ttf"],
    'liberation-mono' => ["$debian/liberation/LiberationMono-Regular.ttf", "$debian/liberation/LiberationMono-Bold.ttf"],
    'carlito' => ["$debian/crosextra/Carlito-Regular.ttf", "$debian/crosextra/Carlito-Bold.ttf"],
    'caladea' => ["$debian/crosextra/Caladea-Regular.ttf", "$debian/crosextra/Caladea-Bold.ttf"],
    'dejavu-sans' => ["$debian/dejavu/DejaVuSans.ttf", "$debian/dejavu/DejaVuSans-Bold.ttf"],
    'dejavu-sans-condensed' => ["$debian/dejavu/DejaVuSansCondensed.ttf", "$debian/dejavu/DejaVuSansCondensed-Bold.ttf"],
    'gelasio' => [__DIR__.'/../node_modules/@fontsource/gelasio/files/gelasio-latin-400-normal.woff', __DIR__.'/../node_modules/@fontsource/gelasio/files/gelasio-latin-700-normal.woff'],
];

/** Latin, Greek, Cyrillic, Hebrew, Arabic in its joined forms; punctuation, currencies, letterlike signs, arrows. */
$wanted = [...range(0x20, 0x7E), ...range(0xA0, 0x17F), 0x192, 0x218, 0x219, 0x21A, 0x21B, ...range(0x2C6, 0x2DD), ...range(0x370, 0x3FF), ...range(0x400, 0x45F), 0x490, 0x491, ...range(0x5B0, 0x5C7), ...range(0x5D0, 0x5EA), ...range(0x5F0, 0x5F4), 0x60C, 0x61B, 0x61F, 0x640, ...range(0x660, 0x66D), 0x6D4, ...range(0x6F0, 0x6F9), ...range(0xFB56, 0xFBFF), ...range(0xFE80, 0xFEFC), ...range(0x1E80, 0x1E85), 0x1EF2, 0x1EF3, ...range(0x2010, 0x2044), ...range(0x20A0, 0x20BF), 0x2116, 0x2122, ...range(0x2190, 0x2193), 0x2212, 0x25CF, 0x2022, 0x2713];

foreach ($fonts as $name => $files) {
    $table = [];
    foreach (['regular', 'bold'] as $index => $weight) {
        $font = Font::load($files[$index]) ?? throw new RuntimeException("$files[$index] is missing");
        $font->parse();
        $map = $font->getUnicodeCharMap();
        $widths = $font->getData('hmtx');
        $units = $font->getData('head', 'unitsPerEm');
        $table['units'] = $units;
        $table['ascent'] = $font->getData('hhea', 'ascent');
        $table['descent'] = -$font->getData('hhea', 'descent');
        $table['gap'] = $font->getData('hhea', 'lineGap');
        foreach ($wanted as $point) {
            if (isset($map[$point])) {
                // Glyphs past the last long metric repeat its advance (OpenType, hmtx).
                $table[$weight][$point] = ($widths[$map[$point]] ?? end($widths))[0];
            }
        }
    }
    $rows = '';
    foreach (['regular', 'bold'] as $weight) {
        $rows .= "    '$weight' => [\n";
        foreach (array_chunk($table[$weight], 16, true) as $chunk) {
            $rows .= '        '.implode(' ', array_map(fn ($point, $width) => "$point => $width,", array_keys($chunk), $chunk))."\n";
        }
        $rows .= "    ],\n";
    }
    file_put_contents(__DIR__."/../core/Type/Metrics/$name.php", "<?php\n\n// Made by resources/metrics.php: code point => advance width in font units.\nreturn [\n    'units' => {$table['units']},\n    'ascent' => {$table['ascent']},\n    'descent' => {$table['descent']},\n    'gap' => {$table['gap']},\n$rows];\n");
    echo $name, ' ', count($table['regular']), "\n";
}
