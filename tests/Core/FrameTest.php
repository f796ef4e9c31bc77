<?php

namespace Tests\Core;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Box;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where arrangements and settings put pieces, read off the measured boxes. */
final class FrameTest extends TestCase
{
    /**
     * @return iterable<string, array{string, list<string>, list<string>}> arrangement, "a left of b" or "a above b",
     *     pieces not shown
     */
    public static function places(): iterable
    {
        yield 'left' => [
            'picture-left',
            ['face < name', 'closing ^ face', 'face ^ marks', 'marks ^ banner', 'name ^ phone'],
            [],
        ];
        yield 'right' => ['picture-right', ['name < face'], []];
        yield 'above' => ['picture-above', ['face ^ name', 'name ^ phone'], []];
        yield 'words' => ['words-only', ['name ^ phone'], ['face']];
        yield 'logo' => ['logo-column', ['face < name', 'face ^ marks', 'marks < name'], []];
        yield 'band' => ['side-band', ['face < name', 'phone ^ marks', 'face < marks'], []];
        yield 'columns' => ['two-columns', ['face < name', 'name < phone'], []];
        yield 'contacts' => ['contacts-right', ['face ^ name', 'name < phone'], []];
        yield 'centred' => ['centred', ['face ^ name', 'phone ^ marks'], []];
        yield 'banner' => ['banner-led', ['banner ^ face', 'face < name'], []];
        yield 'letterhead' => ['letterhead', ['name < face', 'name ^ phone', 'face ^ phone'], []];
        yield 'reply' => ['reply', ['name ^ phone'], ['face', 'marks', 'banner', 'closing']];
        yield 'marks' => ['marks-first', ['face < name', 'name < marks'], []];
        yield 'nameplate' => ['nameplate', ['face < name', 'name ^ phone', 'phone < marks'], []];
        yield 'poster' => ['poster', ['face < name', 'name ^ phone', 'face ^ marks'], []];
        yield 'ticket' => ['ticket', ['face < name', 'name ^ phone', 'phone ^ marks'], []];
        yield 'band at the end' => ['band-right', ['name < face', 'phone ^ marks'], []];
        yield 'contacts on a band' => ['foot-band', ['face < name', 'marks ^ phone'], []];
        yield 'call first' => ['call-first', ['face < name', 'marks ^ phone'], []];
        yield 'masthead' => ['masthead', ['face ^ name', 'name ^ phone', 'phone ^ marks'], []];
        yield 'labelled' => ['labelled', ['name ^ face', 'face < phone'], []];
        yield 'folding' => ['folding', ['face ^ name', 'name < phone'], []];
        yield 'index card' => ['index-card', ['name < face', 'name ^ phone'], []];
    }

    /**
     * @param  list<string>  $relations
     * @param  list<string>  $hidden
     */
    #[DataProvider('places')]
    public function test_an_arrangement_puts_pieces_where_it_says(
        string $arrangement,
        array $relations,
        array $hidden,
    ): void {
        $card = self::card()->with(['arrangement' => Arrangement::of($arrangement)]);
        $boxes = self::measured($card)->boxes;
        $this->assertSame(
            $hidden,
            array_values(array_diff(['face', 'marks', 'banner', 'closing', 'name', 'phone'], array_keys($boxes))),
        );
        $mirrored = self::measured($card->with(['lang' => 'ar']))->boxes;
        foreach ($relations as $relation) {
            [$one, $how, $other] = explode(' ', $relation);
            [$a, $b] = [$boxes[$one], $boxes[$other]];
            $this->assertTrue(
                $how === '<' ? $a->x + $a->width <= $b->x + 0.01 : $a->y + $a->height <= $b->y + 0.01,
                "$arrangement: $relation",
            );
            if ($how === '<') {
                $this->assertLessThanOrEqual(
                    $mirrored[$one]->x + 0.01,
                    $mirrored[$other]->x + $mirrored[$other]->width,
                    "$arrangement mirrored: $relation",
                );
            }
        }
    }

    public function test_what_is_centred_or_at_the_end_stands_there(): void
    {
        $boxes = self::measured(self::card()->with(['arrangement' => Arrangement::of('centred')]))->boxes;
        $middle = fn (Box $box) => $box->x + $box->width / 2;
        $this->assertEqualsWithDelta($middle($boxes['face']), $middle($boxes['name']), 0.01);
        $card = self::card()->with(['arrangement' => Arrangement::of('picture-above')]);
        foreach (['start' => null, 'center' => 'center', 'end' => 'right'] as $align => $attribute) {
            $html = (new HtmlComposer(Samples::pictures(), named: true))->compose(
                Sheet::of((new TunePiece('phone', ['align' => $align]))->apply($card)),
            );
            preg_match('/<td data-piece="phone"( align="(\w+)")?/', $html, $found);
            $this->assertSame($attribute, $found[2] ?? null, $align);
        }
    }

    public function test_gaps_and_line_heights_of_the_style_are_kept_to_the_pixel(): void
    {
        foreach ([[0, 0, 0, 1.1], [20, 6, 30, 2.0], [48, 48, 48, 1.4]] as [$above, $lines, $blocks, $leading]) {
            $boxes = self::measured(
                self::card(['gaps' => compact('above', 'lines', 'blocks', 'leading')])->with([
                    'arrangement' => Arrangement::of('picture-above'),
                ]),
            )->boxes;
            $gap = fn (string $one, string $other) => $boxes[$other]->y - $boxes[$one]->y - $boxes[$one]->height;
            $this->assertEqualsWithDelta($above, $boxes['closing']->y, 0.01);
            $this->assertEqualsWithDelta($lines, $gap('name', 'phone'), 0.01);
            $this->assertEqualsWithDelta(round(13 * $leading), $boxes['phone']->height, 0.01);
            $this->assertEqualsWithDelta($blocks, $gap('marks', 'button'), 0.01);
        }
        [$near, $far] = array_map(
            fn (int $columns) => self::measured(self::card(['gaps' => ['columns' => $columns]]), 900)->boxes['name']->x,
            [4, 34],
        );
        $this->assertEqualsWithDelta(60, $far - $near, 0.01, 'on both sides of the rule');
        $tuned = self::measured((new TunePiece('phone', ['gap' => 33]))->apply(self::card()))->boxes;
        $this->assertEqualsWithDelta(33, $tuned['phone']->y - $tuned['name']->y - $tuned['name']->height, 0.01);
    }

    public function test_a_background_lies_behind_the_whole_card_and_can_be_taken_away(): void
    {
        $bare = self::card(['inks' => ['paper' => '#f4efe4']]);
        $laid = self::card(['inks' => ['paper' => '#f4efe4'], 'ground' => ['shown' => true, 'room' => 20]]);
        [$before, $after] = [self::measured($bare, 900), self::measured($laid, 900)];
        $this->assertEqualsWithDelta(
            [$before->width + 40, $before->height + 40],
            [$after->width, $after->height],
            0.01,
        );
        foreach ($before->boxes as $id => $box) {
            // What comes before the card is the letter's end, and stands on its paper.
            $in = $id === 'closing' ? 0 : 20;
            $this->assertEqualsWithDelta(
                [$box->x + $in, $box->y + $in],
                [$after->boxes[$id]->x, $after->boxes[$id]->y],
                0.01,
            );
        }
        $html = fn ($card): string => (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
        $this->assertStringContainsString('bgcolor="#f4efe4"', $html($laid));
        $this->assertStringNotContainsString('bgcolor="#f4efe4"', $html($bare));
    }

    public function test_a_joined_line_is_as_high_as_the_taller_of_the_two_and_its_separator_no_taller(): void
    {
        foreach (['picture-above', 'single-line'] as $arrangement) {
            $card = self::card(['gaps' => ['leading' => 1.1], 'sizes' => ['name' => 13, 'text' => 13]])->with([
                'arrangement' => Arrangement::of($arrangement),
            ]);
            $joined = (new TunePiece('phone', [], joined: true))->apply($card);
            $box = self::measured($joined, 900)->boxes['phone'];
            $this->assertEqualsWithDelta(14, $box->height, 0.01, $arrangement);
            $this->assertEquals($box, self::measured($joined, 900)->boxes['name']);
        }
        $this->assertStringContainsString('Maren · +44 1632 960147', PlainTextComposer::compose(Sheet::of($joined)));
    }

    public function test_a_narrower_window_makes_a_card_taller_never_wider(): void
    {
        foreach (Arrangement::all() as $arrangement) {
            $measured = array_values(
                Measure::at(Sheet::of(self::card()->with(['arrangement' => $arrangement])), [900, 600, 480, 400, 320]),
            );
            foreach (array_slice($measured, 1) as $index => $narrow) {
                $this->assertLessThanOrEqual($measured[$index]->width + 0.01, $narrow->width, $arrangement->key);
                $this->assertGreaterThanOrEqual($measured[$index]->height - 0.01, $narrow->height, $arrangement->key);
                $this->assertEqualsWithDelta(max(0, $narrow->width - $narrow->viewport), $narrow->overflow(), 0.001);
            }
        }
    }

    private static function measured(Card $card, int $width = 600): Measured
    {
        return Measure::of(Sheet::of($card), $width);
    }

    /** @param  array<string, mixed>  $style */
    private static function card(array $style = []): Card
    {
        return CardJson::read([
            'format' => CardJson::FORMAT,
            'name' => 'N',
            'style' => $style,
            'pieces' => [
                ['id' => 'closing', 'kind' => 'closing', 'fields' => ['phrase' => 'Warmly,']],
                ['id' => 'face', 'kind' => 'headshot', 'fields' => ['picture' => 'sample:x']],
                ['id' => 'name', 'kind' => 'name', 'fields' => ['text' => 'Maren']],
                ['id' => 'phone', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960147']],
                ['id' => 'marks', 'kind' => 'profiles', 'fields' => ['links' => ['x.com/maren']]],
                ['id' => 'button', 'kind' => 'button', 'fields' => ['words' => 'Go', 'address' => 'quillfern.example']],
                [
                    'id' => 'banner',
                    'kind' => 'banner',
                    'fields' => ['picture' => 'sample:x', 'width' => 300, 'ratio' => 0.2],
                ],
            ],
        ]);
    }
}
