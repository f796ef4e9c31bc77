<?php

/*
 * Reads the tables of core/Type/Metrics from open fonts: advance widths, and what pairs of letters change of them, as
 * a browser sets them (kerning and ligatures):
 *   chromedriver --port=9515 & php resources/metrics.php
 * The fonts come from Debian's fonts-liberation, fonts-crosextra-carlito,
 * fonts-crosextra-caladea, fonts-dejavu-core and fonts-dejavu-extra, and from
 * the npm package @fontsource/gelasio. The tables are committed.
 */

require __DIR__.'/../vendor/autoload.php';

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use FontLib\Font;

$debian = '/usr/share/fonts/truetype';
$gelasio = __DIR__.'/../node_modules/@fontsource/gelasio/files/gelasio';
$styles = ['regular', 'bold', 'italic', 'bold-italic'];
$four = fn (string $path, array $names) => array_map(fn (string $name) => ["$path$name.ttf"], $names);
$usual = ['Regular', 'Bold', 'Italic', 'BoldItalic'];
$oblique = ['', '-Bold', '-Oblique', '-BoldOblique'];
$fonts = [
    'liberation-sans' => $four("$debian/liberation/LiberationSans-", $usual),
    'liberation-serif' => $four("$debian/liberation/LiberationSerif-", $usual),
    'liberation-mono' => $four("$debian/liberation/LiberationMono-", $usual),
    'carlito' => $four("$debian/crosextra/Carlito-", $usual),
    'caladea' => $four("$debian/crosextra/Caladea-", $usual),
    'dejavu-sans' => $four("$debian/dejavu/DejaVuSans", $oblique),
    'dejavu-sans-condensed' => $four("$debian/dejavu/DejaVuSansCondensed", $oblique),
    'gelasio' => array_map(
        fn (string $name) => ["$gelasio-latin-$name.woff", "$gelasio-latin-ext-$name.woff"],
        ['400-normal', '700-normal', '400-italic', '700-italic'],
    ),
];

/** Latin, Greek, Cyrillic, Hebrew, Arabic in its joined forms; punctuation, currencies, letterlike signs, arrows. */
$wanted = [...range(0x20, 0x7E), ...range(0xA0, 0x17F), 0x192, 0x218, 0x219, 0x21A, 0x21B, ...range(0x2C6, 0x2DD), ...range(0x370, 0x3FF), ...range(0x400, 0x45F), 0x490, 0x491, ...range(0x5B0, 0x5C7), ...range(0x5D0, 0x5EA), ...range(0x5F0, 0x5F4), 0x60C, 0x61B, 0x61F, 0x640, ...range(0x660, 0x66D), 0x6D4, ...range(0x6F0, 0x6F9), ...range(0xFB56, 0xFBFF), ...range(0xFE80, 0xFEFC), ...range(0x1E80, 0x1E85), 0x1EF2, 0x1EF3, ...range(0x2010, 0x2044), ...range(0x20A0, 0x20BF), 0x2116, 0x2122, ...range(0x2190, 0x2193), 0x2212, 0x25CF, 0x2022, 0x2713];

/** What may stand beside one another: signs, and letters of one script. */
$signs = [...range(0x20, 0x40), ...range(0x5B, 0x60), ...range(0x7B, 0x7E), 0xAB, 0xBB, ...range(0x2018, 0x201E), 0x2013, 0x2014, 0x2026];
$scripts = [
    [...range(0x41, 0x5A), ...range(0x61, 0x7A), ...range(0xC0, 0xD6), ...range(0xD8, 0xF6), ...range(0xF8, 0x17F), 0x218, 0x219, 0x21A, 0x21B],
    [...range(0x386, 0x38F), ...range(0x390, 0x3CE)],
    [...range(0x400, 0x45F), 0x490, 0x491],
];

/** Every pair of some letters set by the browser, less what both are wide alone: font units, where there is any. */
const PAIRS = <<<'JS'
    const [files, weight, slant, units, groups, done] = arguments;
    (async () => {
      for (const [file, range] of files) {
        const face = new FontFace("measured", `url(data:font/ttf;base64,${file})`, { weight, style: slant, unicodeRange: range });
        document.fonts.add(await face.load());
      }
      const page = document.createElement("canvas").getContext("2d");
      page.font = `${slant} ${weight} ${units}px measured`;
      const width = (text) => page.measureText(text).width;
      const pairs = [];
      const seen = new Set();
      for (const group of groups) {
        const alone = group.map((point) => width(String.fromCodePoint(point)));
        group.forEach((left, at) => group.forEach((right, by) => {
          if (seen.has(left * 65536 + right)) return;
          seen.add(left * 65536 + right);
          const more = Math.round(width(String.fromCodePoint(left, right)) - alone[at] - alone[by]);
          if (more !== 0) pairs.push([left, right, more]);
        }));
      }
      done(pairs);
    })().catch((failure) => done(String(failure)));
    JS;

$options = (new ChromeOptions)->setBinary('/usr/bin/chromium')
    ->addArguments(['--headless', '--no-sandbox', '--disable-gpu', '--font-render-hinting=none']);
$browser = RemoteWebDriver::create(
    'http://127.0.0.1:9515', DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options),
);
$browser->manage()->timeouts()->setScriptTimeout(120);

/**
 * Letters that do the same to all others are one class.
 *
 * @param  array<int, array<int, int>>  $pairs  left => right => font units
 * @return array{left: array<int, int>, right: array<int, int>, across: int, pairs: array<int, int>}
 */
$classes = function (array $pairs): array {
    $number = function (array $rows): array {
        $known = $of = [];
        foreach ($rows as $point => $row) {
            ksort($row);
            $of[$point] = $known[serialize($row)] ??= count($known);
        }
        ksort($of);

        return $of;
    };
    $left = $number($pairs);
    $columns = [];
    foreach ($pairs as $one => $row) {
        foreach ($row as $other => $more) {
            $columns[$other][$left[$one]] = $more;
        }
    }
    $right = $number($columns);
    $across = $right === [] ? 0 : max($right) + 1;
    $table = [];
    foreach ($pairs as $one => $row) {
        foreach ($row as $other => $more) {
            $table[$left[$one] * $across + $right[$other]] = $more;
        }
    }
    ksort($table);

    return ['left' => $left, 'right' => $right, 'across' => $across, 'pairs' => $table];
};

$written = fn (array $numbers, string $indent): string => "[\n".implode('', array_map(
    fn (array $chunk) => "$indent    ".implode(' ', array_map(fn ($key, $value) => "$key => $value,", array_keys($chunk), $chunk))."\n",
    array_chunk($numbers, 16, true),
)).$indent.']';

foreach ($fonts as $name => $faces) {
    $head = $rows = $kerning = '';
    foreach ($styles as $index => $style) {
        $widths = [];
        $files = [];
        foreach ($faces[$index] as $file) {
            $font = Font::load($file) ?? throw new RuntimeException("$file is missing");
            $font->parse();
            $map = $font->getUnicodeCharMap();
            $advances = $font->getData('hmtx');
            $units = $font->getData('head', 'unitsPerEm');
            if ($style === 'regular') {
                $head = "    'units' => $units,\n    'ascent' => {$font->getData('hhea', 'ascent')},\n    'descent' => ".-$font->getData('hhea', 'descent').",\n    'gap' => {$font->getData('hhea', 'lineGap')},\n";
            }
            $has = [];
            foreach ($wanted as $point) {
                if (isset($map[$point])) {
                    $has[] = sprintf('U+%04X', $point);
                    // Glyphs past the last long metric repeat its advance (OpenType, hmtx).
                    $widths[$point] ??= ($advances[$map[$point]] ?? end($advances))[0];
                }
            }
            $files[] = [base64_encode((string) file_get_contents($file)), implode(',', $has)];
        }
        ksort($widths);
        $rows .= "    '$style' => ".$written($widths, '    ').",\n";
        $browser->get('about:blank');
        $pairs = $browser->executeAsyncScript(PAIRS, [
            $files, str_starts_with($style, 'bold') ? '700' : '400', str_ends_with($style, 'italic') ? 'italic' : 'normal', $units,
            array_map(fn (array $letters) => array_values(array_filter([...$signs, ...$letters], fn (int $point) => isset($widths[$point]))), $scripts),
        ]);
        is_array($pairs) || throw new RuntimeException((string) $pairs);
        $table = [];
        foreach ($pairs as [$one, $other, $more]) {
            $table[$one][$other] = $more;
        }
        $kern = $classes($table);
        $kerning .= "        '$style' => [\n            'left' => ".$written($kern['left'], '            ').",\n            'right' => ".$written($kern['right'], '            ')
            .",\n            'across' => {$kern['across']},\n            'pairs' => ".$written($kern['pairs'], '            ').",\n        ],\n";
        echo "$name $style: ", count($widths), ' widths, ', count($pairs), ' pairs in ', count($kern['pairs']), "\n";
    }
    file_put_contents(
        __DIR__."/../core/Type/Metrics/$name.php",
        "<?php\n\n/*\n * Made by resources/metrics.php: code point => advance width in font units; what two letters beside one another change\n * of it, by the classes of both: left * across + right.\n */\nreturn [\n$head$rows    'kern' => [\n$kerning    ],\n];\n",
    );
}
$browser->quit();
