<?php

namespace Tests\Browser;

use App\Pictures\Rasterizer;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PictureSources;
use InkyCard\Compose\SvgComposer;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;
use PHPUnit\Framework\TestCase;

/**
 * Boxes computed by the core against boxes laid out by a browser with the metric twins.
 */
final class MeasureTest extends TestCase
{
    private const WIDTHS = [320, 480, 600];

    public function test_every_starter_in_every_arrangement_measures_as_a_browser_lays_it_out(): void
    {
        $html = self::head();
        $expected = [];
        foreach ($this->cards() as $name => $card) {
            $sheet = Sheet::of($card);
            $markup = self::inTwins($sheet);
            foreach (Measure::at($sheet, self::WIDTHS) as $width => $measured) {
                $html .= "<div style=\"width:{$width}px\" data-card=\"$name $width\">$markup</div>";
                $expected["$name $width"] = $measured;
            }
        }
        $browser = self::open($html);
        $laid = $browser->executeAsyncScript((string) file_get_contents(__DIR__.'/boxes.js'));
        $off = [];
        $count = 0;
        foreach ($expected as $name => $measured) {
            $this->assertSame(
                array_keys($measured->boxes),
                array_intersect(array_keys($measured->boxes), array_keys($laid[$name]['boxes'])),
                $name,
            );
            foreach ($measured->boxes + ['' => null] as $piece => $box) {
                $mine
                    = $box === null
                        ? [0, 0, $measured->width, $measured->height]
                        : [$box->x, $box->y, $box->width, $box->height];
                $theirs = $box === null ? [0, 0, ...$laid[$name]['size']] : $laid[$name]['boxes'][$piece];
                $count++;
                $worst = max(array_map(fn ($a, $b) => abs($a - $b) / max(3, 0.02 * $b), $mine, $theirs));
                if ($worst > 1) {
                    $off["$name $piece"] = sprintf(
                        '%s against %s',
                        implode(' ', array_map(fn ($v) => round($v, 1), $mine)),
                        implode(' ', array_map(fn ($v) => round($v, 1), $theirs)),
                    );
                }
                foreach ($mine as $side => $value) {
                    $this->assertLessThanOrEqual(
                        max(8, 0.02 * $theirs[$side]),
                        abs($value - $theirs[$side]),
                        "$name $piece: ".json_encode([$mine, $theirs]),
                    );
                }
            }
        }
        $this->assertGreaterThan(1000, $count);
        $this->assertLessThanOrEqual(
            0.02 * $count,
            count($off),
            count($off)
                ." of $count boxes:\n"
                .implode(
                    "\n",
                    array_map(fn ($n, $o) => "$n: $o", array_keys(array_slice($off, 0, 20)), array_slice($off, 0, 20)),
                ),
        );
    }

    /** Margins, lists, tables and pictures of somebody's own markup, drawn by lot. */
    public function test_own_markup_measures_as_a_browser_lays_it_out(): void
    {
        mt_srand(11);
        $html = self::head();
        $expected = [];
        for ($number = 0; $number < 150; $number++) {
            $card = CardJson::read(['format' => CardJson::FORMAT, 'name' => 'N', 'pieces' => [[
                'id' => 'a', 'kind' => 'html', 'fields' => ['html' => self::markup(2)],
            ]]]);
            $sheet = Sheet::of($card);
            $markup = (string) preg_replace('/src="https[^"]*"/', 'src="data:image/svg+xml,'.rawurlencode(
                "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'/>",
            ).'"', self::inTwins($sheet));
            foreach (Measure::at($sheet, self::WIDTHS) as $width => $measured) {
                $html .= "<div style=\"width:{$width}px\" data-card=\"$number $width\">$markup</div>";
                $expected["$number $width"] = [$measured, $markup];
            }
        }
        $laid = self::open($html)->executeAsyncScript((string) file_get_contents(__DIR__.'/boxes.js'));
        $off = [];
        foreach ($expected as $name => [$measured, $markup]) {
            $mine = [$measured->width, $measured->height];
            $worst = max(array_map(
                fn (float $a, float $b) => abs($a - $b) / max(3, 0.02 * $b), $mine, $laid[$name]['size'],
            ));
            if ($worst > 1) {
                $off[] = "$name: ".json_encode([$mine, $laid[$name]['size']])." $markup";
            }
        }
        $this->assertLessThanOrEqual(
            0.03 * count($expected), count($off), count($off)." off:\n".implode("\n", array_slice($off, 0, 6)),
        );
    }

    /** @param  int  $deep  how far blocks may stand in blocks */
    private static function markup(int $deep): string
    {
        $one = fn (array $of) => $of[mt_rand(0, count($of) - 1)];
        $words = fn (): string => implode(' ', array_map(
            fn () => $one(['open', 'garden', 'day', 'bare-root', 'hedges', 'in', 'October', '<b>from nine</b>',
                '<span style="font-size:20px">large</span>', '<a href="https://quillfern.example">our page</a>', '<br>',
            ]), range(0, mt_rand(1, 14)),
        ));
        $style = fn (): string => $one(['', '', '', ' style="margin:4px 0 9px"', ' style="padding:6px 10px"',
            ' style="font-size:16px;line-height:1.5"', ' style="border-top:3px solid #222222"', ' style="margin:0"',
            ' style="line-height:22px"', ' style="font-size:11px"']);
        $block = function () use ($one, $words, $style, $deep): string {
            $inside = $deep > 0 && mt_rand(0, 2) === 0 ? self::markup($deep - 1) : $words();

            return match ($one(['p', 'p', 'div', 'ul', 'table', 'img', 'hr', 'text'])) {
                'p' => "<p{$style()}>{$words()}</p>",
                'div' => "<div{$style()}>$inside</div>",
                'ul' => "<ul><li>{$words()}</li><li{$style()}>{$words()}</li></ul>",
                'table' => '<table'.$one(['', ' cellpadding="0" cellspacing="0"', ' cellpadding="6"', ' width="100%"'])
                    ."><tr><td{$style()}>$inside</td><td>{$words()}</td></tr><tr><td colspan=\"2\">{$words()}</td></tr>"
                    .'</table>',
                'img' => '<img src="https://quillfern.example/a.png" width="'.mt_rand(20, 200).'" height="'
                    .mt_rand(10, 90).'" alt="A"'.$one(['', ' style="display:block"']).'>',
                'hr' => '<hr>',
                default => $words(),
            };
        };

        return implode('', array_map(fn () => $block(), range(0, mt_rand(0, 3))));
    }

    /** Names drawn by lot from the letters of twelve languages, in every twin, upright and slanted, at six sizes. */
    public function test_names_are_as_wide_as_a_browser_sets_them(): void
    {
        mt_srand(5);
        $letters = array_map(mb_str_split(...), [
            'abcdefghijklmnopqrstuvwxyz', 'aäbcdefghijklmnoöprsßtuüvwz',
            'aàâbcçdeéèêfghiîïjlmnoôœpqrstuùvy', 'aábcdeéfghiíjlmnñoóqrstuúvxyz',
            'aãábcçdeéêfghiíjlmnoõóqrstuúvxz', 'aąbcćdeęfghijklłmnńoóprsśtuwyzźż',
            'aábcčdďeéěfghiíjklmnňoóprřsštťuúůvyýzž',
            'aábcdeéfghiíjklmnoóöőprstuúüűvyz', 'abcçdefgğhıijklmnoöprsştuüvyz',
            'aåäbdefghijklmnoöprstuvyæø', 'αάβγδεέζηήθιίκλμνξοόπρστυύφχψωώ',
            'абвгдежзийклмнопрстуфхцчшщыьэюя',
        ]);
        $word = fn (array $of): string => mb_convert_case(implode('', array_map(
            fn () => $of[mt_rand(0, count($of) - 1)], range(0, mt_rand(2, 8)),
        )), MB_CASE_TITLE);
        $html = self::head().'<body>';
        $mine = [];
        foreach (array_filter(FontStack::all(), fn (FontStack $one) => $one->width(true) === 1.0) as $typeface) {
            $latin = in_array($typeface->twin(), ['gelasio', 'caladea'], true);
            foreach ([13, 11, 14, 16, 19, 24] as $size) {
                foreach (array_slice($letters, 0, $latin ? 10 : 12) as $alphabet) {
                    $bold = mt_rand(0, 1) === 1;
                    $slanted = $typeface->twin() !== 'gelasio' && mt_rand(0, 1) === 1;
                    $name = "{$word($alphabet)} {$word($alphabet)}";
                    $font = ($slanted ? 'italic ' : '').($bold ? 'bold ' : '')."{$size}px '"
                        .str_replace('-', ' ', $typeface->twin())."'";
                    $html .= "<span style=\"font:$font\">$name</span><br>";
                    $mine["$name, $font"] = FontMetrics::of($typeface)->width($name, $size, $bold, $slanted);
                }
            }
        }
        $seen = self::open($html)->executeAsyncScript('document.fonts.ready.then(() => arguments[0]([...document'
            .'.querySelectorAll("span")].map((name) => name.getBoundingClientRect().width)))');
        $off = array_filter(array_map(
            fn (string $name, float $width, float $theirs) => abs($width - $theirs) > 0.015 * $theirs
                ? sprintf('%s: %.1f for %.1f', $name, $width, $theirs) : '',
            array_keys($mine), $mine, $seen,
        ));
        $this->assertLessThanOrEqual(0.02 * count($mine), count($off), count($off)." off:\n".implode("\n", $off));
    }

    /** Words of scripts that run from the right, joined letters and all, are as wide as a browser sets them. */
    public function test_words_from_the_right_measure_as_a_browser_sets_them(): void
    {
        $words = preg_split('/\s+/u', trim(
            'مارين أوكهولو كبيرة مصممي الحدائق استوديو '
                .'كويلفيرن المكتب الجوال مباشر فاكس صورة شخصية '
                .'مهندس رئيس قسم المبيعات الشركة الوطنية للتجارة '
                .'والمقاولات عبد الرحمن لؤلؤة الإسكندرية القاهرة '
                .'نائب مدير خانم دکتر پژوهشگر گروه چاپ ژاله کیانی '
                .'نشانی تهران مدیر عامل فروش מארן אוקהולו מעצבת גנים '
                .'ראשית סטודיו קווילפרן משרד נייד ישיר פקס דיוקן '
                .'כתובת ירושלים תל אביב',
        )) ?: [];
        $browser = self::open('<!DOCTYPE html><meta charset="utf-8"><body dir="rtl">'.implode('', array_map(
            fn (string $word) => "<span style=\"font:20px 'Liberation Sans'\">$word</span><br>", $words,
        )));
        $seen = $browser->executeScript(
            'return [...document.querySelectorAll("span")].map((s) => s.getBoundingClientRect().width)',
        );
        $metrics = FontMetrics::of(FontStack::of('arial'));
        $off = [];
        foreach ($words as $index => $word) {
            $mine = $metrics->width($word, 20);
            if (abs($mine - $seen[$index]) > 0.02 * $seen[$index]) {
                $off[] = sprintf('%s: %.1f for %.1f', $word, $mine, $seen[$index]);
            }
        }
        $this->assertLessThanOrEqual(0.02 * count($words), count($off), implode("\n", $off));
    }

    /**
     * Ink by ink: a drawing with a line elsewhere, in another face or colour, is far over the bounds, as the last lines
     * see to.
     */
    public function test_a_drawn_card_looks_as_a_browser_shows_it(): void
    {
        $cards = [
            ...array_map(fn ($starter) => $starter->sample(), Starters::all()),
            'mirrored' => Starters::all()['plumbline']->sample()
                ->with(['lang' => 'he']),
        ];
        $browser = self::open(
            self::head()
                .implode(
                    '',
                    array_map(
                        fn (
                            Card $card,
                            string $name,
                        ) => "<section style=\"width:600px;padding:16px\" data-card=\"$name\">"
                            .self::inTwins(Sheet::of($card))
                            .'</section>',
                        $cards,
                        array_keys($cards),
                    ),
                ),
        );
        $boxes = $browser->executeAsyncScript(
            'const done = arguments[0]; document.fonts.ready.then(() => '
                .'done(Object.fromEntries([...document.querySelectorAll("[data-card]")].map((s) => [s.dataset.card, '
                .'[s.getBoundingClientRect().x + scrollX, s.getBoundingClientRect().y + scrollY, s.offsetWidth, '
                .'s.offsetHeight]]))))',
        );
        $apart = [];
        $before = null;
        foreach ($cards as $name => $card) {
            [$x, $y, $width, $height] = $boxes[$name];
            $seen = self::blocks(
                (string) base64_decode(
                    Desk::shared()->devtools('Page.captureScreenshot', [
                        'format' => 'png',
                        'captureBeyondViewport' => true,
                        'clip' => ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'scale' => 1],
                    ])['data'],
                ),
            );
            $drawn = self::blocks(
                (new Rasterizer())->png((new SvgComposer(self::pictures()))->compose(Sheet::of($card))),
            );
            $apart[$name] = self::apart($seen, $drawn);
            if ($before !== null) {
                $this->assertGreaterThan(
                    3 * $apart[$name],
                    self::apart($before, $drawn),
                    "Another card's drawing does not pass for $name.",
                );
            }
            $before = $seen;
        }
        arsort($apart);
        $this->assertLessThan(3.0, max($apart), (string) json_encode($apart));
    }

    /** @return array<string, array{int, int, int}> mean colour of each 8 by 8 px that is not all white */
    private static function blocks(string $png): array
    {
        $image = imagecreatefromstring($png) ?: throw new \RuntimeException('No picture.');
        [$across, $down] = [max(1, intdiv(imagesx($image), 8)), max(1, intdiv(imagesy($image), 8))];
        $small = imagecreatetruecolor($across, $down);
        imagefill($small, 0, 0, 0xFFFFFF);
        imagecopyresampled($small, $image, 0, 0, 0, 0, $across, $down, 8 * $across, 8 * $down);
        $blocks = [];
        foreach (range(0, $down - 1) as $y) {
            foreach (range(0, $across - 1) as $x) {
                $colour = imagecolorat($small, $x, $y);
                if ($colour !== 0xFFFFFF) {
                    $blocks["$x $y"] = [$colour >> 16, $colour >> 8 & 255, $colour & 255];
                }
            }
        }

        return $blocks;
    }

    /**
     * @param  array<string, array{int, int, int}>  $one
     * @param  array<string, array{int, int, int}>  $other
     * @return float mean difference of a channel over all that is not white in both, 0 to 255
     */
    private static function apart(array $one, array $other): float
    {
        $sum = 0;
        foreach ($all = $one + $other as $at => $block) {
            [$a, $b] = [$one[$at] ?? [255, 255, 255], $other[$at] ?? [255, 255, 255]];
            $sum += abs($a[0] - $b[0]) + abs($a[1] - $b[1]) + abs($a[2] - $b[2]);
        }

        return $sum / (3 * count($all));
    }

    /** Start of a page in the metric twins. */
    private static function head(): string
    {
        return '<!DOCTYPE html><meta charset="utf-8"><style>body{margin:0} '
            .'section{overflow:hidden;margin-bottom:9px}'
            .implode(
                '',
                array_map(
                    fn (string $face) => '@font-face{font-family:gelasio;font-weight:'.substr($face, -3)
                        .(str_contains($face, 'ext') ? ';unicode-range:U+100-24F' : '').';src:url(data:font/ttf;base64,'
                        .base64_encode(
                            (string) file_get_contents(__DIR__."/../../resources/faces/gelasio-$face.ttf"),
                        )
                        .')}',
                    ['latin-400', 'latin-700', 'latin-ext-400', 'latin-ext-700'],
                ),
            )
            .'</style>';
    }

    /** A card with its twin's name in place of the typeface's; both advance alike. */
    private static function inTwins(Sheet $sheet): string
    {
        $html = (new HtmlComposer(self::pictures(), named: true))->compose($sheet);
        foreach ([
            $sheet->card->style->typeface,
            ...array_map(fn (Piece $piece) => $piece->tuning->face, $sheet->card->pieces),
        ] as $face) {
            $html = $face === null ? $html : str_replace(
                htmlspecialchars($face->css(), ENT_COMPAT), "'".str_replace('-', ' ', $face->twin())."'", $html,
            );
        }

        return $html;
    }

    private static function open(string $html): RemoteWebDriver
    {
        $page = sys_get_temp_dir().'/inky-measure-'.getmypid().'.html';
        file_put_contents($page, $html);
        $browser = Desk::shared()->browser;
        $browser->get("file://$page");
        unlink($page);

        return $browser;
    }

    /** Pictures that load, so that those which narrow keep their proportion. */
    private static function pictures(): PictureSources
    {
        return new class implements PictureSources
        {
            public function prepare(array $pictures): void
            {
            }

            public function source(PictureBlock $picture): string
            {
                [$width, $height] = [2 * $picture->width, 2 * $picture->height];

                return 'data:image/svg+xml,'.rawurlencode(
                    "<svg xmlns='http://www.w3.org/2000/svg' width='$width' height='$height'>"
                        ."<rect width='100%' height='100%' fill='#6a8f7a'/></svg>",
                );
            }
        };
    }

    /** @return iterable<string, Card> */
    private function cards(): iterable
    {
        // Columns mirrored; the words stay Latin, as which font stands in for other scripts differs from machine to
        // machine.
        foreach (Arrangement::all() as $arrangement) {
            yield "mirrored $arrangement->key" => Starters::all()['plumbline']->sample()
                ->with(['lang' => 'he', 'arrangement' => $arrangement]);
        }
        $wide = Starters::all()['footlights']->sample();
        foreach (Arrangement::all() as $arrangement) {
            yield "wide $arrangement->key" => $wide->with([
                'arrangement' => $arrangement,
                'style' => $wide->style->with(['ground' => ['shown' => true]]),
                'pieces' => array_map(
                    fn (Piece $piece) => $piece->kind->key() === 'banner'
                        ? $piece->with(['fields' => ['width' => 560] + $piece->fields])
                        : $piece,
                    $wide->pieces,
                ),
            ]);
        }
        foreach (['start', 'end'] as $side) {
            foreach (Arrangement::all() as $arrangement) {
                yield "own looks $side $arrangement->key" => self::ownLooks($wide, $side)
                    ->with(['arrangement' => $arrangement]);
            }
        }
        foreach (Starters::all() as $key => $starter) {
            foreach (Arrangement::all() as $arrangement) {
                yield "$key $arrangement->key" => $starter->sample()->with(['arrangement' => $arrangement]);
            }
        }
    }

    /** Parts in typefaces of their own, a call with symbol and line around it. */
    private static function ownLooks(Card $card, string $side): Card
    {
        foreach ($card->pieces as $index => $piece) {
            $tuning = array_intersect_key(
                ['face' => ['times', 'verdana', 'courier'][$index % 3], 'call' => [
                    'symbol' => 'telephone', 'side' => $side, 'outlined' => $side === 'end', 'wide' => 22, 'high' => 5,
                ]],
                array_flip($piece->kind->tunes()),
            );
            $card = $tuning === [] ? $card : TunePiece::fromForm($piece->id, $tuning)->apply($card);
        }

        return $card->with(['style' => $card->style->with(['symbols' => ['shape' => 'round', 'size' => 22]])]);
    }
}
