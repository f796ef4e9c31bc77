<?php

namespace Tests\Core;

use InkyCard\Footer\FooterLink;
use InkyCard\Footer\TokenMarks;
use InkyCard\Footer\TokenStyle;
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
}
