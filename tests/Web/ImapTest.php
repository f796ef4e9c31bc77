<?php

namespace Tests\Web;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A mailbox read over IMAP, from a server of this machine where one is installed. */
final class ImapTest extends WebTestCase
{
    private string $dir = '';

    protected function tearDown(): void
    {
        if ($this->dir !== '') {
            exec("dovecot -c $this->dir/dovecot.conf stop > /dev/null 2>&1; sleep .2; rm -rf ".escapeshellarg(
                $this->dir));
        }
        parent::tearDown();
    }

    public function test_what_comes_into_the_mailbox_comes_into_the_tray_once(): void
    {
        $this->served();
        $this->came('old', time() - 30 * 86_400);
        $this->came('one');
        $this->came('two', size: 200);
        $this->fetched('2 taken');
        $this->fetched('0 taken');
        $this->came('three');
        file_put_contents("$this->dir/mail/new/none.1", "no message\n\nat all\n");
        $this->fetched('1 taken, 1 left');
        $this->fetched('0 taken');
        $this->assertSame(['one', 'two', 'three'], DB::table('tray_messages')->orderBy('id')->pluck('subject')->all());
        $this->assertStringContainsString('Grüße', (string) DB::table('tray_messages')->value('raw'));
        // Nothing was changed there, not even that they were not read yet.
        $this->assertSame([], glob("$this->dir/mail/cur/*:2,*S*"));
        // Numbers of another validity: the last week is looked at again.
        DB::table('imap_mailboxes')->update(['validity' => 1]);
        $this->fetched('3 taken');
    }

    public function test_what_cannot_be_opened_says_why(): void
    {
        $this->said('There is no workspace Nobody.', 'Nobody');
        config(['inky.imap.host' => '', 'inky.imap.port' => 143]);
        $this->said('say no mail server');
        if (function_exists('imap_open')) {
            config(['inky.imap' => ['host' => '127.0.0.1', 'port' => 1, 'security' => 'none', 'folder' => 'INBOX',
                'username' => 'a', 'password' => 'b']]);
            $this->said('could not be opened');
            $this->served();
            config(['inky.imap.password' => 'wrong']);
            $this->said('could not be opened');
        }
    }

    private function fetched(string $says): void
    {
        $code = Artisan::call('inky:fetch', ['workspace' => 'Quillfern']);
        $output = Artisan::output();
        $this->assertStringContainsString($says, $output);
        $this->assertSame(0, $code);
    }

    private function said(string $says, string $workspace = 'Quillfern'): void
    {
        $this->assertSame(1, Artisan::call('inky:fetch', ['workspace' => $workspace]));
        $this->assertStringContainsString(
            function_exists('imap_open') || $workspace !== 'Quillfern' ? $says : 'imap extension',
            (string) preg_replace('/\s+/', ' ', Artisan::output()),
        );
    }

    private function came(string $subject, int $at = 0, int $size = 1): void
    {
        $file = "$this->dir/mail/new/".microtime(true).".$subject";
        file_put_contents($file,
            "From: ada@quillfern.example\nSubject: $subject\nContent-Type: text/plain; charset=utf-8"
            ."\nContent-Transfer-Encoding: 8bit\n\n".str_repeat("Grüße\n", $size));
        touch($file, $at ?: time());
        chmod($file, 0666);
    }

    private function served(): void
    {
        if (! function_exists('imap_open') || ! is_file('/usr/sbin/dovecot') || posix_geteuid() !== 0) {
            $this->markTestSkipped('dovecot or php-imap is not installed here.');
        }
        $this->dir = sys_get_temp_dir().'/inky-imap-'.getmypid();
        $port = 29_000 + getmypid() % 2_000;
        foreach (['mail/new', 'mail/cur', 'mail/tmp', 'run'] as $folder) {
            mkdir("$this->dir/$folder", 0777, true);
        }
        exec('chmod -R a+rwX '.escapeshellarg($this->dir));
        file_put_contents("$this->dir/dovecot.conf", "base_dir = $this->dir/run\nprotocols = imap\nssl = no\n"
            ."log_path = $this->dir/log\nlisten = 127.0.0.1\ndisable_plaintext_auth = no\nfirst_valid_uid = 1\n"
            ."mail_location = maildir:$this->dir/mail\n"
            ."service imap-login {\n inet_listener imap {\n  port = $port\n }\n"
            ." inet_listener imaps {\n  port = 0\n }\n}\n"
            ."passdb {\n driver = static\n args = password=kept\n}\n"
            ."userdb {\n driver = static\n args = uid=nobody gid=nogroup home=$this->dir\n}\n");
        exec("dovecot -c $this->dir/dovecot.conf > /dev/null 2>&1");
        for ($tries = 0; $tries < 100 && @fsockopen('127.0.0.1', $port) === false; $tries++) {
            usleep(50_000);
        }
        config(['inky.imap' => ['host' => '127.0.0.1', 'port' => $port, 'username' => 'tests', 'password' => 'kept',
            'folder' => 'INBOX', 'security' => 'none']]);
    }
}
