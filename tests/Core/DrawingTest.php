<?php

namespace Tests\Core;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Compose\SvgComposer;
use InkyCard\Handover\InsidePictures;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Picture\Baked;
use InkyCard\Type\FontMetrics;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The card drawn: every word once, on the canvas, beside the others and not over them. */
final class DrawingTest extends TestCase
{
    /** @return iterable<string, array{Card}> */
    public static function cards(): iterable
    {
        foreach (Starters::all() as $key => $starter) {
            yield $key => [$starter->sample()];
        }
        foreach (Arrangement::all() as $key => $arrangement) {
            yield "arranged $key" => [
                Starters::all()['footlights']->sample()
                    ->with(['arrangement' => $arrangement]),
            ];
            yield "mirrored $key" => [
                Starters::all()['plumbline']->sample()
                    ->with(['arrangement' => $arrangement, 'lang' => 'he']),
            ];
        }
        foreach (range(1, 60) as $seed) {
            yield "random $seed" => [CardJson::read(Samples::document($seed))];
        }
    }

    #[DataProvider('cards')]
    public function test_every_word_stands_on_the_canvas_and_over_no_other(Card $card): void
    {
        $sheet = Sheet::of($card);
        [$width, $height, $words, $svg] = self::drawn($card);
        $measured = Measure::of($sheet, 600);
        $this->assertEqualsWithDelta([$measured->width + 32, $measured->height + 32], [$width, $height], 1.0);
        $lines = [];
        foreach ($words as [
            'text' => $text, 'x' => $x, 'y' => $y, 'size' => $size, 'bold' => $bold, 'rtl' => $rtl, 'face' => $face,
            'italic' => $italic,
        ]) {
            $wide = $face->width($text, $size, $bold, $italic);
            $left = $rtl ? $x - $wide : $x;
            $this->assertGreaterThanOrEqual(15.0, $left, $text);
            $this->assertLessThanOrEqual($width - 15.0, $left + $wide, $text);
            $this->assertGreaterThan(16.0, $y, $text);
            $this->assertLessThanOrEqual($height - 15.0, $y, $text);
            $lines[(string) $y][] = [$left, $left + $wide, $text];
        }
        foreach ($lines as $line) {
            sort($line);
            for ($index = 1; $index < count($line); $index++) {
                $this->assertGreaterThanOrEqual(
                    $line[$index - 1][1] - 0.05,
                    $line[$index][0],
                    "{$line[$index - 1][2]} lies under {$line[$index][2]}",
                );
            }
        }
        foreach (['rect', 'image'] as $name) {
            foreach ($svg->getElementsByTagName($name) as $box) {
                foreach (['x' => ['width', $width], 'y' => ['height', $height]] as $side => [$length, $most]) {
                    $this->assertGreaterThanOrEqual(0.0, (float) $box->getAttribute($side));
                    $this->assertLessThanOrEqual(
                        $most + 0.01,
                        (float) $box->getAttribute($side) + (float) $box->getAttribute($length),
                        "$name runs out",
                    );
                }
            }
        }
    }

    #[DataProvider('cards')]
    public function test_what_plain_text_says_is_drawn_word_for_word(Card $card): void
    {
        $drawn = implode(' ', array_column(self::drawn($card)[2], 'text'));
        // Lines with an address written out speak of marks, pictures and links by names that are not drawn.
        $lines
            = preg_grep('~https?://~', explode("\n", (string) preg_replace(
                '~:\s+(?=https?://)~', ': ', PlainTextComposer::compose(Sheet::of($card)),
            )), PREG_GREP_INVERT) ?: [];
        foreach (preg_split('/[^\p{L}\p{N}]+/u', implode(' ', $lines)) ?: [] as $word) {
            if (preg_match('/^\p{Lu}\p{Ll}{3,}$/u', $word) === 1 && ! self::standsForPicture($card, $word)) {
                $this->assertStringContainsStringIgnoringCase($word, $drawn);
            }
        }
        $this->assertStringNotContainsString('<script', $drawn);
    }

    /** Words in the place of a picture, which is drawn itself. */
    private static function standsForPicture(Card $card, string $word): bool
    {
        foreach ($card->pieces as $piece) {
            if (
                in_array(
                    $piece->kind->key(),
                    ['logo', 'picture', 'banner', 'video', 'headshot', 'closing', 'html'],
                    true,
                )
                && str_contains(
                    (string) json_encode($piece->fields, JSON_UNESCAPED_UNICODE).$piece->kind->label(),
                    $word,
                )
            ) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return array{float, float, list<array{text: string, x: float, y: float, size: float, face: FontMetrics,
     *     bold: bool, italic: bool, rtl: bool}>,
     *     \DOMDocument}
     */
    private static function drawn(Card $card): array
    {
        $svg = new \DOMDocument();
        self::assertTrue(
            $svg->loadXML(
                (new SvgComposer(new InsidePictures(fn () => new Baked('x', 'png', 1, 1))))->compose(Sheet::of($card)),
            ),
        );
        $words = $faces = [];
        foreach ([...array_filter(array_map(fn (Piece $piece) => $piece->tuning->face, $card->pieces)),
            $card->style->typeface] as $face) {
            $faces[$face->drawn()] = FontMetrics::of($face);
        }
        foreach ($svg->getElementsByTagName('text') as $text) {
            preg_match('/translate\((\S+) (\S+)\)/', $text->getAttribute('transform'), $at);
            $words[] = [
                'text' => $text->textContent,
                'x' => (float) ($at[1] ?? $text->getAttribute('x')),
                'y' => (float) ($at[2] ?? $text->getAttribute('y')),
                'size' => (float) $text->getAttribute('font-size'),
                'face' => $faces[$text->getAttribute('font-family')],
                'bold' => $text->getAttribute('font-weight') === 'bold',
                'italic' => $text->getAttribute('font-style') === 'italic',
                'rtl' => $text->getAttribute('direction') === 'rtl',
            ];
        }
        $root = $svg->documentElement ?? throw new \LogicException('No drawing.');

        return [(float) $root->getAttribute('width'), (float) $root->getAttribute('height'), $words, $svg];
    }
}
