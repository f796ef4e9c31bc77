<?php

namespace Tests\Browser;

use RuntimeException;

/** The open-source desktop program itself, where it is installed, spoken to by the Marionette protocol. */
final class OpenDesktop
{
    private const PROGRAM = '/usr/lib/thunderbird/thunderbird';

    /** What it is not to do by itself in a test. */
    private const SETTINGS = [
        'app.update.enabled' => false, 'mail.provider.suppress_dialog_on_startup' => true,
        'mail.spotlight.firstRunDone' => true, 'mailnews.start_page.enabled' => false, 'mail.rights.version' => 1,
        'datareporting.policy.dataSubmissionEnabled' => false, 'network.proxy.type' => 1,
        'network.proxy.http' => '127.0.0.1', 'network.proxy.http_port' => 9, 'network.proxy.ssl' => '127.0.0.1',
        'network.proxy.ssl_port' => 9,
    ];

    /** Opens a message in the program and says how every element of its body is shown. */
    private const LOOK = <<<'JS'
        const [path, done] = arguments;
        (async () => {
          const file = Components.classes["@mozilla.org/file/local;1"].createInstance(Components.interfaces.nsIFile);
          file.initWithPath(path);
          const { MailUtils } = ChromeUtils.importESModule("resource:///modules/MailUtils.sys.mjs");
          const rest = (time) => new Promise((go) => setTimeout(go, time));
          const main = Services.wm.getMostRecentWindow("mail:3pane");
          MailUtils.openEMLFile(main, file, Services.io.newFileURI(file));
          for (let tried = 0; tried < 100; tried++) {
            await rest(200);
            for (const tab of main.document.getElementById("tabmail").tabInfo) {
              const page = tab.chromeBrowser?.contentWindow?.getMessagePaneBrowser?.()?.contentDocument;
              const body = page?.querySelector(".moz-text-html");
              if (page?.readyState === "complete" && body?.querySelector("#last")) {
                await rest(1000);
                return done([...body.querySelectorAll(":not(tbody)")].map((element) => {
                  const look = page.defaultView.getComputedStyle(element);
                  return [element.localName, look.color, look.backgroundColor];
                }).concat([["page", page.defaultView.getComputedStyle(page.body).color,
                  page.defaultView.getComputedStyle(page.documentElement).backgroundColor]]));
              }
            }
          }
          done("the message did not open");
        })().catch((failure) => done(String(failure)));
        JS;

    /** @var resource */
    private $process;

    /** @var resource */
    private $line;

    private int $asked = 0;

    private readonly string $home;

    public static function isThere(): bool
    {
        return is_executable(self::PROGRAM);
    }

    public function __construct(bool $dark)
    {
        $this->home = sys_get_temp_dir().'/inky-open-desktop-'.bin2hex(random_bytes(4));
        mkdir($this->home);
        $port = random_int(20000, 29999);
        $settings = self::SETTINGS + ['marionette.port' => $port, 'ui.systemUsesDarkTheme' => (int) $dark]
            + ($dark ? ['extensions.activeThemeID' => 'thunderbird-compact-dark@mozilla.org'] : []);
        foreach ($settings as $name => $value) {
            $said = json_encode($value, JSON_UNESCAPED_SLASHES);
            file_put_contents("$this->home/user.js", "user_pref(\"$name\", $said);\n", FILE_APPEND);
        }
        $this->process = proc_open(
            [self::PROGRAM, '--headless', '--no-remote', '--profile', $this->home, '--marionette',
                '--remote-allow-system-access'],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, null,
            ['HOME' => $this->home, 'MOZ_HEADLESS' => '1', 'PATH' => (string) getenv('PATH')],
        ) ?: throw new RuntimeException('The program did not start.');
        $this->line = $this->connect($port);
        $this->hear();
        $this->ask('WebDriver:NewSession', ['capabilities' => (object) []]);
        $this->ask('Marionette:SetContext', ['value' => 'chrome']);
        $this->ask('WebDriver:SetTimeouts', ['script' => 60000]);
    }

    public function __destruct()
    {
        if (is_resource($this->process)) {
            proc_terminate($this->process);
            proc_close($this->process);
        }
        exec('rm -rf '.escapeshellarg($this->home));
    }

    /**
     * @param  string  $html  body of a message; its last element has the id `last`
     * @return list<array{string, string, string}> element, ink and background as computed; the page itself last
     */
    public function look(string $html): array
    {
        $path = "$this->home/message.eml";
        file_put_contents($path, implode("\r\n", [
            'From: maren@quillfern.example', 'To: teo@crumb.example', 'Subject: Colours',
            'Date: Sat, 28 Nov 2026 10:00:00 +0000', 'MIME-Version: 1.0', 'Content-Type: text/html; charset=utf-8',
            'Content-Transfer-Encoding: base64', '', chunk_split(base64_encode($html)),
        ]));
        $seen = $this->ask('WebDriver:ExecuteAsyncScript', [
            'script' => self::LOOK, 'args' => [$path], 'sandbox' => 'system',
        ])['value'] ?? null;

        /** @var list<array{string, string, string}>|string|null $seen */
        return is_array($seen) ? $seen : throw new RuntimeException((string) $seen);
    }

    /** @return resource */
    private function connect(int $port)
    {
        for ($tried = 0; $tried < 150; $tried++) {
            $line = @stream_socket_client("tcp://127.0.0.1:$port", timeout: 2);
            if ($line !== false) {
                stream_set_timeout($line, 90);

                return $line;
            }
            usleep(200_000);
        }
        throw new RuntimeException('The program does not answer.');
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    private function ask(string $what, array $with): array
    {
        $message = (string) json_encode([0, ++$this->asked, $what, $with], JSON_UNESCAPED_SLASHES);
        fwrite($this->line, strlen($message).":$message");
        $answer = $this->hear();

        return $answer[2] === null ? (array) $answer[3] : throw new RuntimeException((string) json_encode($answer[2]));
    }

    /** @return array<int|string, mixed> */
    private function hear(): array
    {
        $length = '';
        while (($sign = fgetc($this->line)) !== ':') {
            $length .= $sign === false ? throw new RuntimeException('The program went away.') : $sign;
        }
        $message = '';
        while (strlen($message) < (int) $length) {
            $message .= (string) fread($this->line, max(1, (int) $length - strlen($message)));
        }

        return (array) json_decode($message, true);
    }
}
