<?php

namespace Tests\Core;

use InkyCard\Brand\Brand;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\Rearrange;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starters;
use InkyCard\Layout\Sheet;
use InkyCard\Link\Verdict;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Checks;
use InkyCard\Proof\Finding;
use InkyCard\Proof\PictureFact;
use InkyCard\Proof\Proof;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every check trips on a card that has the fault, not on one that has not, and its mend is what it says. */
final class ProofTest extends TestCase
{
    private const BRAND = [
        'inks' => [
            'body' => '#26332b', 'accent' => '#a4402c', 'quiet' => '#4d5a52', 'link' => '#1c4c6e', 'paper' => '#ffffff',
        ],
        'rules' => [['trade' => 'Surveyors', 'role' => 'surveyor', 'licence' => true, 'notices' => ['Terms']]],
        'notices' => [['name' => 'Terms', 'text' => 'Terms apply.', 'documents' => []]],
    ];

    /**
     * @return iterable<string, array{string, array<string, mixed>, 2?: array<string, mixed>}> check => key, changes to
     *     the card, what else is known
     */
    public static function faults(): iterable
    {
        $piece = fn (string $kind, array $fields, array $more = []): array => [
            'pieces' => [['id' => 'x', 'kind' => $kind, 'fields' => $fields] + $more],
        ];
        $call = ['words' => 'Plan it', 'address' => 'quillfern.example/plan', 'form' => 'button'];
        yield 'too wide' => [
            'too-wide',
            [
                'pieces' => array_map(
                    fn (int $n) => [
                        'id' => "x$n",
                        'kind' => 'picture',
                        'zone' => 'under',
                        'fields' => [
                            'picture' => 'sample:portrait-office', 'alt' => 'The long border', 'width' => 230,
                            'ratio' => 0.2,
                        ],
                    ] + ($n > 1 ? ['joined' => ''] : []),
                    range(1, 3),
                ),
            ],
        ];
        yield 'too wide for a phone' => [
            'too-wide-phone',
            [
                'pieces' => [
                    [
                        'id' => 'y',
                        'kind' => 'picture',
                        'zone' => 'under',
                        'fields' => [
                            'picture' => 'sample:portrait-office', 'alt' => 'The long border', 'width' => 230,
                            'ratio' => 0.2,
                        ],
                    ],
                    [
                        'id' => 'x',
                        'kind' => 'logo',
                        'zone' => 'under',
                        'fields' => [
                            'picture' => 'sample:portrait-office', 'alt' => 'Quillfern', 'width' => 120, 'ratio' => 0.3,
                        ],
                        'joined' => '',
                    ],
                ],
            ],
        ];
        yield 'too tall' => [
            'too-tall',
            $piece('picture', [
                'picture' => 'sample:portrait-office', 'alt' => 'The long border', 'width' => 220, 'ratio' => 2,
            ]),
        ];
        yield 'jammed' => ['jammed', ['style' => ['gaps' => ['leading' => 1.1, 'lines' => 0]]]];
        yield 'loose' => ['loose', ['style' => ['gaps' => ['lines' => 20]]]];
        yield 'corners' => ['corners', ['style' => ['button' => ['radius' => 12]], ...$piece('button', $call)]];
        yield 'blank' => ['blank', $piece('tagline', ['text' => ''])];
        yield 'pictures heavy' => ['pictures-heavy', [], ['bytes' => 140_000]];
        yield 'picture heavy' => ['picture-heavy', [], ['bytes' => 80_000]];
        yield 'picture soft' => ['picture-soft', [], ['original' => 100]];
        yield 'words in pictures' => [
            'words-in-pictures',
            [
                'only' => [
                    ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Maren']],
                    ['id' => 'p5', 'kind' => 'web', 'fields' => ['address' => 'q.example']],
                    [
                        'id' => 'x',
                        'kind' => 'picture',
                        'fields' => [
                            'picture' => 'sample:portrait-office', 'alt' => 'All there is to know', 'width' => 240,
                            'ratio' => 0.6,
                        ],
                    ],
                ],
            ],
        ];
        yield 'alt missing' => [
            'alt-missing',
            $piece('html', ['html' => '<img src="https://quillfern.example/a.png" width="20" height="20">']),
        ];
        yield 'alt useless' => [
            'alt-useless',
            $piece('logo', ['picture' => 'sample:portrait-office', 'alt' => 'logo_final.png', 'width' => 60]),
        ];
        yield 'picture that will not last' => [
            'picture-host',
            $piece('picture', [
                'picture' => 'https://lh3.googleusercontent.com/abc',
                'alt' => 'A border',
                'width' => 80,
            ]),
        ];
        yield 'picture by http' => [
            'picture-http',
            $piece('picture', ['picture' => 'http://quillfern.example/a.png', 'alt' => 'A border', 'width' => 80]),
        ];
        yield 'picture does not line up' => ['picture-fit', ['headshot' => ['size' => 48]]];
        yield 'handwriting on dark' => [
            'hand-dark',
            $piece(
                'closing',
                [
                    'phrase' => 'Warmly,', 'picture' => 'hand:'.str_repeat('a', 64), 'alt' => 'Maren', 'width' => 120,
                    'ratio' => 0.3,
                ],
                ['zone' => 'before'],
            ),
        ];
        yield 'glare' => [
            'glare',
            $piece('banner', [
                'picture' => 'sample:portrait-office', 'alt' => 'Spring plans', 'width' => 300, 'ratio' => 0.25,
            ]),
            ['lightness' => 0.95],
        ];
        yield 'moving' => [
            'moving',
            $piece(
                'closing',
                [
                    'picture' => 'hand:'.str_repeat('a', 64), 'alt' => 'Maren', 'width' => 120, 'ratio' => 0.3,
                    'moving' => 'once', 'outline' => 'light',
                ],
                ['zone' => 'before'],
            ),
        ];
        yield 'picture kind not shown' => [
            'pictures-unseen',
            $piece('picture', ['picture' => 'https://quillfern.example/a.svg', 'alt' => 'A border', 'width' => 80]),
        ];
        yield 'on a picture' => ['behind', ['style' => ['panels' => ['text' => [
            'fill' => 'tint', 'picture' => 'sample:portrait-office', 'veil' => 20,
        ]]]]];
        yield 'on a picture, whole' => ['behind', ['style' => ['ground' => [
            'shown' => true, 'picture' => 'sample:portrait-office', 'veil' => 10,
        ]]]];
        yield 'faint' => ['contrast', ['style' => ['inks' => ['quiet' => '#9aa8a0']]]];
        yield 'faint on forced dark' => ['contrast-dark', ['style' => ['inks' => ['link' => '#b42df0']]]];
        yield 'inks alike' => ['inks-alike', ['style' => ['inks' => ['link' => '#27342c']]]];
        yield 'off brand' => ['off-brand', ['style' => ['inks' => ['accent' => '#a5412d']]]];
        yield 'small text' => ['small-text', ['style' => ['sizes' => ['text' => 10]]]];
        yield 'small text of one piece' => [
            'small-text',
            $piece('tagline', ['text' => 'Drawn for your soil'], ['zone' => 'text', 'tuning' => ['size' => 9]]),
        ];
        yield 'typeface' => ['typeface', ['style' => ['typeface' => 'calibri']]];
        yield 'name not first' => [
            'name-first',
            $piece('tagline', ['text' => 'Drawn for your soil'], ['zone' => 'text', 'tuning' => ['size' => 24]]),
        ];
        yield 'long line' => [
            'long-line',
            $piece('textlink', ['words' => 'Map', 'address' => 'quillfern.example/'.str_repeat('long/', 16)]),
        ];
        yield 'found links' => [
            'found-links',
            $piece('html', [
                'html' => '<p style="color:#26332b">Ring +44 1632 960147 or write to desk@quillfern.example</p>',
            ]),
        ];
        yield 'placeholder' => ['token-left', $piece('tagline', ['text' => 'Hello {{ first_name }}'])];
        yield 'calls' => [
            'calls',
            [
                'pieces' => [
                    ['id' => 'x', 'kind' => 'button', 'fields' => $call],
                    [
                        'id' => 'y',
                        'kind' => 'booking',
                        'fields' => ['words' => 'Book', 'address' => 'quillfern.example/book', 'form' => 'button'],
                    ],
                ],
            ],
        ];
        yield 'many links' => [
            'links-many',
            [
                'pieces' => array_map(
                    fn (int $n) => ['id' => "x$n", 'kind' => 'web', 'fields' => ['address' => "q$n.example"]],
                    range(1, 14),
                ),
            ],
        ];
        yield 'many marks' => [
            'marks-many',
            $piece('profiles', ['links' => array_map(fn (int $n) => "Page $n: quillfern.example/p$n", range(1, 9))]),
        ];
        foreach (
            [
                'link-broken' => Verdict::Missing, 'link-silent' => Verdict::Silent, 'link-sign-in' => Verdict::SignIn,
                'link-editing' => Verdict::Editing, 'link-moved' => Verdict::Moved,
            ] as $check => $verdict
        ) {
            yield $check => [
                $check,
                $piece('textlink', ['words' => 'See it', 'address' => 'quillfern.example/see']),
                [
                    'verdicts' => ['https://quillfern.example/see' => $verdict],
                    'moved' => ['https://quillfern.example/see' => 'https://quillfern.example/seen'],
                ],
            ];
        }
        yield 'http' => [
            'link-http',
            $piece('textlink', ['words' => 'See it', 'address' => 'http://quillfern.example/see']),
        ];
        yield 'tags missing' => [
            'tags-missing',
            ['tags' => ['off' => ['x']]]
            + $piece('textlink', ['words' => 'See it', 'address' => 'quillfern.example/see']),
        ];
        yield 'own tags' => [
            'tags-own',
            $piece('textlink', [
                'words' => 'See it',
                'address' => 'quillfern.example/see?a=1&utm_source=x&utm_medium=y#z',
            ]),
        ];
        yield 'front page' => [
            'call-front-page',
            $piece('button', ['address' => 'https://quillfern.example/contact'] + $call),
        ];
        yield 'vague' => [
            'call-vague', $piece('textlink', ['words' => 'Click here!', 'address' => 'quillfern.example/see']),
        ];
        yield 'mistyped mail' => ['mail', $piece('email', ['address' => 'maren@gmial.com'])];
        yield 'a call without its address' => ['lacking', $piece('button', ['words' => 'Book a visit'])];
        yield 'a banner without its link' => [
            'picture-unlinked', $piece('banner', ['picture' => 'sample:banner-coast', 'alt' => 'Spring plans']),
        ];
        yield 'calls as text' => ['calls', ['pieces' => [
            ['id' => 'x', 'kind' => 'textlink', 'fields' => ['words' => 'One', 'address' => 'quillfern.example/see']],
            ['id' => 'y', 'kind' => 'booking', 'fields' => ['words' => 'Two', 'address' => 'quillfern.example/b']],
        ]]];
        yield 'twice' => [
            'links-twice',
            [
                'pieces' => [
                    [
                        'id' => 'x',
                        'kind' => 'textlink',
                        'fields' => ['words' => 'One', 'address' => 'quillfern.example/see'],
                    ],
                    [
                        'id' => 'y',
                        'kind' => 'booking',
                        'fields' => ['words' => 'Two', 'address' => 'quillfern.example/see', 'form' => 'link'],
                    ],
                ],
            ],
        ];
        yield 'profile' => ['profile-address', $piece('profiles', ['links' => ['linkedin.com/feed']])];
        yield 'samples' => ['sample', $piece('tagline', ['text' => 'Made up'], ['sample' => true])];
        yield 'nobody' => [
            'no-name',
            ['only' => [['id' => 'p5', 'kind' => 'email', 'fields' => ['address' => 'maren@quillfern.example']]]],
        ];
        yield 'no way to reach' => [
            'no-contact',
            ['only' => [['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']]]],
        ];
        yield 'licence' => [
            'licence',
            [
                'role' => 'Chartered surveyor',
                'pieces' => [['id' => 'x', 'kind' => 'notice', 'fields' => ['text' => 'Terms apply.']]],
            ],
        ];
        yield 'notice' => [
            'notice',
            [
                'role' => 'Chartered surveyor',
                'pieces' => [['id' => 'x', 'kind' => 'licence', 'fields' => ['text' => 'No. 1']]],
            ],
        ];
        yield 'own colour' => [
            'own-colour', $piece('line', ['value' => 'Open'], ['tuning' => ['colour' => '#7a1f4f']]),
        ];
        yield 'language' => ['language', ['role' => 'مهندسة حدائق وتصميم المناظر الطبيعية في المدينة القديمة']];
        yield 'trust page' => ['trust-page', ['starter' => 'stone-and-statute']];
        yield 'ended' => [
            'ended',
            $piece('offer', ['words' => 'Plans', 'address' => 'quillfern.example/spring', 'ends' => '2026-11-24']),
        ];
        yield 'ends soon' => [
            'ends-soon',
            $piece('offer', ['words' => 'Plans', 'address' => 'quillfern.example/spring', 'ends' => '2026-12-01']),
        ];
        yield 'event past' => [
            'event-past',
            $piece('event', ['words' => 'Open day', 'address' => 'quillfern.example/day', 'starts' => '2026-11-24']),
        ];
        yield 'number' => ['phone', $piece('phone', ['number' => '+44 99 9999 9999'])];
        yield 'own html lost' => [
            'html-lost',
            $piece('html', ['html' => '<p style="color:#26332b">Hello</p><form><input></form>']),
        ];
        yield 'code long' => [
            'code-long',
            [
                'pieces' => array_map(
                    fn (int $n) => [
                        'id' => "x$n",
                        'kind' => 'notice',
                        'fields' => ['text' => str_repeat('Small print. ', 50)],
                    ],
                    range(1, 16),
                ),
            ],
        ];
        yield 'code near' => [
            'code-near',
            [
                'pieces' => array_map(
                    fn (int $n) => [
                        'id' => "x$n",
                        'kind' => 'notice',
                        'fields' => ['text' => str_repeat('Small print. ', 40)],
                    ],
                    range(1, 10),
                ),
            ],
        ];
        yield 'style lost' => [
            'style-lost',
            $piece('html', ['html' => '<p style="color:rgb(40 50 60);font-size:13px">Hello</p>']),
        ];
        yield 'lost in webmail' => [
            'webmail-lost',
            $piece('html', ['html' => '<p style="color:#26332b;margin:0 0 0 -4px">Hello</p>']),
            ['raw' => '<p style="color:#26332b;position:absolute">Hello</p>'],
        ];
        yield 'lost in Word' => [
            'word-lost',
            $piece('html', ['html' => '<div style="color:#26332b;padding:8px">Hello</div>']),
        ];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  $known
     */
    #[DataProvider('faults')]
    public function test_a_check_trips_on_its_fault_and_its_mend_clears_it_and_raises_no_other(
        string $check,
        array $changes,
        array $known = [],
    ): void {
        $card = self::card($changes);
        if (isset($known['raw'])) {
            // Only a document from elsewhere can hold what accepting takes out.
            $card = $card->replacing($card->piece('x')->with(['fields' => ['html' => $known['raw']]]));
        }
        $proof = self::proof($card, $known);
        $found = array_values(array_filter($proof->findings, fn (Finding $finding) => $finding->check === $check));
        foreach ($found as $finding) {
            $this->assertDoesNotMatchRegularExpression('/\d\.\d{4}/', (string) $finding->says, 'figures are rounded');
            $this->assertDoesNotMatchRegularExpression('/\s:[a-z]/', (string) $finding->says, 'every value is there');
        }
        $this->assertNotSame(
            [],
            $found,
            'found: '.implode(', ', array_map(fn (Finding $finding) => $finding->id(), $proof->findings)),
        );
        foreach ($found as $finding) {
            foreach ($finding->clients as $client) {
                $this->assertContains($client, MailClient::ALL);
            }
            foreach ($finding->pieces as $piece) {
                $card->piece($piece);
            }
            if ($finding->mend === null) {
                continue;
            }
            $mended = $finding->mend->edit->apply($card);
            $after = self::proof($mended, $known);
            $this->assertNull($after->finding($finding->id()), 'cleared');
            $this->assertSame(
                [],
                array_values(array_diff(self::checks($after), self::checks($proof))),
                'raises no other',
            );
            $this->assertGreaterThanOrEqual($proof->score(), $after->score());
            $this->assertSame(
                CardJson::encode($mended),
                CardJson::encode($finding->mend->edit->apply($mended)),
                'twice is once',
            );
            $this->assertNotSame('', $finding->mend->edit->words($card));
        }
    }

    public function test_no_mend_of_any_starter_raises_another_finding(): void
    {
        $mends = 0;
        foreach (Starters::all() as $key => $starter) {
            foreach (Arrangement::all() as $arrangement) {
                $card = (new Rearrange($arrangement))->apply(self::own($starter->sample()));
                $proof = self::proof($card);
                foreach (array_filter(array_column($proof->findings, 'mend')) as $mend) {
                    $after = self::proof($mend->edit->apply($card));
                    $raised = array_values(array_diff(self::checks($after), self::checks($proof)));
                    $this->assertSame([], $raised, "$key $arrangement->key: $mend->label");
                    $this->assertGreaterThanOrEqual($proof->score(), $after->score(), "$key: $mend->label");
                    $mends++;
                }
            }
        }
        $this->assertGreaterThan(0, $mends);
    }

    public function test_a_sound_card_trips_nothing_and_every_check_has_a_fault_here(): void
    {
        $proof = self::proof(self::card());
        $this->assertSame([[], 100], [self::checks($proof), $proof->score()]);
        $tried = array_unique(array_column(iterator_to_array(self::faults()), 0));
        $this->assertSame([], array_values(array_diff(array_map(fn ($check) => $check->key(), Checks::all()), $tried)));
        $this->assertGreaterThanOrEqual(45, count(Checks::all()));
        $this->assertSame(
            count(Checks::all()),
            count(array_unique(array_map(fn ($check) => $check->key(), Checks::all()))),
        );
    }

    /** @return iterable<string, array{string, bool}> words, whether they were meant to be filled in */
    public static function placeholders(): iterable
    {
        foreach ([
            '[Your Name]', '{company}', '{insert phone number}', 'Your company', 'your tagline here', 'Tagline here',
            'TBC', 'TBA', 'xxx', 'Lorem ipsum dolor', 'John Doe', 'First name', 'To be confirmed', '${name}',
            '[[role]]', 'Todo', '???',
        ] as $words) {
            yield $words => [$words, true];
        }
        foreach ([
            'We grow your business', 'Gardens for your address book', 'Name, title and all', 'Come here',
            'Read it here',
            'Head of TBC Bank', 'Your garden, our work', 'See [1] and <3', 'Doe & Co', 'Contact (phone)', 'XXXL prints',
        ] as $words) {
            yield $words => [$words, false];
        }
    }

    #[DataProvider('placeholders')]
    public function test_what_was_to_be_filled_in_is_found(string $words, bool $found): void
    {
        $card = self::card(['pieces' => [['id' => 'x', 'kind' => 'tagline', 'fields' => ['text' => $words]]]]);
        $this->assertSame($found, in_array('token-left', self::checks(self::proof($card)), true));
    }

    public function test_addresses_of_samples_are_found_and_what_could_not_be_looked_at_is_said(): void
    {
        foreach (['linkedin.com/in/first-last', 'https://www.example.com/a', 'yourcompany.com'] as $address) {
            $card = self::card(['pieces' => [
                ['id' => 'x', 'kind' => 'textlink', 'fields' => ['words' => 'See our plans', 'address' => $address]],
            ]]);
            $proof = self::proof($card);
            $this->assertContains('token-left', self::checks($proof), $address);
        }
        $why = array_keys($proof->blind);
        $this->assertContains('its links were not followed lately', $why);
        $keys = array_map(fn ($check) => $check->key(), $proof->blind['its links were not followed lately']);
        $this->assertContains('link-broken', $keys);
        $this->assertSame([], array_intersect($keys, $proof->toArray()['passed']));
    }

    public function test_the_matrix_names_the_gravest_for_each_reader_and_pieces_know_theirs(): void
    {
        $proof = self::proof(
            self::card([
                'headshot' => ['size' => 120],
                'style' => ['button' => ['radius' => 12]],
                'pieces' => [
                    [
                        'id' => 'x',
                        'kind' => 'button',
                        'fields' => [
                            'words' => 'Plan a garden for next year',
                            'address' => 'http://quillfern.example/plan',
                        ],
                        'joined' => '',
                    ],
                    ['id' => 'y', 'kind' => 'tagline', 'fields' => ['text' => '{{ motto }}']],
                ],
            ]),
        );
        $matrix = $proof->matrix();
        $this->assertSame(
            ['corners', null],
            [$matrix['layout']['word-desktop']?->check, $matrix['layout']['tolerant-webmail']],
        );
        $this->assertSame('link-http', $matrix['links']['plain-text']?->check);
        $this->assertSame(
            [Severity::Blocks, 'token-left'],
            [$proof->findings[0]->severity, $proof->byPiece()['y']->check],
        );
        $this->assertSame(['token-left', 'link-http', 'corners'], self::checks($proof));
        $this->assertSame(100 - 25 - 8 - 2, $proof->score());
        $this->assertSame($proof->score(), $proof->toArray()['score']);
    }

    /**
     * @param  array<string, mixed>  $changes `pieces` are added, `only` stand alone, `role` and `headshot` change
     *     those, the rest are keys of the document
     */
    private static function card(array $changes = []): Card
    {
        $pieces = $changes['only'] ?? [
            [
                'id' => 'p1',
                'kind' => 'headshot',
                'fields' => ['picture' => 'sample:portrait-office', 'size' => 96] + [],
            ],
            ['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']],
            ['id' => 'p3', 'kind' => 'role', 'fields' => ['text' => $changes['role'] ?? 'Principal designer']],
            ['id' => 'p4', 'kind' => 'company', 'fields' => ['text' => 'Quillfern Garden Studio']],
            ['id' => 'p5', 'kind' => 'email', 'fields' => ['address' => 'maren@quillfern.example']],
            ['id' => 'p6', 'kind' => 'web', 'fields' => ['address' => 'quillfern.example']],
            ...$changes['pieces'] ?? [],
        ];
        if (isset($changes['headshot'])) {
            $pieces[0]['fields'] = $changes['headshot'] + $pieces[0]['fields'];
        }
        $style = array_replace_recursive(
            ['inks' => self::BRAND['inks'], 'button' => ['radius' => 0]],
            $changes['style'] ?? [],
        );

        return CardJson::read(
            ['format' => CardJson::FORMAT, 'name' => 'Proofed', 'style' => $style, 'pieces' => $pieces]
                + array_diff_key($changes, ['only' => 0, 'pieces' => 0, 'role' => 0, 'headshot' => 0, 'style' => 0]),
        );
    }

    /**
     * @param  array<string, mixed>  $known `bytes`, `lightness`, `original` of every picture; `verdicts`, `moved` of
     *     links
     */
    private static function proof(Card $card, array $known = []): Proof
    {
        $facts = [];
        foreach (Sheet::of($card)->pictures() as $picture) {
            $key = is_string($picture->source) ? $picture->source : $picture->source->key();
            // What is dimmed is darker.
            $dim
                = ! is_string($picture->source)
                && str_contains((string) json_encode($picture->source->toArray()), '"dim"');
            $facts[$key] = new PictureFact(
                $known['bytes'] ?? 4000,
                ($known['lightness'] ?? 0.5) * ($dim ? 0.72 : 1),
                $known['original'] ?? 2 * $picture->width,
            );
        }

        return Proof::of(
            new Subject(
                $card, Brand::of(self::BRAND), Day::parse('2026-11-25'), Samples::pictures(), $facts,
                $known['verdicts'] ?? [],
                $known['moved'] ?? [],
            ),
        );
    }

    /** What a starter made up, taken for its holder's own. */
    private static function own(Card $card): Card
    {
        return $card->with(
            ['pieces' => array_map(fn (Piece $piece) => $piece->with(['madeUp' => []]), $card->pieces)],
        );
    }

    /** @return list<string> */
    private static function checks(Proof $proof): array
    {
        return array_values(array_unique(array_map(fn (Finding $finding) => $finding->check, $proof->findings)));
    }
}
