<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Footer\Footer;
use InkyCard\Footer\TokenStyle;
use InkyCard\Letter\LetterBlock;
use InkyCard\Letter\LetterCard;
use InkyCard\Letter\LetterDocument;
use InkyCard\Letter\LetterText;
use InkyCard\Proof\Proof;
use InkyCard\Proof\Subject;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Letters around a card: a small part of CommonMark, composed and proofed as cards are. */
final class LetterTest extends TestCase
{
    private const BODY = "# The list is out\n\nDear {{first_name|friend}},\n\nit is **here**, and *good*: [see it]"
        ."({{list_url}}) or [our garden](quillfern.example/visits).\n\n- Hedges\n- Fruit\n  1. Apples\n  2. Pears\n\n"
        ."> Nothing died.\n\n---\n\nSee you.";

    /** @param  array<string, mixed>  $more */
    private static function letter(array $more = [], string $style = 'double-braces'): LetterDocument
    {
        return LetterDocument::of($more + [
            'subject' => 'The list is out', 'body' => self::BODY,
            'call' => ['words' => 'Choose yours', 'address' => 'https://quillfern.example/list?for={{id}}'],
            'preview' => 'For {{first_name|you}} & yours',
            'picture' => 'sample:banner-shelves', 'alt' => 'Shelves', 'ratio' => 0.2,
        ], TokenStyle::of($style));
    }

    private static function footer(): Footer
    {
        return Footer::of([
            'name' => 'F', 'why' => 'You asked, {{first_name|friend}}.', 'firm' => 'Quillfern, 4 Mallow Lane',
            'unsubscribe' => ['words' => 'Unsubscribe', 'address' => '{{unsubscribe_url}}'],
        ]);
    }

    public function test_words_become_blocks_and_nothing_else(): void
    {
        $blocks = LetterText::read(strtr(self::BODY, ['{{list_url}}' => 'quillfern.example/list']), 'GB');
        $this->assertSame(
            ['heading', 'paragraph', 'paragraph', 'item', 'item', 'item', 'item', 'quote', 'rule', 'paragraph'],
            array_column($blocks, 'kind'),
        );
        $this->assertSame(['•', '•', '1.', '2.'], array_values(array_filter(array_column($blocks, 'mark'))));
        $said = fn (LetterBlock $block): string => implode('', array_column($block->runs, 'text'));
        $this->assertSame('See you.', $said($blocks[9]));
        $odd = LetterText::read("<script>alert(1)</script>\n\nA <b>bold</b> ![picture](x.png) `code`\n\n    indented"
            ."\n\n```\nfenced\n```", 'GB');
        $words = implode(' ', array_map($said, $odd));
        foreach (['alert(1)', '<b>', 'picture', 'code', 'indented', 'fenced'] as $kept) {
            $this->assertStringContainsString($kept, $words);
        }
        $this->assertSame([], LetterText::read(" \n\n", 'GB'));
    }

    public function test_a_letter_is_composed_with_its_tokens_and_for_a_recipient(): void
    {
        foreach ([null, self::footer()] as $footer) {
            $letter = new LetterCard(self::letter(), Samples::card(), $footer);
            [$html, $text] = [$letter->html(Samples::pictures()), $letter->text()];
            foreach (['Dear {{first_name|friend}},', 'for={{id}}"', '<a href="https://quillfern.example/visits"',
                '• ', '1. ', 'Choose yours', 'Maren Oakhollow'] as $there) {
                $this->assertStringContainsString($there, $html);
            }
            $this->assertStringContainsString('href="{{list_url}}"', $html);
            $this->assertStringContainsString('>For {{first_name|you}} &amp; yours</div>', $html);
            $this->assertStringNotContainsString('& yours', $text);
            $this->assertStringContainsString('see it ({{list_url}})', strtr($text, ["\n" => ' ']));
            $this->assertSame($footer === null, str_contains($text, "-- \n"));
            $this->assertDoesNotMatchRegularExpression('/[\x{FDD0}-\x{FDEF}]|<script/u', $html.$text);
            [$own, $plain] = $letter->for(Samples::pictures(), [
                'first_name' => 'Ida <i>', 'list_url' => 'https://q.example/l', 'id' => '7',
                'unsubscribe_url' => 'https://q.example/u',
            ]);
            $this->assertStringContainsString('Dear Ida &lt;i&gt;,', $own);
            $this->assertStringContainsString('href="https://q.example/l"', $own);
            $this->assertStringContainsString('Dear Ida <i>,', $plain);
            $this->assertStringNotContainsString('{{', $own.$plain);
            foreach ([null, ['list_url' => 'javascript:alert(1)']] as $values) {
                foreach ($letter->as($values) as $card) {
                    $subject = new Subject($card, Brand::of([]), Day::parse('2027-03-01'), Samples::pictures());
                    $this->assertGreaterThan(50, Proof::of($subject)->without('token-left')->score());
                }
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no subject' => [['subject' => ' '], '/subject'];
        yield 'a link to nowhere' => [['body' => '[x](javascript:alert(1))'], '/body'];
        yield 'inside' => [['body' => '[x](http://127.0.0.1/a)'], '/body'];
        yield 'too long' => [['body' => str_repeat('word ', 5000)], '/body'];
        yield 'too many' => [['body' => str_repeat("p\n\n", 200)], '/body'];
        yield 'a call to nowhere' => [['call' => ['words' => 'x', 'address' => 'nowhere']], '/call/address'];
        yield 'a picture that is none' => [['picture' => 'ftp://x'], '/picture'];
    }

    /** @param  array<string, mixed>  $more */
    #[DataProvider('wrong')]
    public function test_what_is_not_acceptable_is_refused_where_it_stands(array $more, string $path): void
    {
        try {
            self::letter($more);
            $this->fail('taken');
        } catch (Refusal $refusal) {
            $this->assertSame($path, $refusal->path);
        }
    }

    /** Whatever is written, it is read in time, and composes. */
    public function test_odd_letters_compose(): void
    {
        foreach ([str_repeat('> ', 500).'deep', str_repeat('- ', 300).'x', str_repeat('*', 5000),
            '['.str_repeat('(', 3000), "\u{202E}abc\u{0}\u{7f}", str_repeat("1. a\n", 60), 'שלום **עולם**',
            '&amp;lt; &#x3c;'] as $odd) {
            $letter = new LetterCard(self::letter(['body' => $odd]), Samples::card());
            $this->assertStringContainsString('Maren Oakhollow', $letter->html(Samples::pictures()));
        }
        $this->assertEquals(self::letter(), LetterDocument::of(
            (array) json_decode((string) json_encode(self::letter()->toArray()), true), TokenStyle::of('double-braces'),
        ));
    }
}
