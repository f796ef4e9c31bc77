<?php

namespace Tests\Core;

use InkyCard\Card\CardJson;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Import\HtmlSource;
use InkyCard\Layout\Sheet;
use InkyCard\Markup\BoundedMarkup;
use InkyCard\Markup\MailDocument;
use InkyCard\Markup\OpenElements;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Fuzz\Shapes;

/** What is foreign is cut to bounds before a tree is made of it, and only then. */
final class MarkupTest extends TestCase
{
    public function test_no_tree_is_deeper_than_its_bound_whatever_closes_what(): void
    {
        $deepest = 0;
        foreach (range(0, 120) as $number) {
            $deepest = max($deepest, self::depth(MailDocument::dom(Shapes::of('html', $number, 40_000))));
        }
        // The document, its elements html and body, and one that cannot hold others.
        $this->assertGreaterThan(OpenElements::DEPTH, $deepest);
        $this->assertLessThanOrEqual(OpenElements::DEPTH + 4, $deepest);
    }

    public function test_a_card_is_the_same_to_a_parser_within_bounds(): void
    {
        foreach (range(1, 40) as $seed) {
            $card = CardJson::read(Samples::document($seed));
            $html = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
            $bounded = BoundedMarkup::of($html);
            $this->assertSame([], $bounded->over());
            $this->assertSame($bounded->html(), BoundedMarkup::of($bounded->html())->html());
            $plain = (string) preg_replace(['/<!--.*?-->/s', '~ />~'], ['', '>'], $html);
            $this->assertSame($plain, $bounded->html(), "card $seed");
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function tags(): iterable
    {
        yield 'values without quotes' => ['<a href=x/y title=it\'s>a</a>', '<a href="x/y" title="it\'s">a</a>'];
        yield 'single quotes' => ['<p title=\'a "b" > c\'>a', '<p title="a &quot;b&quot; > c">a'];
        yield 'twice the same' => ['<p id=a ID=b>', '<p id="a">'];
        yield 'no value' => ['<td nowrap>', '<td nowrap="">'];
        yield 'names that are none' => ['<p "=x <b>y', '<p>y'];
        yield 'no tag' => ['a < b <3 c', 'a &lt; b &lt;3 c'];
        yield 'comments' => ['a<!-- <b> -->b<!-->c<!-- --!>d', 'abcd'];
        yield 'a comment that never ends' => ['a<!-- b', 'a'];
        yield 'a tag that never ends' => ['a<b title="c', 'a'];
        yield 'tags as text' => ['<title><b></title>', '<title>&lt;b></title>'];
        yield 'ends as text' => ['<textarea></p></textarea>', '<textarea>&lt;/p></textarea>'];
        yield 'a script' => ['<script>"</b>"</script >a', '<script>"<\/b>"</script>a'];
        yield 'closed at once' => ['<o:p/>a<br/>', '<o-p></o-p>a<br>'];
        yield 'ends of nothing' => ['a</b></table>c</p>', 'ac<p></p>'];
        yield 'a character set of its own' => ['<meta charset=latin1><meta name=a>', '<meta name="a">'];
    }

    #[DataProvider('tags')]
    public function test_tags_are_written_as_no_parser_misreads_them(string $given, string $written): void
    {
        $this->assertSame($written, BoundedMarkup::of($given)->html());
    }

    public function test_what_is_over_a_bound_is_said_and_the_words_within_stay(): void
    {
        $deep = str_repeat('<div>', 400).'deep'.str_repeat('</div>', 400).'<p>after</p>';
        $document = MailDocument::parse($deep);
        $this->assertSame(['nested more than 250 deep'], $document->over);
        $this->assertSame("deep\nafter", $document->body->words());
        $attributes = implode(' ', array_map(fn (int $number) => "a$number", range(1, 200)));
        $this->assertSame(
            ['more than 100 attributes on one element'], MailDocument::parse("<p $attributes title=b>c")->over,
        );
        $this->assertSame(
            ['more than 30,000 elements'], MailDocument::parse(str_repeat('<br>a', 40_000))->over,
        );
        $this->expectException(Refusal::class);
        HtmlSource::facts($deep, 'GB');
    }

    private static function depth(\DOMNode $node): int
    {
        $deepest = 0;
        $open = [[$node, 0]];
        while (($next = array_pop($open)) !== null) {
            [$node, $depth] = $next;
            $deepest = max($deepest, $depth);
            foreach ($node->childNodes as $child) {
                if ($child instanceof \DOMElement) {
                    $open[] = [$child, $depth + 1];
                }
            }
        }

        return $deepest;
    }
}
