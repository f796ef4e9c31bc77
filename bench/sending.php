<?php

/*
 * bin/bench sending: 10,000 recipients of a message, from the stand-in sender to the mail tray, against symfony/mailer
 * giving as many of the same length to a transport that keeps nothing. In turns of 2,500, in a scratch database.
 */

use App\Mailings\Mailings;
use App\StandIns\SendDue;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Mailer\Mailer;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Email;

const EACH = 2_500;
const TURNS = 4;

chdir(dirname(__DIR__));
$scratch = sys_get_temp_dir().'/inky-sending-'.bin2hex(random_bytes(6)).'.sqlite';
touch($scratch);
foreach (['APP_ENV=production', "DB_DATABASE=$scratch", "APP_CONFIG_CACHE=$scratch.config.php", 'QUEUE_CONNECTION=sync',
    'CACHE_STORE=array'] as $setting) {
    putenv($setting);
    [$name, $value] = explode('=', $setting, 2);
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require 'vendor/autoload.php';
(require 'bootstrap/app.php')->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
$workspace = DB::table('workspaces')->insertGetId([
    'name' => 'Bench', 'country' => 'GB', 'created_at' => now(), 'updated_at' => now(),
]);

$html = file_get_contents('docs/architecture.md', length: 6_000).'<a href="{{unsubscribe_url}}">{{first_name|you}}</a>';
$text = 'Dear {{first_name|reader}}, {{unsubscribe_url}}'.str_repeat(' word', 200);
$to = fn (int $n): array => ['email' => "r$n@reader.example", 'values' => ['first_name' => "Ida $n"]];
$mailer = new Mailer(new class extends AbstractTransport
{
    protected function doSend(SentMessage $message): void
    {
        strlen($message->toString());
    }

    public function __toString(): string
    {
        return 'none://';
    }
});
[$tray, $alone] = [0, 0];
for ($turn = 0; $turn < TURNS; $turn++) {
    Mailings::ofStandIn($workspace)->start(['name' => "Turn $turn", 'from' => 'maren@quillfern.example',
        'starts' => '2026-01-01', 'messages' => [['subject' => 'The list', 'html' => $html, 'text' => $text]],
        'recipients' => array_map($to, range(1, EACH))]);
    $started = hrtime(true);
    (new SendDue($workspace))->handle();
    $tray += hrtime(true) - $started;
    $started = hrtime(true);
    for ($n = 1; $n <= EACH; $n++) {
        $values = ['{{first_name|you}}' => "Ida $n", '{{first_name|reader}}' => "Ida $n",
            '{{unsubscribe_url}}' => "https://cards.quillfern.example/out/{$n}"];
        $email = (new Email)->subject('The list')->from('maren@quillfern.example')->to("r$n@reader.example")
            ->html(strtr($html, $values))->text(strtr($text, $values));
        $email->getHeaders()->addTextHeader('List-Unsubscribe', "<{$values['{{unsubscribe_url}}']}>");
        $email->getHeaders()->addTextHeader('List-Unsubscribe-Post', 'List-Unsubscribe=One-Click');
        $mailer->send($email);
    }
    $alone += hrtime(true) - $started;
}
$sent = DB::table('tray_messages')->count();
array_map(unlink(...), glob("$scratch*") ?: []);
echo json_encode([
    'recipients' => $sent, 'tray_ms' => (int) ($tray / 1e6), 'mailer_ms' => (int) ($alone / 1e6),
    'ratio' => round($tray / $alone, 2), 'bar' => 1.5, 'memory_mb' => round(memory_get_peak_usage() / 1e6, 1),
]), "\n";
