<?php

namespace Tests\Browser;

use InkyCard\Card\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\Content\Picture;
use InkyCard\Card\Piece;
use InkyCard\Card\Starters;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\Pictures;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use PHPUnit\Framework\TestCase;

/** Boxes computed by the core against boxes laid out by a browser with the metric twins, kerning off as in their tables. */
final class MeasureTest extends TestCase
{
    private const WIDTHS = [320, 480, 600];

    public function test_every_starter_in_every_arrangement_measures_as_a_browser_lays_it_out(): void
    {
        $composer = new HtmlComposer(self::pictures(), named: true);
        $html = '<!DOCTYPE html><meta charset="utf-8"><style>body{margin:0} td,span{font-kerning:none!important} section{overflow:hidden;margin-bottom:9px}'
            .implode('', array_map(fn (string $weight, int $value) => "@font-face{font-family:gelasio;font-weight:$value;src:url(data:font/woff2;base64,".base64_encode((string) file_get_contents(__DIR__."/fonts/gelasio-$weight.woff2")).')}', ['regular', 'bold'], [400, 700])).'</style>';
        $expected = [];
        foreach ($this->cards() as $name => $card) {
            $sheet = Sheet::of($card);
            // The twin's name in place of the typeface's; both advance alike.
            $twin = str_replace('-', ' ', $card->style->typeface->twin());
            $markup = str_replace(htmlspecialchars($card->style->typeface->css(), ENT_COMPAT), "'$twin'", $composer->compose($sheet));
            foreach (Measure::at($sheet, self::WIDTHS) as $width => $measured) {
                $html .= "<div style=\"width:{$width}px\" data-card=\"$name $width\">$markup</div>";
                $expected["$name $width"] = $measured;
            }
        }
        $page = (string) tempnam(sys_get_temp_dir(), 'measure').'.html';
        file_put_contents($page, $html);
        $browser = Desk::shared()->browser;
        $browser->get("file://$page");
        $laid = $browser->executeAsyncScript('const done = arguments[0]; document.fonts.ready.then(() => done(Object.fromEntries([...document.querySelectorAll("[data-card]")].map((card) => {
            const root = card.firstElementChild.getBoundingClientRect(), boxes = {};
            for (const cell of card.querySelectorAll("[data-piece]")) for (const piece of cell.dataset.piece.split(" ")) {
                const o = cell.getBoundingClientRect(), s = getComputedStyle(cell), b = boxes[piece];
                const inset = (side) => parseFloat(s[`padding${side}`]) + (cell.textContent || cell.querySelector("img") ? parseFloat(s[`border${side}Width`]) : 0);
                const r = {left: o.left + inset("Left"), top: o.top + inset("Top"), right: o.right - inset("Right"), bottom: o.bottom - inset("Bottom")};
                boxes[piece] = b ? [Math.min(b[0], r.left), Math.min(b[1], r.top), Math.max(b[2], r.right), Math.max(b[3], r.bottom)] : [r.left, r.top, r.right, r.bottom];
            }
            return [card.dataset.card, {size: [root.width, root.height], boxes: Object.fromEntries(Object.entries(boxes).map(([k, b]) => [k, [b[0] - root.left, b[1] - root.top, b[2] - b[0], b[3] - b[1]]]))}];
        }))))');
        unlink($page);
        $off = [];
        $count = 0;
        foreach ($expected as $name => $measured) {
            $this->assertSame(array_keys($measured->boxes), array_intersect(array_keys($measured->boxes), array_keys($laid[$name]['boxes'])), $name);
            foreach ($measured->boxes + ['' => null] as $piece => $box) {
                $mine = $box === null ? [0, 0, $measured->width, $measured->height] : [$box->x, $box->y, $box->width, $box->height];
                $theirs = $box === null ? [0, 0, ...$laid[$name]['size']] : $laid[$name]['boxes'][$piece];
                $count++;
                $worst = max(array_map(fn ($a, $b) => abs($a - $b) / max(3, 0.02 * $b), $mine, $theirs));
                if ($worst > 1) {
                    $off["$name $piece"] = sprintf('%s against %s', implode(' ', array_map(fn ($v) => round($v, 1), $mine)), implode(' ', array_map(fn ($v) => round($v, 1), $theirs)));
                }
                foreach ($mine as $side => $value) {
                    $this->assertLessThanOrEqual(max(8, 0.02 * $theirs[$side]), abs($value - $theirs[$side]), "$name $piece: ".json_encode([$mine, $theirs]));
                }
            }
        }
        $this->assertGreaterThan(1000, $count);
        $this->assertLessThanOrEqual(0.02 * $count, count($off), count($off)." of $count boxes:\n".implode("\n", array_map(fn ($n, $o) => "$n: $o", array_keys(array_slice($off, 0, 20)), array_slice($off, 0, 20))));
    }

    /** Pictures that load, so that those which narrow keep their proportion. */
    private static function pictures(): Pictures
    {
        return new class implements Pictures
        {
            public function prepare(array $pictures): void
            {
            }

            public function source(Picture $picture): string
            {
                return 'data:image/svg+xml,'.rawurlencode("<svg xmlns='http://www.w3.org/2000/svg' width='".(2 * $picture->width)."' height='".(2 * $picture->height)."'/>");
            }
        };
    }

    /** @return iterable<string, Card> */
    private function cards(): iterable
    {
        // Columns mirrored; the words stay Latin, as which font stands in for other scripts differs from machine to machine.
        foreach (Arrangement::all() as $arrangement) {
            yield "mirrored $arrangement->key" => Starters::all()['plumbline']->sample()->with(['lang' => 'he', 'arrangement' => $arrangement]);
        }
        $wide = Starters::all()['footlights']->sample();
        foreach (Arrangement::all() as $arrangement) {
            yield "wide $arrangement->key" => $wide->with(['arrangement' => $arrangement, 'style' => $wide->style->with(['ground' => ['shown' => true]]), 'pieces' => array_map(
                fn (Piece $piece) => $piece->kind->key() === 'banner' ? $piece->with(['fields' => ['width' => 560] + $piece->fields]) : $piece, $wide->pieces,
            )]);
        }
        foreach (Starters::all() as $key => $starter) {
            foreach (Arrangement::all() as $arrangement) {
                yield "$key $arrangement->key" => $starter->sample()->with(['arrangement' => $arrangement]);
            }
        }
    }
}
