<?php

namespace Tests\Core;

use InkyCard\Card\Kind\Kinds;
use InkyCard\Markup\MailDocument;
use InkyCard\Markup\OwnMarkup;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Markup of somebody's own keeps its words and, where mail can, its look; what was changed is told. */
final class OwnMarkupTest extends TestCase
{
    /** Every element of the HTML Standard that has words of its own, those it made obsolete, and two of others. */
    private const ELEMENTS = 'a abbr acronym address applet article aside audio b bdi bdo big blink blockquote button '
        .'canvas center cite code data dd del details dfn dialog dir div dl dt em fieldset figcaption figure font '
        .'footer form h1 h2 h3 h4 h5 h6 header hgroup i ins kbd label legend li listing main map mark marquee menu '
        .'meter nav nobr noscript object ol optgroup option output p pre progress q rb rp rt rtc ruby s samp search '
        .'section select slot small span strike strong sub summary sup table tbody td textarea tfoot th thead time tr '
        .'tt u ul var video xmp o:p my-own';

    /** @return iterable<string, array{string}> */
    public static function elements(): iterable
    {
        foreach (explode(' ', self::ELEMENTS) as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('elements')]
    public function test_an_element_keeps_its_words_and_says_what_it_became(string $name): void
    {
        $own = OwnMarkup::clean("<b>Before</b> <$name>Open garden day</$name>");
        $words = str_replace(['“', '”'], '', MailDocument::parse($own->html)->body->words());
        $this->assertSame('Before Open garden day', preg_replace('/\s+/', ' ', $words));
        $this->assertSame([], $own->dropped);
        $kept = str_contains($own->html, "<$name>");
        $this->assertSame($kept ? [] : ["<$name>"], array_keys($own->rewritten));
        $again = OwnMarkup::clean($own->html);
        $this->assertSame([$own->html, [], []], [$again->html, $again->dropped, $again->rewritten]);
    }

    /** @return iterable<string, array{string, string, list<string>}> given, kept, dropped */
    public static function looks(): iterable
    {
        yield 'old presentation' => [
            '<center><font color="#900" size="+2" face="Georgia">Open garden day</font></center><h3>Book now</h3>',
            '<div style="text-align:center"><span style="font-size:24px;color:#900;font-family:Georgia">Open garden '
                .'day</span></div><p style="font-weight:bold;font-size:1.17em">Book now</p>', [],
        ];
        yield 'its own look counts' => [
            '<h1 style="font-size:12px">a</h1>', '<p style="font-weight:bold;font-size:12px">a</p>', [],
        ];
        yield 'a table of old' => [
            '<table width=300 bgcolor="#eee"><caption>C</caption><tr><th colspan=2>H</th><td>x</td></tr></table>',
            '<table width="300" bgcolor="#eee"><tr><td colspan="2" style="text-align:center">C</td></tr><tr><td '
                .'colspan="2" style="font-weight:bold;text-align:center">H</td><td>x</td></tr></table>', [],
        ];
        yield 'typed as it stands' => [
            "<pre>a  b\nc</pre>", "<div style=\"font-family:monospace\">a\u{A0} b<br />c</div>", [],
        ];
        yield 'a picture of no size says what it shows' => [
            '<img src="https://x.example/a.png" alt="A &amp; B">!', 'A &amp; B!', ['<img> without address and size'],
        ];
        yield 'an address as people write it' => [
            '<a href="quillfern.example/may">May</a>', '<a href="https://quillfern.example/may">May</a>', [],
        ];
        yield 'an address that leads nowhere' => [
            '<a href="javascript:x()">a</a>', '<a>a</a>', ['the address of a link, javascript:x()'],
        ];
        yield 'what runs' => [
            '<script>x()</script><p onclick="x()" class="y" style="color:red;position:fixed">a</p><style>p{}</style>',
            '<p style="color:red">a</p>', ['position', '<script>', 'onclick', 'class', '<style>'],
        ];
        yield 'what a program of Word hides' => ['a<!--[if mso]>Word<![endif]--><![if !mso]>b<![endif]>', 'ab', []];
    }

    /** @param  list<string>  $dropped */
    #[DataProvider('looks')]
    public function test_its_look_is_carried_over(string $given, string $kept, array $dropped): void
    {
        $own = OwnMarkup::clean($given);
        $this->assertSame([$kept, $dropped], [$own->html, $own->dropped]);
    }

    /** Nested as anybody nests it, no word is lost, and what is kept stays as it is. */
    public function test_no_word_is_lost_in_any_nesting(): void
    {
        mt_srand(15);
        $names = explode(' ', self::ELEMENTS);
        for ($round = 0; $round < 300; $round++) {
            $html = '';
            $words = $open = [];
            for ($step = 0; $step < 24; $step++) {
                if (mt_rand(0, 2) === 0 && $open !== []) {
                    $html .= '</'.array_pop($open).'>';
                } elseif (! in_array(end($open), ['textarea', 'xmp'], true)) {
                    $html .= '<'.($open[] = $names[mt_rand(0, count($names) - 1)]).'>';
                }
                $html .= $words[] = "w$step.";
            }
            $own = OwnMarkup::clean($html);
            $said = MailDocument::parse($own->html)->body->words();
            foreach ($words as $word) {
                $this->assertStringContainsString($word, $said, $html);
            }
            $again = OwnMarkup::clean($own->html);
            $this->assertSame([$own->html, []], [$again->html, $again->dropped], $html);
        }
    }

    public function test_the_markup_as_it_was_typed_stays_beside_what_became_of_it(): void
    {
        $kind = Kinds::of('html');
        $given = '<center>Open</center><script>x</script>';
        $first = $kind->accept(['html' => $given], 'GB');
        $this->assertSame($given, $first['given']);
        $this->assertSame(['<center> → <div style="text-align:center">'], $first['rewritten']);
        $this->assertSame(['<script>'], $first['dropped']);
        $this->assertSame($first, $kind->accept($first, 'GB'));
        $changed = $kind->accept(['html' => '<b>Other</b>'] + $first, 'GB');
        $this->assertSame(['html' => '<b>Other</b>', 'dropped' => [], 'rewritten' => [], 'given' => ''], $changed);
    }
}
