<?php

namespace Tests\Web;

use App\Jobs\SendMessage;
use App\Models\StoredCard;
use App\Models\User;
use App\Models\Workspace;
use App\Placements\Placements;
use App\Tray\MimeMessage;
use App\Tray\Tray;
use App\Tray\TrayVerifier;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Situation;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Message;
use InkyCard\MailClient\Reader;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Tests\Core\Samples;

/** The mail tray: writing, receiving, dropping in, and whether a card arrived. */
final class TrayTest extends WebTestCase
{
    /** @var list<string> what a mail server was given */
    public static array $seen = [];

    /** @var list<?TransportException> what it answers, one after another; null takes a message */
    public static array $answers = [];

    public function test_mail_into_the_world_does_not_hold_the_page_and_says_what_became_of_it(): void
    {
        Mail::extend('world', fn () => new class extends AbstractTransport
        {
            protected function doSend(SentMessage $message): void
            {
                TrayTest::$seen[] = $message->toString();
                $answer = array_shift(TrayTest::$answers);
                $answer === null || throw $answer;
            }

            public function __toString(): string
            {
                return 'world://';
            }
        });
        config(['mail.default' => 'world', 'mail.mailers.world' => ['transport' => 'world']]);
        Queue::fake();
        $send = fn () => $this->post('/tray/write', [
            'from' => 'maren@quillfern.example', 'to' => 'ada@loom.example', 'subject' => 'Hello', 'body' => 'Words',
        ])->assertRedirect('/tray');
        $send();
        $send();
        $send();
        Queue::assertPushed(SendMessage::class, 3);
        $this->assertSame([], self::$seen);
        $this->get('/tray')->assertSee('on its way')->assertSee('every 2s');
        $refused = 'Expected response code "250" but got code "550", with message "550 5.1.1 No such user here".';
        self::$answers = [null, new TransportException($refused, 550), new TransportException('Connection timed out')];
        SendMessage::pass(1, last: false);
        SendMessage::pass(2, last: false);
        try {
            SendMessage::pass(3, last: false);
            $this->fail('given up');
        } catch (TransportException) {
            $this->get('/tray/outgoing')->assertSee('tried again: Connection timed out');
        }
        // What was refused goes once more by one press.
        $this->get('/tray')->assertSee('Send again');
        $this->post('/tray/outgoing/2/again')->assertRedirect('/tray');
        Queue::assertPushed(SendMessage::class, 4);
        self::$answers = [new TransportException($refused, 550)];
        SendMessage::pass(2, last: false);
        self::$answers = [new TransportException('Connection timed out')];
        SendMessage::pass(3, last: true);
        SendMessage::pass(3, last: true);
        $this->get('/tray/outgoing')->assertSee('taken by the mail server')->assertDontSee('every 2s')
            ->assertSee('refused: 550 5.1.1 No such user here')->assertSee('refused: Connection timed out');
        $this->assertCount(5, self::$seen);
        $this->assertStringNotContainsString('X-Inky', implode('', self::$seen));
    }

    public function test_a_test_of_a_card_is_sent_to_the_tray_and_verified_there(): void
    {
        foreach ([false, true] as $counted) {
            $this->card->refresh()->edit($this->card->head, new CountClicks($counted), null);
            $this->write(['card' => (string) $this->card->id])->assertRedirect();
            $page = $this->get('/tray/'.$this->newest())
                ->assertOk()
                ->assertSee('Verified')
                ->assertSee('as it was handed over');
            foreach (['text/html', 'text/plain', 'Message-ID', 'Take it as .eml'] as $shown) {
                $page->assertSee($shown);
            }
            $page->assertDontSee('X-Inky-Workspace');
        }
        $raw = (string) $this->get('/tray/'.$this->newest().'/file')->assertOk()->content();
        $this->assertSame(0, preg_match('/(?<!\r)\n/', $raw));
        $this->assertSame('maren@quillfern.example', (new MimeMessage($raw))->from());
    }

    /** Words and links arrived and the look did not: told in the message, in the list, and side by side. */
    public function test_a_message_whose_look_was_lost_says_so(): void
    {
        $this->write(['card' => (string) $this->card->id]);
        $first = $this->newest();
        $sent = Tray::find(Workspace::query()->firstOrFail(), $first);
        $raw = "From: maren@quillfern.example\r\nContent-Type: text/html; charset=utf-8\r\n\r\n"
            .preg_replace('/ style="[^"]*"/', '', (string) $sent?->html());
        $lost = Tray::keep(Workspace::query()->firstOrFail()->id, $raw, 'dropped');
        $this->get('/tray')->assertSee('looking …');
        $this->get("/tray/$lost/verdict")->assertSee('looks different');
        $this->get("/tray/$first/verdict")->assertSee('verified');
        $this->get('/tray')->assertSee('looks different')->assertDontSee('looking …');
        $this->get("/tray/$lost")->assertSee('its look did not')->assertSee('The ink of');
        $this->get("/tray/$lost/side/arrived")->assertSee('data-changed', false);
        $this->get("/tray/$lost/side/handed-over")->assertSee('data-changed', false);
        $this->card->refresh()->edit($this->card->head, new FillPiece('p2', ['text' => 'Maren O.']), null);
        $this->get('/tray')->assertSee('looking …');
    }

    public function test_directions_are_sent_with_the_card(): void
    {
        $page = (string) $this->get("/cards/{$this->card->id}/hand-over?to=gmail")->assertOk()->content();
        preg_match_all('/name="(\w+)" value="([^"]*)"/', (string) strstr($page, 'class="send-directions"'), $fields);
        $this->post(
            '/tray/write',
            ['to' => 'tobiah@quillfern.example']
                + array_map(html_entity_decode(...), array_combine($fields[1], $fields[2])),
        )->assertRedirect();
        $message = $this->get('/tray')->assertSee('Your card for Gmail on the web');
        $this->get('/tray/'.preg_replace('~^.*?/tray/(\d+)".*$~s', '$1', (string) $message->content()))
            ->assertSee('1. In the settings')
            ->assertSee('Verified');
    }

    public function test_a_card_is_put_in_a_mailbox_and_what_was_there_put_back(): void
    {
        $at = "/cards/{$this->card->id}/hand-over/mailbox";
        $asked = fn (string $method, array $arguments) => $this->withHeader('Authorization', 'Bearer quillfern-demo')
            ->postJson('/stand-ins/jmap/api', [
                'using' => ['urn:ietf:params:jmap:core', 'urn:ietf:params:jmap:submission'],
                'methodCalls' => [[$method, $arguments, 'c1']],
            ])
            ->assertOk()
            ->json('methodResponses.0');
        $under = fn (): string => $asked('Identity/get', ['accountId' => 'studio', 'ids' => ['i1']])[1]['list'][0][
            'htmlSignature'
        ];
        $before = $under();
        foreach (
            [
                ['', 'quillfern-demo', 'address'], ['mail.quillfern.example', '', 'Give the token'],
                ['mail.quillfern.example', 'wrong', 'does not know this token'],
                ['http://mail.quillfern.example', 'quillfern-demo', 'https alone'],
                ['quillfern.example', 'quillfern-demo', 'no JMAP'],
                ['https://quillfern.example/inward', 'quillfern-demo', 'passes on to another'],
                ['127.0.0.1', 'quillfern-demo', 'field-error'],
            ] as [$server, $token, $sentence]
        ) {
            $this->post($at, ['server' => $server, 'token' => $token])
                ->assertStatus(422)
                ->assertSee($sentence, false);
        }
        $this->post("$at/place", ['identity' => 'i1'])->assertStatus(422);
        $this->post($at, ['server' => 'mail.quillfern.example', 'token' => 'quillfern-demo'])->assertRedirect();
        $this->get($at)
            ->assertOk()
            ->assertSee('maren@quillfern.example')
            ->assertSee('Nothing is under it')
            ->assertDontSee('quillfern-demo');
        $this->post("$at/place", ['identity' => 'nobody'])
            ->assertStatus(422)
            ->assertSee('not in the mailbox');
        $this->post("$at/place", ['identity' => 'i1'])->assertRedirect();
        $this->assertSame(
            app(\App\Handover\Parcels::class)->parcel($this->card->document(), $this->card)->html(),
            $under(),
        );
        $this->assertSame(
            2,
            DB::table('placements')
                ->where(['address' => 'maren@quillfern.example', 'card_id' => $this->card->id])
                ->count(),
        );
        $this->get($at)->assertSee('This card is under it')->assertSee('is under every new message');
        $this->post("$at/place", ['identity' => 'i1']);
        $this->post("$at/place", ['identity' => 'i1', 'back' => '1'])->assertRedirect();
        $this->assertSame($before, $under());
        $this->post("$at/place", ['identity' => 'i1', 'back' => '1'])->assertStatus(422)->assertSee('not kept');
        $this->post("$at/close");
        $this->get($at)->assertSee('Open the mailbox')->assertDontSee('hello@quillfern.example');
        $this->assertSame('unknownMethod', $asked('Email/get', [])[1]['type']);
        $this->assertSame(
            ['i9' => ['type' => 'notFound'], 'i1' => ['type' => 'invalidProperties', 'properties' => ['email']]],
            $asked('Identity/set', [
                'accountId' => 'studio',
                'update' => ['i9' => [], 'i1' => ['email' => 'x@y.example']],
            ])[1]['notUpdated'],
        );
    }

    public function test_the_table_of_placements_pages_and_shows_no_other_workspace(): void
    {
        $at = fn (int $n): string => sprintf('a%02d@quillfern.example', $n);
        foreach (range(1, 30) as $n) {
            DB::table('placements')->insert([
                'workspace_id' => $this->workspace->id,
                'card_id' => $this->card->id,
                'address' => $at($n),
                'situation' => $n % 2 === 0 ? 'new' : 'campaign',
            ]);
        }
        $other = Workspace::create(['name' => 'Other', 'web' => '', 'country' => 'GB']);
        $theirs = StoredCard::start($other, Samples::card(), null, 'Started');
        DB::table('placements')->insert([
            'workspace_id' => $other->id, 'card_id' => $theirs->id, 'address' => 'theirs@other.example',
            'situation' => 'new',
        ]);
        $this->get('/placements')
            ->assertOk()
            ->assertSee($at(1))
            ->assertSee($at(25))
            ->assertDontSee($at(26))
            ->assertSee('page 1 of 2')
            ->assertDontSee('theirs@other.example');
        $this->get('/placements?page=2')->assertSee($at(30))->assertDontSee($at(25));
        $this->post('/placements', [
            'card' => $theirs->id,
            'address' => $at(1),
            'situation' => 'new',
        ])->assertNotFound();
        // Taken away, and put back by the button that offers it.
        $page = (string) $this->followingRedirects()
            ->from('/placements')
            ->post("/cards/{$this->card->id}/placements", ['address' => $at(2), 'situation' => 'new', 'remove' => '1'])
            ->assertSee('Undo')
            ->content();
        $this->assertSame(0, DB::table('placements')->where('address', $at(2))->count());
        preg_match_all(
            '/name="(address|situation)" value="([^"]*)"/',
            (string) strstr($page, 'role="status"'),
            $fields,
        );
        $this->post(
            "/cards/{$this->card->id}/placements",
            array_combine(array_slice($fields[1], 0, 2), array_slice($fields[2], 0, 2)),
        );
        $this->assertSame(
            1,
            DB::table('placements')
                ->where(['address' => $at(2), 'situation' => 'new'])
                ->count(),
        );
    }

    public function test_the_card_placed_for_address_and_situation_goes_above_the_quoted_text(): void
    {
        foreach (['new' => 'Principal designer', 'reply' => 'Short and sweet'] as $situation => $role) {
            $card = \App\Models\StoredCard::start(
                $this->workspace, (new FillPiece('p3', ['text' => $role]))->apply(Samples::card()), $this->maren,
                'Started',
            );
            DB::table('placements')->insert([
                'workspace_id' => $this->workspace->id, 'card_id' => $card->id, 'address' => 'maren@quillfern.example',
                'situation' => $situation,
            ]);
        }
        $this->write([]);
        $first = $this->newest();
        $this->assertStringContainsString('Principal designer', $this->html());
        $this->write(['of' => $first, 'way' => 'reply', 'body' => 'Thank you.']);
        $this->assertMatchesRegularExpression(
            '/Thank you\..*Short and sweet.*wrote:.*<blockquote.*Principal designer/s',
            $this->html(),
        );
        $this->get('/tray/'.$this->newest())->assertSee('Verified');
        $this->write(['of' => $first, 'way' => 'forward', 'card' => 'none']);
        $this->assertStringNotContainsString('Short and sweet', $this->html());
        $this->get('/tray/'.$this->newest())->assertSee('In the quoted part alone');
        $this->write(['format' => 'plain']);
        $this->assertSame('', $this->html());
        $this->get('/tray/'.$this->newest())->assertSee('Words alone')->assertSee('Set the mail program to HTML');
        $this->write(['from' => 'nobody@else.example']);
        $this->get('/tray/'.$this->newest())->assertSee('No card of yours in it');
        $this->get("/tray/write?of=$first&way=reply")->assertSee('Re: A letter')->assertSee('replies');
    }

    public function test_an_older_revision_and_changed_lines_are_told(): void
    {
        $this->write(['card' => (string) $this->card->id]);
        $sent = $this->newest();
        $this->card->edit(1, new FillPiece('p3', ['text' => 'Head of planting']), null);
        $this->get("/tray/$sent")->assertSee('An older revision')->assertSee('revision 1 of 2');
        $raw = (string) DB::table('tray_messages')->where('id', $sent)->value('raw');
        $this->drop(str_replace('960147', '960148', $raw))->assertRedirect();
        $this->get('/tray/'.$this->newest())->assertSee('960147 became');
    }

    public function test_every_stand_in_shows_a_message_without_script(): void
    {
        $this->drop(
            "From: a@b.example\nSubject: =?utf-8?q?Caf=C3=A9_=3Cb=3E?=\nContent-Type: text/html; charset=utf-8\n\n<p>"
                .'Hello</p><script>alert(1)</script><img src=x onerror=alert(1)>',
        )->assertRedirect();
        $id = $this->newest();
        $this->get("/tray/$id")->assertSee('Café &lt;b&gt;', false);
        foreach (MailClient::ALL as $client) {
            $this->get("/tray/$id/reading/$client")
                ->assertOk()
                ->assertSee('Hello')
                ->assertDontSee('<script', false)
                ->assertDontSee('onerror', false);
        }
        $this->get("/tray/$id/reading/pigeon")->assertNotFound();
    }

    public function test_messages_and_archives_are_dropped_in_and_what_is_none_gets_a_sentence(): void
    {
        $this->drop(
            "From x@y.example Wed Nov 25\r\nFrom: x@y.example\r\nSubject: One\r\n\r\nBody\r\n>From here\r\n\r\nFrom "
                ."x@y.example Wed Nov 25\r\nFrom: x@y.example\r\nSubject: Two\r\n\r\nBody\r\n",
        )->assertSessionHas('told', '2 messages taken in.');
        $this->get('/tray')->assertSeeInOrder(['Two', 'One']);
        foreach (
            ['', 'just words', "\x89PNG\r\n\x1a\n", '<html><body>Hello</body></html>', str_repeat("a\n",
                50_000)] as $none
        ) {
            $this->drop($none)->assertSessionHas('refused');
        }
        $this->post('/tray', [])->assertSessionHas('refused');
        foreach (
            ['/tray' => ['message', 'over 20 MB'], '/cards/bring' => ['file', 'over 5 MB']] as $path => [$field,
                $sentence]
        ) {
            // As PHP hands over one beyond its own limit.
            $this->followingRedirects()
                ->post($path, [$field => new UploadedFile('', 'heavy.eml', null, UPLOAD_ERR_INI_SIZE, true)])
                ->assertSee($sentence);
        }
        $this->assertSame(2, DB::table('tray_messages')->count());
    }

    public function test_messages_made_to_break_their_reader_are_read_or_refused(): void
    {
        $head = "From: a@b.example\r\nSubject: x\r\nMIME-Version: 1.0\r\n";
        $part = fn (string $type, string $content) => "--b\r\nContent-Type: $type\r\n\r\n$content\r\n";
        foreach (
            [
                'a character set nobody knows' => [
                    "{$head}Content-Type: text/html; charset=x-nope-42\r\nContent-Transfer-Encoding: "
                        ."quoted-printable\r\n\r\n<p>Zo=EB</p>",
                    'Zoë',
                ],
                'one in the subject' => [
                    "From: a@b.example\r\nSubject: =?x-nope-42?Q?Zo=EB?=\r\n\r\nHello there",
                    'Hello there',
                ],
                'signs that are none' => [
                    "From: a@b.example\r\nSubject: \x00\xff Hello\r\n\r\n\x00\x01 words \xff",
                    'words',
                ],
                'one picture shown without end' => [
                    "{$head}Content-Type: multipart/related; boundary=b\r\n\r\n"
                    .$part('text/html', '<p>Still here</p>'.str_repeat('<img src="cid:a">', 3000))
                    .$part("image/png\r\nContent-ID: <a>", str_repeat('A', 200_000))
                    .'--b--',
                    'Still here',
                ],
                'passed on twenty times' => [
                    array_reduce(
                        range(1, 20),
                        fn (
                            string $inner,
                            int $deep,
                        ) => "From: a@b.example\r\nSubject: $deep\r\nMIME-Version: 1.0\r\nContent-Type: "
                            ."multipart/mixed; boundary=q$deep\r\n\r\n--q$deep\r\n\r\nsee $deep\r\n--q$deep\r\nContent"
                                ."-Type: message/rfc822\r\n\r\n$inner\r\n--q$deep--\r\n",
                        "Subject: in\r\n\r\nin",
                    ),
                    'see 20',
                ],
                'parts without end' => [
                    "{$head}Content-Type: multipart/mixed; boundary=b\r\n\r\n"
                    .str_repeat($part('text/plain', 'x'), 2100),
                    null,
                ],
                'parts in parts' => [
                    $head
                    .implode(
                        '',
                        array_map(
                            fn (int $deep) => "Content-Type: multipart/mixed; boundary=b$deep\r\n\r\n--b$deep\r\n",
                            range(1, 600),
                        ),
                    ),
                    null,
                ],
            ] as $way => [$raw, $words]
        ) {
            $before = DB::table('tray_messages')->count();
            $dropped = $this->drop($raw);
            if ($words === null) {
                $dropped->assertSessionHas(
                    'refused',
                    'This message is made of too many parts to be read: save the one you mean alone.',
                );
                $this->assertSame($before, DB::table('tray_messages')->count(), $way);

                continue;
            }
            $id = $this->newest();
            $shown = (string) $this->get("/tray/$id")->assertOk()->content();
            $this->assertSame(0, preg_match('/[\x00-\x08]/', $shown), $way);
            $this->get("/tray/$id/reading/tolerant-webmail")->assertOk()->assertSee($words);
        }
        $this->drop(
            "From x@y.example Wed Nov 25\r\nFrom: x@y.example\r\nSubject: One\r\n\r\nBody\r\n\r\nFrom x@y.example Wed "
                ."Nov 25\r\nno header at all\r\n",
        );
        $this->assertSame(5, DB::table('tray_messages')->count(), 'of an archive all or nothing');
    }

    /** Messages cut anywhere, with bytes turned over and lines swapped: read or refused, never a fault. */
    public function test_a_damaged_message_is_never_a_fault(): void
    {
        $this->write(['card' => (string) $this->card->id]);
        $this->write(['card' => (string) $this->card->id, 'format' => 'plain', 'body' => 'Zoë – 山田']);
        $whole = DB::table('tray_messages')->orderBy('id')->pluck('raw')->all();
        foreach (range(1, 150) as $seed) {
            mt_srand($seed);
            $raw = (string) $whole[$seed % 2];
            $raw = match ($seed % 4) {
                0 => substr($raw, 0, mt_rand(1, strlen($raw))),
                1 => substr($raw, mt_rand(0, strlen($raw) - 1)),
                2 => (function () use ($raw) {
                    for ($times = 0; $times < 40; $times++) {
                        $raw[mt_rand(0, strlen($raw) - 1)] = chr(mt_rand(0, 255));
                    }

                    return $raw;
                })(),
                default => (function () use ($raw) {
                    $lines = explode("\r\n", $raw);
                    shuffle($lines);

                    return implode("\r\n", $lines);
                })(),
            };
            $received = MimeMessage::foreign($raw);
            foreach (
                [
                    $received->from(),
                    $received->subject(),
                    $received->text(),
                    $received->shown(),
                    $received->source(5000),
                    ...array_values($received->headers()),
                    ...array_column($received->parts(), 'name'),
                ] as $text
            ) {
                $this->assertTrue(
                    mb_check_encoding($text, 'UTF-8') && preg_match('/[\x00-\x08]/', $text) === 0,
                    (string) $seed,
                );
            }
            TrayVerifier::of($this->workspace, $received);
            foreach (MailClient::all() as $client) {
                $text = $received->text();
                Reader::read($client, new Message($received->shown(), $text === '' ? null : $text))->html();
            }
        }
    }

    /** Among cards of one firm, each with a past, the right one is told, and as it was then. */
    public function test_of_many_alike_the_right_card_and_revision_is_told(): void
    {
        $handedOver = fn (StoredCard $card): string => app(\App\Handover\Parcels::class)
            ->parcel($card->document(), $card)
            ->html();
        $first = $handedOver($this->card);
        $this->card->edit(1, new FillPiece('p3', ['text' => 'Head gardener']), null);
        $second = $handedOver($this->card);
        foreach (
            [
                'p2' => ['text' => 'Zoë Thistlewood'], 'p3' => ['text' => 'Adviser'],
                'p4' => ['text' => 'Thistle & Sons'], 'p5' => ['number' => '+44 1632 960199'],
                'p6' => ['address' => 'zoe@quillfern.example'], 'p7' => ['address' => 'thistle.example'],
                'p9' => ['words' => 'Write to us', 'address' => 'thistle.example/w'],
            ] as $piece => $fields
        ) {
            $this->card->edit((int) $this->card->fresh()?->head, new FillPiece($piece, $fields), null);
        }
        $now = $handedOver($this->card->refresh());
        foreach (['Tobiah Reedmace', 'Wren Hazeldine'] as $number => $name) {
            $other = StoredCard::start(
                $this->workspace,
                (new FillPiece('p2', ['text' => $name]))->apply(\Tests\Core\Samples::card(['name' => $name])), null,
                'Started',
            );
            $other->edit(1, new FillPiece('p5', ['number' => "+44 1632 96010$number"]), null);
        }
        foreach (
            [
                [$now, 'verified', 9], [$second, 'old', 2], [$first, 'old', 1],
                ['<p>Maren wrote nothing of the kind</p>', 'absent', null],
                ['<p>See you</p><blockquote>'.$first.'</blockquote>', 'quoted', 1],
            ] as [$html, $verdict, $revision]
        ) {
            $verification = TrayVerifier::of(
                $this->workspace,
                new MimeMessage(
                    "From: stranger@else.example\r\nContent-Type: text/html; charset=utf-8\r\n\r\n<p>Hello</p>$html",
                ),
            );
            // The sender is nobody's here, which is said beside the verdict.
            $this->assertSame(
                [$verdict === 'verified' ? 'noted' : $verdict, $revision],
                [$verification?->verified->verdict, $verification?->verified->revision],
            );
            $verdict === 'absent' || $this->assertSame($this->card->id, $verification?->card->id, $verdict);
        }
    }

    public function test_bad_fields_get_their_sentence_and_nothing_is_sent_or_lost(): void
    {
        foreach (
            [
                'from' => 'maren', 'to' => "maren@quillfern.example\r\nBcc: x@y.example",
                'subject' => str_repeat('long ', 60), 'body' => str_repeat('long ', 5000), 'card' => '999',
            ] as $field => $bad
        ) {
            $this->write([$field => $bad])
                ->assertStatus(422)
                ->assertSee("id=\"error-write-$field\"", false)
                ->assertSee($field === 'body' ? 'A letter' : 'the plants are ordered');
        }
        $this->write(['subject' => "A\r\nBcc: x@y.example"])->assertStatus(422)->assertSee('The subject is one line.');
        $this->assertSame(0, DB::table('tray_messages')->count());
    }

    public function test_another_workspaces_messages_are_not_there(): void
    {
        $id = Tray::keep(
            $this->workspace->id,
            "From: maren@quillfern.example\r\nSubject: Ours\r\n\r\nHello\r\n",
            'dropped',
        );
        $other = User::create([
            'name' => 'Other',
            'email' => 'other@elsewhere.example',
            'password' => 'another-gate-9',
        ]);
        Workspace::create(['name' => 'Elsewhere', 'web' => 'https://elsewhere.example', 'country' => 'GB'])
            ->members()
            ->attach($other);
        $this->actingAs($other)
            ->get("/tray/$id")
            ->assertNotFound();
        $this->get('/tray')->assertSee('Nothing has arrived yet');
    }

    public function test_a_message_is_verified_from_the_console(): void
    {
        $this->write(['card' => (string) $this->card->id]);
        $folder = sys_get_temp_dir().'/inky-verify-'.bin2hex(random_bytes(6));
        mkdir($folder);
        file_put_contents("$folder/m.eml", (string) DB::table('tray_messages')->value('raw'));
        file_put_contents("$folder/card.json", CardJson::encode($this->card->document()));
        foreach (
            [
                "$folder/m.eml --card=$folder/card.json" => [0, '"verdict": "verified"'],
                "$folder/m.eml" => [2, 'Name the card'],
                "$folder/none.eml --card=$folder/card.json" => [2, 'There is no file'],
            ] as $arguments => [$code, $says]
        ) {
            $this->assertSame($code, $this->artisan("inky:verify $arguments"));
            $this->assertStringContainsString($says, Artisan::output());
        }
        exec('rm -rf '.escapeshellarg($folder));
    }

    /**
     * @param  array<string, mixed>  $form
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function write(array $form): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            '/tray/write',
            $form + [
                'from' => 'maren@quillfern.example', 'to' => 'maren@quillfern.example', 'subject' => 'A letter',
                'body' => "Dear Perrin,\n\nthe plants are ordered.", 'card' => '',
            ],
        );
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function drop(string $bytes): \Illuminate\Testing\TestResponse
    {
        return $this->post('/tray', ['message' => UploadedFile::fake()->createWithContent('m.eml', $bytes)]);
    }

    private function newest(): int
    {
        return (int) DB::table('tray_messages')->max('id');
    }

    private function html(): string
    {
        return (new MimeMessage(
            (string) DB::table('tray_messages')->where('id', $this->newest())->value('raw'),
        ))->html();
    }

    public function test_a_reply_carries_the_form_for_replies_and_a_phone_the_one_for_phones(): void
    {
        $card = $this->card;
        $shape = fn (string $form, string $how, array $with = []) => $this->post(
            "/cards/$card->id/forms/$form/$how", ['revision' => $card->fresh()?->head, 'back' => 'forms'] + $with,
        )->assertRedirect("/cards/$card->id/forms");
        $shape('reply', 'begin');
        $shape('reply', 'show', ['piece' => 'p3']);
        $this->get("/cards/$card->id/forms")->assertOk()->assertSee('Leaves out')->assertSee('Make a form for phones');
        Placements::put($card, 'maren@quillfern.example', Situation::NewMail, Situation::Reply);
        $send = function (array $more): string {
            $this->post('/tray/write', $more + [
                'from' => 'maren@quillfern.example', 'to' => 'a@millpond.example', 'subject' => 'S', 'body' => 'B',
            ]);

            return (string) DB::table('tray_messages')->orderByDesc('id')->value('raw');
        };
        $this->assertStringContainsString('Principal designer', $send([]));
        $first = DB::table('tray_messages')->max('id');
        $reply = (string) strstr($send(['way' => 'reply', 'of' => $first]), 'Book a visit', true);
        $this->assertStringContainsString('Maren Oakhollow', $reply);
        $this->assertStringNotContainsString('Principal designer', $reply);
        $this->get("/cards/$card->id/hand-over?form=reply")->assertOk()->assertSee('for replies');
        $this->get("/cards/$card->id/sheet?form=reply")->assertDontSee('Principal designer');
        $shape('reply', 'remove');
        $this->get("/cards/$card->id/sheet?form=reply")->assertSee('Principal designer');
    }
}
