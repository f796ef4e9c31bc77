<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\Example;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\Gauges;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Proof\Proof;
use InkyCard\Proof\Subject;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What each kind accepts, and what of it a reader gets in HTML and in plain text. */
final class KindTest extends TestCase
{
    /**
     * @return iterable<string, array{string, array<string, mixed>, list<string>, string, string}> kind, fields, links,
     *     words on the card, plain text
     */
    public static function pieces(): iterable
    {
        foreach (['name', 'role', 'company', 'department', 'tagline', 'pronouns', 'credentials', 'licence'] as $kind) {
            yield $kind => [
                $kind, ['text' => "  Words  of\n$kind & more "], [], "Words of $kind & more", "Words of $kind & more\n",
            ];
        }
        yield 'phone' => [
            'phone', ['number' => '01632 960147', 'sort' => 'direct'], ['tel:+441632960147'], 'Direct +44 1632 960147',
            "Direct +44 1632 960147\n",
        ];
        yield 'phone without label' => [
            'phone', ['number' => '+44 1632 960147 ext 9'], ['tel:+441632960147;ext=9'], '+44 1632 960147 x9',
            "+44 1632 960147 x9\n",
        ];
        yield 'email' => [
            'email', ['address' => 'mailto:maren@quillfern.example'], ['mailto:maren@quillfern.example'],
            'maren@quillfern.example', "maren@quillfern.example\n",
        ];
        yield 'web' => [
            'web', ['address' => 'www.quillfern.example/'], ['https://www.quillfern.example'], 'quillfern.example',
            "https://www.quillfern.example\n",
        ];
        yield 'web in words' => [
            'web', ['address' => 'quillfern.example', 'words' => 'See us'], ['https://quillfern.example'], 'See us',
            "See us: https://quillfern.example\n",
        ];
        yield 'address' => [
            'address', ['text' => '4 Mallow Lane, Eddersby'],
            ['https://www.openstreetmap.org/search?query=4%20Mallow%20Lane%2C%20Eddersby'], '4 Mallow Lane, Eddersby',
            "4 Mallow Lane, Eddersby\n",
        ];
        yield 'address with its own map' => [
            'address', ['text' => 'Eddersby', 'map' => 'quillfern.example/map'], ['https://quillfern.example/map'],
            'Eddersby', "Eddersby\n",
        ];
        yield 'own line' => [
            'line', ['label' => 'Open', 'value' => 'Tuesdays'], [], 'Open Tuesdays', "Open Tuesdays\n",
        ];
        yield 'own line that leads somewhere' => [
            'line', ['value' => 'Papers', 'address' => 'quillfern.example/p'], ['https://quillfern.example/p'],
            'Papers', "Papers: https://quillfern.example/p\n",
        ];
        yield 'headshot' => [
            'headshot', ['picture' => 'sample:x', 'address' => 'quillfern.example/me'],
            ['https://quillfern.example/me'], '[Portrait 96x96]',
            "Portrait: https://quillfern.example/me\n",
        ];
        yield 'logo' => [
            'logo', ['picture' => 'sample:x', 'alt' => 'Quillfern', 'width' => 90, 'ratio' => 0.5], [],
            '[Quillfern 90x45]', "Quillfern\n",
        ];
        yield 'picture' => [
            'picture',
            ['picture' => 'https://quillfern.example/a.png', 'width' => '200', 'address' => 'quillfern.example'],
            ['https://quillfern.example'], '[Picture 200x200]',
            "Picture: https://quillfern.example\n",
        ];
        yield 'banner' => [
            'banner', ['picture' => 'sample:x', 'alt' => 'Spring', 'ratio' => 0.2], [], '[Spring 480x96]',
            "Spring\n",
        ];
        yield 'film' => [
            'video',
            ['picture' => 'sample:x', 'alt' => 'Watch', 'address' => 'quillfern.example/film', 'ratio' => 0.5625],
            ['https://quillfern.example/film'], '[Watch 200x113]',
            "Watch: https://quillfern.example/film\n",
        ];
        yield 'closing' => ['closing', ['phrase' => 'Warmly,'], [], 'Warmly,', "Warmly,\n"];
        yield 'closing by hand' => [
            'closing', ['phrase' => 'Warmly,', 'picture' => 'sample:x', 'alt' => 'Maren', 'ratio' => 0.25], [],
            'Warmly,[Maren 160x40]', "Warmly,\nMaren\n",
        ];
        yield 'profiles' => [
            'profiles', ['links' => "linkedin.com/in/m\n\nlinkedin.com/in/m?x=1\nShop: quillfern.example/shop"],
            ['https://www.linkedin.com/in/m', 'https://quillfern.example/shop'], '[LinkedIn 24x24][Shop 24x24]',
            "LinkedIn: https://www.linkedin.com/in/m\nShop: https://quillfern.example/shop\n",
        ];
        foreach (['button', 'textlink', 'booking', 'conference', 'payment'] as $kind) {
            foreach (['button', 'link', 'underlined'] as $form) {
                yield "$kind as $form" => [
                    $kind, ['words' => 'Do it', 'address' => 'quillfern.example/do', 'form' => $form],
                    ['https://quillfern.example/do'], 'Do it', "Do it: https://quillfern.example/do\n",
                ];
            }
        }
        yield 'event' => [
            'event', ['words' => 'Open day', 'address' => 'quillfern.example/o', 'starts' => '2027-05-22'],
            ['https://quillfern.example/o'], 'Open day, 22 May 2027',
            "Open day, 22 May 2027: https://quillfern.example/o\n",
        ];
        yield 'offer' => [
            'offer',
            ['words' => 'Plans', 'address' => 'quillfern.example/o', 'ends' => '2027-03-04', 'form' => 'button'],
            ['https://quillfern.example/o'], 'Plans, until 4 March 2027',
            "Plans, until 4 March 2027: https://quillfern.example/o\n",
        ];
        yield 'offer without a day' => [
            'offer', ['words' => 'Plans', 'address' => 'quillfern.example/o'], ['https://quillfern.example/o'], 'Plans',
            "Plans: https://quillfern.example/o\n",
        ];
        yield 'post' => [
            'post', ['title' => 'Roots', 'address' => 'quillfern.example/r', 'lead' => 'New:'],
            ['https://quillfern.example/r'], 'New: Roots', "New: Roots: https://quillfern.example/r\n",
        ];
        yield 'quote' => [
            'quote', ['text' => 'Lovely', 'by' => 'A client', 'address' => 'quillfern.example/v'],
            ['https://quillfern.example/v'], '“Lovely”A client', "“Lovely”\nA client: https://quillfern.example/v\n",
        ];
        yield 'notice' => [
            'notice', ['text' => "One.\n\n Two. ", 'documents' => ['Terms: quillfern.example/t']],
            ['https://quillfern.example/t'], 'One.Two.Terms', "One.\nTwo.\nTerms: https://quillfern.example/t\n",
        ];
        yield 'rule' => ['rule', ['thickness' => 3], [], '', ''];
        yield 'a mess of profiles' => [
            'profiles',
            ['links' => "Find us on Instagram: @quillfern\nx.com/quillfern, linkedin.com/in/m"],
            ['https://www.instagram.com/quillfern', 'https://x.com/quillfern', 'https://www.linkedin.com/in/m'],
            '[Instagram 24x24][X 24x24][LinkedIn 24x24]',
            "Instagram: https://www.instagram.com/quillfern\nX: https://x.com/quillfern\nLinkedIn: "
                ."https://www.linkedin.com/in/m\n",
        ];
        yield 'two of one network' => [
            'profiles',
            ['links' => "instagram.com/quillfern\ninstagram.com/maren"],
            ['https://www.instagram.com/quillfern', 'https://www.instagram.com/maren'],
            '[Instagram quillfern 24x24][Instagram maren 24x24]',
            "Instagram quillfern: https://www.instagram.com/quillfern\nInstagram maren: "
                ."https://www.instagram.com/maren\n",
        ];
        yield 'gap' => ['gap', ['height' => 9], [], "\u{A0}", ''];
        yield 'own HTML' => [
            'html', ['html' => '<p>A <a href="https://quillfern.example">link</a></p>'], ['https://quillfern.example'],
            'A link', "A link\nlink: https://quillfern.example\n",
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  list<string>  $links
     */
    #[DataProvider('pieces')]
    public function test_a_piece_says_the_same_in_html_and_in_plain_text(
        string $kind,
        array $fields,
        array $links,
        string $words,
        string $plain,
    ): void {
        $card = self::card($kind, $fields);
        $sheet = Sheet::of($card);
        $html = (new HtmlComposer(Samples::pictures()))->compose($sheet);
        preg_match_all('/ href="([^"]*)"/', $html, $hrefs);
        $this->assertSame(
            $links,
            array_map(fn (string $href) => html_entity_decode($href, ENT_QUOTES | ENT_HTML5), $hrefs[1]),
        );
        $shown = (string) preg_replace(
            '/<img [^>]*width="(\d+)" height="(\d+)" alt="([^"]*)"[^>]*>/',
            '[$3 $1x$2]',
            $html,
        );
        $this->assertSame(
            $words,
            html_entity_decode(strip_tags($shown), ENT_QUOTES | ENT_HTML5),
        );
        $this->assertSame($plain, PlainTextComposer::compose($sheet));
        $this->assertNotSame('', $card->pieces[0]->summary());
        if ($kind !== 'html') {
            $this->assertSame((string) count($links), Gauges::of($sheet, $html, 0)[5]->figure);
        }
        // What was accepted is accepted again, as it is.
        $known = $card->pieces[0]->kind->accept($card->pieces[0]->fields, 'GB');
        $this->assertSame($known, $card->pieces[0]->kind->accept($known, 'GB'));
    }

    /** @return iterable<string, array{string, string, string}> language, label of a number, the offer */
    public static function languages(): iterable
    {
        yield 'British' => ['en', 'Mobile', 'Plans, until 14 March 2027'];
        yield 'American' => ['en-US', 'Mobile', 'Plans, until March 14, 2027'];
        yield 'German' => ['de', 'Mobil', 'Plans, bis 14. März 2027'];
        yield 'Swiss' => ['de-CH', 'Mobil', 'Plans, bis 14. März 2027'];
        yield 'French' => ['fr', 'Mobile', 'Plans, jusqu’au 14 mars 2027'];
        yield 'Brazilian' => ['pt-BR', 'Celular', 'Plans, até 14 de março de 2027'];
        yield 'Portuguese' => ['pt', 'Telemóvel', 'Plans, até 14 de março de 2027'];
        yield 'Norwegian' => ['nn-NO', 'Mobil', 'Plans, til og med 14. mars 2027'];
        yield 'Japanese' => ['ja', '携帯', 'Plans、2027年3月14日まで'];
        yield 'Hebrew' => ['he', 'נייד', 'Plans, עד 14 במרץ 2027'];
        yield 'Thai, in years of everywhere' => ['th', 'มือถือ', 'Plans ถึง 14 มีนาคม ค.ศ. 2027'];
        yield 'of Taiwan' => ['zh-TW', '手機', 'Plans，至2027年3月14日'];
        yield 'no words known' => ['eu', 'Mobile', 'Plans, until 2027(e)ko martxoaren 14(a)'];
    }

    #[DataProvider('languages')]
    public function test_a_card_speaks_its_own_language(string $lang, string $label, string $offer): void
    {
        $card = Samples::card(['lang' => $lang, 'pieces' => [
            ['id' => 'p1', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960147', 'sort' => 'mobile']],
            ['id' => 'p2', 'kind' => 'offer',
                'fields' => ['words' => 'Plans', 'address' => 'quillfern.example/a', 'ends' => '2027-03-14']],
        ]]);
        $text = PlainTextComposer::compose(Sheet::of($card));
        $this->assertStringContainsString("$label +44", $text);
        $this->assertStringContainsString($offer, str_replace("\u{A0}", ' ', $text));
    }

    public function test_every_language_has_every_word_and_takes_what_it_is_given(): void
    {
        $all = require dirname(__DIR__, 2).'/core/Card/Kind/words.php';
        $this->assertGreaterThanOrEqual(20, count($all));
        foreach ($all as $lang => $words) {
            $this->assertCount(16, array_filter($words), $lang);
            foreach (['portrait of' => 1, 'until' => 2] as $key => $places) {
                $this->assertSame($places, substr_count($words[$key], '%s'), "$lang $key");
            }
            $this->assertSame($words, array_map(fn ($word) => (string) \Normalizer::normalize($word), $words), $lang);
        }
    }

    public function test_an_empty_piece_leaves_no_trace_and_says_what_it_is_for(): void
    {
        foreach (Kinds::all() as $key => $kind) {
            $card = self::card($key, []);
            if (! in_array($key, ['rule', 'gap', 'place'], true)) {
                $this->assertSame([], $card->content($card->pieces[0]), $key);
                $this->assertTrue($card->pieces[0]->isBlank(), $key);
            }
            $this->assertSame($key, $kind->key());
            $this->assertMatchesRegularExpression('/^[A-Z].{15,110}\.$/', $kind->purpose());
            $this->assertNotSame([], $kind->fields());
            $fields = array_column($kind->fields(), 'name');
            $this->assertSame([], array_diff([$kind->mainField(), ...$kind->needs()], $fields), "$key needs no other");
            $this->assertSame(
                [],
                array_diff($fields, array_keys($kind->accept([], 'GB'))),
                "$key asks for what it does not keep",
            );
        }
    }

    /** Words of every plain field are kept from markup and size, whatever the kind. */
    public function test_no_field_of_any_kind_takes_markup_or_a_flood(): void
    {
        $tried = 0;
        foreach (Kinds::all() as $key => $kind) {
            foreach ($kind->fields() as $field) {
                if ($key === 'html' || in_array($field->input, ['choice', 'picture'], true)) {
                    continue;
                }
                foreach (
                    ['<script>alert(1)</script>', str_repeat('long ', 20_000), "\xff\xfe", ['a' => ['b']]] as $bad
                ) {
                    try {
                        $kind->accept([$field->name => $bad], 'GB');
                        $this->fail("$key {$field->name} took ".get_debug_type($bad));
                    } catch (Refusal $refusal) {
                        $this->assertSame('/'.$field->name, $refusal->path, "$key {$field->name}");
                        $tried++;
                    }
                }
            }
        }
        $this->assertGreaterThan(200, $tried);
    }

    public function test_bad_lines_in_a_list_are_told_by_their_number(): void
    {
        foreach (['profiles' => 'links', 'notice' => 'documents'] as $kind => $field) {
            try {
                Kinds::of($kind)->accept([$field => "quillfern.example/a\n\njavascript:x"], 'GB');
                $this->fail('accepted');
            } catch (Refusal $refusal) {
                $this->assertSame("/$field", $refusal->path);
                $this->assertStringStartsWith('Line 3: ', $refusal->getMessage());
            }
            $this->assertCount(
                2,
                Kinds::of($kind)->accept([$field => "quillfern.example/a\n\nquillfern.example/b"], 'GB')[$field],
            );
        }
        $this->expectExceptionMessage('room for 24 lines');
        Kinds::of('profiles')->accept(['links' => array_map(fn (int $n) => "quillfern.example/$n", range(1, 25))],
            'GB');
    }

    /** @param  array<string, mixed>  $fields */
    private static function card(string $kind, array $fields): Card
    {
        return CardJson::read([
            'format' => CardJson::FORMAT, 'name' => 'N', 'arrangement' => 'picture-above',
            'pieces' => [['id' => 'a', 'kind' => $kind, 'fields' => $fields]],
        ]);
    }

    /** Ready wording is taken as it is, and what is to be checked in it is found until it was. */
    public function test_ready_wording_is_accepted_and_says_what_is_left_to_do(): void
    {
        foreach (Kinds::all() as $key => $kind) {
            foreach ($kind->fields() as $field) {
                foreach ($field->ready as $words) {
                    $card = CardJson::read(['format' => CardJson::FORMAT, 'name' => 'A', 'pieces' => [
                        ['id' => 'a', 'kind' => $key, 'fields' => [$field->name => $words]],
                    ]]);
                    $this->assertSame($words, $card->piece('a')->text($field->name));
                    $found = array_column(Proof::of(new Subject(
                        $card, Brand::of([]), Day::parse('2026-11-25'), Samples::pictures(),
                    ))->findings, 'check');
                    $this->assertSame(str_contains($words, '['), in_array('token-left', $found, true), $words);
                }
            }
        }
    }

    public function test_every_kind_has_an_example_that_shows_something(): void
    {
        foreach (['tidemark', 'paper-lantern'] as $starter) {
            $like = Starters::all()[$starter]->sample();
            foreach (Kinds::all() as $key => $kind) {
                $known = new Standing(Brand::of([]), 'Maren Oakhollow', 'm@quillfern.example');
                $card = Example::of($like, $kind, $known);
                $measured = Measure::of(Sheet::of($card), 600);
                $this->assertCount(1, $card->pieces);
                $this->assertGreaterThan(0, $measured->height, $key);
                $this->assertLessThan(400, $measured->height, $key);
                $this->assertSame([], $card->pieces[0]->lacking(), $key);
            }
        }
    }
}
