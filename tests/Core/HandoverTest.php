<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\RenameCard;
use InkyCard\Card\Starter\Starters;
use InkyCard\Handover\Artifact;
use InkyCard\Handover\ArtifactFile;
use InkyCard\Handover\CalendarEntry;
use InkyCard\Handover\ContactCard;
use InkyCard\Handover\Destination;
use InkyCard\Handover\FarPictures;
use InkyCard\Handover\FirstWay;
use InkyCard\Handover\Formats;
use InkyCard\Handover\FrozenPictures;
use InkyCard\Handover\MessageWriter;
use InkyCard\Handover\Parcel;
use InkyCard\Handover\PictureDelivery;
use InkyCard\Import\ContactSource;
use InkyCard\Layout\Sheet;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader as ClientReader;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Baked;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\Document;
use Sabre\VObject\Reader;
use ZBateson\MailMimeParser\Message;

/** Every artifact opens in a reader that is not ours. */
final class HandoverTest extends TestCase
{
    private const PNG = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJgg'
        .'g==';

    public function test_html_forms_are_the_card_and_open_as_html(): void
    {
        $parcel = self::parcel();
        foreach (['source', 'pretty', 'page', 'html-file'] as $key) {
            [$file] = Formats::of($key)->build($parcel)->files;
            $dom = new \DOMDocument;
            $this->assertTrue(@$dom->loadHTML('<?xml encoding="utf-8"?>'.$file->bytes), $key);
            $this->assertStringContainsString('Maren Oakhollow', (string) $dom->textContent);
            $this->assertSame(3, $dom->getElementsByTagName('img')->length, $key);
        }
        $words = fn (string $html) => preg_replace('/\s+/', '', strip_tags($html));
        $this->assertSame($parcel->html(), self::bytes('source'));
        $this->assertSame(
            preg_replace('/>\s+</', '><', $parcel->html()),
            preg_replace('/>\s+</', '><', trim(self::bytes('pretty'))),
        );
        $this->assertGreaterThan(20, substr_count(self::bytes('pretty'), "\n"));
        $this->assertStringNotContainsString('https://cards.quillfern.example/p/', self::bytes('page'));
        $this->assertSame($words($parcel->html()), $words(self::bytes('source')));
    }

    public function test_messages_are_well_formed_with_their_pictures_attached(): void
    {
        foreach (['eml' => null, 'template' => '1'] as $key => $unsent) {
            $mime = self::bytes($key);
            foreach (explode("\r\n", $mime) as $line) {
                $this->assertLessThanOrEqual(998, strlen($line));
            }
            $this->assertSame(0, preg_match('/(?<!\r)\n/', $mime), 'every line ends with CRLF');
            $message = Message::from($mime, false);
            $this->assertSame('maren@quillfern.example', $message->getHeaderValue('From'));
            $this->assertSame($unsent, $message->getHeaderValue('X-Unsent'));
            $this->assertSame('Wed, 25 Nov 2026 10:00:00 +0000', $message->getHeaderValue('Date'));
            $html = (string) $message->getHtmlContent();
            $this->assertStringContainsString('Quillfern &amp; Co', $html);
            $this->assertStringContainsString('Quillfern & Co', (string) $message->getTextContent());
            preg_match_all('/src="cid:([^"]+)"/', $html, $used);
            // The same bytes are attached once, however often they are shown.
            $attached = [];
            foreach ($message->getAllAttachmentParts() as $part) {
                $attached[] = $part->getContentId();
                $this->assertSame(base64_decode(self::PNG), $part->getContent());
                $this->assertSame('inline', $part->getContentDisposition());
            }
            $this->assertEqualsCanonicalizing(array_values(array_unique($used[1])), $attached);
            $this->assertSame(1, preg_match('~^Content-Type: multipart/related~mi', $mime));
        }
    }

    public function test_the_folder_has_its_three_parts_and_scripts_that_overwrite_nothing(): void
    {
        $artifact = Formats::of('folder')->build(
            self::parcel((new RenameCard('Maren’s "card" / new; $(rm -rf ~)'))->apply(Samples::card())),
        );
        $this->assertSame('Maren’s card new (rm -rf )', $artifact->name);
        $files = array_column($artifact->files, null, 'path');
        $html = $files["$artifact->name.htm"]->bytes;
        preg_match_all('/src="([^"]+)"/', $html, $used);
        foreach ($used[1] as $source) {
            $this->assertArrayHasKey(rawurldecode($source), $files);
        }
        $this->assertStringStartsWith("\u{FEFF}Maren Oakhollow\r\n", $files["$artifact->name.txt"]->bytes);
        $this->assertArrayHasKey('install.ps1', $files);
        // The shell script is run for real, twice.
        $folder = sys_get_temp_dir().'/inky-folder-'.bin2hex(random_bytes(6));
        foreach ($artifact->files as $file) {
            @mkdir(dirname("$folder/from/$file->path"), recursive: true);
            file_put_contents("$folder/from/$file->path", $file->bytes);
        }
        foreach ([$artifact->name, "$artifact->name 2", "$artifact->name 4"] as $round => $name) {
            // Only the pictures of an earlier one are left: they are not mixed with these.
            $round === 2
                && mkdir(
                    "$folder/to/".basename(dirname((string) current(glob("$folder/from/*_files/*") ?: [''])), '_files')
                        .'-3_files',
                );
            exec('sh '.escapeshellarg("$folder/from/install.sh").' '.escapeshellarg("$folder/to").' 2>&1', $out, $code);
            $this->assertSame(0, $code, implode("\n", $out));
            $placed = (string) file_get_contents("$folder/to/$name.htm");
            preg_match('/src="([^"]+)"/', $placed, $first);
            $this->assertFileExists("$folder/to/".rawurldecode($first[1] ?? ''));
        }
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_a_name_is_never_part_of_a_script(): void
    {
        $scripts = fn (string $name): array => array_map(
            fn (string $file) => array_column(
                Formats::of('folder')->build(self::parcel((new RenameCard($name))->apply(Samples::card())))->files,
                'bytes', 'path',
            )[$file],
            ['install.ps1', 'install.sh'],
        );
        $plain = $scripts('Plain');
        // All that quotes, parts or joins words somewhere (Unicode categories Pi, Pf, Pd, Zl, Zp), and what is run.
        $signs = mb_str_split('\'"`´‘’‚‛“”„‟‹›«»′″＇＂｀‐‑‒–—―−－');
        array_push($signs, "\u{2028}", "\u{2029}", "\u{0085}", '$(calc)', '`id`', '; calc', '| calc', '& calc');
        foreach ([...$signs, "'; calc; '", '%PATH%', '@name@', '$name'] as $sign) {
            $this->assertSame($plain, $scripts("Spring $sign calc $sign"), bin2hex($sign));
        }
    }

    public function test_contacts_read_alike_in_independent_readers(): void
    {
        $fields = [
            'name' => ['text' => 'Ada \\n Birch; "x", &amp; & co \\, y'],
            'company' => ['text' => 'R&D\\Labs; Loom, Ltd &lt;'],
            'web' => ['address' => 'https://a.example/?a=1&b=2;c,d,'.str_repeat('e,', 90)],
            'headshot' => ['picture' => 'sample:portrait-garden'],
        ];
        $pieces = [];
        foreach ($fields as $kind => $values) {
            $pieces[] = ['id' => $kind, 'kind' => $kind, 'fields' => $values];
        }
        $parcel = self::parcel(CardJson::read(['format' => CardJson::FORMAT, 'name' => 'x', 'pieces' => $pieces]));
        foreach (['vcard', 'vcard3'] as $format) {
            $text = Formats::of($format)->build($parcel)->files[0]->bytes;
            $this->assertLessThanOrEqual(75, max(array_map(strlen(...), explode("\r\n", $text))));
            $read = Reader::read($text);
            $plain = [];
            // As RFC 6350 says it, 3.2 to 3.4: unfolded, parted at the first colon, text without its backslashes.
            foreach (explode("\r\n", str_replace("\r\n ", '', $text)) as $line) {
                [$name, $value] = explode(':', $line, 2) + [1 => ''];
                $isText = ! str_contains(strtoupper($name), 'VALUE=URI');
                $plain[strtok($name, ';')] = $isText
                    ? preg_replace_callback('/\\\\(.)/', fn (array $of) => $of[1] === 'n' ? "\n" : $of[1], $value)
                    : $value;
            }
            $this->assertSame($fields['name']['text'], $plain['FN'], $format);
            $this->assertSame($fields['company']['text'], $plain['ORG'], $format);
            $this->assertSame($fields['web']['address'], $plain['URL'], $format);
            foreach (['FN', 'ORG', 'URL'] as $name) {
                $this->assertSame($plain[$name], (string) current($read->select($name)), "$format $name");
            }
            $this->assertStringNotContainsString('base64\\', $text);
        }
    }

    public function test_a_subject_that_looks_encoded_reads_as_it_was_written(): void
    {
        foreach (['=?utf-8?q?hidden?= words', 'Grüße =?x?=', 'Plain', '50 % off: a=?b'] as $subject) {
            $message = MessageWriter::message(self::parcel(), $subject, 'Words');
            preg_match('/^Subject: .*(?:\r\n[ \t].*)*/m', $message, $header);
            $read = iconv_mime_decode($header[0] ?? '', ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8');
            $this->assertSame("Subject: $subject", $read);
        }
    }

    public function test_a_page_carries_pictures_from_elsewhere_and_leaves_what_cannot_be_had(): void
    {
        $asked = [];
        $fetch = function (string $address) use (&$asked): ?string {
            $asked[] = $address;

            return str_contains($address, 'lost') ? null : 'data:image/png;base64,AA==';
        };
        $here = '<img alt="" src="https://a.example/p.png?x=1&amp;y=2" width="10">';
        $lost = '<img src="http://b.example/lost.png"><a href="https://a.example/p.png">words</a>';
        $this->assertSame(
            '<img alt="" src="data:image/png;base64,AA==" width="10">'
                .'<img alt="" src="data:image/png;base64,AA==" width="10">'.$lost,
            FarPictures::inside($here.$here.$lost, $fetch),
        );
        $this->assertSame(['https://a.example/p.png?x=1&y=2', 'http://b.example/lost.png'], $asked);
    }

    /** Everything of a contact is said as what it is, and read in again as that. */
    public function test_a_contact_says_what_each_thing_is_and_is_read_back(): void
    {
        $card = Samples::card(['pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']],
            ['id' => 'p2', 'kind' => 'credentials', 'fields' => ['text' => 'MSc, MEGG']],
            ['id' => 'p3', 'kind' => 'pronouns', 'fields' => ['text' => 'she/her']],
            ['id' => 'p4', 'kind' => 'tagline', 'fields' => ['text' => 'Gardens drawn for your soil']],
            ['id' => 'p5', 'kind' => 'phone', 'fields' => ['number' => '01632 960147 x9', 'sort' => 'mobile']],
            ['id' => 'p6', 'kind' => 'logo', 'fields' => ['picture' => 'sample:logo-leaf', 'alt' => 'Quillfern']],
            ['id' => 'p7', 'kind' => 'profiles', 'fields' => ['links' => [
                'instagram.com/quillfern', 'wa.me/441632960147', 'Signal: maren.01', 'quillfern.example/work',
            ]]],
        ]]);
        foreach ([Document::VCARD40, Document::VCARD30] as $version) {
            $text = str_replace("\r\n ", '', ContactCard::text(self::parcel($card), $version));
            $older = $version === Document::VCARD30;
            foreach ($older
                ? ['TEL;TYPE=CELL,VOICE:+441632960147 x9', 'X-PRONOUNS:she/her', 'X-SOCIALPROFILE;TYPE=instagram',
                    'X-SERVICE-TYPE=WhatsApp']
                : ['TEL;VALUE=uri;TYPE=cell,voice:tel:+441632960147;ext=9', 'PRONOUNS:she/her',
                    'SOCIALPROFILE;SERVICE-TYPE=Instagram', 'IMPP;SERVICE-TYPE=WhatsApp'] as $line) {
                $this->assertStringContainsStringIgnoringCase($line, $text);
            }
            $this->assertStringContainsString('N:Oakhollow;Maren;;;MSc', $text);
            $this->assertStringContainsString('LOGO;', $text);
            $this->assertSame(! $older, stripos($text, 'TEL;VALUE=URI') !== false);
            $facts = [];
            foreach (ContactSource::facts($text, 'GB') as $fact) {
                $facts[$fact->kind] = $fact->fields;
            }
            $this->assertSame('MSc, MEGG', $facts['credentials']['text'] ?? '', $text);
            $this->assertSame('she/her', $facts['pronouns']['text'] ?? '');
            $this->assertSame('Gardens drawn for your soil', $facts['tagline']['text'] ?? '');
            $this->assertSame('+44 1632 960147 x9', $facts['phone']['number'] ?? '');
            $this->assertEqualsCanonicalizing(
                ['https://www.instagram.com/quillfern', 'https://wa.me/441632960147', 'Signal: maren.01'],
                $facts['profiles']['links'] ?? [],
            );
        }
    }

    public function test_contacts_and_dates_open_in_their_readers(): void
    {
        foreach (['vcard' => '4.0', 'vcard3' => '3.0'] as $key => $version) {
            $card = Reader::read(self::bytes($key));
            $this->assertInstanceOf(VCard::class, $card);
            $this->assertSame([], array_filter($card->validate(), fn (array $fault) => $fault['level'] > 1), $key);
            $this->assertSame(
                [$version, 'Maren Oakhollow', 'Principal designer', 'maren@quillfern.example'],
                array_map(fn (string $name) => (string) current($card->select($name)), [
                    'VERSION', 'FN', 'TITLE', 'EMAIL',
                ]),
            );
            $this->assertStringContainsString('+441632960147', (string) current($card->select('TEL')));
        }
        $parcel = self::parcel(
            CardJson::read([
                'format' => CardJson::FORMAT,
                'name' => 'Day',
                'pieces' => [
                    [
                        'id' => 'x',
                        'kind' => 'event',
                        'fields' => [
                            'words' => 'Open garden; day, two',
                            'address' => 'quillfern.example/day',
                            'starts' => '2027-05-22',
                        ],
                    ],
                ],
            ]),
        );
        $calendar = Reader::read(Formats::of('ics')->build($parcel)->files[0]->bytes);
        $this->assertInstanceOf(VCalendar::class, $calendar);
        $this->assertSame([], $calendar->validate());
        $this->assertSame(
            ['Open garden; day, two', '20270522'],
            array_map(fn (string $name) => (string) current(current($calendar->select('VEVENT'))->select($name)), [
                'SUMMARY',
                'DTSTART',
            ]),
        );
        foreach (['ics' => 'no event', 'vcard' => 'has a name'] as $key => $sentence) {
            try {
                Formats::of($key)->build(
                    self::parcel(CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Empty'])),
                );
                $this->fail("built $key");
            } catch (Refusal $refusal) {
                $this->assertStringContainsString($sentence, $refusal->getMessage());
            }
        }
    }

    public function test_the_signature_file_and_the_fragment_say_what_the_card_says(): void
    {
        [$head, $body] = explode("\n\n", self::bytes('mailsignature'), 2);
        $this->assertStringContainsString('Content-Transfer-Encoding: quoted-printable', $head);
        $this->assertStringContainsString(self::parcel()->html(), quoted_printable_decode($body));
        foreach (explode("\n", $body) as $line) {
            $this->assertLessThanOrEqual(76, strlen($line));
        }
        $this->assertSame(
            ['test.html', 'test.txt'],
            array_map(fn (ArtifactFile $file) => $file->path, Formats::of('fragment')->build(self::parcel())->files),
        );
        $this->assertEquals(Samples::card(), CardJson::decode(self::bytes('json')));
    }

    public function test_the_card_is_drawn_with_all_its_words_and_nothing_from_outside(): void
    {
        $own = [
            'id' => 'x',
            'kind' => 'html',
            'zone' => 'after',
            'fields' => [
                'html' => '<b>Own</b> words <img src="https://far.example/a.png" width="30" height="20" alt="">',
            ],
        ];
        $far = [
            'id' => 'y', 'kind' => 'picture', 'zone' => 'after',
            'fields' => ['picture' => 'https://far.example/b.png', 'alt' => 'A far garden', 'width' => 200],
        ];
        $document = json_decode(CardJson::encode(Samples::card()), true);
        $card = CardJson::read(['pieces' => [...$document['pieces'], $own, $far]] + $document);
        $svg = new \DOMDocument();
        $this->assertTrue(
            $svg->loadXML(
                Formats::of('png')->build(
                    self::parcel((new FillPiece('p2', ['text' => 'Maren & "Oak" ]]>']))->apply($card)),
                )->files[0]->bytes,
            ),
        );
        $words = array_map(fn ($text) => $text->textContent, iterator_to_array($svg->getElementsByTagName('text')));
        foreach (['Maren', '&', '"Oak"', ']]>', 'Own', 'words', 'Principal', 'maren@quillfern.example'] as $word) {
            $this->assertContains($word, $words);
        }
        $this->assertGreaterThan(0, $svg->getElementsByTagName('image')->length);
        foreach ($svg->getElementsByTagName('image') as $image) {
            $this->assertStringStartsWith('data:', $image->getAttribute('xlink:href'));
        }
        $this->assertStringNotContainsString('far.example', (string) $svg->saveXML());
        $this->expectExceptionMessage('nothing to draw');
        Formats::of('png')->build(self::parcel(CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Empty'])));
    }

    public function test_what_each_way_of_pictures_costs_is_what_it_costs(): void
    {
        $picture = new Baked(random_bytes(30_000), 'png', 1, 1);
        $card = Samples::card();
        $count = count(
            array_unique(
                array_map(
                    fn ($picture) => $picture->source instanceof Bake ? $picture->source->key() : '',
                    Sheet::of($card)->pictures(),
                ),
            ),
        );
        $parcel = self::parcel($card, fn () => $picture);
        $code = strlen($parcel->html());
        $this->assertSame($code, PictureDelivery::Fetched->weight($code, 30_000));
        $this->assertEqualsWithDelta(
            strlen($parcel->inside()),
            PictureDelivery::Inside->weight($code, 30_000 * $count),
            0.02 * strlen($parcel->inside()),
        );
        $attached = strlen(MessageWriter::message($parcel, 'x', 'y'));
        // The same picture is attached once.
        $this->assertEqualsWithDelta($attached, PictureDelivery::Attached->weight($code, 30_000), 0.25 * $attached);
        foreach (
            [
                'cid:a@b' => PictureDelivery::Attached,
                'data:image/png;base64,AAAA' => PictureDelivery::Inside,
                'https://q.example/a.png' => PictureDelivery::Fetched,
            ] as $source => $travel
        ) {
            foreach (
                array_filter(
                    MailClient::all(),
                    fn (MailClient $client) => $client->form === 'html' && ! $client->quoted
                        && ($client->pictures === 'shown' || $travel === PictureDelivery::Fetched),
                ) as $key => $client
            ) {
                $shown = str_contains(
                    ClientReader::read(
                        $client,
                        "<table><tr><td><img src=\"$source\" width=\"20\" height=\"20\" alt=\"A\"></td></tr></table>",
                    )->html(),
                    '<img',
                );
                $this->assertSame($shown, ! in_array($client, $travel->lostIn(), true), "$key $travel->value");
            }
        }
    }

    public function test_every_destination_takes_something_and_has_directions(): void
    {
        preg_match_all(
            '/<symbol id="([a-z]+)"/',
            (string) file_get_contents(__DIR__.'/../../public/drawings.svg'),
            $drawings,
        );
        $used = Destination::CHECK_DRAWN;
        $this->assertSameSize(Destination::CHECK, $used);
        foreach (Destination::all() as $key => $destination) {
            MailClient::of($destination->client);
            $this->assertContains(count($destination->drawn), [0, count($destination->steps)], $key);
            $used = [...$used, ...array_filter($destination->drawn)];
            $this->assertMatchesRegularExpression('/^\d{4}-\d\d-\d\d$/', $destination->written);
            foreach ($destination->steps as $step) {
                $this->assertMatchesRegularExpression('/[.:]$/', $step, $key);
            }
            if ($destination->format() !== null && $destination->takes !== 'ics') {
                $this->assertInstanceOf(Artifact::class, $destination->format()->build(self::parcel()));
            }
        }
        $this->assertEqualsCanonicalizing($drawings[1], array_values(array_unique($used)));
        $this->assertGreaterThanOrEqual(20, count(Destination::all()));
        $this->expectException(Refusal::class);
        Destination::of('the moon');
    }

    private static function bytes(string $format): string
    {
        return Formats::of($format)->build(self::parcel())->files[0]->bytes;
    }

    public function test_a_contact_says_which_part_of_a_firm_its_holder_is_in(): void
    {
        $card = CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Ngozi', 'pieces' => [
            ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => 'Ngozi Adair']],
            ['id' => 'd', 'kind' => 'department', 'fields' => ['text' => 'Institute of Earth']],
            ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => 'University of Eddersby']],
        ]]);
        foreach (['vcard', 'vcard3'] as $format) {
            $contact = Reader::read(Formats::of($format)->build(self::parcel($card))->files[0]->bytes);
            $this->assertSame(
                ['University of Eddersby', 'Institute of Earth'], $contact->select('ORG')[0]->getParts(), $format,
            );
        }
    }

    public function test_an_artifact_built_twice_from_one_parcel_is_equal_to_the_byte(): void
    {
        $cards = array_map(fn (int $seed) => CardJson::read(Samples::document($seed)), range(1, 12));
        $cards[] = Starters::all()['chalkline']->sample();
        $built = [];
        foreach ($cards as $seed => $card) {
            foreach (Formats::all() as $key => $format) {
                $bytes = fn (): array => array_column($format->build(self::parcel($card))->files, 'bytes', 'name');
                try {
                    $this->assertSame($bytes(), $bytes(), "$key of $seed");
                    $built[$key] = true;
                } catch (Refusal) {
                    // Not every card has what a calendar needs.
                }
            }
        }
        $this->assertSame([], array_diff_key(Formats::all(), $built));
    }

    /** Marks that travel along keep what they wear: said where it happens, and nowhere else (complaint X26). */
    public function test_a_season_that_is_carried_along_is_told(): void
    {
        $card = Samples::card(['style' => ['marks' => ['dress' => ['season' => 'snow']]]]);
        $says = fn (string $to, bool $inside, string $day, ?Card $of = null): string => FrozenPictures::says(
            $of ?? $card, Destination::of($to), $inside, Day::parse($day),
        );
        foreach (['message', 'page', 'picture', 'template'] as $to) {
            $this->assertStringContainsString('wear snow until 6 January.', $says($to, false, '2026-12-20'), $to);
            $this->assertStringContainsString('stay plain', $says($to, false, '2026-07-01'), $to);
        }
        $this->assertStringContainsString('until 6 January', $says('any', true, '2027-01-06'));
        $this->assertSame('', $says('any', false, '2026-12-20').$says('campaign', false, '2026-12-20'));
        $this->assertSame('', $says('page', false, '2026-12-20', Samples::card()));
        $leap = Samples::card(['style' => ['marks' => ['dress' => ['season' => 'leaf', 'until' => '02-29']]]]);
        $this->assertStringContainsString('28 February', $says('page', false, '2026-02-01', $leap));
    }

    private static function parcel(?Card $card = null, ?\Closure $bake = null): Parcel
    {
        return new Parcel(
            $card ?? Samples::card(), Samples::pictures(),
            $bake ?? fn () => new Baked((string) base64_decode(self::PNG), 'png', 1, 1),
            new \DateTimeImmutable('2026-11-25T10:00:00Z'), str_repeat('ab', 16), fn (string $svg) => $svg,
        );
    }

    /** @return iterable<string, array{array<string, string>, string, string, ?string}> fields, country, start, end */
    public static function hours(): iterable
    {
        yield 'summer in Britain' => [
            ['from' => '14:00', 'until' => '17:30'], 'GB', '20270522T130000Z', '20270522T163000Z',
        ];
        yield 'past midnight' => [
            ['from' => '20:00', 'until' => '01:00'], 'FR', '20270522T180000Z', '20270522T230000Z',
        ];
        yield 'no end' => [['from' => '9.05'], 'GB', '20270522T080500Z', null];
        yield 'many zones' => [['from' => '09:00'], 'US', '20270522T130000Z', null];
        yield 'own zone' => [['from' => '09:00', 'zone' => 'Asia/Kolkata'], 'US', '20270522T033000Z', null];
        yield 'a whole day' => [['until' => '17:00'], 'GB', '20270522', null];
    }

    /** @param  array<string, string>  $fields */
    #[DataProvider('hours')]
    public function test_an_event_is_noted_at_its_hour_wherever_it_is(
        array $fields, string $country, string $start, ?string $end,
    ): void {
        $fields += [
            'words' => 'Open; day', 'address' => 'quillfern.example', 'starts' => '2027-05-22',
            'place' => 'Lane 4, Eddersby',
        ];
        $piece = Samples::card(['pieces' => [['id' => 'e', 'kind' => 'event', 'fields' => $fields]]])->piece('e');
        $made = new \DateTimeImmutable('2027-01-01T00:00:00+02:00');
        $calendar = CalendarEntry::of([$piece], $country, $made, 'u@x', 3);
        $this->assertSame([], $calendar->validate());
        $event = $calendar->getBaseComponent('VEVENT') ?? self::fail('no event');
        $this->assertSame([$start, $end, '20261231T220000Z', 'Lane 4, Eddersby', '3', 'u@x'], array_map(
            fn (string $name) => isset($event->{$name}) ? (string) $event->{$name} : null,
            ['DTSTART', 'DTEND', 'DTSTAMP', 'LOCATION', 'SEQUENCE', 'UID'],
        ));
    }

    public function test_three_answers_lead_to_a_way_that_works_and_each_can_be_skipped(): void
    {
        $this->assertFalse(FirstWay::of('', '', '')->isAsked());
        $this->assertSame([], FirstWay::of('nowhere', 'crowd', 'wild')->says());
        foreach (['', ...array_keys(Destination::all())] as $to) {
            foreach (['', ...array_keys(FirstWay::PEOPLE)] as $people) {
                foreach (['', ...array_keys(FirstWay::FREEDOM)] as $freedom) {
                    $way = FirstWay::of($to, $people, $freedom);
                    $said = ($freedom !== '') + ($people === 'many') + ($to !== '');
                    $this->assertGreaterThanOrEqual($said, count($way->says()), "$to $people $freedom");
                    $this->assertSame($freedom === '', $way->first() === '');
                }
            }
        }
        $this->assertStringContainsString('10,000', implode(' ', FirstWay::of('gmail', '', '')->says()));
        $word = array_filter(Destination::all(), fn (Destination $to) => MailClient::of($to->client)->word);
        foreach (array_keys($word) as $to) {
            $this->assertStringContainsString('word processor', implode(' ', FirstWay::of($to, '', '')->says()));
        }
    }
}
