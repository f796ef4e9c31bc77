<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\CardLink;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Import\HtmlSource;
use InkyCard\Layout\Sheet;
use InkyCard\Link\LinkedWords;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A live phrase inside a sentence (needs D19, D20, A11). */
final class LinkedWordsTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{string, ?string}>}> as typed, as kept in parts */
    public static function sentences(): iterable
    {
        yield 'none' => ['Tuesdays to Saturdays', [['Tuesdays to Saturdays', null]]];
        yield 'in the middle' => ['Come and [see it](quillfern.example/open) soon', [
            ['Come and ', null], ['see it', 'https://quillfern.example/open'], [' soon', null],
        ]];
        yield 'twice' => ['[A](a.example) [B](mailto:b@c.example)', [
            ['A', 'https://a.example/'], [' ', null], ['B', 'mailto:b@c.example'],
        ]];
        yield 'a number' => ['or [ring](+44 1632 960147)', [['or ', null], ['ring', 'tel:+441632960147']]];
        yield 'brackets in an address' => ['[x](a.example/b_(c))', [['x', 'https://a.example/b_%28c%29']]];
        yield 'brackets alone' => ['[sic] (really) [your name]', [['[sic] (really) [your name]', null]]];
    }

    /** @param  list<array{string, ?string}>  $parts */
    #[DataProvider('sentences')]
    public function test_words_in_brackets_lead_to_the_address_behind_them(string $typed, array $parts): void
    {
        $kept = LinkedWords::parse($typed, 'GB');
        $this->assertSame($parts, array_map(fn (array $part) => [$part[0], $part[1] === 'https://a.example'
            ? 'https://a.example/' : $part[1]], LinkedWords::parts($kept)));
        $this->assertSame($kept, LinkedWords::parse($kept, 'GB'), 'what is kept reads the same');
        $this->assertSame(implode('', array_column($parts, 0)), LinkedWords::words($kept));
    }

    /** @return iterable<string, array{string}> */
    public static function unreadable(): iterable
    {
        foreach (['', 'javascript:alert(1)', 'not-an-address', 'http://'] as $address) {
            yield $address => ["See [this]($address)"];
        }
    }

    #[DataProvider('unreadable')]
    public function test_an_address_that_is_none_is_said_with_its_words(string $typed): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessageMatches('/^Behind \[this\]: /');
        LinkedWords::parse($typed, 'GB');
    }

    public function test_the_phrase_is_live_in_html_plain_text_and_the_list_of_links(): void
    {
        foreach (['line' => 'value', 'notice' => 'text', 'tagline' => 'text', 'quote' => 'text'] as $kind => $field) {
            $card = self::card($kind, [$field => 'Bare roots from [our list](quillfern.example/list) until March']);
            $sheet = Sheet::of($card);
            $html = (new HtmlComposer(Samples::pictures()))->compose($sheet);
            $this->assertMatchesRegularExpression('#Bare roots from <a href="https://quillfern.example/list"#', $html);
            $this->assertStringContainsString(
                'from our list (https://quillfern.example/list) until March',
                (string) preg_replace('/\s+/', ' ', PlainTextComposer::compose($sheet)),
            );
            $this->assertSame(['our list'], array_column(CardLink::all($card), 'words'), $kind);
            $this->assertStringNotContainsString('](', $card->pieces[1]->summary());
        }
    }

    public function test_what_is_pasted_keeps_its_phrase_in_place(): void
    {
        $facts = HtmlSource::facts('<p><b>Maren Oakhollow</b></p><p>Quillfern Garden Studio</p>'
            .'<p>This autumn we are <a href="https://quillfern.example/open">opening three gardens</a> to visitors</p>'
            .'<p style="font-size:10px">This message is confidential and may be privileged. Read our '
            .'<a href="https://quillfern.example/privacy">privacy notice</a> before you answer.</p>', 'GB');
        $said = [];
        foreach ($facts as $fact) {
            $said[$fact->kind] = $fact->fields['value'] ?? $fact->fields['text'] ?? '';
        }
        $this->assertSame(
            'This autumn we are [opening three gardens](https://quillfern.example/open) to visitors', $said['tagline'],
        );
        $this->assertStringContainsString('[privacy notice](https://quillfern.example/privacy)', $said['notice']);
    }

    /** @param  array<string, string>  $fields */
    private static function card(string $kind, array $fields): Card
    {
        return CardJson::read(['format' => CardJson::FORMAT, 'name' => 'A card', 'pieces' => [
            ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']],
            ['id' => 'p', 'kind' => $kind, 'fields' => $fields],
        ]]);
    }
}
