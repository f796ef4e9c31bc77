<?php

namespace Tests\Core;

use InkyCard\Handover\Formats;
use InkyCard\Handover\Parcel;
use InkyCard\Import\ContactSource;
use InkyCard\Import\Fact;
use InkyCard\Import\HtmlSource;
use InkyCard\Import\PageSource;
use InkyCard\Import\TableSource;
use InkyCard\Import\TextSource;
use InkyCard\Picture\Baked;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Signatures as other people make them, read into facts. */
final class ReadInTest extends TestCase
{
    /** @return list<array<string, string>> made-up people; phones as they should be read */
    private static function people(): array
    {
        return [
            [
                'name' => 'Maren Oakhollow', 'role' => 'Principal designer', 'firm' => 'Quillfern Garden Studio',
                'phone' => '01632 960147', 'e164' => '+44 1632 960147', 'mobile' => '+44 7700 900147',
                'mail' => 'maren@quillfern.example', 'web' => 'quillfern.example',
                'net' => 'linkedin.com/in/maren-oakhollow', 'street' => '4 Mallow Lane, Eddersby ED1 4QF',
                'country' => 'GB',
            ],
            [
                'name' => 'Jonas Weber', 'role' => 'Geschäftsführer', 'firm' => 'Weber Holzbau GmbH',
                'phone' => '030 901820', 'e164' => '+49 30 901820', 'mobile' => '+49 1523 3456789',
                'mail' => 'jonas@weber-holzbau.example', 'web' => 'www.weber-holzbau.example',
                'net' => 'instagram.com/weber.holzbau', 'street' => 'Bahnhofstraße 12, 10115 Berlin', 'country' => 'DE',
            ],
            [
                'name' => 'Dr. Aoife Ní Bhriain', 'role' => 'Senior Lecturer', 'firm' => 'Saltmarsh University',
                'phone' => '(202) 555-0143', 'e164' => '+1 202-555-0143', 'mobile' => '+1 202-555-0199',
                'mail' => 'a.nibhriain@saltmarsh.example', 'web' => 'saltmarsh.example/people/aoife',
                'net' => 'github.com/aoife-nb', 'street' => '12 Harbour Road, Suite 4, Fennport', 'country' => 'US',
            ],
            [
                'name' => 'Teo Lantern', 'role' => 'Head baker', 'firm' => 'Lantern & Crumb Ltd',
                'phone' => '+44 20 7946 0958', 'e164' => '+44 20 7946 0958', 'mobile' => '07700 900958',
                'mail' => 'teo.lantern@crumb.example', 'web' => 'https://crumb.example',
                'net' => 'facebook.com/lanterncrumb', 'street' => '9 Mill Street, Eddersby', 'country' => 'GB',
            ],
        ];
    }

    /** @return array<string, string> layouts as they are found in the wild, by file; places for facts in braces */
    private static function layouts(): array
    {
        $files = glob(__DIR__.'/signatures/*') ?: [];

        return array_combine(
            array_map(basename(...), $files), array_map(fn (string $file) => (string) file_get_contents($file), $files),
        );
    }

    /** @param  array<string, string>  $person */
    private static function filled(string $layout, array $person): string
    {
        $web = $person['web'];
        $values = ['url' => str_starts_with($web, 'http') ? $web : "https://$web"] + $person;

        return strtr($layout, array_combine(
            array_map(fn (string $name) => "{{$name}}", array_keys($values)), array_values($values),
        ));
    }

    public function test_names_phones_mail_web_and_links_are_right_in_nineteen_of_twenty_fields(): void
    {
        $signatures = $fields = 0;
        $wrong = [];
        foreach (self::layouts() as $layout => $text) {
            foreach (self::people() as $person) {
                $signatures++;
                $made = self::filled($text, $person);
                $facts = str_starts_with($layout, 'plain')
                    ? TextSource::facts($made, $person['country'])
                    : HtmlSource::facts($made, $person['country']);
                $got = fn (string $kind, string $field): array => array_map(
                    fn (Fact $fact) => is_array($fact->fields[$field] ?? '')
                        ? implode(' ', $fact->fields[$field])
                        : (string) ($fact->fields[$field] ?? ''),
                    array_values(array_filter($facts, fn (Fact $fact) => $fact->kind === $kind)),
                );
                $host = (string) preg_replace('~^(?:https?://)?(?:www\.)?~', '', $person['web']);
                foreach (
                    [
                        'name' => $got('name', 'text') === [$person['name']],
                        'role' => $got('role', 'text') === [$person['role']],
                        'firm' => in_array($person['firm'], $got('company', 'text'), true),
                        'phone' => in_array($person['e164'], $got('phone', 'number'), true),
                        'mobile' => count($got('phone', 'number')) === 2,
                        'mail' => $got('email', 'address') === [$person['mail']],
                        'web' => array_filter(
                            $got('web', 'address'),
                            fn (string $address) => str_ends_with($address, $host),
                        ) !== [],
                        'links' => str_contains(implode(' ', $got('profiles', 'links')), $person['net']),
                    ] as $field => $right
                ) {
                    $fields++;
                    if (! $right) {
                        $wrong[]
                            = "$layout, {$person['name']}, $field: "
                            .implode(
                                ' / ',
                                array_map(
                                    fn (Fact $fact) => $fact->kind.'='
                                        .json_encode(
                                            array_filter(
                                                array_intersect_key(
                                                    $fact->fields,
                                                    array_flip([
                                                        'text', 'number', 'address', 'links', 'value', 'words',
                                                    ]),
                                                ),
                                            ),
                                            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                                        ),
                                    $facts,
                                ),
                            );
                    }
                }
                foreach ($facts as $fact) {
                    $this->assertTrue($fact->confidence > 0 && $fact->confidence <= 1);
                }
            }
        }
        $this->assertGreaterThanOrEqual(40, $signatures);
        $this->assertLessThanOrEqual(
            0.05 * $fields,
            count($wrong),
            count($wrong)." of $fields wrong:\n".implode("\n", $wrong),
        );
    }

    /** Sixteen languages in thirteen layouts, read in by somebody of another country. */
    public function test_signatures_from_abroad_are_right_in_nineteen_of_twenty_and_never_sure_of_a_wrong_fact(): void
    {
        $layouts = glob(__DIR__.'/abroad/*.*') ?: [];
        $rows = array_map(
            fn (string $row) => explode('|', $row), file(__DIR__.'/abroad/people', FILE_IGNORE_NEW_LINES) ?: [],
        );
        $people = array_map(fn (array $row) => array_combine($rows[0], $row), array_slice($rows, 1));
        $kinds = [
            'closing' => ['closing', 'phrase'], 'name' => ['name', 'text'], 'role' => ['role', 'text'],
            'firm' => ['company', 'text'], 'e164' => ['phone', 'number'], 'mobile164' => ['phone', 'number'],
            'mail' => ['email', 'address'], 'web' => ['web', 'address'], 'postal' => ['address', 'text'],
            'register' => ['licence', 'text'],
        ];
        $plain = fn (string $kind, string $value) => match ($kind) {
            'phone' => (string) preg_replace('/\D/', '', $value),
            'web' => (string) preg_replace('~^https?://|/$~', '', $value),
            default => rtrim($value, ' ,'),
        };
        $wrong = [];
        $facts = 0;
        foreach ($layouts as $place => $layout) {
            foreach ($people as $index => $person) {
                if ($index % 2 !== $place % 2) {
                    continue;
                }
                $text = self::filled((string) file_get_contents($layout), $person);
                $got = [];
                foreach (
                    str_ends_with($layout, 'html')
                        ? HtmlSource::facts($text, 'GB')
                        : TextSource::facts($text, 'GB') as $fact
                ) {
                    $value = (string) ($fact->fields[$kinds[$fact->kind][1] ?? 'text'] ?? $fact->fields['number']
                        ?? $fact->fields['address'] ?? '');
                    $got[$fact->kind][$plain($fact->kind, $value)] = $fact->confidence;
                }
                $person['postal'] = "{$person['street']}, {$person['place']}";
                $right = [];
                foreach ($kinds as $key => [$kind]) {
                    $facts++;
                    $value = $plain($kind, $person[$key]);
                    $right[$kind][] = $value;
                    if (! isset($got[$kind][$value])) {
                        $wrong[] = "$layout, {$person['name']}: $key";
                    }
                }
                foreach ($got as $kind => $values) {
                    foreach ($values as $value => $sure) {
                        $this->assertTrue(
                            $sure <= 0.7 || in_array((string) $value, $right[$kind] ?? [], true),
                            "$layout, {$person['name']}: surely $kind $value",
                        );
                    }
                }
            }
        }
        $this->assertGreaterThanOrEqual(2000, $facts);
        $this->assertLessThanOrEqual(0.05 * $facts, count($wrong), implode("\n", $wrong));
    }

    public function test_our_own_contact_comes_back_and_nothing_is_dropped(): void
    {
        $parcel = new Parcel(
            Samples::card(), Samples::pictures(), fn () => new Baked('x', 'png', 1, 1),
            new \DateTimeImmutable('2026-11-25T10:00:00Z'), 'ab', fn (string $svg) => $svg,
        );
        foreach (['vcard', 'vcard3'] as $format) {
            $facts = ContactSource::facts(Formats::of($format)->build($parcel)->files[0]->bytes, 'GB');
            $kinds = array_map(fn (Fact $fact) => $fact->kind, $facts);
            foreach (['name', 'role', 'company', 'phone', 'email', 'web', 'profiles'] as $kind) {
                $this->assertContains($kind, $kinds, $format);
            }
        }
        $facts = HtmlSource::facts('<p>Tuesdays are for planting</p><p>Maren Oakhollow</p><p>Ask about '
            .'roots</p>', 'GB');
        $this->assertSame(
            [],
            array_diff(
                ['Tuesdays are for planting', 'Maren Oakhollow', 'Ask about roots'],
                array_map(fn (Fact $fact) => $fact->source, $facts),
            ),
        );
    }

    /** @return iterable<string, array{string, array<string, string|list<string>>}> page => kind => what it says */
    public static function pages(): iterable
    {
        $person
            = '{"@type":["Thing","Person"],"givenName":"Aoife","familyName":"Birchall","jobTitle":["Weaver"],'
                .'"worksFor":{"name":"Loom &amp; Ling"},"email":"mailto:aoife@loom.example","telephone":"01632 '
                    .'960112","image":{"url":"/aoife.jpg"},"sameAs":"https://www.instagram.com/loom.and.ling"}';
        $said = [
            'name' => 'Aoife Birchall', 'role' => 'Weaver', 'company' => 'Loom & Ling', 'email' => 'aoife@loom.example',
            'phone' => '+44 1632 960112', 'headshot' => 'https://loom.example/aoife.jpg',
            'profiles' => ['https://www.instagram.com/loom.and.ling'],
        ];
        yield 'JSON-LD in a graph' => [
            '<script type="application/ld+json">{"@context":"https://schema.org","@graph":[{"@type":"WebSite",'
                .'"name":"Loom"},'
            .$person
            .']}</script>',
            $said,
        ];
        yield 'JSON-LD of a firm' => [
            '<script type="application/ld+json">{"@type":"LocalBusiness","name":"Loom & Ling","address":"3 Weir '
                .'Street","logo":"https://loom.example/logo.png"}</script>',
            ['company' => 'Loom & Ling', 'address' => '3 Weir Street', 'logo' => 'https://loom.example/logo.png'],
        ];
        yield 'h-card, another in it' => [
            '<html><body><div class="x h-card"><img class="u-photo" src="aoife.jpg"><a class="p-name u-url" '
                .'href="/">Aoife  Birchall</a> <span class="p-job-title">Weaver</span> <span class="p-org h-card"><b '
                .'class="p-name">Loom &amp; Ling</b></span> <a class="u-email" '
                .'href="mailto:aoife@loom.example?subject=hi">write</a> <a class="p-tel" '
                .'href="tel:+441632960112">call</a> <a rel="me" '
                .'href="https://www.instagram.com/loom.and.ling">pictures</a></div></body></html>',
            ['web' => 'https://loom.example', 'headshot' => 'https://loom.example/people/aoife.jpg'] + $said,
        ];
        yield 'Open Graph alone' => [
            '<meta property="og:type" content="profile"><meta property="og:title" content="Aoife Birchall | '
                .'Weavers"><meta property="og:image" content="/aoife.jpg"><meta property="og:site_name" '
                .'content="Weavers">',
            ['name' => 'Aoife Birchall', 'company' => 'Weavers', 'headshot' => 'https://loom.example/aoife.jpg'],
        ];
        yield 'the surer form first' => [
            '<meta property="og:site_name" content="A register"><meta property="og:description" '
                .'content="Cloth"><script type="application/ld+json">'
            .$person
            .'</script><script type="application/ld+json">{broken</script>',
            ['tagline' => 'Cloth'] + $said,
        ];
    }

    /** @param  array<string, string|list<string>>  $said */
    #[DataProvider('pages')]
    public function test_a_public_page_is_read_by_what_it_states_for_machines(string $html, array $said): void
    {
        $this->assertTrue(PageSource::speaks($html));
        $read = [];
        foreach (PageSource::facts($html, 'GB', 'https://loom.example/people/') as $fact) {
            $read[$fact->kind]
                = $fact->fields['picture']
                ?? ($fact->fields['text']
                    ?? ($fact->fields['number'] ?? ($fact->fields['address'] ?? ($fact->fields['links'] ?? null))));
        }
        ksort($read);
        ksort($said);
        $this->assertSame($said, $read);
    }

    public function test_a_row_of_a_table_is_read_by_its_headings(): void
    {
        foreach (
            [
                "First name,Last name,Job title,E-mail,Mobile,LinkedIn,Hobby\r\nAoife,Birchall,\"Weaver, dyer\","
                    ."aoife@loom.example,01632 960112,https://www.linkedin.com/in/aoife-birchall,Bees\r\n",
                "\u{FEFF}Name;Position;Mail;Cell phone;Profile url;Hobby\nAoife Birchall;Weaver, dyer;"
                    .'aoife@loom.example;+44 1632 960112;https://www.linkedin.com/in/aoife-birchall;Bees',
            ] as $csv
        ) {
            $read = [];
            foreach (self::row($csv) as $fact) {
                $read[$fact->kind]
                    = $fact->fields['value']
                    ?? ($fact->fields['text']
                        ?? ($fact->fields['number'] ?? ($fact->fields['address'] ?? ($fact->fields['links'][0]
                            ?? ''))));
            }
            $this->assertEquals(
                [
                    'name' => 'Aoife Birchall', 'role' => 'Weaver, dyer', 'phone' => '+44 1632 960112',
                    'email' => 'aoife@loom.example', 'line' => 'Hobby: Bees',
                    'profiles' => 'https://www.linkedin.com/in/aoife-birchall',
                ],
                $read,
            );
        }
        $this->assertNull(TableSource::csv("Maren Oakhollow, designer\nQuillfern Garden Studio, Eddersby"));
        $this->expectExceptionMessage('Several people');
        TableSource::csv("Name,E-mail\nA,a@loom.example\nB,b@loom.example");
    }

    public function test_what_is_no_signature_gets_a_sentence_and_nothing_throws_otherwise(): void
    {
        foreach (
            [
                fn () => HtmlSource::facts('', 'GB'),
                fn () => TextSource::facts(" \n--\n", 'GB'),
                fn () => ContactSource::facts('hello', 'GB'),
                fn () => PageSource::facts('<p>Aoife Birchall</p>', 'GB'),
                fn () => PageSource::facts(
                    '<script type="application/ld+json">'.str_repeat('[', 5000)
                        .'</script><script '
                            .'type="application/ld+json">{"@type":"Person","name":{"name":[[[[[]]]]]},"sameAs":[{},'
                                .'null],"address":[null]}</script>',
                    'GB',
                ),
                fn () => HtmlSource::facts(str_repeat('x', 3_000_000), 'GB'),
            ] as $read
        ) {
            try {
                $read();
                $this->fail('read');
            } catch (Refusal $refusal) {
                $this->assertNotSame('', $refusal->getMessage());
            }
        }
        foreach (MailClientTest::hostile() as $name => [$html]) {
            try {
                $this->assertNotSame([], HtmlSource::facts($html, 'GB'), (string) $name);
            } catch (Refusal) {
                $this->addToAssertionCount(1);
            }
        }
    }

    /** @return list<Fact> */
    private static function row(string $csv): array
    {
        return (TableSource::csv($csv) ?? throw Refusal::because('This is no table.'))->facts('GB');
    }
}
