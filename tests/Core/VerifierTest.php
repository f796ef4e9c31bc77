<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\ShapeForm;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Card\Edit\ShowPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Link\Wrapped;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Message;
use InkyCard\MailClient\Reader;
use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\ReceivedMessage;
use InkyCard\Verification\SideBySide;
use InkyCard\Verification\Verified;
use InkyCard\Verification\Verifier;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Messages as every stand-in leaves them, new, answered and passed on, with the card as it should be and otherwise. */
final class VerifierTest extends TestCase
{
    public function test_no_card_is_verified_that_is_not_there_and_few_are_missed(): void
    {
        $cards = [
            Samples::card(),
            (new FillPiece('p8', ['form' => 'words']))->apply(
                (new FillPiece('p2', ['text' => 'Zoë Ängström-O\'Brien']))->apply(Samples::card()),
            ),
        ];
        $messages = $falsely = $missed = 0;
        $wrong = [];
        foreach ($cards as $number => $card) {
            $old = (new FillPiece('p5', ['number' => '+44 1632 960199']))->apply(
                (new FillPiece('p3', ['text' => 'Head gardener']))->apply($card),
            );
            [$current, $before] = [self::expected(2, $card), self::expected(1, $old)];
            foreach (MailClient::all() as $key => $client) {
                foreach (['new', 'reply', 'forward'] as $way) {
                    foreach (['clean', 'altered', 'old', 'absent'] as $state) {
                        $shown = [
                            'clean' => $card,
                            'altered' => (new FillPiece('p6', ['address' => 'maren@quilfern.example']))->apply($card),
                            'old' => $old, 'absent' => null,
                        ][$state];
                        [$html, $text] = self::message($client, $shown, $way);
                        $verified = self::verify($current, [$before], $html, $text, 'maren@quillfern.example');
                        $messages++;
                        $case = "$number $key $way $state: $verified->verdict ".implode(' ', $verified->says());
                        if ($verified->verdict === 'verified' && $state !== 'clean') {
                            $falsely++;
                            $wrong[] = $case;
                        }
                        if ($state === 'absent' ? $verified->verdict !== 'absent' : $verified->verdict === 'absent') {
                            $missed++;
                            $wrong[] = $case;
                        }
                        if ($client->form === 'html' && ! $client->quoted && $client->pictures === 'shown'
                            && ! in_array($key, ['word-desktop-120'], true)) {
                            $this->assertSame(
                                ['clean' => 'verified', 'altered' => 'altered', 'old' => 'old', 'absent' => 'absent'][
                                    $state
                                ],
                                $verified->verdict,
                                $case,
                            );
                        }
                        if ($state === 'old' && $verified->verdict !== 'absent') {
                            $this->assertSame(1, $verified->revision, $case);
                        }
                    }
                }
            }
        }
        $this->assertGreaterThanOrEqual(250, $messages);
        $this->assertSame(0, $falsely, implode("\n", $wrong));
        $this->assertLessThanOrEqual(0.02 * $messages, $missed, implode("\n", $wrong));
    }

    /**
     * @return iterable<string, array{\Closure(string): string, string, string}> what happened to the HTML, verdict,
     *     part of what is said
     */
    public static function mishaps(): iterable
    {
        yield 'links wrapped by a gateway' => [
            fn (string $html) => (string) preg_replace_callback(
                '/href="(https[^"]+)"/',
                fn (array $m) => 'href="https://gate.example/?url='.rawurlencode(html_entity_decode($m[1]))
                    .'&amp;data=1"',
                $html,
            ),
            'verified',
            'as it was handed over',
        ];
        yield 'pictures through a proxy' => [
            fn (string $html) => (string) preg_replace(
                '/src="(https[^"]+)"/',
                'src="https://proxy.example/a=s0-d#$1"',
                $html,
            ),
            'verified',
            'as it was handed over',
        ];
        yield 'pictures attached' => [
            fn (string $html) => (string) preg_replace('/src="[^"]+"/', 'src="cid:part1@x"', $html),
            'verified',
            'as it was handed over',
        ];
        yield 'a line gone' => [
            fn (string $html) => str_replace('Principal designer', '', $html),
            'altered',
            'missing: Principal designer',
        ];
        yield 'a digit changed' => [
            fn (string $html) => str_replace('960147', '960148', $html),
            'altered',
            '+44 1632 960147 became',
        ];
        yield 'a link changed' => [
            fn (string $html) => str_replace('quillfern.example/book', 'quillfern.example/shop', $html),
            'altered',
            'gone or changed: https://quillfern.example/book',
        ];
        yield 'pictures stripped' => [
            fn (string $html) => (string) preg_replace('/<img[^>]*>/', '', $html),
            'altered',
            'pictures were lost',
        ];
        yield 'twice' => [fn (string $html) => $html.$html, 'noted', 'stands there twice'];
        yield 'the older one as well' => [
            fn (string $html) => $html.'<p>Head gardener · Quillfern &amp; Co</p>',
            'noted',
            'older signature',
        ];
        yield 'in what is quoted alone' => [
            fn (string $html) => "<p>Thanks</p><blockquote>$html</blockquote>",
            'quoted',
            'above the quoted text',
        ];
        yield 'passed on alone' => [
            fn (string $html) => "<p>See below</p><p>---------- Forwarded message ---------</p><div>$html</div>",
            'quoted',
            'quoted',
        ];
    }

    /** @param  \Closure(string): string  $mishap */
    #[DataProvider('mishaps')]
    public function test_what_happened_on_the_way_is_told(\Closure $mishap, string $verdict, string $says): void
    {
        $card = Samples::card();
        $old = (new FillPiece('p3', ['text' => 'Head gardener']))->apply($card);
        $verified = self::verify(
            self::expected(2, $card), [self::expected(1, $old)], $mishap('<p>Hello</p>'.self::html($card)), '',
            'maren@quillfern.example',
        );
        $this->assertSame($verdict, $verified->verdict, implode(' ', $verified->says()));
        $this->assertStringContainsString($says, implode(' ', $verified->says()));
    }

    /** Whatever a mail client is expected to make of a card is no harm: not to its words, and not to its look. */
    public function test_as_every_stand_in_shows_it_a_card_is_verified(): void
    {
        foreach (Starters::all() as $name => $starter) {
            $current = self::expected(1, $starter->sample());
            foreach (MailClient::all() as $key => $client) {
                $html = Reader::read($client, '<p>Dear Perrin</p>'.self::html($starter->sample()))->html();
                $verified = self::verify($current, [], $client->form === 'text' ? '' : $html, $html, $current->address);
                $this->assertSame(
                    $client->form === 'text' ? 'plain' : ($client->quoted ? 'quoted' : 'verified'), $verified->verdict,
                    "$name $key: ".implode(' ', $verified->says()),
                );
            }
        }
    }

    /** @return iterable<string, array{\Closure(string): string, string}> harm to the look of HTML, what it is called */
    public static function harms(): iterable
    {
        $styles = fn (string $from, string $to): \Closure => fn (string $it) => (string) preg_replace($from, $to, $it);
        yield 'every style stripped' => [$styles('/ style="[^"]*"/', ''), 'ink'];
        yield 'another ink' => [$styles('/([";])color:#[0-9a-f]{6}/', '$1color:#7f7f7f'), 'ink'];
        yield 'links underlined' => [$styles('/text-decoration:none/', 'text-decoration:underline'), 'underlined'];
        yield 'underlined by an element' => [$styles('~(<td[^>]*>)([^<]{6,})~', '$1<u>$2</u>'), 'underlined'];
        yield 'larger type' => [$styles('/font:((?:bold |italic )*)\d+px/', 'font:${1}21px'), 'size'];
        yield 'bold everywhere' => [$styles('~<td~', '<td data-x="" class="x"'), ''];
        yield 'no longer bold' => [$styles('/font:bold /', 'font:'), 'bold'];
        yield 'slanted' => [$styles('/font:/', 'font:italic '), 'italic'];
        yield 'struck' => [fn (string $html) => "<s>$html</s>", 'struck'];
        yield 'spread lines' => [$styles('~/\d+px ~', '/40px '), 'leading'];
        yield 'another typeface' => [$styles('/(font:[^;"]*px )[^;"]*/', '$1Georgia,serif'), 'typeface'];
        yield 'a background gone' => [
            $styles('/ bgcolor="[^"]*"|background-color:[^;"]*;?|background:#[^;"]*;?/', ''), 'background',
        ];
        yield 'in the middle' => [fn (string $html) => str_replace('<td', '<td align="center"', $html), 'align'];
        yield 'spaced out by paragraphs' => [$styles('~(<td[^>]*>)([^<]{6,})(</td>)~', '$1<p>$2</p>$3'), 'space'];
        yield 'spaced out by empty lines' => [$styles('~(<td[^>]*font[^>]*>)~', '$1<br><br>'), 'space'];
        yield 'smaller pictures' => [$styles('/\bwidth(="|:)(?:24|96)/', 'width${1}11'), 'picture'];
        yield 'pictures of whatever size' => [
            $styles('/ width="\d+" height="\d+"|;width:\d+px;height:\d+px/', ''), 'picture',
        ];
        yield 'columns under each other' => [$styles('~</?(?:table|tbody|tr|td)\b~', '$0 '), ''];
        yield 'tables taken apart' => [
            $styles('~(</?)(?:table|tbody|tr|td)\b~', '$1div'), 'place',
        ];
        yield 'in another order' => [
            $styles('~(<tr><td[^>]*>Maren Oakhollow.*?</tr>)(.*)(<tr><td[^>]*><a href="mailto.*?</tr>)~s', '$3$2$1'),
            'order',
        ];
    }

    /**
     * Words and links arrived, the look did not: told by name, whatever mail client is taken for the cause.
     *
     * @param  \Closure(string): string  $harm
     */
    #[DataProvider('harms')]
    public function test_harm_to_the_look_is_told_by_its_name(\Closure $harm, string $what): void
    {
        static $current = null;
        $current ??= self::expected(1, Samples::card());
        foreach (['as sent' => null, ...MailClient::all()] as $key => $client) {
            // Dark readers turn backgrounds, or drop them: a dropped one may be their own.
            if ($client?->form === 'text' || $client?->quoted || $client?->pictures === 'boxes'
                || $what === 'background' && $client?->isDark()) {
                continue;
            }
            $html = self::html(Samples::card());
            $html = $client === null ? $html : Reader::read($client, $html)->html();
            $verified = self::verify($current, [], '<p>Dear Perrin</p>'.$harm($html), '', 'maren@quillfern.example');
            $told = array_unique(array_column($verified->looks, 'what'));
            $case = "$key: ".implode(' ', $verified->says());
            if ($what === '') {
                $this->assertSame('verified', $verified->verdict, $case);
            } elseif ($harm($html) !== $html) {
                $this->assertSame('look', $verified->verdict, $case);
                $this->assertContains($what, $told, $case);
            }
        }
    }

    /** @return iterable<string, array{string, string, list<string>, list<string>}> */
    public static function differing(): iterable
    {
        yield 'a digit' => ['960147', '960148', ['+44 1632 960147'], ['+44 1632 960148']];
        yield 'a line gone' => ['Principal designer', '', ['Principal designer'], []];
        yield 'a link' => ['quillfern.example/book', 'quillfern.example/shop', ['Book a visit'], []];
        yield 'an ink' => ['color:#5a5a5a">Q', 'color:#ff0000">Q', ['Quillfern &amp; Co'], ['Quillfern &amp; Co']];
        yield 'nothing' => ['Dear', 'Dear', [], []];
    }

    /**
     * @param  list<string>  $before  words marked as handed over
     * @param  list<string>  $after  and as arrived
     */
    #[DataProvider('differing')]
    public function test_what_differs_is_marked_side_by_side(
        string $was, string $is, array $before, array $after,
    ): void {
        $arrived = str_replace($was, $is, '<p>Dear Perrin</p>'.self::html(Samples::card()));
        $card = self::expected(1, Samples::card());
        $found = self::verify($card, [], $arrived, '', 'maren@quillfern.example');
        $sides = SideBySide::of($card, $arrived, $found);
        $marked = function (string $side): array {
            preg_match_all('~data-changed>([^<]+)~', $side, $found);

            return array_values(array_unique(array_map(trim(...), $found[1])));
        };
        $this->assertSame([$before, $after], [$marked($sides->handedOver), $marked($sides->arrived)]);
    }

    /** @return iterable<string, array{string}> how a program says that an earlier message follows */
    public static function headers(): iterable
    {
        foreach ([
            '-----Ursprüngliche Nachricht-----',
            'Am Di., 24. Nov. 2026 um 09:12 Uhr schrieb Perrin <p@q.example>:',
            'Von: Perrin Dovecote <perrin@quillfern.example>', '-----Message d’origine-----',
            'Le mar. 24 nov. 2026 à 09:12, Perrin <p@q.example> a écrit :', 'De : Perrin <perrin@quillfern.example>',
            'El mar, 24 nov 2026 a las 9:12, Perrin (<p@q.example>) escribió:',
            '---------- Mensaje reenviado ----------',
            'Op di 24 nov 2026 om 09:12 schreef Perrin <p@q.example>:', 'Van: Perrin <p@q.example>',
            'Il giorno mar 24 nov 2026 alle ore 09:12 Perrin <p@q.example> ha scritto:', 'Da: Perrin <p@q.example>',
            'W dniu 24.11.2026 o 09:12, Perrin pisze:', 'wt., 24 lis 2026 o 09:12 Perrin <p@q.example> napisał(a):',
            'Den tis 24 nov. 2026 kl 09:12 skrev Perrin <p@q.example>:', 'Från: Perrin <p@q.example>',
            'tir. 24. nov. 2026 kl. 09:12 skrev Perrin <p@q.example>:', 'Fra: Perrin <p@q.example>',
            'ti 24. marrask. 2026 klo 9.12 Perrin (p@q.example) kirjoitti:',
            '2026年11月24日(火) 9:12 Perrin <p@q.example>のメール:',
            '差出人: Perrin <p@q.example>', '-------- 転送メッセージ --------', '在 2026年11月24日，09:12，Perrin 写道：',
            'On Tue, 24 Nov 2026 at 09:12, Perrin <p@q.example> wrote:', 'вт, 24 нояб. 2026 г. в 09:12, Perrin пишет:',
        ] as $line) {
            yield $line => [$line];
        }
    }

    #[DataProvider('headers')]
    public function test_what_is_passed_on_in_any_language_is_no_card_of_its_writer(string $line): void
    {
        $card = Samples::card();
        $html = '<p>See below.</p><p>'.htmlspecialchars($line).'</p>'.self::html($card);
        $this->assertSame(
            'quoted', self::verify(self::expected(1, $card), [], $html, '', 'maren@quillfern.example')->verdict,
        );
        $text = "See below.\n\n$line\n\n".PlainTextComposer::compose(Sheet::of($card));
        $this->assertSame(
            'quoted', self::verify(self::expected(1, $card), [], '', $text, 'maren@quillfern.example')->verdict,
        );
    }

    public function test_words_of_a_message_begin_no_quotation(): void
    {
        $card = Samples::card();
        $lines = ['Perrin schrieb schon.', 'Von: uns', 'On Tuesday I wrote', 'De: la vega', '24 plants, she wrote us'];
        foreach ($lines as $line) {
            $html = "<p>$line</p>".self::html($card);
            $verdict = self::verify(self::expected(1, $card), [], $html, '', 'maren@quillfern.example')->verdict;
            $this->assertSame('verified', $verdict, $line);
        }
    }

    public function test_the_short_form_is_known_and_is_not_the_whole_with_losses(): void
    {
        foreach (
            [Samples::card(), ...array_map(fn ($starter) => $starter->sample(), Starters::all())] as $name => $card
        ) {
            $short = (new Shorten())->apply($card);
            $current = self::expected(3, $card);
            $from = $current->address;
            foreach (
                [self::html($short), Reader::read(MailClient::of('tolerant-webmail'),
                    self::html($short))->html()] as $html
            ) {
                $verified = self::verify($current, [], "<p>Hello</p>$html", '', $from);
                $this->assertSame('verified', $verified->verdict, "$name: ".implode(' ', $verified->says()));
            }
            $this->assertSame(
                'plain',
                self::verify($current, [], '', "Hello\n-- \n".PlainTextComposer::compose(Sheet::of($short)), $from)
                    ->verdict,
                (string) $name,
            );
            $changed = str_replace($card->holder(), $card->holder().'s', self::html($short));
            $this->assertNotSame('verified', self::verify($current, [], $changed, '', $from)->verdict, (string) $name);
            // Where nothing but pictures is left out, the whole without them is the short form.
            $phone = $current->forms['phone'] ?? null;
            if ($phone !== null && $phone->seen->pictures !== $current->seen->pictures
                && $phone->seen->lines !== $current->seen->lines) {
                $this->assertSame('phone', self::verify($current, [], self::html($short), '', $from)->form);
                $this->assertSame(
                    'altered',
                    self::verify($current, [], (string) preg_replace('/<img[^>]*>/', '', self::html($card)), '', $from)
                        ->verdict,
                    "$name without its pictures",
                );
            }
        }
    }

    /**
     * A line, a number, a link or a picture of the card harmed anywhere: whatever else is right, that is not
     * "verified".
     */
    public function test_no_harm_anywhere_passes_for_verified(): void
    {
        $cards = [Samples::card(), ...array_values(array_map(fn ($starter) => $starter->sample(), Starters::all()))];
        $harmed = 0;
        foreach (range(1, 400) as $seed) {
            mt_srand($seed);
            $card = $cards[$seed % count($cards)];
            $card = $seed % 3 === 0 ? (new Shorten)->apply($card) : $card;
            $current = self::expected(2, $cards[$seed % count($cards)]);
            $html = self::html($card);
            $pick = function (string $pattern) use ($html): ?array {
                preg_match_all($pattern, $html, $found, PREG_OFFSET_CAPTURE);

                return $found[0] === [] ? null : $found[0][mt_rand(0, count($found[0]) - 1)];
            };
            [$pattern, $harm] = [
                ['/(?<=>)[^<>]*\p{L}{3}[^<>]*(?=<)/u', fn (string $words) => ''],
                ['/(?<=>)[^<>]*\p{L}{3}[^<>]*(?=<)/u', fn (string $words) => strrev(strtoupper($words))],
                [
                    '/(?<=>)[^<>]*\d{3}[^<>]*(?=<)/u',
                    fn (string $words) => (string) preg_replace_callback(
                        '/\d(?=\D*$)/',
                        fn (array $digit) => (string) (9 - (int) $digit[0]),
                        $words,
                    ),
                ],
                ['/(?<=href=")[^"]+/', fn (string $href) => $href.'x'],
                ['/<img [^>]*>/', fn (string $image) => ''],
            ][mt_rand(0, 4)];
            $found = $pick($pattern);
            if ($found === null || ($changed = $harm($found[0])) === $found[0]) {
                continue;
            }
            $phone = $current->forms['phone'] ?? null;
            if ($pattern === '/<img [^>]*>/' && $phone?->seen->lines === $current->seen->lines) {
                continue;
            }
            // What is written twice is still there once; another revision or form is told by what is left.
            if ($pattern !== '/<img [^>]*>/' && substr_count($html, $found[0]) > 1) {
                continue;
            }
            $message = substr_replace($html, $changed, $found[1], strlen($found[0]));
            $verified = self::verify($current, [], "<p>Dear Perrin</p>$message", '', $current->address);
            $this->assertNotSame('verified', $verified->verdict, "$seed: $found[0] became $changed");
            $harmed++;
        }
        $this->assertGreaterThan(250, $harmed);
    }

    public function test_another_sender_and_plain_text_are_told_and_nothing_throws(): void
    {
        $card = Samples::card();
        $text = PlainTextComposer::compose(Sheet::of($card));
        $current = self::expected(1, $card);
        $this->assertSame(
            'someone@else.example',
            self::verify($current, [], self::html($card), '', 'someone@else.example')->wrongAddress,
        );
        $this->assertSame(
            ['plain', []],
            [
                ($plain = self::verify($current, [], '', "Hello\n-- \n$text", 'maren@quillfern.example'))->verdict,
                $plain->missing,
            ],
        );
        $this->assertSame(
            'quoted',
            self::verify($current, [], '', "Hello\n\n> ".str_replace("\n", "\n> ", $text), '')->verdict,
        );
        $empty = self::expected(
            1,
            (new ShowPiece('p2', false))->apply(
                Samples::card(['pieces' => [['id' => 'p2', 'kind' => 'name', 'fields' => ['text' => 'M']]]]),
            ),
        );
        foreach (
            ['', '<<<>>>', str_repeat('<table>', 5000), "\xff\x00", str_repeat('Maren Oakhollow ', 20_000)] as $html
        ) {
            $this->assertInstanceOf(Verified::class, self::verify($current, [$empty], $html, $html, ''));
            $this->assertNotSame('verified', self::verify($empty, [], $html, $html, '')->verdict);
        }
        foreach (
            [
                'https://www.google.com/url?q=https%3A%2F%2Fq.example%2Fa%3Fb%3D1&x=2' => 'https://q.example/a?b=1',
                'https://q.example/a?b=1' => 'https://q.example/a?b=1',
                'mailto:a@b.example' => 'mailto:a@b.example',
            ] as $wrapped => $plain
        ) {
            $this->assertSame($plain, Wrapped::inner($wrapped));
        }
    }

    /** @param  list<ExpectedCard>  $older */
    private static function verify(
        ExpectedCard $current,
        array $older,
        string $html,
        string $text,
        string $from,
    ): Verified {
        return Verifier::verify($current, $older, ReceivedMessage::of($html, $text, $from));
    }

    private static function expected(int $revision, Card $card): ExpectedCard
    {
        return ExpectedCard::card($revision, $card, Samples::pictures(), forms: true);
    }

    /** @return array{string, string} HTML and text as the stand-in leaves them */
    private static function message(MailClient $client, ?Card $card, string $way): array
    {
        $html = '<p>Dear Perrin, the plants are ordered.</p>'.($card === null ? '' : self::html($card));
        $text
            = "Dear Perrin, the plants are ordered.\n\n"
            .($card === null ? '' : PlainTextComposer::compose(Sheet::of($card)));
        $earlier = '<p>Are the plants ordered?</p><p>Perrin Dovecote<br>Accounts<br>+44 1632 960150</p>';
        $html .= match ($way) {
            'reply' => "<p>On Tuesday, 24 November 2026, Perrin Dovecote wrote:</p><blockquote>$earlier</blockquote>",
            'forward' => '<p>---------- Forwarded message ---------<br>From: Perrin Dovecote &lt;'
                ."perrin@quillfern.example&gt;</p>$earlier",
            default => '',
        };
        $text .= $way === 'new'
                ? ''
                : "\nOn Tuesday, 24 November 2026, Perrin Dovecote wrote:\n> Are the plants ordered?\n> Perrin "
                    ."Dovecote\n";

        return $client->form === 'text'
            ? ['', Reader::read($client, new Message($html, $text))->words()]
            : [Reader::read($client, $html)->html(), ''];
    }

    private static function html(Card $card): string
    {
        return (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
    }

    public function test_a_reply_in_its_own_form_is_verified_and_one_that_lost_something_is_not(): void
    {
        $card = Starters::all()['tidemark']->sample();
        $card = ShapeForm::begin('reply')->apply($card);
        foreach ($card->filled(Capability::Contact) as $piece) {
            $card = ShapeForm::show('reply', $piece->id, true)->apply($card);
        }
        $reply = $card->inForm('reply');
        $this->assertNotEquals($card->pieces, $reply->pieces);
        $current = self::expected(1, $card);
        $from = $card->fact(Capability::MailAddress);
        $this->assertSame('reply', self::verify($current, [], self::html($reply), '', $from)->form);
        $this->assertSame('', self::verify($current, [], self::html($card), '', $from)->form);
        $lost = str_replace($card->fact(Capability::Role), 'Somebody', self::html($reply));
        $this->assertNotSame('verified', self::verify($current, [], $lost, '', $from)->verdict);
    }
}
