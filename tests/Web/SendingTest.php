<?php

namespace Tests\Web;

use App\Campaigns\LeftAlone;
use App\Senders\MailSender;
use App\Senders\SendMailings;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Mailer\Exception\TransportException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

/** Small mailings through a mail server: so many a minute, nobody twice, whoever left is left alone. */
final class SendingTest extends WebTestCase
{
    private const RCPT = 'Expected response code "250/251/252" but got code "%d", with message "%s".';

    /** @var list<string> addresses the server took a message for */
    private array $taken = [];

    /** @var array<string, \Throwable> what it answers, by address */
    private array $answers = [];

    protected function setUp(): void
    {
        parent::setUp();
        $server = new class(function (string $to): void {
            isset($this->answers[$to]) && throw $this->answers[$to];
            $this->taken[] = $to;
        }) extends AbstractTransport
        {

            public function __construct(private readonly \Closure $take)
            {
                parent::__construct();
            }

            protected function doSend(SentMessage $message): void
            {
                ($this->take)($message->getEnvelope()->getRecipients()[0]->getAddress());
            }

            public function __toString(): string
            {
                return 'scripted://';
            }
        };
        Mail::extend('scripted', fn () => $server);
        config(['mail.default' => 'scripted', 'mail.mailers.scripted' => ['transport' => 'scripted'],
            'inky.sender' => 'mail', 'inky.mail_rate' => 100, 'queue.default' => 'database']);
        $this->travelTo('2027-03-10 12:00:00');
        Queue::fake();
    }

    /** @return string what a mailing to so many goes by */
    private function mailing(int $recipients, int ...$days): string
    {
        return (new MailSender($this->workspace))->start([
            'name' => 'The list', 'from' => 'maren@quillfern.example', 'starts' => '2027-03-10',
            'style' => 'double-braces', 'messages' => array_map(fn (int $day): array => [
                'after_days' => $day, 'subject' => "Day $day", 'html' => '<a href="{{unsubscribe_url}}">Out</a>',
                'text' => 'Out: {{unsubscribe_url}}',
            ], $days ?: [0]),
            'recipients' => array_map(
                fn (int $n): array => ['email' => "r$n@reader.example", 'values' => []], range(1, $recipients),
            ),
        ]);
    }

    private function due(int $times = 1): void
    {
        for ($time = 0; $time < $times; $time++) {
            (new SendMailings($this->workspace->id))->handle();
        }
    }

    public function test_so_many_a_minute_and_nobody_twice(): void
    {
        config(['inky.mail_rate' => 3]);
        $id = $this->mailing(7);
        $this->due(4);
        $this->assertCount(3, $this->taken);
        $this->travel(61)->seconds();
        $this->due(2);
        $this->assertCount(6, $this->taken);
        $this->travel(61)->seconds();
        $this->due(3);
        $this->assertSame(array_map(fn (int $n) => "r$n@reader.example", range(1, 7)), $this->taken);
        $state = (new MailSender($this->workspace))->state($id);
        $this->assertSame(7, $state['messages'][0]['sent']);
        $this->assertNotNull($state['messages'][0]['sent_at']);
    }

    public function test_messages_go_on_their_day_from_nine_and_can_be_put_anew_until_then(): void
    {
        $sender = new MailSender($this->workspace);
        $id = $this->mailing(2, 0, 7);
        Queue::assertPushed(SendMailings::class, fn (SendMailings $job) => $job->delay instanceof \DateTimeImmutable
            && $job->delay->format('Y-m-d H:i') === '2027-03-17 09:00');
        $this->due();
        $this->assertCount(2, $this->taken);
        $this->assertFalse($sender->replace($id, 0, ['subject' => 'x', 'html' => '', 'text' => '']));
        $this->assertTrue($sender->replace($id, 1, ['subject' => 'New', 'html' => 'n', 'text' => 'n']));
        $this->travelTo('2027-03-17 08:00:00');
        $this->due();
        $this->assertCount(2, $this->taken);
        $this->travelTo('2027-03-17 09:30:00');
        $sender->stop($id);
        $this->due();
        $this->assertCount(2, $this->taken);
        $sender->resume($id);
        $this->due();
        $this->assertCount(4, $this->taken);
        Queue::assertPushed(SendMailings::class, 3);
        // A job that was lost is begun again by a look at what became of it.
        DB::table('mailing_messages')->update(['sent_at' => null]);
        $sender->state($id);
        Queue::assertPushed(SendMailings::class, 4);
    }

    public function test_whoever_left_is_left_alone_by_everything(): void
    {
        LeftAlone::add($this->workspace->id, ['r1@reader.example'], 'left');
        $id = $this->mailing(3, 0, 1);
        $this->due();
        $this->assertSame(['r2@reader.example', 'r3@reader.example'], $this->taken);
        $token = (string) DB::table('mailing_recipients')->where('address', 'r2@reader.example')->value('token');
        $this->post("/out/$token", ['List-Unsubscribe' => 'One-Click'])->assertStatus(202);
        $this->get("/out/$token")->assertSee('You get no more of these')->assertDontSee('stand-in');
        $this->assertSame('left', DB::table('left_alone')->where('address', 'r2@reader.example')->value('why'));
        $this->travelTo('2027-03-11 12:00:00');
        $this->due();
        $this->assertSame('r3@reader.example', implode(' ', array_slice($this->taken, 2)));
        $this->assertSame(['r2@reader.example'], (new MailSender($this->workspace))->state($id)['left']);
    }

    /** @return iterable<string, array{\Throwable, string, int}> answer, what is known of that message, tries in all */
    public static function answers(): iterable
    {
        $said = fn (int $code, string $words) => new TransportException(sprintf(self::RCPT, $code, $words), $code);
        yield 'no such mailbox' => [$said(550, '550 5.1.1 No such user'), 'bounced', 1];
        yield 'no such mailbox, in short' => [$said(550, '550 No'), 'bounced', 1];
        yield 'not from us' => [$said(550, '550 5.7.1 Policy'), 'refused', 1];
        yield 'not now' => [$said(451, '451 4.7.1 Greylisted'), 'later', 1];
        yield 'cut off' => [new TransportException('Connection to "x" timed out.'), 'unsure', 1];
    }

    #[DataProvider('answers')]
    public function test_what_a_mail_server_answers_is_kept_apart(\Throwable $answer, string $known): void
    {
        $this->answers = ['r2@reader.example' => $answer];
        $id = $this->mailing(4);
        $this->due(2);
        $this->assertSame(['r1@reader.example', 'r3@reader.example', 'r4@reader.example'], $this->taken);
        $this->travel(11)->minutes();
        $this->answers = [];
        $this->due(2);
        $this->assertCount($known === 'later' ? 4 : 3, $this->taken, 'tried again where that is asked for alone');
        $state = (new MailSender($this->workspace))->state($id);
        $this->assertSame([$known === 'bounced' ? ['r2@reader.example'] : [], (int) in_array($known, ['refused',
            'bounced'], true), (int) ($known === 'unsure')], [$state['bounced'], $state['refused'], $state['unsure']]);
        $this->assertSame($known === 'bounced' ? 1 : 0, DB::table('left_alone')->count());
    }

    public function test_one_that_is_asked_to_wait_for_ever_is_given_up(): void
    {
        $this->answers = ['r1@reader.example' => new TransportException(sprintf(self::RCPT, 452, 'full'), 452)];
        $id = $this->mailing(1);
        for ($day = 0; $day < 6; $day++) {
            $this->due();
            $this->travel(9)->hours();
        }
        $this->assertSame(5, (int) DB::table('mailing_sends')->value('tries'));
        $this->assertSame(1, (new MailSender($this->workspace))->state($id)['refused']);
    }

    public function test_a_server_that_takes_none_of_it_stops_it_and_nobody_is_lost(): void
    {
        $refusal = new TransportException('Expected response code "250" but got code "553": "553 not you"', 553);
        $this->answers = array_fill_keys(array_map(fn (int $n) => "r$n@reader.example", range(1, 9)), $refusal);
        $id = $this->mailing(9);
        $this->due(2);
        $state = (new MailSender($this->workspace))->state($id);
        $this->assertTrue($state['stopped']);
        $this->assertStringContainsString('not you', $state['words']);
        $this->assertSame([0, []], [$state['refused'], $state['bounced']]);
        $this->answers = [];
        (new MailSender($this->workspace))->resume($id);
        $this->due();
        $this->assertCount(9, $this->taken);
    }

    public function test_mailboxes_must_reach_the_way_out(): void
    {
        config(['inky.public_url' => 'http://127.0.0.1:8080']);
        $this->expectExceptionMessage('https');
        $this->expectException(Refusal::class);
        $this->mailing(1);
    }
}
