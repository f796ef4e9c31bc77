<?php

/*
 * bin/bench people: 10,000 people brought in from a list; what another state of a house card does to each of theirs,
 * against plates alone; 10,000 of them asked, into the mail tray, against symfony/mailer giving as many messages of the
 * same words to a transport that keeps nothing. In a scratch database.
 */

use App\Jobs\SendRollout;
use App\Models\Rollout;
use App\Models\StaffImport;
use App\Models\StoredPerson;
use App\Models\Workspace;
use App\Rollouts\RolloutForm;
use App\Rollouts\RolloutMail;
use App\Rollouts\RolloutQueue;
use App\Roster\StaffBringing;
use App\Roster\StaffPlanning;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Compose\PictureNames;
use InkyCard\Compose\Plate;
use InkyCard\House\HouseCard;
use InkyCard\House\HouseChange;
use InkyCard\House\Own;
use Symfony\Component\Mailer\Mailer;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;

const PEOPLE = 10_000;

chdir(dirname(__DIR__));
$scratch = sys_get_temp_dir().'/inky-people-'.bin2hex(random_bytes(6)).'.sqlite';
touch($scratch);
foreach (['APP_ENV=production', "DB_DATABASE=$scratch", "APP_CONFIG_CACHE=$scratch.config.php", 'QUEUE_CONNECTION=sync',
    'CACHE_STORE=array', 'MAIL_MAILER=tray'] as $setting) {
    putenv($setting);
    [$name, $value] = explode('=', $setting, 2);
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require 'vendor/autoload.php';
(require 'bootstrap/app.php')->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
$workspace = Workspace::create(['name' => 'Bench', 'web' => '', 'country' => 'GB']);

$out = fopen("$scratch.csv", 'w');
fputcsv($out, ['Full name', 'E-mail', 'Mobile', 'Direct', 'Job title', 'Group', 'Start date', 'Licence', 'Profile',
    'Pronouns', 'Staff number'], ',', '"', '');
for ($n = 0; $n < PEOPLE; $n++) {
    fputcsv($out, ["Oakhollow$n, Maren", "m$n@quillfern.example", '01632 960147', '+44 1632 960148', "Gardener $n",
        'Design', '2026-03-01', "GD-$n", "https://www.linkedin.com/in/m$n", 'she/her', "e$n"], ',', '"', '');
}
fclose($out);
$since = fn (int $started): float => round((hrtime(true) - $started) / 1e9, 2);
$started = hrtime(true);
$import = StaffImport::begin($workspace, null, "$scratch.csv", 'list.csv');
(new StaffPlanning($import))->plan(fn () => null);
(new StaffBringing($import))->bring(fn () => null);
[$seconds, $peak] = [$since($started), round(memory_get_peak_usage() / 1e6, 1)];
$brought = DB::table('people')->count();

$house = CardJson::read(['format' => 'inky-card/1', 'name' => 'House', 'country' => 'GB', 'pieces' => [
    ['id' => 'n', 'kind' => 'name', 'fields' => [], 'filledBy' => 'must'],
    ['id' => 'r', 'kind' => 'role', 'fields' => [], 'filledBy' => 'person'],
    ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => 'Quillfern Garden Studio'], 'filledBy' => 'us'],
    ['id' => 'm', 'kind' => 'phone', 'fields' => ['sort' => 'mobile'], 'filledBy' => 'person'],
    ['id' => 'e', 'kind' => 'email', 'fields' => [], 'filledBy' => 'must'],
    ['id' => 'l', 'kind' => 'licence', 'fields' => [], 'filledBy' => 'person'],
]]);
$other = (new FillPiece('c', ['text' => 'Quillfern Ltd']))->apply($house);
[$was, $is] = [HouseCard::of($house), HouseCard::of($other)];
$profiles = array_map(fn (StoredPerson $one) => $one->known(), StoredPerson::query()->limit(PEOPLE)->get()->all());
$own = Own::nothing();
$change = new HouseChange($was, $is, new PictureNames);
$plates = [Plate::of($house, new PictureNames), Plate::of($other, new PictureNames)];
$holders = [array_map(fn ($one) => $was->holder('', $one, $own), $profiles),
    array_map(fn ($one) => $is->holder('', $one, $own), $profiles)];
$times = ['change' => [], 'plates' => []];
for ($turn = 0; $turn < 5; $turn++) {
    $started = hrtime(true);
    foreach ($profiles as $profile) {
        $change->touches($profile, $own, $own);
    }
    $times['change'][] = (hrtime(true) - $started) / 1e6;
    $started = hrtime(true);
    foreach ($plates as $index => $plate) {
        foreach ($holders[$index] as $holder) {
            $plate->stamp($holder);
        }
    }
    $times['plates'][] = (hrtime(true) - $started) / 1e6;
}
array_walk($times, fn (array &$some) => sort($some));
unset($profiles, $holders);

$rollout = RolloutForm::start($workspace, ['name' => 'Bench', 'tag' => 'Bench cards', 'help' => 'h@quillfern.example',
    'deadline' => now()->addDays(20)->toDateString(), 'tests_to' => 't@quillfern.example']);
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
Rollout::query()->update(['state' => 'paused']);
DB::table('rollout_messages')->delete();
memory_reset_peak_usage();
$before = memory_get_usage();
$started = hrtime(true);
$ids = DB::table('rollout_people')->pluck('person_id');
config(['queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);
RolloutQueue::put($rollout->refresh(), 'tell', $ids);
$queued = $since($started);
while (DB::table('rollout_messages')->where('state', 'waits')->exists()) {
    (new SendRollout($rollout->id))->handle();
}
$tray = $since($started);
$memory = round((memory_get_peak_usage() - $before) / 1e6, 1);
$started = hrtime(true);
foreach (StoredPerson::query()->lazyById(500) as $person) {
    $mailer->send(RolloutMail::of($rollout, 'tell', $person->setRelation('workspace', $workspace)));
}
$alone = $since($started);
$sent = DB::table('tray_messages')->count();
array_map(unlink(...), glob("$scratch*") ?: []);
echo json_encode([
    'people' => $brought, 'import_seconds' => $seconds, 'bar_seconds' => 10, 'import_peak_mb' => $peak, 'bar_mb' => 96,
    'change_ms' => round($times['change'][2], 1), 'plates_ms' => round($times['plates'][2], 1),
    'change_ratio' => round($times['change'][2] / $times['plates'][2], 2), 'bar_change' => 1.3,
    'messages' => $sent, 'tray_seconds' => $tray,
    'queued_seconds' => $queued, 'mailer_seconds' => $alone, 'tray_ratio' => round($tray / $alone, 2),
    'bar_tray' => 1.5, 'memory_above_mb' => $memory,
]), "\n";
