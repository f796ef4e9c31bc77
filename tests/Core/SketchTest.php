<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\Redesign;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;
use InkyCard\Sketch\Kept;
use InkyCard\Sketch\Sketch;
use InkyCard\Sketch\Sketches;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whole designs from facts alone. */
final class SketchTest extends TestCase
{
    /** @return iterable<string, array{list<array<string, mixed>>, 1?: string}> pieces, language */
    public static function facts(): iterable
    {
        $piece = fn (string $kind, array $fields): array => ['kind' => $kind, 'fields' => $fields];
        $name = $piece('name', ['text' => 'Isolde Farrowby']);
        $mail = $piece('email', ['address' => 'isolde@quillfern.example']);
        yield 'a name' => [[$name]];
        yield 'a name and an address' => [[$mail, $name]];
        yield 'a firm without a person' => [[
            $piece('company', ['text' => 'Quillfern Garden Studio']), $piece('web', ['address' => 'quillfern.example']),
        ]];
        yield 'all there is' => [[
            $piece('closing', ['phrase' => 'Warmly,']), $name, $mail, $piece('role', ['text' => 'Client care']),
            $piece('company', ['text' => 'Quillfern Garden Studio']), $piece('phone', ['number' => '+44 1632 960149']),
            $piece('phone', ['number' => '+44 7700 900149', 'sort' => 'mobile']),
            $piece('address', ['text' => '4 Mallow Lane, Eddersby']), $piece('tagline', ['text' => 'Gardens for soil']),
            $piece('headshot', ['picture' => 'sample:portrait-office']),
            $piece('logo', ['picture' => 'sample:logo-leaf', 'alt' => 'Quillfern']),
            $piece('profiles', ['links' => ['linkedin.com/in/isolde', 'instagram.com/quillfern']]),
            $piece('button', ['words' => 'Book a garden visit', 'address' => 'quillfern.example/visits']),
            $piece('notice', ['text' => 'For the person it is addressed to.']),
        ]];
        yield 'long words' => [[
            $piece('name', ['text' => 'Wolfeschlegelsteinhausenbergerdorff Featherstonehaugh-Cholmondeley']),
            $piece('role', ['text' => str_repeat('Deputy assistant to the ', 4).'director']), $mail,
        ]];
        yield 'Arabic' => [[
            $piece('name', ['text' => 'سلمى الورد']), $piece('role', ['text' => 'مهندسة حدائق']), $mail,
        ], 'ar'];
    }

    /** @param  list<array<string, mixed>>  $pieces */
    #[DataProvider('facts')]
    public function test_facts_become_many_designs_none_of_which_loses_any(array $pieces, string $lang = 'en'): void
    {
        $facts = self::card($pieces, $lang);
        $sketches = self::sketches()->of($facts, Kept::of([]));
        $this->assertCount(Sketches::SHOWN, $sketches);
        $this->assertGreaterThanOrEqual(11, count(array_unique(array_map(
            fn (Sketch $one) => $one->card->arrangement->key, $sketches,
        ))));
        foreach ($sketches as $sketch) {
            $this->assertSame(self::said($facts), self::said($sketch->card), $sketch->key);
            $this->assertSame(0.0, Measure::of(Sheet::of($sketch->card), 320)->overflow(), $sketch->key);
            $this->assertEquals($sketch->card, self::sketches()->design($sketch->key, $facts, Kept::of([])));
            $this->assertEquals($sketch->card, CardJson::decode(CardJson::encode($sketch->card)), 'like any other');
            $this->assertEquals($sketch->card, (new Redesign($sketch->card, 'A'))->apply($facts));
        }
        foreach ($sketches as $at => $one) {
            foreach (array_slice($sketches, $at + 1) as $other) {
                $apart = $one->impression->distance($other->impression);
                $this->assertGreaterThan(0.015, $apart, "$one->key $other->key");
            }
        }
        $scores = array_map(fn (Sketch $one) => $one->score, $sketches);
        $mean = fn (array $of): float => array_sum($of) / count($of);
        $this->assertGreaterThanOrEqual($mean(array_slice($scores, 12)), $mean(array_slice($scores, 0, 12)));
    }

    public function test_what_is_kept_stays_and_more_are_others(): void
    {
        $facts = Starters::all()['harbour-counsel']->sample();
        $own = $facts->style->full();
        foreach (Kept::PARTS as $part) {
            foreach (self::sketches()->of($facts, Kept::of([$part])) as $sketch) {
                $full = $sketch->card->style->full();
                $this->assertSame(
                    $part === 'arrangement' ? 'nameplate' : $own[$part],
                    $part === 'arrangement' ? $sketch->card->arrangement->key : $full[$part],
                );
            }
        }
        $first = array_column(self::sketches()->of($facts, Kept::of([])), 'key');
        $more = array_column(self::sketches()->of($facts, Kept::of([]), Sketches::SHOWN), 'key');
        $this->assertNotSame([], $more);
        $this->assertLessThan(6, count(array_intersect($first, $more)));
    }

    public function test_a_sketch_there_is_not_is_refused(): void
    {
        foreach (['', 'skerry', 'skerry.odd', 'odd.plain', '../x.plain'] as $key) {
            try {
                self::sketches()->design($key, self::card([]), Kept::of([]));
                $this->fail("$key is a sketch");
            } catch (Refusal $refusal) {
                $this->assertSame('There is no such sketch any more.', $refusal->getMessage());
            }
        }
        $this->assertSame([], self::sketches()->of(self::card([]), Kept::of([]), 999));
    }

    private static function sketches(): Sketches
    {
        return new Sketches(Brand::of([]), Day::parse('2026-11-28'), Samples::pictures());
    }

    /** @param  list<array<string, mixed>>  $pieces */
    private static function card(array $pieces, string $lang = 'en'): Card
    {
        return CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Facts', 'lang' => $lang, 'pieces' => array_map(
            fn (array $piece, int $at) => ['id' => "p$at"] + $piece, $pieces, array_keys($pieces),
        )]);
    }

    /** @return list<string> what the pieces of a card say, initials a sketch adds left out */
    private static function said(Card $card): array
    {
        $said = array_map(
            fn (Piece $piece) => $piece->kind->key().json_encode(array_diff_key($piece->fields, array_flip([
                'shape', 'size', 'width', 'form', 'fit',
            ]))),
            array_filter($card->pieces, fn (Piece $piece) => $piece->kind->key() !== 'initials'),
        );
        sort($said);

        return $said;
    }
}
