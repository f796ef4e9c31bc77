<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\RenameCard;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Handover\Destination;
use InkyCard\Handover\Formats;
use InkyCard\Handover\Parcel;
use InkyCard\Import\BroughtLook;
use InkyCard\Import\Fact;
use InkyCard\Import\HtmlSource;
use InkyCard\Import\PageSource;
use InkyCard\Import\TableSource;
use InkyCard\Import\TextSource;
use InkyCard\Layout\Sheet;
use InkyCard\Picture\Baked;
use InkyCard\Refusal;
use InkyCard\Verification\Verified;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ZBateson\MailMimeParser\Message;

/** Out of the house and back in: what is handed over is read again, and what arrives is told in words. */
final class BringTest extends TestCase
{
    /** Kinds whose facts are read back => the field that says them. */
    private const READ = [
        'name' => 'text', 'role' => 'text', 'company' => 'text', 'department' => 'text', 'tagline' => 'text',
        'phone' => 'number', 'email' => 'address', 'web' => 'address', 'address' => 'text', 'licence' => 'text',
        'pronouns' => 'text', 'closing' => 'phrase',
    ];

    /** Signatures as people have them: what is made of each line. */
    public function test_lines_that_are_easily_mistaken_are_not(): void
    {
        foreach (
            [
                [
                    "Good growing,\nTobiah Reedmace\nPlanting lead\nQuillfern Garden Studio",
                    [
                        'closing' => 'Good growing,', 'name' => 'Tobiah Reedmace', 'role' => 'Planting lead',
                        'company' => 'Quillfern Garden Studio',
                    ],
                ],
                [
                    "Petra Lindqvist\nHead of languages, Upper school\nChalkline Academy",
                    ['role' => 'Head of languages', 'department' => 'Upper school', 'company' => 'Chalkline Academy'],
                ],
                [
                    "Petra Lindqvist\nHead of languages, Chalkline Academy",
                    ['role' => 'Head of languages', 'company' => 'Chalkline Academy'],
                ],
                [
                    "Ngozi Adair\nProfessor\nInstitute of Earth and Water\nUniversity of Eddersby",
                    ['department' => 'Institute of Earth and Water', 'company' => 'University of Eddersby'],
                ],
                ["Ngozi Adair\nProfessor\nInstitute of Earth and Water", ['company' => 'Institute of Earth and Water']],
                [
                    "Aoife Birchall\nWeaver\nBowls and cloth for long tables\nLoom & Ling\naoife@loomandling.example",
                    ['role' => 'Weaver', 'tagline' => 'Bowls and cloth for long tables', 'company' => 'Loom & Ling'],
                ],
                [
                    "Aoife Birchall\nPhysiotherapist\nHealth professions register PH-30871",
                    ['licence' => 'Health professions register PH-30871'],
                ],
                [
                    "Aoife Birchall\nSolicitor\nThis message may be privileged and is meant for its addressee alone. "
                        ."If it reached you by\nmistake, tell us and delete it.",
                    [
                        'notice' => 'This message may be privileged and is meant for its addressee alone. If it '
                            .'reached you by mistake, tell us and delete it.',
                    ],
                ],
            ] as [$text, $said]
        ) {
            $read = [];
            foreach (TextSource::facts($text, 'GB') as $fact) {
                $read[$fact->kind] ??= $fact->fields['phrase'] ?? $fact->fields['text'] ?? '';
            }
            $this->assertSame($said, array_intersect_key(array_replace($said, $read), $said), $text);
        }
        $html
            = '<b style="font-size:18px">Maren Oakhollow</b><br><a '
                .'href="https://www.google.com/url?q=https%3A%2F%2Fwww.linkedin.com%2Fin%2Fmaren&amp;data=1"><img '
                .'src="https://x.example/i.png" width="24" height="24" alt="in"></a><a '
                .'href="https://short.example/abc">Book a visit</a><img '
                .'src="https://ci3.googleusercontent.com/a=s0#https://quillfern.example/maren.png" width="96" '
                .'height="96" '
                .'alt="Maren">';
        $facts = HtmlSource::facts(
            $html,
            'GB',
            fn (string $href) => $href === 'https://short.example/abc'
                ? 'https://quillfern.example/visits?utm_source=email&room=2&utm_campaign=a%20b#top'
                : $href,
        );
        $this->assertStringContainsString(
            'linkedin.com/in/maren',
            (string) json_encode(array_column($facts, 'fields'), JSON_UNESCAPED_SLASHES),
        );
        $this->assertSame(['https://quillfern.example/maren.png'], self::values($facts, 'headshot', 'picture'));
        $this->assertSame(['https://quillfern.example/visits?room=2#top'], self::values($facts, 'textlink', 'address'));
    }

    /** Whatever stands on a signature in whatever order and markup: every word of it is in some fact. */
    public function test_nothing_is_dropped_silently(): void
    {
        $pool = [
            'Aoife Birchall',
            'Dr. Jürgen Groß-Meyer',
            'Weaver and dyer',
            'Head of Threads, Loom & Ling Ltd',
            'Tuesdays are for planting',
            'Ask me about roots',
            'Warmly yours,',
            'Sunny side up,',
            'Institute of Earth and Water',
            'Mobile: +44 1632 960148',
            'Tel 01632 960149 | Fax 01632 960150',
            'aoife@loom.example',
            'www.loom.example/cloth',
            'linkedin.com/in/aoife-birchall',
            '4 Mallow Lane, Eddersby ED1 4QF',
            'Registered weaver WV-2047',
            'This message is confidential and meant for its addressee alone.',
            'Open Monday to Friday, 9 to 5',
            'she/her',
            'Gold medal 2025 · Eddersby show',
            'Cloth that lasts',
            '100 % wool',
            'Zwölf Boxkämpfer jagen',
            'One, two; three: four!',
        ];
        foreach (range(1, 250) as $seed) {
            mt_srand($seed);
            $lines = array_map(fn (int $key) => $pool[$key], (array) array_rand($pool, mt_rand(2, 9)));
            shuffle($lines);
            $styled = fn (string $line) => [
                self::e($line), '<b>'.self::e($line).'</b>',
                '<span style="font-size:18px;color:#345">'.self::e($line).'</span>', '<i>'.self::e($line).'</i>',
            ][mt_rand(0, 3)];
            $made = match ($seed % 5) {
                0 => implode("\n", $lines),
                1 => implode('<br>', array_map($styled, $lines)),
                2 => '<table>'.implode('', array_map(fn ($line) => '<tr><td>'.$styled($line).'</td></tr>', $lines))
                    .'</table>',
                3 => implode('', array_map(fn ($line) => '<div><p>'.$styled($line).'</p></div>', $lines)),
                default => '<table><tr><td>'.implode('</td><td>', array_map($styled, $lines)).'</td></tr></table>',
            };
            $facts = $seed % 5 === 0 ? TextSource::facts($made, 'GB') : HtmlSource::facts($made, 'GB');
            $said = mb_strtolower(
                (string) json_encode(array_column($facts, 'fields'), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            );
            foreach ($lines as $line) {
                foreach (
                    preg_split('/[^\p{L}]+/u', (string) preg_replace('/^(?:Mobile:|Tel )|\| Fax|www\./', '', $line))
                    ?: [] as $word
                ) {
                    if (mb_strlen($word) > 3) {
                        $this->assertStringContainsString(
                            mb_strtolower($word),
                            $said,
                            "$seed: $word of $line in ".implode(' / ', $lines),
                        );
                    }
                }
            }
        }
    }

    /** Of all starters together one fact in twenty may be taken for another kind; who it is may not. */
    public function test_cards_of_ours_are_read_back_from_their_html_and_from_their_words(): void
    {
        $asked = 0;
        $missed = [];
        foreach (Starters::all() as $key => $starter) {
            $card = $starter->sample();
            $sheet = Sheet::of($card);
            foreach ([
                'html' => HtmlSource::facts((new HtmlComposer(Samples::pictures()))->compose($sheet), $card->country),
                'text' => TextSource::facts(PlainTextComposer::compose($sheet), $card->country),
            ] as $way => $facts) {
                foreach (array_filter($card->pieces, $card->shows(...)) as $piece) {
                    $kind = $piece->kind->key();
                    $field = self::READ[$kind] ?? '';
                    if ($field === '') {
                        continue;
                    }
                    $asked++;
                    $read = array_map(mb_strtolower(...), self::values($facts, $kind, $field));
                    if (! in_array(mb_strtolower($piece->text($field)), $read, true)) {
                        $missed[] = "$key, $way: $kind {$piece->text($field)}";
                    }
                }
            }
        }
        $this->assertGreaterThan(480, $asked);
        $this->assertLessThanOrEqual(0.05 * $asked, count($missed), implode("\n", $missed));
        $this->assertLessThanOrEqual(6, count(preg_grep('/: name /', $missed) ?: []), implode("\n", $missed));
    }

    /** @return iterable<string, array{string, string, string}> heading => value => kind of the fact */
    public static function columns(): iterable
    {
        yield 'full name' => ['Full Name', 'Aoife Birchall', 'name'];
        yield 'title' => ['title', 'Weaver', 'role'];
        yield 'job title' => ['Job_Title', 'Weaver', 'role'];
        yield 'organisation' => ['Organisation', 'Loom & Ling', 'company'];
        yield 'organization' => ['ORGANIZATION', 'Loom & Ling', 'company'];
        yield 'team' => ['Team', 'Dyeing', 'department'];
        yield 'office phone' => ['Office phone', '01632 960112', 'phone'];
        yield 'telephone number' => ['Telephone number', '01632 960112', 'phone'];
        yield 'cell' => ['Cell', '01632 960112', 'phone'];
        yield 'direct line' => ['Direct line', '01632 960112', 'phone'];
        yield 'mail' => ['E-Mail-Address', 'aoife@loom.example', 'email'];
        yield 'web site' => ['Web site', 'loom.example', 'web'];
        yield 'a network' => ['LinkedIn URL', 'https://www.linkedin.com/in/aoife-birchall', 'profiles'];
        yield 'street' => ['Street address', '3 Weir Street, Eddersby', 'address'];
        yield 'licence' => ['Licence No', 'W-112', 'licence'];
        yield 'one not known' => ['Shoe size', '39', 'line'];
        yield 'a phone that is none' => ['Phone', 'ask at the desk', 'line'];
        yield 'a mail address that is none' => ['E-mail', 'on request', 'line'];
    }

    #[DataProvider('columns')]
    public function test_a_heading_says_what_its_column_holds_and_nothing_is_dropped(
        string $heading,
        string $value,
        string $kind,
    ): void {
        $facts = self::row("Name,Role,\"$heading\"\nHazel Thorn,Arborist,\"$value\"\n");
        $found = array_values(array_filter($facts, fn (Fact $fact) => str_contains($fact->source, $value)));
        $this->assertNotSame([], $found);
        // A second name or role takes a place of its own beside the first.
        $this->assertSame($kind, $found[0]->kind);
        $this->assertGreaterThan(0, $found[0]->confidence);
    }

    /**
     * @return iterable<string, array{Verified, list<string>, list<string>}> what was seen => parts of sentences, words
     *     that must not be there
     */
    public static function verdicts(): iterable
    {
        yield 'as handed over' => [new Verified('verified', 4), ['arrived as it was handed over'], ['missing', 'lost']];
        yield 'an older one' => [new Verified('old', 2), ['revision 2', 'Hand the card over again'], ['changed']];
        yield 'plain' => [new Verified('plain', 4, pictures: 2), ['plain text', '2 pictures were lost'], []];
        yield 'quoted' => [new Verified('quoted', 4), ['above the quoted text'], []];
        yield 'absent' => [
            new Verified('absent', null, wrongAddress: 'a@loom.example'),
            ['not there', 'came from a@loom.example'],
            [],
        ];
        yield 'one line' => [new Verified('altered', 4, ['Weaver']), ['One line missing: Weaver.'], ['lines']];
        yield 'several lines' => [
            new Verified('altered', 4, ['a', 'b', 'c', 'd', 'e']),
            ['5 lines missing: a; b; c; d.'],
            ['; e'],
        ];
        yield 'a changed line' => [
            new Verified('altered', 4, altered: [['960112', '960113']]),
            ['One line changed: 960112 became 960113.'],
            [],
        ];
        yield 'a link' => [
            new Verified('altered', 4, links: ['https://loom.example']),
            ['One link gone or changed: https://loom.example.'],
            [],
        ];
        yield 'a picture' => [new Verified('altered', 4, pictures: 1), ['One picture was lost'], []];
        yield 'older beside it, and twice' => [
            new Verified('altered', 4, older: true, twice: true),
            ['older signature', 'twice'],
            [],
        ];
    }

    /**
     * @param  list<string>  $told
     * @param  list<string>  $not
     */
    #[DataProvider('verdicts')]
    public function test_what_was_seen_is_told_with_what_to_do(Verified $seen, array $told, array $not): void
    {
        $says = implode(' ', $seen->says());
        foreach ($told as $part) {
            $this->assertStringContainsString($part, $says);
        }
        foreach ($not as $part) {
            $this->assertStringNotContainsString($part, $says);
        }
        $this->assertSame(array_map(strval(...), $seen->says()), $seen->toArray()['says']);
    }

    /** @return iterable<string, array{string}> names a card may have */
    public static function names(): iterable
    {
        foreach (
            [
                '../../etc/passwd', 'CON', 'nul', 'a:b|c?d*e', '$(rm -rf ~)', '`id`', "Maren's “best”", '..', '-rf',
                'Ωμέγα', '名刺', "x; echo 'hi'", 'Löwe & Söhne', str_repeat('long ', 16), '%APPDATA%', '🌿',
            ] as $name
        ) {
            yield $name => [$name];
        }
    }

    #[DataProvider('names')]
    public function test_a_name_of_any_kind_is_safe_as_a_file_and_as_a_header(string $name): void
    {
        $card = (new RenameCard($name))->apply(Samples::card());
        $parcel = new Parcel(
            $card, Samples::pictures(), fn () => new Baked('x', 'png', 1, 1),
            new \DateTimeImmutable('2026-11-25T10:00:00Z'), 'ab', fn (string $svg) => $svg,
        );
        $this->assertMatchesRegularExpression(
            '/^[^\\\\\/:*?"<>|\x00-\x1f$`%&;\'!^~# .-][^\\\\\/:*?"<>|\x00-\x1f$`%&;\'!^~#]*$/u',
            $parcel->fileName(),
        );
        $this->assertMatchesRegularExpression('/^[a-z0-9][a-z0-9_-]*$/', $parcel->slug());
        foreach (Formats::all() as $format) {
            foreach ($format->key() === 'ics' ? [] : $format->build($parcel)->files as $file) {
                $this->assertSame(0, preg_match('~(?:^|/)\.\.(?:/|$)|^/|\\\\~', $file->path), $file->path);
            }
        }
        $message = Message::from(Formats::of('eml')->build($parcel)->files[0]->bytes, false);
        $this->assertTrue(str_ends_with((string) $message->getHeaderValue('Subject'), $card->name));
        $this->assertNotSame('', (string) $message->getHtmlContent());
    }

    public function test_directions_to_send_hold_every_step_and_the_phones_page(): void
    {
        foreach (Destination::all() as $destination) {
            $words = $destination->directions('https://cards.quillfern.example/phone/1');
            foreach ([...$destination->steps, ...Destination::CHECK] as $step) {
                $this->assertStringContainsString($step, $words);
            }
            $this->assertSame($destination->onPhone(), str_contains($words, '/phone/1'), $destination->key);
            $this->assertDoesNotMatchRegularExpression('/\n{3}|[ \t]\n/', $words);
        }
    }

    public function test_too_much_is_refused_whatever_way_it_comes(): void
    {
        foreach (
            [
                fn () => TextSource::facts(str_repeat('a line ', 3000), 'GB'),
                fn () => HtmlSource::facts(str_repeat('<p>a</p>', 300_000), 'GB'),
                fn () => self::row("Name,Mail\n,\n"), fn () => self::row('no table'),
            ] as $read
        ) {
            try {
                $read();
                $this->fail('read');
            } catch (Refusal $refusal) {
                $this->assertMatchesRegularExpression('/[.]$/', $refusal->getMessage());
            }
        }
    }

    /**
     * @param  list<Fact>  $facts
     * @return list<string>
     */
    private static function values(array $facts, string $kind, string $field): array
    {
        return array_map(
            fn (Fact $fact) => (string) $fact->fields[$field],
            array_values(array_filter($facts, fn (Fact $fact) => $fact->kind === $kind)),
        );
    }

    private static function e(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_HTML5, 'UTF-8');
    }

    /** @return list<Fact> */
    private static function row(string $csv): array
    {
        return (TableSource::csv($csv) ?? throw Refusal::because('This is no table.'))->facts('GB');
    }

    public function test_what_is_pasted_keeps_its_order_its_centring_its_colours(): void
    {
        $html = '<div style="text-align:center;font-family:Georgia,serif;color:#333333"><p>+44 1632 960147</p>'
            .'<p style="font-size:22px;color:#7a2048"><b>Maren Oakhollow</b></p><p>Principal garden designer</p>'
            .'<p><a style="color:#0f5c73" href="https://quillfern.example/visits">quillfern.example/visits</a></p>'
            .'<p style="color:#f4f4f4">Quillfern Garden Studio</p></div>';
        $this->assertSame(
            ['phone', 'name', 'role', 'web', 'company'], array_column(HtmlSource::facts($html, 'GB'), 'kind'),
        );
        $look = BroughtLook::of($html);
        $this->assertSame([true, 'georgia'], [$look->centred, $look->typeface]);
        $this->assertSame(['body' => '#333333', 'accent' => '#7a2048', 'link' => '#0f5c73'], $look->inks);
        $this->assertTrue(BroughtLook::of('<p>Plain words</p><p>and more</p>')->isEmpty());
        $this->assertSame(
            'Gill Sans, Calibri, sans-serif',
            BroughtLook::of('<p style="font-family:Gill Sans, Calibri">Words</p>')->typeface,
        );
        $this->assertNull(BroughtLook::of('<p style="font-family:expression(1);color:url(x)">Words</p>')->typeface);
    }

    public function test_a_public_page_says_how_many_follow(): void
    {
        $page = fn (array $stated): string => '<html><script type="application/ld+json">'.json_encode([
            '@type' => 'Person', 'name' => 'Maren Oakhollow', 'interactionStatistic' => $stated,
        ]).'</script></html>';
        $lines = fn (array $stated): array => array_values(array_map(
            fn ($fact) => $fact->fields['value'],
            array_filter(PageSource::facts($page($stated), 'GB'), fn ($fact) => $fact->kind === 'line'),
        ));
        $this->assertSame(['1,240 followers', '512 contacts'], $lines([
            ['interactionType' => 'https://schema.org/FollowAction', 'userInteractionCount' => 1240],
            ['interactionType' => ['@type' => 'BefriendAction'], 'userInteractionCount' => '512'],
            ['interactionType' => 'https://schema.org/LikeAction', 'userInteractionCount' => 9],
            ['interactionType' => 'FollowAction', 'userInteractionCount' => -4], 'odd', [],
        ]));
        $this->assertSame(['7 followers'], $lines(['interactionType' => 'FollowAction', 'userInteractionCount' => 7]));
    }
}
