<?php

namespace Tests\Core;

use InkyCard\Handover\Destination;
use InkyCard\Handover\HouseNote;
use InkyCard\Handover\MessageTemplate;
use InkyCard\Handover\MessageWriter;
use InkyCard\Link\CampaignTags;
use InkyCard\Link\Wrapped;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Words that go with cards, and addresses freed of what others put around them. */
final class ReadyMessageTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> words => what its blanks ask for */
    public static function blanks(): iterable
    {
        yield 'none' => ['Dear Perrin, it grew.', []];
        yield 'one, twice' => ['Dear [name], yes, [name].', ['name']];
        yield 'several on several lines' => ["[day] at [time]\n[your name]", ['day', 'time', 'your name']];
        yield 'a footnote is none' => ['As they say [1], and [2-3].', []];
        yield 'an empty one is none' => ['[] and [ ]', []];
        yield 'over a line end it is none' => ["[na\nme]", []];
        yield 'nested, the inner one' => ['[[name]]', ['name']];
        yield 'in other scripts' => ['[שם] [名前] [jméno 2]', ['שם', '名前', 'jméno 2']];
    }

    /** @param  list<string>  $asked */
    #[DataProvider('blanks')]
    public function test_blanks_are_found_by_what_they_ask_for(string $words, array $asked): void
    {
        $this->assertSame($asked, MessageTemplate::blanksIn($words));
        $message = MessageTemplate::of('Name', '', $words);
        $this->assertSame($asked, $message->blanks());
        $filled = (string) preg_replace('/\[[^\[\]\r\n]*\p{L}[^\[\]\r\n]*\]/u', '', $words);
        $this->assertSame([], MessageTemplate::blanksIn($filled));
    }

    /** @return iterable<string, array{mixed, mixed, mixed, string}> name, subject, body => path of the refusal */
    public static function refused(): iterable
    {
        yield 'no name' => ['', 'S', 'B', '/name'];
        yield 'white space for a name' => [" \u{A0}\t", 'S', 'B', '/name'];
        yield 'a name too long' => [str_repeat('é', 81), 'S', 'B', '/name'];
        yield 'a list for a name' => [['x'], 'S', 'B', '/name'];
        yield 'a subject of two lines' => ['N', "One\nBcc: all@b.example", 'B', '/subject'];
        yield 'a carriage return alone' => ['N', "One\rBcc: all@b.example", 'B', '/subject'];
        yield 'a subject too long' => ['N', str_repeat('s', 201), 'B', '/subject'];
        yield 'broken UTF-8' => ['N', 'S', "\xff\xfe", '/body'];
        yield 'a body too long' => ['N', 'S', str_repeat('ü', 20_001), '/body'];
    }

    #[DataProvider('refused')]
    public function test_what_is_no_message_is_refused_beside_its_field(
        mixed $name,
        mixed $subject,
        mixed $body,
        string $path,
    ): void {
        try {
            MessageTemplate::of($name, $subject, $body);
            $this->fail('It was taken.');
        } catch (Refusal $refusal) {
            $this->assertSame($path, $refusal->path);
            $this->assertStringEndsWith('.', $refusal->getMessage());
        }
    }

    public function test_words_keep_their_lines_and_lose_what_is_no_sign(): void
    {
        $this->assertSame(
            ["a\nb\nc\n\nd", str_repeat('ü', 20_000)],
            [
                MessageTemplate::of('N', '', "a\r\nb\rc\n\n\x00\x07d")->body,
                MessageTemplate::of('N', '', str_repeat('ü', 20_000))->body,
            ],
        );
        $this->assertSame(
            'One',
            MessageTemplate::of('N', " One \n", '')->subject,
            'a line end behind it is none within',
        );
        foreach (
            [
                "Dear <b>\n\n1. one\n2. two\n\n\n \n& more" => ['Dear &lt;b&gt;', '1. one<br>2. two', '&amp; more'],
                '' => [], "\n\n" => [], 'one' => ['one'],
            ] as $words => $paragraphs
        ) {
            preg_match_all('~<p style="[^"]+">(.*?)</p>~s', MessageWriter::paragraphs((string) $words), $found);
            $this->assertSame($paragraphs, $found[1]);
        }
    }

    public function test_a_house_note_goes_with_directions_and_leads_to_the_web_alone(): void
    {
        $note = HouseNote::of(' films.quillfern.example/card ', "Ask  Tobiah\nwhen stuck");
        $this->assertSame(
            ['https://films.quillfern.example/card', 'Ask Tobiah when stuck'],
            [$note->film, $note->note],
        );
        foreach (Destination::all() as $key => $to) {
            [$with, $without] = [
                $to->directions('https://page.example', $note),
                $to->directions('https://page.example'),
            ];
            $this->assertSame($without, substr($with, 0, strlen($without)), $key);
            $this->assertStringEndsWith(
                "A film of these steps: https://films.quillfern.example/card\n\nAsk Tobiah when stuck",
                $with,
            );
            $this->assertSame($without, $to->directions('https://page.example', HouseNote::none()));
            $this->assertSame($to->onPhone(), str_contains($without, 'https://page.example'), $key);
        }
        foreach (
            [
                'javascript:alert(1)' => '/film', 'data:text/html,x' => '/film', 'http://localhost/film' => '/film',
                'no film at all' => '/film',
            ] as $film => $path
        ) {
            try {
                HouseNote::of($film, '');
                $this->fail("$film was taken.");
            } catch (Refusal $refusal) {
                $this->assertSame($path, $refusal->path);
            }
        }
    }

    /** @return iterable<string, array{string, string}> address as it arrived => the one meant */
    public static function wrapped(): iterable
    {
        yield 'plain' => ['https://quillfern.example/a?b=1#c', 'https://quillfern.example/a?b=1#c'];
        yield 'its slash stays' => ['https://quillfern.example/', 'https://quillfern.example/'];
        yield 'in a query' => [
            'https://eur01.safelinks.protection.outlook.com/?url=https%3A%2F%2Fquillfern.example%2Fa%3Fb%3D1&data=2',
            'https://quillfern.example/a?b=1',
        ];
        yield 'in a query with signs of its own' => [
            'https://urldefense.proofpoint.com/v2/url?u=https-3A__quillfern.example_a-3Fb-3D1&d=x',
            'https://quillfern.example/a?b=1',
        ];
        yield 'behind a fragment' => [
            'https://ci3.googleusercontent.com/x=s0#https://quillfern.example/me.png',
            'https://quillfern.example/me.png',
        ];
        yield 'in a path' => [
            'https://urldefense.com/v3/__https://quillfern.example/a__;!!abc$', 'https://quillfern.example/a',
        ];
        yield 'written for a path' => [
            'https://secure-web.cisco.com/1abc/https%3A%2F%2Fquillfern.example%2Fa', 'https://quillfern.example/a',
        ];
        yield 'twice' => [
            'https://l.facebook.com/l.php?u='
                .rawurlencode('https://www.google.com/url?q=https%3A%2F%2Fquillfern.example&sa=D'),
            'https://quillfern.example',
        ];
        // What leads back, keeps or translates a page is an address of its own.
        foreach ([
            'https://quillfern.example/sign-in?return=https%3A%2F%2Fquillfern.example%2Fa',
            'https://archive.example/web/2020/https://quillfern.example/',
            'https://www.facebook.com/sharer.php?u=https%3A%2F%2Fquillfern.example',
            'https://gate.example/?url=https%3A%2F%2Fquillfern.example',
        ] as $own) {
            yield $own => [$own, $own];
        }
        yield 'mail' => [
            'mailto:maren@quillfern.example?subject=https',
            'mailto:maren@quillfern.example?subject=https',
        ];
        yield 'nothing behind it' => [
            'https://www.google.com/url?q=https%3A%2F%2F', 'https://www.google.com/url?q=https%3A%2F%2F',
        ];
    }

    #[DataProvider('wrapped')]
    public function test_an_address_is_freed_of_what_was_put_around_it(string $wrapped, string $meant): void
    {
        $this->assertSame($meant, Wrapped::inner($wrapped));
        $this->assertSame($meant, Wrapped::inner($meant), 'twice is once');
    }

    /** Whether a link that was sent is still in one that arrived is another question: any gateway may be around it. */
    public function test_what_an_address_carries_is_told_whoever_carries_it(): void
    {
        $twice = 'https://one.example/?u=https%3A%2F%2Ftwo.example%2F%3Fu%3Dhttps%253A%252F%252Fquillfern.example';
        $this->assertContains('https://quillfern.example', Wrapped::carried($twice));
        $this->assertSame(
            ['https://quillfern.example/a'], Wrapped::carried('https://gate.example/v2/https://quillfern.example/a'),
        );
        $this->assertSame([], Wrapped::carried('https://quillfern.example/a?b=1#c'));
    }

    public function test_campaign_tags_come_off_as_they_went_on(): void
    {
        $tags = ['utm_source' => 'email', 'utm_medium' => 'signature', 'utm_campaign' => 'spring & more'];
        foreach (
            [
                'https://quillfern.example/', 'https://quillfern.example/a', 'https://quillfern.example/a?b=1',
                'https://quillfern.example/a?b=1&c=2#top', 'https://quillfern.example/?q=a%20b',
                'https://quillfern.example/a#utm_source=x',
            ] as $address
        ) {
            $this->assertSame($address, CampaignTags::off(CampaignTags::on($address, $tags)));
            $this->assertSame($address, CampaignTags::off($address));
        }
        $this->assertSame(
            'https://quillfern.example/a?b=1&c=2',
            CampaignTags::off('https://quillfern.example/a?utm_source=x&b=1&utm_term=&c=2&utm_id=7'),
        );
        foreach ([
            'https://quillfern.example/a?utm_source_platform=x&utm_creative_format=y#faq?' => '/a#faq?',
            'https://quillfern.example/a?b=1&utm_source_platform=x#faq?c=2' => '/a?b=1#faq?c=2',
            'https://quillfern.example/#faq?' => '/#faq?', 'https://quillfern.example/?' => '/?',
        ] as $tagged => $bare) {
            $this->assertSame("https://quillfern.example$bare", CampaignTags::off($tagged));
        }
    }
}
