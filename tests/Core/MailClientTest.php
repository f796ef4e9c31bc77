<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;
use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Message;
use InkyCard\MailClient\Reader;
use InkyCard\MailClient\Reading;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MailClientTest extends TestCase
{
    private const WORD = ['word-desktop', 'word-desktop-120'];

    private const STRICT = ['strict-webmail', 'phone-webmail-app'];

    private const TOLERANT = ['tolerant-webmail', 'dark-webmail', 'new-desktop', 'quoted-reply'];

    /**
     * Foreign mail HTML: what a client without it in its list still shows, and which do not.
     *
     * @return iterable<string, array{string, string, list<string>, string}> html, what is left of it where it is kept,
     *     stand-ins it is gone in, what the change is about
     */
    public static function features(): iterable
    {
        yield 'rounded corners' => [
            '<div style="border-radius:6px">x</div>', 'border-radius:6px', self::WORD, 'border-radius',
        ];
        yield 'widest width' => ['<div style="max-width:300px">x</div>', 'max-width:300px', self::WORD, 'max-width'];
        yield 'widest width of a table' => [
            '<table style="max-width:300px"><tr><td>x</td></tr></table>', 'max-width:3', [], 'max-width',
        ];
        yield 'least width' => [
            '<table style="min-width:200px"><tr><td>x</td></tr></table>', 'min-width', self::WORD, 'min-width',
        ];
        yield 'room in a paragraph' => ['<p style="padding:8px">x</p>', 'padding:8px', self::WORD, 'padding'];
        yield 'room in a cell' => ['<table><tr><td style="padding:0">x</td></tr></table>', 'padding:0', [], 'padding'];
        yield 'width of a division' => ['<div style="width:200px">x</div>', 'width:200px', self::WORD, 'width'];
        yield 'negative margin' => [
            '<div style="margin:0 0 0 -8px">x</div>', 'margin:0 0 0 -8px',
            [...self::WORD, ...self::STRICT, ...self::TOLERANT], 'margin',
        ];
        yield 'a picture behind words' => [
            '<td><div style="background:#fff url(https://q.example/a.png)">x</div></td>', 'url(',
            [...self::WORD, ...self::STRICT, 'open-desktop-dark'], 'background',
        ];
        yield 'background attribute' => [
            '<table background="https://q.example/a.png"><tr><td>x</td></tr></table>', 'background="https',
            [...self::WORD, ...self::STRICT], 'background',
        ];
        yield 'gradient' => [
            '<div style="background:linear-gradient(#fff,#000)">x</div>', 'gradient',
            [...self::WORD, ...self::TOLERANT, 'phone-forced-dark', 'open-desktop-dark'], 'background',
        ];
        yield 'shadow' => [
            '<div style="box-shadow:0 0 2px #000">x</div>', 'box-shadow', [...self::WORD, ...self::STRICT],
            'box-shadow',
        ];
        yield 'placing' => [
            '<div style="position:absolute">x</div>', 'position',
            [...self::WORD, ...self::STRICT, ...self::TOLERANT, 'phone-forced-dark'], 'position',
        ];
        yield 'turning' => [
            '<div style="transform:rotate(3deg)">x</div>', 'transform',
            [...self::WORD, ...self::STRICT, ...self::TOLERANT, 'phone-forced-dark'], 'transform',
        ];
        yield 'floating' => ['<div style="float:left">x</div>', 'float', [...self::WORD, 'phone-forced-dark'], 'float'];
        yield 'flexible columns' => [
            '<div style="display:flex">x</div>', 'display:flex', [...self::WORD, 'phone-webmail-app'], 'display',
        ];
        yield 'colour with spaces' => [
            '<b style="letter-spacing:1px;color:rgb(1 2 3)">x</b>', 'letter-spacing', self::STRICT, 'style',
        ];
        yield 'colour of a newer kind' => [
            '<b style="letter-spacing:1px;color:oklch(50% 0.1 20)">x</b>', 'letter-spacing', self::STRICT, 'style',
        ];
        yield 'see-through colour' => [
            '<b style="color:rgba(1,2,3,.5)">x</b>', 'rgba',
            [...self::WORD, 'dark-webmail', 'open-desktop-dark', 'phone-forced-dark'], 'color',
        ];
        yield 'relative size' => ['<b style="font-size:1.2rem">x</b>', 'rem', self::WORD, 'font-size'];
        yield 'named elements' => [
            '<div class="sig" id="me">x</div>', 'class="sig"',
            [...self::STRICT, 'phone-forced-dark', 'quoted-reply', 'campaign-frame'], 'class',
        ];
        yield 'new window' => [
            '<a href="https://q.example" target="_blank">x</a>', 'target=',
            [...self::STRICT, ...self::TOLERANT, 'open-desktop', 'open-desktop-dark', 'phone-forced-dark'], 'target',
        ];
        yield 'submit button' => [
            '<button type="submit">x</button>', '<button',
            [...self::WORD, ...self::STRICT, ...self::TOLERANT, 'campaign-frame'], '<button>',
        ];
        yield 'picture set' => [
            '<img src="https://q.example/a.png" srcset="https://q.example/b.png 2x" alt="A" width="9" height="9">',
            'srcset', [...self::WORD, ...self::STRICT, ...self::TOLERANT, 'phone-forced-dark', 'pictures-blocked'],
            'srcset',
        ];
        yield 'picture inside' => [
            '<img src="data:image/png;base64,AAAA" alt="A" width="9" height="9">', 'src="data:',
            [...self::WORD, ...self::STRICT, 'campaign-frame', 'pictures-blocked'], 'data png picture',
        ];
        yield 'drawing' => [
            '<img src="https://q.example/a.svg" alt="A" width="9" height="9">', 'a.svg',
            [...self::WORD, ...self::STRICT, 'phone-forced-dark', 'pictures-blocked'], 'svg picture',
        ];
        yield 'style sheet' => [
            '<style>.a{color:red}</style><p class="a">x</p>', '<style>', [...self::STRICT, 'campaign-frame'], '<style>',
        ];
        yield 'a number' => [
            '<p>Ring +44 1632 960147 today</p>', 'Ring +44 1632 960147 today', ['webkit-desktop', 'phone-webkit'],
            'found link',
        ];
        yield 'a linked number' => [
            '<p><a href="tel:+441632960147">+44 1632 960147</a></p>', '>+44 1632 960147<', [], 'found link',
        ];
        yield 'a table of old' => [
            '<table bgcolor="#ffffff" align="center" cellpadding="4"><tr><td valign="top"><font color="#000000" '
                .'size="2">x</font></td></tr></table>',
            'align="center" cellpadding="4"',
            [],
            'align',
        ];
    }

    /** @param  list<string>  $gone */
    #[DataProvider('features')]
    public function test_every_stand_in_keeps_or_drops_a_feature_and_says_so(
        string $html,
        string $kept,
        array $gone,
        string $what,
    ): void {
        foreach (MailClient::all() as $key => $client) {
            if ($client->form === 'text') {
                continue;
            }
            $reading = Reader::read($client, $html);
            $this->assertSame(
                ! in_array($key, $gone, true),
                str_contains($reading->html(), $kept),
                "$key: ".$reading->html(),
            );
            if (in_array($key, $gone, true) && ! $client->isDark()) {
                $told = array_column($reading->changes, 'what');
                $this->assertTrue(
                    in_array($what, $told, true) || ($client->pictures === 'boxes' && in_array('picture', $told, true)),
                    "$key tells of $what: ".implode(', ', $told),
                );
            }
        }
    }

    public function test_our_own_cards_lose_little_anywhere_and_changes_name_their_pieces(): void
    {
        $card = Samples::card();
        foreach (MailClient::all() as $key => $client) {
            $reading = self::read($client, $card);
            $harms = array_map(fn (Change $change) => "$change->what $change->piece", $reading->harms());
            $this->assertSame(
                match (true) {
                    in_array($key, self::WORD, true) => ['border-radius p9'],
                    $key === 'open-desktop-dark' => ['background-color p9'],
                    default => [],
                },
                $harms,
                $key,
            );
            foreach ($reading->changes as $change) {
                $this->assertSame(
                    [true, true],
                    [$change->times > 0, $change->says !== '' && $change->source->says() !== ''],
                );
            }
            foreach (['Maren Oakhollow', 'Quillfern & Co', 'Book a visit'] as $words) {
                $this->assertStringContainsString($words, $reading->words(), $key);
            }
            $this->assertStringContainsString(
                'data-piece="p9"',
                $client->form === 'text' ? 'data-piece="p9"' : $reading->html(marked: true),
            );
            $this->assertStringNotContainsString('data-', $reading->html());
        }
    }

    public function test_the_word_engine_reads_what_is_written_for_it_and_draws_its_shape(): void
    {
        $card = (new \InkyCard\Card\Edit\Restyle(['button' => ['word' => true]]))->apply(Samples::card());
        foreach (MailClient::all() as $key => $client) {
            $this->assertSame(
                1,
                substr_count(self::read($client, $card)->words(), 'Book a visit'),
                "$key shows it once",
            );
        }
        $reading = self::read(MailClient::of('word-desktop'), $card);
        $this->assertSame([], $reading->harms());
        $this->assertMatchesRegularExpression(
            '/<a href="https:\/\/quillfern.example\/book" style="display:inline-block[^"]*border-radius:[\d.]+px/',
            $reading->html(),
        );
        $conditions
            = '<!--[if gte mso 9]><i>new</i><![endif]--><!--[if (mso)&(lt mso 12)]><i>old</i><![endif]--><!--[if '
                .'!mso]><!--><i>others</i><!--<![endif]--><!--[if IE]><i>browser</i><![endif]-->';
        $this->assertSame(
            ['new', 'others'],
            [
                Reader::read(MailClient::of('word-desktop'), $conditions)->words(),
                Reader::read(MailClient::of('tolerant-webmail'), $conditions)->words(),
            ],
        );
    }

    public function test_dark_stand_ins_show_colours_that_read(): void
    {
        foreach (['dark-webmail', 'open-desktop-dark'] as $key) {
            $html = self::read(MailClient::of($key), Samples::card())->html();
            $this->assertStringNotContainsString('color:#222222', $html, $key);
        }
        $foreign
            = '<table bgcolor="#ffffff"><tr><td style="background:#ffffff;color:#222;border-left:2px solid '
                .'#222"><font color="#222222">x</font> <b>y</b></td></tr></table>';
        $reading = Reader::read(MailClient::of('phone-forced-dark'), $foreign);
        $this->assertDoesNotMatchRegularExpression('/#fff|#222/', $reading->html());
        $this->assertNotEquals('#ffffff', $reading->page->hex);
        $this->assertStringNotContainsString('bgcolor', Reader::read(MailClient::of('open-desktop-dark'),
            $foreign)->html());
    }

    /** As the program itself does it (tests/Browser/OpenDesktopTest.php): style as sent, style as it is shown. */
    public function test_the_open_desktop_takes_away_what_its_dark_page_cannot_carry(): void
    {
        foreach (
            [
                'color:#26332b' => '', 'color:#ffffff' => 'color:#ffffff', 'color:gold' => 'color:gold',
                'background-color:#f4efe4;color:#26332b' => '',
                'background-color:#2c6cb1;color:#ffffff' => 'color:#ffffff',
                'background:#203a5c;color:#ffffff' => 'background:#203a5c;color:#ffffff',
                'background-color:#2c6cb1' => 'background-color:#2c6cb1',
                'background-color:rgba(0,0,0,.1);color:#26332b' => 'background-color:rgba(0,0,0,.1)',
            ] as $sent => $shown
        ) {
            $read = Reader::read(MailClient::of('open-desktop-dark'), "<p style=\"$sent\">Words</p>")->html();
            preg_match('/<p(?: style="([^"]*)")?>/', $read, $style);
            $this->assertSame($shown, $style[1] ?? '', $sent);
        }
    }

    public function test_blocked_pictures_leave_boxes_of_their_size_with_their_words(): void
    {
        $html = self::read(MailClient::of('pictures-blocked'), Samples::card())->html();
        $this->assertStringNotContainsString('<img', $html);
        $this->assertMatchesRegularExpression('/width:24px;height:24px[^>]*>LinkedIn</', $html);
        $bare = Reader::read(MailClient::of('pictures-blocked'), '<img src="https://q.example/a.png" width="20" '
            .'height="10">');
        $this->assertTrue($bare->changes[0]->harms, 'without words readers miss it');
    }

    public function test_length_and_weight_are_measured_and_text_is_the_text_part(): void
    {
        $long = '<p>'.str_repeat('word ', 2100).'</p>';
        $this->assertSame(['length'], array_column(Reader::read(MailClient::of('strict-webmail'), $long)->harms(),
            'what'));
        $this->assertSame(
            ['length', 'weight'],
            array_column(Reader::read(MailClient::of('strict-webmail'), str_repeat($long, 11))->harms(), 'what'),
        );
        $this->assertSame(
            '<pre style="margin:0;font:13px/19px monospace;white-space:pre-wrap">As &lt;text&gt;</pre>',
            Reader::read(MailClient::of('plain-text'), new Message('<p>As HTML</p>', "As <text>\n"))->html(),
        );
        $this->assertSame(
            "One\ntwo three",
            Reader::read(MailClient::of('plain-text'), '<div>One</div><p>two <b>three</b></p>')->words(),
        );
        $this->assertStringContainsString('<blockquote', Reader::read(MailClient::of('quoted-reply'), 'x')->html());
        $this->assertStringContainsString(
            '16.25px',
            Reader::read(MailClient::of('word-desktop-120'), '<td style="font-size:13px">x</td>')->html(),
        );
    }

    public function test_every_rule_says_where_it_comes_from(): void
    {
        $this->assertGreaterThanOrEqual(14, count(MailClient::all()));
        foreach (MailClient::all() as $key => $client) {
            foreach ($client->rules as $rule) {
                $this->assertTrue(
                    $rule['from'] === 'guess'
                        || (is_array($rule['from']) && preg_match('/^\d{4}-\d\d-\d\d$/', $rule['from'][1]) === 1),
                    "$key: ".json_encode($rule),
                );
                $this->assertNotSame('', $rule['says']);
            }
        }
        $this->expectException(Refusal::class);
        MailClient::of('no-such-thing');
    }

    /** @return iterable<string, array{string}> */
    public static function hostile(): iterable
    {
        yield 'nothing' => [''];
        yield 'script' => ['<script>alert(1)</script><p onclick="alert(1)" onmouseover=alert(1)>x</p>'];
        yield 'addresses that run' => [
            "<a href=\"java\tscript:alert(1)\">x</a><a href=' &#106;avascript:alert(1)'>y</a><img "
                .'src="javascript:alert(1)"><a href="vbscript:x">z</a><a href="data:text/html,<script>'
                    .'alert(1)</script>">w</a>',
        ];
        yield 'styles that run' => [
            '<div style="width:expression(alert(1));background:url(javascript:alert(1));behavior:url(x);'
                .'-moz-binding:url(y)">x</div><style>a{background:url(javascript:alert(1))} @import "x";</style>'
                    .'<style></style><script>alert(1)</script>',
        ];
        yield 'escapes of CSS' => [
            '<div style="w\69 dth:e\78pression(alert(1));\62 ackground:u\72l(java\73 cript:alert(1))">x</div>',
        ];
        yield 'broken nesting' => [
            '<table><b><tr></b><td><p><div></p></table></td><i></b></table><a href=x><a href=y>',
        ];
        yield 'null bytes' => ["<scr\0ipt>alert(1)</scr\0ipt><p\0 on\0click=\"alert(1)\">x</p>"];
        yield 'wrong character set' => ["<meta charset=utf-16><p>caf\xe9 \xff\xfe</p>"];
        yield 'conditions never closed' => ['a<!--[if mso]><p>b'.str_repeat('<!--[if mso]>', 2000)];
        yield 'comments never closed' => ['a<!-- b <script>alert(1)</script>'];
        yield 'deep tables' => [str_repeat('<table><tr><td>', 10_000).'x'];
        yield 'deep lists' => [str_repeat('<ul><li>', 5_000).'x'];
        yield 'pictures and frames' => [
            '<svg onload=alert(1)><script>alert(1)</script></svg><math><mi '
                .'xlink:href="javascript:alert(1)">x</mi></math><iframe '
                .'srcdoc="<script>alert(1)</script>"></iframe><object data=x></object><embed src=x>',
        ];
        yield 'quotes in attributes' => [
            '<p title="&quot;&gt;&lt;script&gt;alert(1)&lt;/script&gt;" '
                .'style="font-family:\'a&quot;b\';color:red">x</p>',
        ];
        yield 'long declarations' => ['<p style="'.str_repeat('a:b(', 5_000).'">x</p>'];
        yield 'one long word' => ['<p>'.str_repeat('1234567 ', 20_000).'</p>'];
        yield 'forms' => [
            '<form action="javascript:alert(1)"><input autofocus onfocus=alert(1)><button '
                .'formaction="javascript:alert(1)">x</button></form><base href="javascript:/a/"><meta '
                .'http-equiv=refresh content="0;url=javascript:alert(1)">',
        ];
    }

    #[DataProvider('hostile')]
    public function test_no_script_survives_and_nothing_throws(string $html): void
    {
        $message = new Message($html);
        foreach (MailClient::all() as $key => $client) {
            $read = Reader::read($client, $message)->html(marked: true);
            // Within words and quoted values it is text; what must not be there are elements, handlers and addresses
            // that run.
            $this->assertDoesNotMatchRegularExpression(
                '~<(?:script|iframe|object|embed|svg|math|base|meta|link|input)\b|<[^>]*\son\w+\s*=(?![^<>]*")'
                    .'|(?:href|src|action)="\s*(?:java|vb)script|expression\s*\(|url\(\s*["\']?javascript|'
                        .'behavior\s*:~i',
                $read,
                $key,
            );
            $this->assertTrue(mb_check_encoding($read, 'UTF-8'));
        }
    }

    public function test_a_large_foreign_file_is_read_in_bounds(): void
    {
        $row
            = '<table width="600" style="background:#fff"><tr><td style="padding:10px;font:14px/20px '
                .'Arial;color:#333" class="a">Some words <a href="https://q.example/a" '
                .'style="color:#b4502c">link</a> <img src="https://q.example/a.png" width=20 height=20 '
                .'alt=A></td></tr></table>';
        $html = str_repeat($row, (int) (1_000_000 / strlen($row)));
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $this->assertGreaterThan(800_000, strlen(Reader::read(MailClient::of('word-desktop'), $html)->html()));
        $this->assertLessThan(96_000_000, memory_get_peak_usage() - $before);
    }

    private static function read(MailClient $client, Card $card): Reading
    {
        return Reader::read($client, new Message(
            (new HtmlComposer(Samples::pictures(), named: true))->compose(Sheet::of($card)),
            \InkyCard\Compose\PlainTextComposer::compose(Sheet::of($card)),
        ),
        );
    }
}
