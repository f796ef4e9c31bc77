<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Compose\DarkColours;
use InkyCard\Compose\Gauges;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Compose\Plate;
use InkyCard\Compose\SvgComposer;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Markup\MailVocabulary;
use InkyCard\Proof\Checks\FaintText;
use InkyCard\Proof\Checks\ManyCalls;
use InkyCard\Proof\Checks\ManyLinks;
use InkyCard\Proof\Checks\TooTall;
use InkyCard\Proof\Checks\TooWide;
use InkyCard\Proof\Checks\TooWideForPhone;
use InkyCard\Proof\Subject;
use InkyCard\Roster\Person;
use InkyCard\Time\Day;
use PHPUnit\Framework\TestCase;

final class ComposeTest extends TestCase
{
    public function test_every_export_keeps_to_what_mail_clients_support(): void
    {
        foreach ($this->cards() as $name => $card) {
            $html = self::html($card);
            $page = new \DOMDocument;
            libxml_use_internal_errors(true);
            $this->assertTrue(
                $page->loadXML('<x>'.preg_replace('#<(img|br|hr)([^>]*?)/?>#', '<$1$2/>', $html).'</x>'),
                "$name: well-formed\n$html",
            );
            foreach ($page->getElementsByTagName('*') as $element) {
                if ($element->nodeName === 'x') {
                    continue;
                }
                $allowed = MailVocabulary::OWN_ELEMENTS + MailVocabulary::ELEMENTS;
                $this->assertArrayHasKey($element->nodeName, $allowed, $name);
                $given = array_map(fn ($attribute) => $attribute->nodeName, iterator_to_array($element->attributes));
                $this->assertSame([], array_values(array_diff($given, $allowed[$element->nodeName])), $name);
                foreach (array_filter(explode(';', $element->getAttribute('style'))) as $declaration) {
                    $this->assertContains(
                        strtok($declaration, ':'), [...MailVocabulary::PROPERTIES, ...MailVocabulary::BEHIND], $name,
                    );
                }
                if ($element->nodeName === 'img') {
                    $this->assertSame(
                        '',
                        implode(
                            '',
                            array_filter(['width', 'height', 'src'], fn ($key) => $element->getAttribute($key) === ''),
                        ),
                        "$name: a picture lacks",
                    );
                    $this->assertTrue($element->hasAttribute('alt'), $name);
                }
                if ($element->nodeName === 'a') {
                    $this->assertMatchesRegularExpression('/(^|;)color:#[0-9a-f]{6}/', $element->getAttribute('style'));
                    $this->assertMatchesRegularExpression(
                        '/^(https?:|mailto:|tel:|$)/',
                        $element->getAttribute('href'),
                    );
                }
            }
        }
    }

    public function test_names_for_the_screen_are_all_that_parts_it_from_the_export(): void
    {
        foreach ($this->cards() as $name => $card) {
            $named = (new HtmlComposer(Samples::pictures(), named: true))->compose(Sheet::of($card));
            $this->assertSame(self::html($card), HtmlComposer::unnamed($named), $name);
        }
    }

    public function test_every_shown_value_is_on_the_card_and_no_other(): void
    {
        $card = Samples::card();
        $words = html_entity_decode(strip_tags(self::html($card)));
        foreach (
            [
                'Maren Oakhollow', 'Principal designer · Quillfern & Co', 'Office +44 1632 960147',
                'quillfern.example/visits', 'Book a visit',
            ] as $expected
        ) {
            $this->assertStringContainsString($expected, $words);
        }
        $hidden = (new \InkyCard\Card\Edit\ShowPiece('p4', false))->apply($card);
        $this->assertStringNotContainsString('Quillfern', strip_tags(self::html($hidden)));
        // With the joined piece its separator goes as well.
        $this->assertStringNotContainsString('·', self::html($hidden));
        $this->assertSame('', self::html(CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Empty'])));
    }

    public function test_right_to_left_cards_mirror_their_columns(): void
    {
        $html = self::html(Samples::card(['lang' => 'he']));
        $this->assertStringContainsString('dir="rtl"', $html);
        $this->assertStringContainsString('border-right:', $html);
        $this->assertStringNotContainsString('border-left:', $html);
    }

    public function test_plain_text_reads_in_order_and_keeps_addresses_whole(): void
    {
        $this->assertSame(<<<'TEXT'
            -- 
            Maren Oakhollow
            Principal designer · Quillfern & Co
            Office +44 1632 960147
            maren@quillfern.example
            https://quillfern.example/visits/
            LinkedIn: https://www.linkedin.com/in/maren
            Portfolio: https://quillfern.example/work
            Book a visit: https://quillfern.example/book

            TEXT, PlainTextComposer::compose(Sheet::of(Samples::card()), delimiter: true));
        foreach ($this->cards() as $name => $card) {
            foreach (explode("\n", PlainTextComposer::compose(Sheet::of($card))) as $line) {
                $this->assertTrue(
                    mb_strwidth($line) <= 72 || ! str_contains($line, ' ')
                        || preg_match('#^\S+: \S+$|https?://#', $line) === 1,
                    "$name: $line",
                );
            }
        }
    }

    /** Gauges and the checks that hold a card against the same limit: where one is content, so is the other. */
    private const CHECKED = [
        'width' => [TooWide::class, TooWideForPhone::class], 'height' => [TooTall::class],
        'faintest' => [FaintText::class], 'links' => [ManyLinks::class, ManyCalls::class],
    ];

    public function test_gauges_measure_the_card(): void
    {
        $card = Samples::card();
        $gauges = array_column(Gauges::of(Sheet::of($card), self::html($card), 1234), null, 'key');
        $measured = Measure::of(Sheet::of($card), 600);
        $this->assertSame(['width', 'height', 'code', 'pictures', 'faintest', 'links', 'words'], array_keys($gauges));
        $this->assertSame(
            [
                (string) round($measured->width), (string) round($measured->height),
                number_format(mb_strlen(self::html($card)) / 1000, 1), '1', '6', '1 call',
            ],
            [
                $gauges['width']->figure, $gauges['height']->figure, $gauges['code']->figure,
                $gauges['pictures']->figure, $gauges['links']->figure, $gauges['links']->unit,
            ],
        );
        $faintest = min(
            Contrast::ratio(Colour::hex('#5a5a5a'), Colour::hex('fff')),
            Contrast::ratio(Colour::hex('#1f5fa8'), Colour::hex('#fff')),
        );
        $this->assertEqualsWithDelta($faintest, 9 * $gauges['faintest']->share, 0.001);
        // Pressed, a gauge names what makes it: the picture, the marks with most links.
        $this->assertSame(['p1', 'p8'], [$gauges['words']->pieces[0], $gauges['links']->pieces[0]]);
        foreach (Starters::all() as $starter) {
            $subject = new Subject($starter->sample(), Brand::of([]), Day::parse('2026-11-25'), Samples::pictures());
            foreach (Gauges::of(Sheet::of($starter->sample()), self::html($starter->sample()), 0) as $gauge) {
                $found = array_filter(
                    self::CHECKED[$gauge->key] ?? [],
                    fn (string $check) => (new $check)->find($subject) !== [],
                );
                $this->assertSame($found === [] || $gauge->key === 'words', $gauge->good || $gauge->key === 'words',
                    "$starter->key: $gauge->label $gauge->figure $gauge->unit");
                $this->assertSame(
                    [],
                    array_diff(
                        array_merge(...array_map(fn ($ids) => explode(' ', $ids), $gauge->pieces)),
                        array_column($starter->sample()->pieces, 'id'),
                    ),
                );
            }
            $this->assertLessThan(6500, mb_strlen(self::html($starter->sample())), $starter->key);
        }
    }

    public function test_dark_colours_are_those_of_every_text_on_its_background(): void
    {
        $sheet = Sheet::of(Samples::card());
        $pairs = DarkColours::pairs($sheet);
        $dark = DarkColours::of($pairs);
        preg_match_all('/(?<![-\w])color:(#[0-9a-f]{6})/', self::html(Samples::card()), $inks);
        foreach (array_unique($inks[1]) as $ink) {
            $this->assertNotEmpty(
                array_filter(array_keys($pairs), fn (string $pair) => str_starts_with($pair, "$ink ")),
                $ink,
            );
        }
        foreach ($pairs as $pair => [$ink, $background]) {
            $this->assertSame(DarkPage::Soft->ink($ink, $background)->hex, $dark['soft']['inks'][$pair]);
            $this->assertSame(DarkPage::Forced->background($background)->hex,
                $dark['forced']['backgrounds'][$background->hex]);
        }
    }

    public function test_contrast_is_that_of_wcag(): void
    {
        $ratio = fn (string $one, string $other) => round(Contrast::ratio(Colour::hex($one), Colour::hex($other)), 2);
        $this->assertSame(
            [21.0, 1.0, 4.54, 4.48],
            [
                $ratio('#000', '#fff'), $ratio('#123456', '#123456'), $ratio('#767676', '#ffffff'),
                $ratio('#777777', '#ffffff'),
            ],
        );
    }

    /** @return iterable<string, Card> */
    private function cards(): iterable
    {
        yield 'full' => Samples::card();
        foreach (Starters::all() as $starter) {
            yield $starter->key => $starter->sample();
        }
        foreach (range(1, 150) as $seed) {
            yield "seed $seed" => CardJson::read(Samples::document($seed));
        }
    }

    private static function html(Card $card): string
    {
        return (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
    }

    public function test_what_nothing_breaks_breaks_anywhere_and_stays_in_its_window(): void
    {
        $long = str_repeat('W', 150);
        $card = CardJson::read(['format' => CardJson::FORMAT, 'name' => 'x', 'pieces' => [
            ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => 'Ada'], 'filledBy' => 'person'],
            ['id' => 'l', 'kind' => 'tagline', 'fields' => ['text' => $long]],
            ['id' => 'h', 'kind' => 'html', 'fields' => ['html' => '<p>'.str_repeat('w', 10_000).'</p>']],
        ]]);
        $sheet = Sheet::of($card);
        $this->assertLessThanOrEqual(Limits::WIDTH, Measure::laid($sheet, Limits::WIDTH)[0]);
        preg_match('/ width="(\d+)"/', (new SvgComposer(Samples::pictures()))->compose($sheet), $width);
        $this->assertLessThan(Limits::WIDTH + 100, (int) ($width[1] ?? PHP_INT_MAX));
        $html = (new HtmlComposer(Samples::pictures()))->compose($sheet);
        $this->assertSame(2, substr_count($html, ';word-break:break-word'));
        $this->assertStringContainsString($long, $html);
        $plate = Plate::of($card, Samples::pictures());
        foreach (['Bea', $long] as $name) {
            $fields = ['n' => ['text' => $name]];
            $person = $card->with(['pieces' => array_map(
                fn (Piece $piece) => $piece->id === 'n' ? $piece->with(['fields' => $fields['n']]) : $piece,
                $card->pieces,
            )]);
            $this->assertSame(
                (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($person)),
                $plate->stamp(new Person('1', '', $fields)),
            );
        }
    }
}
