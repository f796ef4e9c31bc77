<?php

namespace Tests\Web;

use App\House\House;
use App\House\PersonalCards;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Placements\Placements;
use App\Roster\Groups;
use App\Stamping\Outcome;
use App\Stamping\StampedDays;
use App\Stamping\Stamping;
use App\Stamping\StampService;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\ShapeForm;
use InkyCard\Card\Situation;
use InkyCard\Roster\Profile;
use PHPUnit\Framework\Attributes\DataProvider;
use ZBateson\MailMimeParser\Message;

/** Cards put in by a mail server: by the filter, by its service, and by two servers themselves. */
final class StampingTest extends WebTestCase
{
    private const MESSAGE = "From: Maren Oakhollow <maren@quillfern.example>\r\nTo: perrin@dovecote.example\r\n"
        ."Subject: Plans\r\nContent-Type: text/html; charset=utf-8\r\n\r\n<p>The plans are ready.</p>\r\n";

    private int $service = 0;

    protected function setUp(): void
    {
        parent::setUp();
        $this->workspace->forceFill(['stamping' => true])->save();
        Placements::put($this->card, 'maren@quillfern.example', Situation::NewMail);
    }

    protected function tearDown(): void
    {
        if ($this->service > 0) {
            posix_kill($this->service, SIGKILL);
            pcntl_waitpid($this->service, $status);
        }
        parent::tearDown();
    }

    public function test_a_message_gets_the_card_its_sender_has_now_and_never_two(): void
    {
        $stamped = $this->stamp(self::MESSAGE, Outcome::Stamped);
        $this->assertStringContainsString('Principal designer', $stamped);
        $this->assertSame($stamped, $this->stamp($stamped, Outcome::There));
        $this->card->edit($this->card->head, new FillPiece('p3', ['text' => 'Head of planting']), $this->maren);
        $again = $this->stamp($stamped, Outcome::Replaced);
        $this->assertStringContainsString('Head of planting', $again);
        $this->assertStringNotContainsString('Principal designer', $again);
        $this->workspace->forceFill(['stamping' => false])->save();
        $this->assertSame(self::MESSAGE, $this->stamp(self::MESSAGE, Outcome::Off));
    }

    public function test_answers_get_what_is_placed_for_answers_in_its_short_form(): void
    {
        $reply = "In-Reply-To: <a@b.example>\r\n".self::MESSAGE;
        $this->stamp($reply, Outcome::Nobody);
        $this->card->edit($this->card->head, ShapeForm::begin('reply'), $this->maren);
        Placements::put($this->card, 'maren@quillfern.example', Situation::Reply);
        $this->assertLessThan(
            strlen($this->stamp(self::MESSAGE, Outcome::Stamped)), strlen($this->stamp($reply, Outcome::Stamped)),
        );
    }

    public function test_pictures_travel_with_the_message_where_that_is_chosen(): void
    {
        $this->workspace->forceFill(['stamp_pictures' => true])->save();
        $message = Message::from($this->stamp(self::MESSAGE, Outcome::Stamped), false);
        $this->assertGreaterThan(0, $message->getAttachmentCount());
        foreach ($message->getAllAttachmentParts() as $part) {
            $this->assertStringContainsString("cid:{$part->getContentId()}", (string) $message->getHtmlContent());
        }
        $this->assertStringNotContainsString('src="http', (string) $message->getHtmlContent());
    }

    public function test_people_have_the_card_of_their_house_until_their_last_day(): void
    {
        Carbon::setTestNow('2027-03-01 10:00:00');
        $house = StoredCard::start($this->workspace, CardJson::read([
            'format' => 'inky-card/1', 'name' => 'House', 'country' => 'GB', 'pieces' => [
                ['id' => 'n', 'kind' => 'name', 'fields' => [], 'filledBy' => 'must'],
                ['id' => 'r', 'kind' => 'role', 'fields' => [], 'filledBy' => 'must'],
                ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => 'Quillfern'], 'filledBy' => 'us'],
            ],
        ]), $this->maren, 'Started');
        House::begin($house, $this->maren);
        $group = Groups::named($this->workspace, 'All');
        DB::table('staff_groups')->update(['house_id' => $house->id]);
        DB::table('houses')->update(['put' => 1]);
        $known = ['name' => 'Ada Thornbury', 'addresses' => ['ada@quillfern.example'], 'last_day' => '2027-03-31'];
        $ada = StoredPerson::add($this->workspace->id, Profile::of($known, 'GB'));
        Groups::put($group, [$ada->id]);
        PersonalCards::follow($this->workspace, [$ada->id], null);
        $message = str_replace(['Maren Oakhollow', 'maren@'], ['"A. T."', 'Ada@'], self::MESSAGE);
        $this->stamp($message, Outcome::Unfilled);
        $ada->keep(Profile::of($known + ['role' => 'Planting lead'], 'GB'));
        PersonalCards::follow($this->workspace, [$ada->id], null);
        $this->assertStringContainsString('Planting lead', $this->stamp($message, Outcome::Stamped));
        Carbon::setTestNow('2027-04-01 10:00:00');
        $this->stamp($message, Outcome::Left);
        $this->stamp(str_replace('ada@', 'bo@', strtolower($message)), Outcome::Nobody);
    }

    public function test_whoever_looks_after_people_turns_it_on_tries_it_and_sees_what_came(): void
    {
        $this->post('/people/mail-server', [])->assertSessionHas('told');
        $this->assertFalse($this->workspace->refresh()->stamping);
        $file = UploadedFile::fake()->createWithContent('a.eml', self::MESSAGE);
        $this->assertStringContainsString('Principal designer',
            (string) $this->post('/people/mail-server/try', ['message' => $file])->assertOk()->getContent());
        $signed = UploadedFile::fake()->createWithContent('a.eml', "DKIM-Signature: x\r\n".self::MESSAGE);
        $this->post('/people/mail-server/try', ['message' => $signed])
            ->assertSessionHas('told',
                'It would go on as it came: such messages are signed, and would not be any more.');
        $this->post('/people/mail-server/try')->assertSessionHasErrors('message');
        $days = new StampedDays;
        foreach ([Outcome::Stamped, Outcome::Stamped, Outcome::Fault] as $outcome) {
            $days->count($this->workspace, $outcome);
        }
        $days->keep();
        $days->count($this->workspace, Outcome::Stamped);
        $days->keep();
        $this->get('/people/mail-server')->assertOk()->assertSee('It is off')
            ->assertSeeInOrder(['3', 'got their sender’s'])
            ->assertSee('look at it')->assertSee('bin/stamp');
        $this->post('/people/mail-server', ['stamping' => 1, 'stamp_pictures' => 1]);
        $this->assertTrue($this->workspace->refresh()->stamping && $this->workspace->stamp_pictures);
    }

    public function test_the_service_answers_many_and_nothing_it_is_given_ends_it(): void
    {
        $at = $this->served();
        $ask = fn (string $request): string => $this->asked($at, $request);
        $request = 'STAMP '.strlen(self::MESSAGE)." Quillfern\n".self::MESSAGE;
        $one = $ask($request);
        $this->assertStringStartsWith('stamped ', $one);
        foreach (["GET / HTTP/1.1\r\n\r\n", str_repeat('x', 70_000), "STAMP 999999999 Quillfern\nx",
            "STAMP -1 a\n"] as $odd) {
            $this->assertSame('', $ask($odd), substr($odd, 0, 20));
        }
        $this->assertSame("unknown 0\n", $ask("STAMP 1 Nobody’s\nx"));
        $this->assertSame("nobody 0\n", $ask("STAMP 0 Quillfern\n"));
        $half = self::connected($at);
        fwrite($half, substr($request, 0, 40));
        $this->assertSame($one.$one.$one, $ask($request.$request.$request));
        fwrite($half, substr($request, 40));
        $this->assertSame($one, $this->read($half));
    }

    public function test_whatever_fails_the_filter_lets_the_message_through(): void
    {
        $filter = fn (string $at, string ...$arguments): string => $this->ran(
            ['env', "INKY_STAMP=$at", base_path('bin/stamp'), ...array_values($arguments)], self::MESSAGE,
        );
        $at = $this->served();
        $stamped = $filter($at, 'Quillfern');
        $this->assertStringContainsString('Principal designer', $stamped);
        $this->assertSame($stamped, $filter($at, 'Quillfern', '--then', 'cat'));
        $this->assertSame(self::MESSAGE, $filter($at, 'Nobody’s'));
        posix_kill($this->service, SIGKILL);
        $this->assertSame(self::MESSAGE, $filter($at, 'Quillfern'));
        // What it hands on to says whether that is done.
        $this->assertSame('75', trim($this->ran(
            ['sh', '-c', base_path('bin/stamp').' Quillfern --then sh -c "exit 75"; echo $?'], self::MESSAGE,
        )));
    }

    /** @return iterable<string, array{string, array<string, string>, string}> server, its files, how it is tried */
    public static function servers(): iterable
    {
        // As the page says it.
        yield 'postfix' => ['postfix', [
            'etc/main.cf' => "compatibility_level = 3.6\ninet_interfaces = 127.0.0.1\ninet_protocols = ipv4\n"
                ."mynetworks = 127.0.0.0/8\nmyhostname = mx.quillfern.example\nmydestination =\n"
                ."default_transport = sink\nalias_maps =\nalias_database =\nmaillog_file = DIR/mail.log\n"
                ."maillog_file_prefixes = DIR\n",
            'etc/master.cf' => "PORT inet n - n - - smtpd\n  -o content_filter=inky-card:\n"
                ."inky-card unix - n n - 8 pipe\n"
                ."  flags=Rq user=nobody null_sender=\n  argv=/usr/bin/env INKY_STAMP=AT DIR/bin/stamp { Quillfern } "
                ."--then /usr/sbin/sendmail -G -i -f \${sender} -- \${recipient}\n"
                ."sink unix - n n - 1 pipe\n  flags= user=nobody argv=/usr/bin/tee -a DIR/out/got\n"
                ."pickup unix n - n 60 1 pickup\ncleanup unix n - n - 0 cleanup\nqmgr unix n - n 300 1 qmgr\n"
                ."rewrite unix - - n - - trivial-rewrite\nbounce unix - - n - 0 bounce\ndefer unix - - n - 0 bounce\n"
                ."error unix - - n - - error\nretry unix - - n - - error\nproxymap unix - - n - - proxymap\n"
                ."postlog unix-dgram n - n - 1 postlogd\n",
        ], 'cp -r /etc/postfix/postfix-files* DIR/etc/ && mount --bind DIR/etc /etc/postfix '
            .'&& mkdir DIR/spool DIR/lib && mount --bind DIR/spool /var/spool/postfix '
            .'&& mount --bind DIR/lib /var/lib/postfix && postfix set-permissions 2>/dev/null; postfix start '
            .'&& php DIR/send.php; for i in $(seq 50); do [ -s DIR/out/got ] && break; sleep .1; done; postfix stop'];
        yield 'exim4' => ['exim4', [
            'etc/exim4.conf' => "primary_hostname = mx.quillfern.example\nspool_directory = DIR/spool\n"
                ."log_file_path = DIR/out/%slog\nkeep_environment =\nnever_users =\n"
                ."begin routers\nall:\n  driver = accept\n  transport = out\nbegin transports\nout:\n"
                ."  driver = appendfile\n  file = DIR/out/got\n  user = nobody\n  group = nogroup\n"
                ."  transport_filter = /usr/bin/env INKY_STAMP=AT DIR/bin/stamp \"Quillfern\"\n",
        ], 'mount --bind DIR/etc /etc/exim4 && mkdir DIR/spool && chmod 777 DIR/spool && exim4 -odf -oi '
            .'-f maren@quillfern.example perrin@dovecote.example < DIR/message.eml'];
    }

    /** @param  array<string, string>  $files */
    #[DataProvider('servers')]
    public function test_a_mail_server_puts_it_in_as_the_directions_say(string $server, array $files, string $run): void
    {
        if ($this->ran(['sh', '-c', "which $server && unshare -m true && echo yes"], '') === ''
            || posix_geteuid() !== 0) {
            $this->markTestSkipped("$server is not installed here, or namespaces cannot be made.");
        }
        $at = $this->served();
        $dir = sys_get_temp_dir().'/inky-server-'.getmypid()."-$server";
        $port = (string) (self::port() + 1);
        $fill = fn (string $text): string => strtr($text, ['DIR' => $dir, 'AT' => $at, 'PORT' => $port]);
        array_map(fn (string $name) => mkdir("$dir/$name", 0755, true), ['etc', 'out', 'bin']);
        chmod("$dir/out", 0777);
        copy(base_path('bin/stamp'), "$dir/bin/stamp");
        chmod("$dir/bin/stamp", 0755);
        $message = str_replace("\r\n", "\n", self::MESSAGE);
        file_put_contents("$dir/message.eml", $message);
        file_put_contents("$dir/send.php", '<?php $s = stream_socket_client("tcp://127.0.0.1:'.$port.'"); foreach ('
            .var_export(['', "EHLO x\r\n", "MAIL FROM:<maren@quillfern.example>\r\n",
                "RCPT TO:<perrin@dovecote.example>\r\n", "DATA\r\n", self::MESSAGE.".\r\n", "QUIT\r\n"], true)
            .' as $line) { fwrite($s, $line); do { $r = fgets($s); } while (($r[3] ?? "") === "-"); }');
        foreach ($files as $name => $text) {
            file_put_contents("$dir/$name", $fill($text));
        }
        $says = $this->ran(['unshare', '-m', 'sh', '-c', $fill($run).' 2>&1'], '');
        $got = is_file("$dir/out/got") ? (string) file_get_contents("$dir/out/got") : $says;
        $this->assertStringContainsString('The plans are ready.', $got);
        $this->assertStringContainsString('Principal designer', $got);
        $this->ran(['rm', '-rf', $dir], '');
    }

    private function stamp(string $bytes, Outcome $outcome): string
    {
        $stamped = app(Stamping::class)->stamp($this->workspace->refresh(), $bytes);
        $this->assertSame($outcome, $stamped->outcome);

        return $stamped->bytes;
    }

    /** A service of its own, with what is stored here; where it answers. */
    private function served(): string
    {
        $at = 'tcp://127.0.0.1:'.self::port();
        $this->service = pcntl_fork();
        if ($this->service === 0) {
            try {
                app(StampService::class)->serve($at, fn () => null);
            } finally {
                posix_kill(posix_getpid(), SIGKILL);
            }
        }
        for ($tries = 0; $tries < 100 && ($stream = @stream_socket_client($at)) === false; $tries++) {
            usleep(20_000);
        }

        return $at;
    }

    /** Below those given to outgoing connections, two for each process of tests. */
    private static function port(): int
    {
        return 21_000 + 2 * (getmypid() % 4_000);
    }

    /** @return resource */
    private static function connected(string $at): mixed
    {
        return stream_socket_client($at) ?: self::fail("nobody answers at $at");
    }

    private function asked(string $at, string $request): string
    {
        $stream = self::connected($at);
        @fwrite($stream, $request);
        stream_socket_shutdown($stream, STREAM_SHUT_WR);

        return $this->read($stream);
    }

    /** @param  resource  $stream */
    private function read(mixed $stream): string
    {
        stream_set_timeout($stream, 5);
        $read = '';
        do {
            $part = (string) @fread($stream, 100_000);
            $read .= $part;
            $head = explode(' ', strtok($read, "\n") ?: '');
        } while ($part !== '' && substr_count($read, "\n") > 0 && strlen($read) < (int) ($head[1] ?? 0));
        stream_set_timeout($stream, 0, 300_000);

        return $read.stream_get_contents($stream);
    }

    /** @param  list<string>  $command */
    private function ran(array $command, string $in): string
    {
        $process = proc_open($command, [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
        $this->assertIsResource($process);
        fwrite($pipes[0], $in);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return $out;
    }
}
