<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Difference;
use InkyCard\Card\Edit;
use InkyCard\Card\Edit\ShapeForm;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CardTest extends TestCase
{
    public function test_a_document_comes_back_as_it_went_in_unknown_keys_too(): void
    {
        foreach (range(1, 200) as $seed) {
            $card = CardJson::read(Samples::document($seed));
            $json = CardJson::encode($card);
            $this->assertSame($json, CardJson::encode(CardJson::decode($json)), "seed $seed");
        }
        $document
            = '{"format":"inky-card/1","name":"N","new":{"empty":{},"list":[]},"style":{"aura":{}},'
                .'"pieces":[{"id":"a","kind":"name","fields":{"text":"X","hue":{}},"aim":{}}]}';
        $kept = json_decode(CardJson::encode(CardJson::decode($document)));
        $this->assertEquals(json_decode('{"empty":{},"list":[]}'), $kept->new);
        $this->assertEquals((object) [], $kept->style->aura);
        $this->assertEquals((object) [], $kept->pieces[0]->fields->hue);
        $this->assertEquals((object) [], $kept->pieces[0]->aim);
    }

    /** @return iterable<string, array{string, string}> */
    public static function badDocuments(): iterable
    {
        $piece = fn (string $piece) => '{"format":"inky-card/1","name":"N","pieces":['.$piece.']}';
        $field = fn (string $kind, string $fields) => $piece('{"id":"a","kind":"'.$kind.'","fields":'.$fields.'}');
        yield 'no JSON' => ['{', ''];
        yield 'a list' => ['[]', ''];
        yield 'broken UTF-8' => ["{\"name\":\"\xff\"}", ''];
        yield 'too deep' => [str_repeat('{"a":', 40).'1'.str_repeat('}', 40), ''];
        yield 'no format' => ['{"name":"N"}', '/format'];
        yield 'no name' => ['{"format":"inky-card/1"}', '/name'];
        yield 'name of 5,000' => ['{"format":"inky-card/1","name":"'.str_repeat('x', 5000).'"}', '/name'];
        yield 'pieces no list' => ['{"format":"inky-card/1","name":"N","pieces":{"a":1}}', '/pieces'];
        yield '400 pieces' => [
            $piece(implode(',', array_map(fn ($n) => '{"id":"p'.$n.'","kind":"name"}', range(1, 400)))),
            '/pieces',
        ];
        yield 'piece no object' => [$piece('7'), '/pieces/0'];
        yield 'unknown kind' => [$piece('{"id":"a","kind":"hologram"}'), '/pieces/0/kind'];
        yield 'two of one id' => [$piece('{"id":"a","kind":"name"},{"id":"a","kind":"name"}'), '/pieces/1/id'];
        yield 'zone' => [$piece('{"id":"a","kind":"name","zone":"attic"}'), '/pieces/0/zone'];
        yield 'shown no truth' => [$piece('{"id":"a","kind":"name","shown":"yes"}'), '/pieces/0/shown'];
        yield 'huge size' => [$piece('{"id":"a","kind":"name","tuning":{"size":1e300}}'), '/pieces/0/tuning/size'];
        yield 'text a number' => [$field('name', '{"text":7}'), '/pieces/0/fields/text'];
        yield 'text of 100 KB' => [$field('role', '{"text":"'.str_repeat('y', 100_000).'"}'), '/pieces/0/fields/text'];
        yield 'script' => [$field('company', '{"text":"<script>x</script>"}'), '/pieces/0/fields/text'];
        yield 'control characters' => [$field('role', '{"text":"a\\u0007b"}'), '/pieces/0/fields/text'];
        yield 'javascript' => [$field('web', '{"address":"javascript:alert(1)"}'), '/pieces/0/fields/address'];
        yield 'javascript button' => [
            $field('button', '{"words":"x","address":" JavaScript:alert(1)"}'),
            '/pieces/0/fields/address',
        ];
        yield 'local picture' => [$field('headshot', '{"picture":"file:///etc/passwd"}'), '/pieces/0/fields/picture'];
        yield 'headshot too large' => [
            $field('headshot', '{"picture":"sample:a","size":9999}'),
            '/pieces/0/fields/size',
        ];
        yield 'a bad link among good' => [
            $field('profiles', '{"links":["x.com/a","data:text/html,x"]}'),
            '/pieces/0/fields/links',
        ];
        yield 'ink' => [
            '{"format":"inky-card/1","name":"N","style":{"inks":{"body":"red;background:url(x)"}}}',
            '/style/inks/body',
        ];
        yield 'style a list' => ['{"format":"inky-card/1","name":"N","style":[1]}', '/style'];
        yield 'inks a list' => ['{"format":"inky-card/1","name":"N","style":{"inks":[1]}}', '/style/inks'];
        yield 'tuning a list' => [$piece('{"id":"a","kind":"name","tuning":[1]}'), '/pieces/0/tuning'];
        yield 'no end of a number' => [
            $piece('{"id":"a","kind":"name","tuning":{"gap":1e999}}'),
            '/pieces/0/tuning/gap',
        ];
        yield 'no day of the calendar' => [
            $field('offer', '{"words":"x","ends":"2027-02-30"}'),
            '/pieces/0/fields/ends',
        ];
        yield 'HTML nested 60 deep' => [
            $field('html', '{"html":"'.str_repeat('<b>', 60).'"}'),
            '/pieces/0/fields/html',
        ];
        yield 'typeface' => ['{"format":"inky-card/1","name":"N","style":{"typeface":["a"]}}', '/style/typeface'];
        yield 'arrangement' => ['{"format":"inky-card/1","name":"N","arrangement":"spiral"}', '/arrangement'];
    }

    #[DataProvider('badDocuments')]
    public function test_a_bad_document_is_refused_in_one_sentence_that_says_where(string $json, string $path): void
    {
        try {
            CardJson::decode($json);
            $this->fail('accepted');
        } catch (Refusal $refusal) {
            $this->assertSame($path, $refusal->path);
            $this->assertMatchesRegularExpression('/^[A-Z].*\.$/s', $refusal->getMessage());
            $this->assertLessThan(220, strlen($refusal->getMessage()));
        }
    }

    public function test_any_run_of_edits_leaves_an_acceptable_card_and_the_one_before_untouched(): void
    {
        foreach (range(1, 60) as $seed) {
            $card = CardJson::read(Samples::document($seed));
            foreach (range(1, 12) as $step) {
                $id = $card->pieces === [] ? 'p1' : $card->pieces[mt_rand(0, count($card->pieces) - 1)]->id;
                $edit = [
                    fn () => new Edit\ShowPiece($id, mt_rand(0, 1) === 1),
                    fn () => new Edit\MovePiece($id, mt_rand(0, 1) === 1),
                    fn () => new Edit\PlacePiece($id, Zone::cases()[mt_rand(0, 4)], mt_rand(0, 1) === 1 ? 'p3' : ''),
                    fn () => new Edit\CopyPiece($id),
                    fn () => new Edit\RemovePiece($id),
                    fn () => new Edit\AddPiece(Kinds::all()[array_rand(Kinds::all())]),
                    fn () => Edit\TunePiece::fromForm($id, [
                        'ink' => 'quiet', 'size' => '12', 'bold' => '1', 'gap' => '', 'joined' => '1',
                    ]),
                    fn () => new Edit\RenameCard("Step $step"),
                    fn () => new Edit\Restyle(['inks' => ['accent' => '#123456']]),
                    fn () => new Edit\HideSamples,
                ][$card->pieces === [] ? 5 : mt_rand(0, 9)]();
                $before = CardJson::encode($card);
                $this->assertNotSame('', $edit->words($card));
                $after = $edit->apply($card);
                $this->assertSame($before, CardJson::encode($card));
                $this->assertSame(
                    CardJson::encode($after),
                    CardJson::encode(CardJson::decode(CardJson::encode($after))),
                    "seed $seed step $step",
                );
                $card = $after;
            }
        }
    }

    public function test_any_card_goes_through_every_arrangement_and_comes_back_the_same(): void
    {
        foreach (range(1, 40) as $seed) {
            $start = $card = CardJson::read(Samples::document($seed));
            foreach (Arrangement::all() as $arrangement) {
                $card = (new Edit\Rearrange($arrangement))->apply($card);
            }
            $this->assertSame(
                CardJson::encode($start),
                CardJson::encode((new Edit\Rearrange($start->arrangement))->apply($card)),
            );
        }
        $this->assertGreaterThanOrEqual(12, count(Arrangement::all()));
    }

    public function test_the_short_form_of_any_card_is_low_narrow_and_says_who_and_what_must_be_said(): void
    {
        foreach (Starters::all() as $key => $starter) {
            $card = $starter->sample();
            $short = (new Shorten())->apply($card);
            $shown = array_values(
                array_filter($short->pieces, fn (Piece $piece) => $piece->shown && ! $piece->isBlank()),
            );
            $kinds = array_map(fn (Piece $piece) => $piece->kind->key(), $shown);
            $this->assertContains('name', $kinds, $key);
            foreach (['phone', 'web', 'button'] as $kind) {
                $this->assertLessThanOrEqual(1, count(array_keys($kinds, $kind, true)), "$key: $kind");
            }
            foreach ($card->pieces as $index => $piece) {
                $this->assertEquals(
                    $piece->with(['shown' => $short->pieces[$index]->shown]),
                    $short->pieces[$index],
                    'nothing else of a piece changes',
                );
                $this->assertTrue(
                    $short->pieces[$index]->shown === $piece->shown
                        || ! in_array($piece->kind->key(), ['name', 'licence', 'notice'], true),
                    "$key: {$piece->id}",
                );
            }
            $this->assertEquals($short, (new Shorten)->apply($short), 'twice is once');
            $measured = Measure::of(Sheet::of($short), 320);
            $this->assertSame(0.0, $measured->overflow(), $key);
            // A line more at most, where what stood beside each other stands below.
            $this->assertLessThanOrEqual(Measure::of(Sheet::of($card), 320)->height + 20, $measured->height, $key);
        }
        $mobile = ['id' => 'm', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960001', 'sort' => 'mobile']];
        $cards = fn (array ...$pieces) => (new Shorten())->apply(
            CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Test', 'pieces' => $pieces]),
        );
        $this->assertSame(
            [false, true],
            array_column(
                $cards(['id' => 'o', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960000']], $mobile)->pieces,
                'shown',
            ),
        );
        $this->assertTrue(
            $cards(['id' => 'c', 'kind' => 'closing', 'fields' => ['phrase' => 'Warmly,']])->pieces[0]->shown,
            'never empty where the card was not',
        );
    }

    public function test_own_html_is_cut_down_and_says_what_was_dropped(): void
    {
        $kind = Kinds::of('html');
        $accepted = $kind->accept(
            [
                'html' => '<div class="a" onclick="x()" '
                    .'style="color:#123;position:fixed;background-color:url(x)"><script>bad()</script><form>In</form>'
                        .'<a href="javascript:x">a</a><img src="https://quillfern.example/a.png" onerror="x"></div>',
            ],
            'GB',
        );
        $this->assertStringNotContainsString('script', $accepted['html']);
        $this->assertStringNotContainsString('javascript', $accepted['html']);
        $this->assertStringContainsString('style="color:#123"', $accepted['html']);
        $this->assertStringContainsString('<div>In</div><a', $accepted['html']);
        foreach (['<script>', 'class', 'onclick', 'onerror', 'position', 'background-color'] as $name) {
            $this->assertContains($name, $accepted['dropped']);
        }
        $this->assertSame($accepted, $kind->accept($accepted, 'GB'), 'cleaned once, it stays as it is');
        foreach ([str_repeat('<div>', 60), str_repeat('a', 30_000), "\xff"] as $bad) {
            try {
                $kind->accept(['html' => $bad], 'GB');
                $this->fail('accepted');
            } catch (Refusal $refusal) {
                $this->assertSame('/html', $refusal->path);
            }
        }
    }

    public function test_moving_past_the_edge_of_a_zone_enters_the_next_and_comes_back(): void
    {
        $card = Samples::card();
        $order = fn (Card $card) => array_map(fn (Zone $zone) => array_column($card->inZone($zone), 'id'),
            Zone::cases());
        $moved = (new Edit\MovePiece('p2', up: true))->apply($card);
        $this->assertSame(['p1', 'p2'], $order($moved)[1]);
        $this->assertSame($order($card), $order((new Edit\MovePiece('p2', up: false))->apply($moved)));
        $first = CardJson::read(
            ['zone' => 'x'] + [
                'format' => CardJson::FORMAT,
                'name' => 'N',
                'pieces' => [['id' => 'a', 'kind' => 'name', 'zone' => 'before']],
            ],
        );
        $this->assertSame($order($first), $order((new Edit\MovePiece('a', up: true))->apply($first)));
    }

    public function test_a_piece_is_put_anywhere_and_copied_after_itself(): void
    {
        $card = Samples::card();
        $ids = fn ($card, Zone $zone) => array_column($card->inZone($zone), 'id');
        $placed = (new Edit\PlacePiece('p6', Zone::Text, 'p2'))->apply($card);
        $this->assertSame('p6', $ids($placed, Zone::Text)[0]);
        $crossed = (new Edit\PlacePiece('p4', Zone::After, ''))->apply($card);
        $this->assertSame(
            ['p4', null],
            [array_slice($ids($crossed, Zone::After), -1)[0], $crossed->piece('p4')->joined],
        );
        $copied = (new Edit\CopyPiece('p3'))->apply($card);
        $this->assertSame(count($card->pieces) + 1, count($copied->pieces));
        $at = (int) array_search('p3', array_column($copied->pieces, 'id'), true);
        $this->assertSame($copied->piece('p3')->fields, $copied->pieces[$at + 1]->fields);
    }

    public function test_the_difference_of_two_states_is_told_in_words(): void
    {
        $card = Samples::card();
        $this->assertSame([], Difference::between($card, $card));
        $other = (new Edit\Restyle(['inks' => ['accent' => '#123456']]))->apply(
            (new Edit\FillPiece('p3', ['text' => 'Planting lead']))->apply(
                (new Edit\ShowPiece('p5', false))->apply((new Edit\RemovePiece('p6'))->apply($card)),
            ),
        );
        $told = [];
        foreach (Difference::between($card, $other) as $of) {
            $told[$of['what']] = [$of['one'], $of['other']];
        }
        $this->assertSame(['Principal designer', 'Planting lead'], $told['Role'] ?? null);
        $this->assertSame(['shown', 'hidden'], $told['Phone'] ?? null);
        $this->assertSame('', $told['E-mail'][1] ?? null);
        $this->assertSame('#123456', $told['Style, inks accent'][1] ?? null);
        mt_srand(12);
        for ($n = 0; $n < 60; $n++) {
            [$one, $two] = [CardJson::read(Samples::document($n)), CardJson::read(Samples::document($n + 1000))];
            $back = array_map(
                fn ($of) => ['what' => $of['what'], 'one' => $of['other'], 'other' => $of['one']],
                Difference::between($two, $one),
            );
            $this->assertSame(self::sorted(Difference::between($one, $two)), self::sorted($back));
        }
    }

    /**
     * @param  list<array{what: string, one: string, other: string}>  $all
     * @return list<string>
     */
    private static function sorted(array $all): array
    {
        $lines = array_map(fn (array $of) => "$of[what]|$of[one]|$of[other]", $all);
        sort($lines);

        return $lines;
    }

    public function test_a_typed_value_is_no_sample_any_more(): void
    {
        foreach (Starters::all() as $starter) {
            $card = $starter->begin(
                'Isolde Farrowby',
                'isolde@quillfern.example',
                Brand::of(['lines' => ['company' => 'Quillfern'], 'inks' => ['accent' => '#123456']]),
            );
            $samples = array_map(fn ($piece) => $piece->kind->key(), $card->samples());
            $this->assertNotSame([], $samples, $starter->key);
            $this->assertNotContains('name', $samples);
            $this->assertSame('Isolde Farrowby', $card->holder());
            $role = array_values(
                array_filter(
                    $card->pieces,
                    fn ($piece) => $piece->kind instanceof \InkyCard\Card\Kind\AbstractLineKind
                        && $piece->samples() !== [],
                ),
            )[0] ?? null;
            if ($role === null) {
                continue;
            }
            $same = (new Edit\FillPiece($role->id, ['text' => $role->text('text')]))->apply($card);
            $typed = (new Edit\FillPiece($role->id, ['text' => 'Mine']))->apply($card);
            $this->assertSame(count($card->samples()), count($same->samples()));
            $this->assertSame(count($card->samples()) - 1, count($typed->samples()));
            $this->assertSame([], (new Edit\HideSamples)->apply($card)->samples());
        }
    }

    /** What was made up for one field is not somebody's own because another was filled. */
    public function test_a_sample_is_one_by_field_and_by_line(): void
    {
        $card = Samples::card(['pieces' => [
            ['id' => 'p1', 'kind' => 'button', 'sample' => true,
                'fields' => ['words' => 'Book a visit', 'address' => 'made-up.example/book', 'form' => 'button']],
            ['id' => 'p2', 'kind' => 'profiles', 'sample' => true,
                'fields' => ['links' => ['linkedin.com/in/made', 'instagram.com/up']]],
        ]]);
        $samples = fn (Card $card): array => array_map(fn ($piece) => $piece->samples(), $card->pieces);
        $card = (new Edit\FillPiece('p1', ['words' => 'Mine']))->apply($card);
        $card = (new Edit\FillPiece('p2', ['links' => "linkedin.com/in/mine\ninstagram.com/up"]))->apply($card);
        $this->assertSame([['address'], ['links']], $samples($card));
        $this->assertSame([['address'], ['links']], $samples(CardJson::decode(CardJson::encode($card))));
        $this->assertSame(['p1', 'p2'], array_column($card->samples(), 'id'));
        $this->assertSame([[], ['links']], $samples((new Edit\KeepSample('p1'))->apply($card)));
        $card = (new Edit\FillPiece('p1', ['address' => 'quillfern.example/book']))->apply($card);
        $card = (new Edit\FillPiece('p2', ['links' => 'linkedin.com/in/mine']))->apply($card);
        $this->assertSame([], $card->samples());
    }

    public function test_an_added_piece_holds_what_is_known_unless_the_card_says_it_already(): void
    {
        $brand = Brand::of(['lines' => ['company' => 'Quillfern', 'web' => 'quillfern.example']]);
        $known = new Standing($brand, 'Maren');
        $card = Samples::card(['pieces' => [['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Maren']]]]);
        foreach (['company', 'web', 'name', 'tagline'] as $kind) {
            $card = (new Edit\AddPiece(Kinds::of($kind), $known))->apply($card);
        }
        $this->assertSame(
            ['Maren', 'Quillfern', 'quillfern.example', '', ''],
            array_map(fn ($piece) => $piece->summary(), $card->pieces),
        );
    }

    public function test_what_has_ended_is_no_longer_on_the_card_and_a_call_without_its_address_not_yet(): void
    {
        $offer = ['words' => 'Plans', 'address' => 'quillfern.example/spring', 'ends' => '2026-11-24'];
        $card = Samples::card(['pieces' => [
            ['id' => 'p1', 'kind' => 'offer', 'fields' => $offer],
            ['id' => 'p2', 'kind' => 'button', 'fields' => ['words' => 'Book a visit']],
        ]]);
        $this->assertCount(1, $card->content($card->pieces[0]));
        $this->assertCount(1, $card->on(Day::parse('2026-11-24'))->content($card->pieces[0]));
        $after = $card->on(Day::parse('2026-11-25'));
        $this->assertSame([], $after->content($card->pieces[0]));
        $this->assertSame(
            'No longer on the card: its last day was 24 November 2026.', $after->absence($card->pieces[0]),
        );
        $this->assertSame('Not on the card yet: “Where it leads” is empty.', $card->absence($card->pieces[1]));
        $this->assertStringNotContainsString('today', CardJson::encode($after));
    }

    /** Back to the design it began with, in one step, facts kept (need F09). */
    public function test_back_to_the_starters_look_brings_its_inks_back(): void
    {
        $brand = Brand::of(['inks' => ['accent' => '#123456']]);
        foreach (Starters::all() as $starter) {
            $begun = $starter->begin('Maren', 'maren@quillfern.example', $brand);
            $changed = (new Edit\Restyle(['inks' => ['accent' => '#ff0000', 'body' => '#00ff00']]))->apply($begun);
            $name = (string) $begun->named()?->id;
            $changed = (new Edit\FillPiece($name, ['text' => 'Maren Oakhollow']))->apply($changed);
            $back = (new Edit\TakeLook($starter, $brand))->apply($changed);
            $this->assertEquals($begun->style, $back->style, $starter->key);
            $this->assertSame('Maren Oakhollow', $back->holder());
            $other = Starters::all()[$starter->key === 'skerry' ? 'tidemark' : 'skerry'];
            $this->assertSame(
                '#ff0000', (new Edit\TakeLook($other, $brand))->apply($changed)->style->ink(InkRole::Accent)->hex,
            );
        }
    }

    /** Whoever has to show a document shows it as it is, whatever the card does with its other links (need H02). */
    public function test_links_of_a_notice_carry_no_tags_unless_asked(): void
    {
        $notice = ['id' => 'n', 'kind' => 'notice', 'fields' => ['documents' => ['Terms: quillfern.example/terms']]];
        $link = ['id' => 'l', 'kind' => 'textlink', 'fields' => ['words' => 'See', 'address' => 'quillfern.example/a']];
        $card = Samples::card(['tags' => ['campaign' => 'May'], 'pieces' => [$notice, $link]]);
        $hrefs = fn (Card $card): array => array_map(
            fn ($piece) => str_contains($card->content($piece)[0]->links()[0]->href, 'utm_'), $card->pieces,
        );
        $this->assertSame([false, true], $hrefs($card));
        $this->assertSame([true, true], $hrefs((new Edit\FillPiece('n', ['follow' => 'counted']))->apply($card)));
    }

    public function test_every_bad_field_of_one_edit_is_named(): void
    {
        $fields = array_map(
            fn ($refusal) => $refusal->field(),
            (new Edit\FillPiece('p7', ['address' => 'javascript:1', 'words' => '<b>']))->refusals(Samples::card()),
        );
        $this->assertSame(['address', 'words'], $fields);
    }

    public function test_a_form_leaves_out_what_it_says_and_nothing_of_the_card(): void
    {
        $card = $formed = Samples::card();
        foreach (Starters::all() as $key => $starter) {
            $card = $starter->sample();
            $formed = ShapeForm::begin('reply')->apply($card);
            $this->assertEquals($card->pieces, $formed->pieces, $key);
            $this->assertEquals((new Shorten)->apply($card)->filled(), $formed->inForm('reply')->filled(), $key);
            $this->assertSame($formed, $formed->inForm('phone'));
            $again = CardJson::decode(CardJson::encode($formed));
            $this->assertEquals($formed->inForm('reply'), $again->inForm('reply'), $key);
            $one = $card->filled()[0]->id;
            $shown = fn (Card $of): bool => in_array($one, array_column($of->inForm('reply')->filled(), 'id'), true);
            $this->assertTrue($shown(ShapeForm::show('reply', $one, true)->apply($formed)));
            $this->assertFalse($shown(ShapeForm::show('reply', $one, false)->apply($formed)));
            $arranged = ShapeForm::arrange('reply', 'single-line')->apply($formed);
            $this->assertSame('single-line', $arranged->inForm('reply')->arrangement->key);
            $this->assertEquals($card, ShapeForm::drop('reply')->apply($arranged), $key);
            // Nothing to change where there is none.
            $this->assertEquals($card, ShapeForm::show('phone', $one, false)->apply($card));
        }
        foreach ([
            fn () => ShapeForm::begin('fax')->apply($card), fn () => ShapeForm::arrange('reply', 'spiral'),
            fn () => ShapeForm::show('reply', 'p99', true)->apply($formed),
        ] as $bad) {
            try {
                $bad();
                $this->fail('taken');
            } catch (Refusal) {
            }
        }
    }
}
