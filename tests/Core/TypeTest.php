<?php

namespace Tests\Core;

use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Measure;
use InkyCard\Layout\PictureFit;
use InkyCard\Layout\Sheet;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader;
use InkyCard\Type\Bidi;
use InkyCard\Type\FontMetrics;
use InkyCard\Type\FontStack;
use InkyCard\Type\Script;
use InkyCard\Type\TextMeasure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TypeTest extends TestCase
{
    public function test_widths_grow_with_text_size_and_weight_in_every_script(): void
    {
        foreach (FontStack::all() as $stack) {
            $metrics = FontMetrics::of($stack);
            foreach (
                [
                    'Maren Oakhollow', 'Ñandú Łódź', 'Ελένη', 'Дарья', 'דנה לוי', 'سارة الحسن', '山田太郎', 'สมชาย', '김민준',
                ] as $name
            ) {
                $width = $metrics->width($name, 13);
                $this->assertGreaterThan(mb_strlen($name) * 13 * 0.25, $width, "$stack->key $name");
                $this->assertLessThan(mb_strlen($name) * 13 * 1.3, $width, "$stack->key $name");
                $this->assertEqualsWithDelta(2 * $width, $metrics->width($name, 26), 0.001);
                $this->assertGreaterThan($width, $metrics->width("$name.", 13));
            }
            // Of those that only come near, some are narrower where they are bold.
            $this->assertGreaterThanOrEqual(
                $metrics->width('Maren', 13) * ($stack->isExact() ? 1 : 0.97), $metrics->width('Maren', 13, bold: true),
            );
            // Marks, joiners and what they join take no room of their own.
            $this->assertSame($metrics->width('e', 13), $metrics->width("e\u{301}", 13));
            $this->assertSame($metrics->width('👩', 13), $metrics->width('👩‍🌾', 13));
            $this->assertSame($metrics->width('👋', 13), $metrics->width('👋🏽', 13));
            $this->assertSame($metrics->width('20417', 13), $metrics->width("20\u{200C}417", 13));
        }
        $this->assertSame(4.0, FontMetrics::of(FontStack::of('arial'))->width('山田太郎', 1));
    }

    public function test_lines_break_where_they_may_and_hold_everything(): void
    {
        $arial = FontStack::of('arial');
        foreach (
            [
                'Independent financial planner and well-known author', 'hyphen-ated co-worker', '山田太郎株式会社営業部',
                'a/b/c/d/e no break after slashes', str_repeat('x', 60), '',
            ] as $text
        ) {
            $measure = TextMeasure::of($arial, [[$text, 13.0, false]]);
            foreach ([1.0, 40.0, 90.0, 200.0, 5000.0] as $room) {
                $lines = $measure->lines($room);
                $this->assertGreaterThanOrEqual(
                    (int) ceil(($measure->widest() - 1) / max($room, $measure->narrowest(), 1)),
                    count($lines),
                );
                $this->assertLessThanOrEqual(max($room, $measure->narrowest()) + 0.1, max([0, ...$lines]));
            }
            $this->assertCount(1, $measure->lines($measure->widest()));
            foreach ([1.0, 90.0, 5000.0] as $room) {
                $words = $measure->words($room);
                $this->assertSame($text === '' ? [] : $measure->lines($room), array_column($words, 0));
                $this->assertSame(
                    str_replace(' ', '', $text),
                    str_replace(' ', '', implode('', array_column(array_merge(...array_column($words, 1)), 1))),
                );
            }
        }
        $this->assertSame(
            [[[0, 'one '], [1, 'two']], [[2, 'three']]],
            array_column(
                TextMeasure::of($arial, [['one ', 13.0, false], ['two ', 13.0, true], ['three', 13.0, false]])->words(
                    60,
                ),
                1,
            ),
        );
        $this->assertCount(2, TextMeasure::of($arial, [['one ', 13.0, false], ['two', 20.0, true]])->lines(40));
        $this->assertEqualsWithDelta(
            TextMeasure::of($arial, [['a b', 13.0, false]])->widest(),
            TextMeasure::of($arial, [['  a  ', 13.0, false], [' b ', 13.0, false]])->widest(),
            0.001,
        );
    }

    /** Expected as the Unicode bidirectional algorithm orders them, leftmost first. */
    #[TestWith(['Maren Oakhollow', false, 'Maren Oakhollow'])]
    #[TestWith(['Mobile +44 1632', true, 'Mobile +44 1632'])]
    #[TestWith(['נייד +44 1632', true, '1632 +44 נייד'])]
    #[TestWith(['דנה לוי', false, 'לוי דנה'])]
    #[TestWith(['Room חדר עליון 2 now', false, 'Room 2 עליון חדר now'])]
    #[TestWith(['חברת Low Tide · דנה', true, 'דנה · Low Tide חברת'])]
    #[TestWith(['· دينا', true, 'دينا ·'])]
    #[TestWith(['', true, ''])]
    public function test_words_of_both_directions_stand_in_order(string $text, bool $rtl, string $seen): void
    {
        $words = preg_split('/( )/', $text, flags: PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY) ?: [];
        $this->assertSame($seen, implode('', array_map(fn (int $index) => $words[$index], Bidi::order($words, $rtl))));
    }

    public function test_long_surnames_and_other_scripts_stay_on_the_card(): void
    {
        foreach (
            [
                'Wolfeschlegelsteinhausenbergerdorffwelchevoralternwarengewiss', 'דנה לוי-בן שושן', '株式会社山田太郎造園設計事務所',
                '👩‍🌾 Zoë Ångström', 'María-José Carreño Quiñones',
            ] as $name
        ) {
            $card = (new FillPiece('p2', ['text' => $name]))->apply(Samples::card());
            $sheet = Sheet::of($card);
            $this->assertStringContainsString(
                $name,
                html_entity_decode(strip_tags((new HtmlComposer(Samples::pictures()))->compose($sheet))),
            );
            foreach (Measure::at($sheet, [320, 600]) as $measured) {
                $this->assertArrayHasKey('p2', $measured->boxes);
                $this->assertGreaterThan(20, $measured->boxes['p2']->height);
                $this->assertLessThan(900, $measured->width);
            }
        }
    }

    public function test_what_clients_would_link_themselves_is_guarded_unseen(): void
    {
        $card = CardJson::read(['format' => CardJson::FORMAT, 'name' => 'N', 'pieces' => [
            ['id' => 'a', 'kind' => 'licence', 'fields' => ['text' => 'Register 551208, see quillfern.example']],
            ['id' => 'b', 'kind' => 'tagline', 'fields' => ['text' => 'Since 1998. Plain words stay plain.']],
        ]]);
        $html = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
        // Readers copy what they see, and nothing that is not.
        $this->assertStringNotContainsString("\u{200C}", $html);
        $this->assertMatchesRegularExpression('~<a style="[^"]*">Register 551208, see quillfern.example</a>~', $html);
        $this->assertStringContainsString('>Since 1998. Plain words stay plain.<', $html);
        foreach (['tolerant-webmail', 'phone-webkit', 'strict-webmail'] as $client) {
            $read = Reader::read(MailClient::of($client), $html)->html();
            $this->assertStringNotContainsString(' href=', $read, $client);
        }
        $this->assertStringContainsString(
            'Register 551208, see quillfern.example',
            PlainTextComposer::compose(Sheet::of($card)),
        );
    }

    public function test_own_html_takes_about_the_room_it_needs(): void
    {
        $height = fn (string $html) => Measure::of(
            Sheet::of(
                CardJson::read([
                    'format' => CardJson::FORMAT,
                    'name' => 'N',
                    'pieces' => [['id' => 'a', 'kind' => 'html', 'fields' => ['html' => $html]]],
                ]),
            ),
            320,
        )->height;
        $this->assertEqualsWithDelta(15, $height('<b>One</b> line'), 1);
        // Paragraphs keep 13 px away from all around them.
        $this->assertEqualsWithDelta(84, $height('<p>One</p><p>Two<br>Three</p>'), 1);
        $this->assertEqualsWithDelta(
            58,
            $height('<img src="https://quillfern.example/a.png" width="90" height="40" alt="A"><br>Words'),
            2,
        );
        $this->assertGreaterThan(70, $height('<p>'.str_repeat('Many words wrap. ', 16).'</p>'));
    }

    public function test_the_word_engine_gets_its_own_button_when_asked_for(): void
    {
        $card = Samples::card(['style' => ['button' => ['word' => true, 'radius' => 9]]]);
        $html = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
        $this->assertMatchesRegularExpression(
            '#<!--\[if mso\]><v:roundrect [^>]*arcsize="25%" style="width:1\d\dpx;height:36px[^>]*>.*Book a '
                .'visit.*</v:roundrect><!\[endif\]--><!--\[if !mso\]><!--><table.*</table><!--<!\[endif\]-->#',
            $html,
        );
        $this->assertStringNotContainsString(
            'mso]',
            (new HtmlComposer(Samples::pictures()))->compose(Sheet::of(Samples::card())),
        );
    }

    public function test_a_headshot_is_matched_to_the_text_beside_it(): void
    {
        foreach (Starters::all() as $key => $starter) {
            $card = $starter->sample();
            $fit = PictureFit::of($card);
            if ($fit === null) {
                continue;
            }
            $matched = PictureFit::of((new FillPiece($fit->piece, $fit->fields))->apply($card));
            $this->assertTrue($matched?->matches() || $fit->best !== $fit->text, $key);
        }
        $this->assertNull(PictureFit::of(Starters::all()['skerry']->sample()));
        $this->assertNotNull(PictureFit::of(Starters::all()['tidemark']->sample()));
    }

    /** @return iterable<string, array{string, string, ?string}> language said, words, the likelier one */
    public static function scripts(): iterable
    {
        yield 'English' => ['en', 'Garden design for clay soil', null];
        yield 'any Latin' => ['en', 'Gärten für schwere Böden, čeština', null];
        yield 'Arabic' => ['en-GB', 'سلمى الورد, مهندسة حدائق', 'ar'];
        yield 'Persian as said' => ['fa', 'سلمى الورد', null];
        yield 'Greek' => ['en', 'Μαρία Παπαδοπούλου', 'el'];
        yield 'Ukrainian as said' => ['uk-UA', 'Олена Шевченко', null];
        yield 'Cyrillic' => ['de', 'Олена Шевченко', 'ru'];
        yield 'Korean' => ['en', '김민지 정원 디자이너', 'ko'];
        yield 'Chinese' => ['en', '园林设计师', 'zh'];
        yield 'Japanese by a word of Kana' => ['en', '造園家 庭師の仕事場', 'ja'];
        yield 'half and half' => ['en', 'Maren Oakhollow Мария', null];
        yield 'no letters' => ['en', '+44 1632 960147', null];
        yield 'nothing' => ['', '', null];
    }

    #[DataProvider('scripts')]
    public function test_letters_say_which_language_it_is_not(string $lang, string $words, ?string $likelier): void
    {
        $this->assertSame($likelier, Script::otherThan($lang, $words));
    }
}
