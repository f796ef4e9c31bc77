<?php

namespace Tests\Core;

use InkyCard\Brand\StandingLines;
use InkyCard\Card\Card;
use InkyCard\Card\CardLink;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\TagLink;
use InkyCard\Card\Edit\TagLinks;
use InkyCard\Card\Networks;
use InkyCard\Clicks\HumanFilter;
use InkyCard\Clicks\Series;
use InkyCard\Colour\Colour;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Picture\Mark;
use InkyCard\Picture\Season;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A card's links as its maker sees them, and how its profiles show. */
final class CardLinksTest extends TestCase
{
    public function test_tags_go_on_own_pages_and_stay_off_where_told_and_out_of_plain_text(): void
    {
        $card = (new TagLinks(['campaign' => 'Autumn', 'patterns' => ['term' => '{person}']]))->apply(Samples::card());
        $tags = '?utm_source=email&utm_medium=signature&utm_campaign=autumn&utm_content=%s&utm_term=maren-oakhollow';
        $this->assertSame(
            [
                'tel:+441632960147', 'mailto:maren@quillfern.example',
                'https://quillfern.example/visits/'.sprintf($tags, 'web'), 'https://www.linkedin.com/in/maren',
                'https://quillfern.example/work'.sprintf($tags, 'profiles'),
                'https://quillfern.example/book'.sprintf($tags, 'button'),
            ],
            self::hrefs($card),
        );
        foreach (self::hrefs($card) as $href) {
            $this->assertStringContainsString('href="'.htmlspecialchars($href).'"', self::html($card));
        }
        $this->assertSame(
            PlainTextComposer::compose(Sheet::of(Samples::card())),
            PlainTextComposer::compose(Sheet::of($card)),
        );
        $links = CardLink::all($card);
        $off = (new TagLink($links[4]->key, false))->apply((new TagLink($links[5]->key, false))->apply($card));
        $this->assertSame(
            ['https://quillfern.example/work', 'https://quillfern.example/book'],
            array_slice(self::hrefs($off), 4),
        );
        $this->assertSame(
            self::hrefs($card),
            self::hrefs((new TagLink($links[4]->key, true))->apply((new TagLink($links[5]->key, true))->apply($off))),
        );
        $this->assertSame(self::hrefs(Samples::card()), self::hrefs((new TagLinks(null))->apply($off)));
        $this->assertTrue((new CountClicks(true))->apply($card)->counted);
        $this->expectException(Refusal::class);
        (new TagLink('p9', false))->apply(Samples::card());
    }

    public function test_a_second_piece_of_a_kind_is_told_apart_by_its_id_wherever_it_stands(): void
    {
        $card = Samples::card([
            'pieces' => [
                ['id' => 'p12', 'kind' => 'web', 'fields' => ['address' => 'quillfern.example/b']],
                ['id' => 'p3', 'kind' => 'web', 'fields' => ['address' => 'quillfern.example/a']],
                [
                    'id' => 'p4',
                    'kind' => 'html',
                    'fields' => ['html' => '<a href="https://quillfern.example/c?x=1&amp;y=2">C</a>'],
                ],
            ],
        ]);
        $hrefs = self::hrefs((new TagLinks([]))->apply($card));
        $this->assertStringEndsWith('utm_content=web-p12', $hrefs[0]);
        $this->assertStringEndsWith('utm_content=web', $hrefs[1]);
        $this->assertStringStartsWith('https://quillfern.example/c?x=1&y=2&utm_source=email', $hrefs[2]);
    }

    public function test_the_firms_decision_on_networks_is_held_against_the_card(): void
    {
        $lines = StandingLines::of(
            [
                'profiles' => "instagram.com/quillfern.studio\nPortfolio: quillfern.example/work\n"
                    .'facebook.com/quillfern',
                'own' => 'Linked In, pinterest',
            ],
            'GB',
        );
        $this->assertSame(['linkedin', 'pinterest'], $lines->own);
        $card = (new FillPiece('p8', [
            'links' => "linkedin.com/in/maren\ninstagram.com/maren\nPortfolio: quillfern.example/work",
        ]))->apply(Samples::card());
        $networks = Networks::of($card, $lines);
        $this->assertSame(
            [['Portfolio'], ['LinkedIn', 'Instagram'], ['Facebook'], ['Pinterest']],
            [
                array_column($networks->firms, 'label'), array_column($networks->persons, 'label'),
                array_column($networks->unused, 'label'), $networks->missing,
            ],
        );
        [[$own, $firm]] = $networks->instead;
        $mended = (new FillPiece('p8', [
            'links' => implode("\n", Networks::lines($card->piece('p8'), $firm, $own)),
        ]))->apply($card);
        $this->assertSame(
            [[], 2],
            [Networks::of($mended, $lines)->instead, count(Networks::of($mended, $lines)->firms)],
        );
        $this->expectExceptionMessage('No network called Friendface');
        StandingLines::of(['own' => 'Friendface'], 'GB');
    }

    public function test_profiles_show_as_marks_as_words_and_as_larger_buttons(): void
    {
        $forms = [];
        foreach (['marks', 'words', 'buttons'] as $form) {
            $card = (new FillPiece('p8', ['form' => $form]))->apply(Samples::card());
            $forms[$form] = self::html($card);
            $this->assertStringContainsString(
                "LinkedIn: https://www.linkedin.com/in/maren\nPortfolio: https://quillfern.example/work\n",
                PlainTextComposer::compose(Sheet::of($card)),
            );
            $this->assertSame(self::hrefs(Samples::card()), self::hrefs($card));
        }
        $this->assertSame([3, 1, 1], array_map(fn (string $html) => substr_count($html, '<img'), array_values($forms)));
        $this->assertSame(
            [1, 1, 3],
            array_map(fn (string $html) => substr_count($html, 'bgcolor'), array_values($forms)),
        );
        $this->expectException(Refusal::class);
        (new FillPiece('p8', ['form' => 'stickers']))->apply(Samples::card());
    }

    public function test_marks_take_gap_grey_ring_and_dress(): void
    {
        $card = (new Restyle([
            'marks' => [
                'shape' => 'ring', 'gap' => '3', 'grey' => '1', 'size' => '30',
                'dress' => ['season' => 'snow', 'from' => '', 'until' => '01-31'],
            ],
        ]))->apply(Samples::card());
        [$mark] = array_values(
            array_filter(array_column(Sheet::of($card)->pictures(), 'source'), fn ($source) => $source instanceof Mark),
        );
        $this->assertSame(
            [Shape::Ring, 30, ['season' => 'snow', 'from' => '12-01', 'until' => '01-31'], 3],
            [$mark->shape, $mark->size, $mark->season?->toArray(), $card->style->marks->spacing],
        );
        $this->assertEqualsWithDelta($mark->background->red, $mark->background->green, 1);
        $this->assertEquals($mark, Mark::of($mark->toArray()));
        $plain = (new Restyle(['marks' => ['dress' => ['season' => '']]]))->apply($card);
        $this->assertNull($plain->style->marks->season);
        foreach (
            [
                ['dress' => ['season' => 'fog']], ['dress' => ['season' => 'snow', 'from' => '13-01']], ['gap' => 99],
                ['grey' => 'maybe'], ['shape' => 'star'],
            ] as $bad
        ) {
            try {
                (new Restyle(['marks' => $bad]))->apply($card);
                $this->fail('accepted');
            } catch (Refusal $refusal) {
                $this->assertStringStartsWith('/style/marks/'.array_key_first($bad), $refusal->path);
            }
        }
    }

    /** @return iterable<int, array{string, string, string, bool}> from, until, day, worn */
    public static function days(): iterable
    {
        yield ['12-01', '01-06', '2026-12-01', true];
        yield ['12-01', '01-06', '2027-01-06', true];
        yield ['12-01', '01-06', '2027-01-07', false];
        yield ['12-01', '01-06', '2026-11-30', false];
        yield ['03-20', '05-10', '2028-05-10', true];
        yield ['03-20', '05-10', '2028-05-11', false];
        yield ['02-29', '02-29', '2028-02-29', true];
    }

    #[DataProvider('days')]
    public function test_a_dress_is_worn_within_its_days_alone(
        string $from,
        string $until,
        string $day,
        bool $worn,
    ): void {
        $this->assertSame($worn, Season::of(['season' => 'snow', 'from' => $from,
            'until' => $until])->isWornOn(Day::parse($day)));
    }

    public function test_a_mark_that_would_be_lost_on_a_dark_page_has_a_light_edge(): void
    {
        $edged = fn (string $background, Shape $shape): bool => str_contains(
            (new Mark('linkedin', $shape, 24, Colour::hex($background),
                Colour::hex('#888888')))->svg('<svg><path/></svg>'),
            'stroke="#fff"',
        );
        foreach (Shape::forMarks() as $shape) {
            $this->assertSame([true, false], [$edged('#1b2140', $shape), $edged('#f6d55c', $shape)], $shape->value);
        }
    }

    /** @return iterable<int, array{string, string, string, ?string}> */
    public static function visitors(): iterable
    {
        $browser = 'Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0 Safari/537.36';
        yield ['GET', $browser, '', null];
        yield [
            'GET', 'Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) AppleWebKit/605.1.15 Mobile/15E148', '',
            null,
        ];
        yield ['HEAD', $browser, '', 'asked without opening'];
        yield ['GET', $browser, 'prefetch;prerender', 'fetched ahead'];
        yield ['GET', '', '', 'nameless program'];
        yield ['GET', 'Mozilla/5.0 (compatible; examplebot/2.1)', '', 'program'];
        yield ['GET', 'python-requests/2.31', '', 'program'];
    }

    #[DataProvider('visitors')]
    public function test_machines_are_kept_apart_with_their_reason(
        string $method,
        string $agent,
        string $purpose,
        ?string $reason,
    ): void {
        $this->assertSame($reason, HumanFilter::reason($method, $agent, $purpose));
    }

    public function test_a_series_has_every_day_and_is_drawn_to_scale(): void
    {
        $series = Series::of(
            ['2026-11-02' => 4, '2026-11-03' => 2, '2020-01-01' => 9],
            ['2026-11-01', '2026-11-02', '2026-11-03'],
        );
        $this->assertSame(
            [6, 4, 'M0 20L50 0L100 10', 'M0 20L50 10L100 15'],
            [$series->total(), $series->most(), $series->path(100, 20), $series->path(100, 20, 8)],
        );
        $this->assertSame('M0 20', Series::of([], ['2026-11-01'])->path(100, 20));
    }

    /** @return list<string> */
    private static function hrefs(Card $card): array
    {
        return array_column(CardLink::all($card), 'href');
    }

    private static function html(Card $card): string
    {
        return (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
    }
}
