<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Style\Tuning;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Footer\Footer;
use InkyCard\Footer\FooterCard;
use InkyCard\Footer\FooterLink;
use InkyCard\Footer\FooterReview;
use InkyCard\Footer\TokenMarks;
use InkyCard\Footer\TokenStyle;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Campaign footers: tokens of any sending system, never escaped, never broken, filled for a recipient. */
final class FooterTest extends TestCase
{
    /** @return iterable<string, array{TokenStyle}> */
    public static function styles(): iterable
    {
        foreach (TokenStyle::all() as $key => $style) {
            yield $key => [$style];
        }
        yield 'of one\'s own' => [TokenStyle::of(['open' => '<<', 'close' => '>>', 'fallback' => '?'])];
    }

    #[DataProvider('styles')]
    public function test_a_token_is_found_where_it_is_written_and_nowhere_else(TokenStyle $style): void
    {
        $this->assertEquals($style, TokenStyle::of($style->toDocument()));
        $first = $style->write('first_name', 'there');
        $text = "Dear $first, 100 % of {$style->write('x.y')}!";
        [$one, $two] = $style->find($text);
        $this->assertSame(['first_name', 'x.y'], [$one->name, $two->name]);
        $this->assertSame($style->fallback === null ? '' : 'there', $one->fallback);
        $this->assertSame([$first, strpos($text, $first)], [$one->raw, $one->at]);
        $this->assertSame('Ida', $one->filled(['first_name' => ' Ida ']));
        $this->assertSame($one->fallback, $one->filled([]));
        $marks = new TokenMarks($style);
        $marked = $marks->put($text);
        $this->assertStringNotContainsString('first_name', $marked);
        $this->assertSame(mb_strlen($text), mb_strlen($marked), 'as long as it was');
        $this->assertSame($text, $marks->raw($marked));
        $this->assertSame($text, $marks->raw(str_replace('x', 'X', $marked)), 'in capitals');
        foreach (['', 'no token', '100 %', 'a@b.example', '{ }', $style->open, $style->close] as $none) {
            $this->assertSame([], $style->find($none), $none);
        }
    }

    #[DataProvider('styles')]
    public function test_a_style_is_learned_from_a_sample(TokenStyle $style): void
    {
        $sample = "<p>Hi {$style->write('first_name')},</p><a href=\"{$style->write('unsubscribe_url')}\">leave</a> "
            ."at 50% off; margin:0;width:100% © a@b.example {$style->write('city')}";
        [$learned, $names] = TokenStyle::learn($sample)[0] ?? [null, []];
        $this->assertSame([$style->open, $style->close], [$learned?->open, $learned?->close]);
        $this->assertSame(['first_name', 'unsubscribe_url', 'city'], $names);
    }

    public function test_words_without_tokens_teach_nothing(): void
    {
        $this->assertSame([], TokenStyle::learn('Dear all, 50% off (today) "only" — write to a@b.example & see.'));
        $wrong = [['open' => 'ab', 'close' => '}'], ['open' => '{{'], 'unheard-of', ['open' => '{', 'close' => ' ']];
        foreach ($wrong as $bad) {
            try {
                TokenStyle::of($bad);
                $this->fail((string) json_encode($bad));
            } catch (Refusal $refusal) {
                $this->assertStringEndsWith('.', $refusal->getMessage());
            }
        }
    }

    #[DataProvider('styles')]
    public function test_an_address_holds_tokens_behind_its_host_or_is_one(TokenStyle $style): void
    {
        $token = $style->write('id');
        $kept = fn (string $address): string => FooterLink::of(['words' => 'Leave', 'address' => $address], $style)
            ->address;
        $this->assertSame($token, $kept(" $token "));
        $good = [
            "https://q.example/u/$token", "https://q.example/u?id=$token&a=b", "mailto:leave@q.example?subject=$token",
        ];
        foreach ($good as $address) {
            $this->assertSame($address, $kept($address));
        }
        $this->assertSame("https://q.example/$token", $kept("q.example/$token"));
        $this->assertSame('https://q.example/leave', $kept('q.example/leave'));
        $wrong = ["https://$token.q.example/u", 'javascript:alert(1)', 'http://127.0.0.1/x', "no address $token"];
        foreach ($wrong as $bad) {
            try {
                $kept($bad);
                $this->fail($bad);
            } catch (Refusal $refusal) {
                $this->assertSame('/address', $refusal->path, $bad);
            }
        }
    }

    /** @param  array<string, mixed>  $more */
    private static function footer(TokenStyle $style, array $more = []): Footer
    {
        return Footer::of($more + [
            'name' => 'Quillfern', 'style' => $style->toDocument(), 'countries' => ['GB', 'DE'],
            'why' => "You asked for our planting list, {$style->write('first_name', 'friend')}, on a day in May that "
                ."we both remember well, from {$style->write('city')}.",
            'firm' => 'Quillfern Garden Studio Ltd, 4 Mallow Lane, Eddersby', 'registration' => 'No. 0711984',
            'unsubscribe' => ['words' => 'Unsubscribe', 'address' => $style->write('unsubscribe_url')],
            'preferences' => ['words' => 'Choose what you get',
                'address' => "https://quillfern.example/choose?for={$style->write('id')}&a=1"],
            'browser' => ['words' => 'Read in a browser', 'address' => $style->write('view_url')],
        ]);
    }

    #[DataProvider('styles')]
    public function test_tokens_come_out_as_they_were_written_in_every_part(TokenStyle $style): void
    {
        $sender = (new FillPiece('p7', ['address' => 'quillfern.example/visits']))->apply(Samples::card());
        $sender = $sender->replacing($sender->piece('p3')->with(['fields' => ['text' => "For {$style->write('firm')}"],
            'tuning' => Tuning::of(['caps' => true])]));
        foreach (['short', 'full'] as $form) {
            $card = new FooterCard(self::footer($style, ['form' => $form]), $sender);
            [$html, $text] = [$card->html(Samples::pictures()), $card->text()];
            foreach (['first_name', 'city', 'unsubscribe_url', 'id', 'view_url'] as $name) {
                $token = $style->write($name, $name === 'first_name' ? 'friend' : '');
                $this->assertSame(1, substr_count($html, $token), "$form $name in $html");
                $this->assertSame(1, substr_count($text, $token), "$form $name in $text");
            }
            $this->assertStringContainsString("href=\"{$style->write('unsubscribe_url')}\"", $html);
            $this->assertStringContainsString("choose?for={$style->write('id')}&amp;a=1\"", $html);
            $this->assertDoesNotMatchRegularExpression('/[\x{FDD0}-\x{FDEF}]/u', $html.$text);
            if ($form === 'full') {
                $this->assertStringContainsString($style->write('firm'), $html);
            }
            $this->assertSame([], array_diff(self::footer($style)->tokens(), $card->tokens()));
            foreach ($card->tokens() as $name) {
                $this->assertStringContainsString($style->open.$name, $html, 'it is in it');
            }
        }
    }

    #[DataProvider('styles')]
    public function test_a_recipient_gets_what_composing_for_them_alone_would_give(TokenStyle $style): void
    {
        $card = new FooterCard(self::footer($style), Samples::card());
        $plate = $card->plate(Samples::pictures());
        foreach ([
            ['first_name' => 'Ida', 'city' => 'Eddersby'],
            ['first_name' => 'Wilhelmina-Constance <Featherstonehaugh> & "Co"', 'city' => 'Αθήνα'],
            ['city' => 'דנה'],
        ] as $values) {
            $values += [
                'unsubscribe_url' => 'https://s.example/u/7', 'view_url' => 'https://s.example/v/7', 'id' => '7',
            ];
            $own = $card->as($values);
            $this->assertSame((new HtmlComposer(Samples::pictures()))->compose(Sheet::of($own)), $plate->html($values));
            $name = $values['first_name'] ?? ($style->fallback === null ? 'list, ,' : 'friend');
            $this->assertStringContainsString($name, strtr($plate->text($values), ["\n" => ' ']));
        }
        $bad = $plate->html(['unsubscribe_url' => 'javascript:alert(1)', 'view_url' => '"><script>', 'id' => '"x']);
        $this->assertStringNotContainsString('javascript', $bad);
        $this->assertStringNotContainsString('<script', $bad);
        $this->assertStringNotContainsString('for="x', $bad);
    }

    public function test_what_is_lacking_is_said_with_who_asks_for_it(): void
    {
        $style = TokenStyle::of('double-braces');
        $states = function (array $more = [], ?Card $sender = null) use ($style): array {
            $footer = self::footer($style, $more);
            $card = new FooterCard($footer, $sender ?? Samples::card());

            return array_column((new FooterReview($footer, $card))->findings(Samples::pictures()), null, 'part');
        };
        $whole = $states();
        $this->assertSame(['has'], array_values(array_unique(array_column($whole, 'state'))));
        $this->assertTrue(FooterReview::isReady(...array_values($whole)));
        foreach (['firm' => '', 'registration' => '', 'unsubscribe' => []] as $part => $empty) {
            $found = $states([$part => $empty]);
            $this->assertSame('lacks', $found[$part]->state);
            $this->assertArrayHasKey('DE', $found[$part]->sources);
            $this->assertFalse(FooterReview::isReady(...array_values($found)), $part);
        }
        $this->assertSame('lacks', $states(['why' => ''])['why']->state);
        $this->assertSame('may', $states(['browser' => []])['browser']->state);
        $same = $states(['unsubscribe' => ['words' => 'Leave', 'address' => 'quillfern.example/leave']]);
        $this->assertSame('look', $same['unsubscribe']->state);
        $mail = $states(['unsubscribe' => ['words' => 'Leave', 'address' => 'mailto:leave@quillfern.example']]);
        $this->assertSame('look', $mail['one-press']->state);
        $this->assertArrayNotHasKey('registration', $states(['countries' => ['US']]));
        // A style whose signs stand in the words of the card.
        $card = (new FillPiece('p3', ['text' => 'Half price: now %half%off']))->apply(Samples::card());
        $percent = TokenStyle::of('percent');
        $footer = self::footer($percent, ['form' => 'full']);
        $review = new FooterReview($footer, new FooterCard($footer, $card));
        $found = array_column($review->findings(Samples::pictures()), null, 'part');
        $this->assertSame('has', $found['clash']->state, 'it is a token then');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ''], '/name'];
        yield 'a country unheard of' => [['countries' => ['XX']], '/countries'];
        yield 'too long' => [['why' => str_repeat('why ', 200)], '/why'];
        $host = ['words' => 'x', 'address' => 'https://{{a}}.example'];
        yield 'host' => [['unsubscribe' => $host], '/unsubscribe/address'];
        yield 'form' => [['form' => 'half'], '/form'];
        yield 'style' => [['style' => ['open' => 'a', 'close' => 'b']], '/style/open'];
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('wrong')]
    public function test_what_is_not_acceptable_is_refused_where_it_stands(array $more, string $path): void
    {
        try {
            self::footer(TokenStyle::of('double-braces'), $more);
            $this->fail('It was taken.');
        } catch (Refusal $refusal) {
            $this->assertSame($path, $refusal->path);
        }
    }

    public function test_a_footer_comes_back_as_it_was(): void
    {
        $footer = self::footer(TokenStyle::of(['open' => '<<', 'close' => '>>', 'fallback' => '?']), ['later' => 7]);
        $this->assertEquals($footer, Footer::of(json_decode((string) json_encode($footer->toArray()), true)));
        $this->assertSame(7, $footer->toArray()['later']);
    }
}
