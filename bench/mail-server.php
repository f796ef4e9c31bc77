<?php

/*
 * Messages of 500 senders, each with a card of their own by a house card: answers with what they quote, in HTML and
 * text, none of them twice, through Stamping as its service calls it; beside them the same messages taken apart and put
 * together again by a parser that changes nothing. In a scratch database.
 */

use App\House\House;
use App\House\PersonalCards;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use App\Roster\Groups;
use App\Stamping\Stamping;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Roster\Profile;
use ZBateson\MailMimeParser\Message;

const SENDERS = 500;
const MESSAGES = 2_000;

chdir(dirname(__DIR__));
$scratch = sys_get_temp_dir().'/inky-mail-server-'.bin2hex(random_bytes(6)).'.sqlite';
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
$workspace = Workspace::create(['name' => 'Bench', 'web' => '', 'country' => 'GB']);
$workspace->forceFill(['stamping' => true])->save();
$maren = User::create(['name' => 'Maren', 'email' => 'm@quillfern.example', 'password' => 'x']);
$demo = json_decode((string) file_get_contents('database/demo/cards.json'), true);
$full = end($demo['cards']) + $demo['base'];
$personal = ['name' => 'must', 'role' => 'person', 'phone' => 'person', 'email' => 'must'];
$pieces = [];
foreach ($full['pieces'] as $piece) {
    if (isset($piece['fields']) && ! isset($piece['fields']['picture']) && ! isset($piece['drawing'])) {
        $pieces[] = isset($personal[$piece['kind']])
            ? ['fields' => array_intersect_key($piece['fields'], ['sort' => 1]),
                'filledBy' => $personal[$piece['kind']]] + $piece
            : $piece;
    }
}
$house = StoredCard::start($workspace, CardJson::read(['pieces' => $pieces, 'name' => 'House'] + array_diff_key(
    $full, ['set' => 1, 'key' => 1, 'labels' => 1],
)), $maren, 'Started');
House::begin($house, $maren);
$group = Groups::named($workspace, 'All');
DB::table('staff_groups')->update(['house_id' => $house->id]);
DB::table('houses')->update(['put' => $house->refresh()->head]);
$ids = StoredPerson::addAll($workspace->id, array_map(fn (int $n): array => [Profile::of([
    'name' => "Ada Number$n", 'role' => "Gardener $n", 'direct' => '01632 960148', 'addresses' => ["a$n@quillfern.example"],
], 'GB'), null], range(1, SENDERS)));
Groups::put($group, $ids);
PersonalCards::follow($workspace, $ids, $maren);

$message = fn (int $n): string => 'From: Ada <a'.(1 + $n % SENDERS).'@quillfern.example>'."\r\nTo: p@dovecote.example\r\n"
    ."Subject: Plans $n\r\nIn-Reply-To: <a$n@b.example>\r\nMIME-Version: 1.0\r\n"
    ."Content-Type: multipart/alternative; boundary=b\r\n\r\n--b\r\nContent-Type: text/plain; charset=utf-8\r\n"
    ."Content-Transfer-Encoding: quoted-printable\r\n\r\n".quoted_printable_encode("Dear Perrin,\r\n\r\nnumber $n – they "
    .str_repeat('are ready and on their way to you. ', 12)."\r\n\r\nOn Tue, p@dovecote.example wrote:\r\n"
    .str_repeat("> Where are the plans that were to come on Monday?\r\n", 12))."\r\n--b\r\nContent-Type: text/html; "
    ."charset=utf-8\r\nContent-Transfer-Encoding: quoted-printable\r\n\r\n".quoted_printable_encode(
        '<html><body><div>Dear Perrin,</div><div><br></div><div>number '.$n.' – they '.str_repeat(
            'are ready and on their way to you. ', 12,
        ).'</div><div class="quote"><div>On Tue, p@dovecote.example wrote:</div><blockquote>'.str_repeat(
            '<p style="margin:0">Where are the plans that were to come on Monday?</p>', 12,
        ).'</blockquote></div></body></html>',
    )."\r\n--b--\r\n";
$stamping = app(Stamping::class);
$outcomes = $times = [];
$memory = 0;
for ($n = 0; $n < MESSAGES; $n++) {
    $bytes = $message($n);
    $started = hrtime(true);
    $outcome = $stamping->stamp($workspace, $bytes)->outcome->value;
    $times['stamp'][] = (hrtime(true) - $started) / 1e6;
    $outcomes[$outcome] = ($outcomes[$outcome] ?? 0) + 1;
    $started = hrtime(true);
    $parsed = Message::from($bytes, false);
    strlen($parsed->getHtmlContent().$parsed->getTextContent().$parsed);
    $times['parser'][] = (hrtime(true) - $started) / 1e6;
    $memory = $n === SENDERS ? memory_get_usage() : $memory;
}
// Senders' cards are composed once each in the first quarter: after that it goes as it goes on.
$later = array_map(fn (array $of): float => array_sum(array_slice($of, SENDERS)) / (MESSAGES - SENDERS), $times);
array_map(unlink(...), glob("$scratch*") ?: []);
echo json_encode([
    'messages' => MESSAGES, 'senders' => SENDERS, 'outcomes' => $outcomes,
    'first_a_second' => round(SENDERS / array_sum(array_slice($times['stamp'], 0, SENDERS)) * 1000),
    'a_second' => round(1000 / $later['stamp']), 'bar_a_second' => 200,
    'ms' => round($later['stamp'], 2), 'parser_ms' => round($later['parser'], 2),
    'ratio' => round($later['stamp'] / $later['parser'], 2),
    'memory_grown_mb' => round((memory_get_usage() - $memory) / 1e6, 1),
]), "\n";
