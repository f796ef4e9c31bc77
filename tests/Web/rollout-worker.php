<?php

/*
 * A process of its own for KilledTest: `seed N` writes a rollout of N people whose messages wait, `work` sends them
 * into the tray until none is left. DB_DATABASE names the file.
 */

use App\Jobs\SendRollout;
use App\Models\Rollout;
use App\Models\StoredPerson;
use App\Models\Workspace;
use App\Rollouts\RolloutForm;
use App\Rollouts\RolloutQueue;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use InkyCard\Roster\Profile;

require dirname(__DIR__, 2).'/vendor/autoload.php';
(require dirname(__DIR__, 2).'/bootstrap/app.php')->make(Kernel::class)->bootstrap();
config(['mail.default' => 'tray', 'queue.default' => 'null', 'queue.connections.null' => ['driver' => 'null']]);
if ($argv[1] === 'seed') {
    Artisan::call('migrate', ['--force' => true]);
    $workspace = Workspace::create(['name' => 'Quillfern', 'web' => '', 'country' => 'GB']);
    StoredPerson::addAll($workspace->id, array_map(fn (int $n): array => [
        Profile::of(['name' => "Ada $n", 'addresses' => ["a$n@quillfern.example"]], 'GB'), null,
    ], range(1, (int) $argv[2])));
    $rollout = RolloutForm::start($workspace, ['name' => 'Spring', 'tag' => 'Spring cards', 'help' => '',
        'deadline' => now()->addDays(20)->toDateString(), 'tests_to' => 't@quillfern.example']);
    RolloutQueue::put($rollout, 'tell', DB::table('rollout_people')->pluck('person_id'));
    exit;
}
while (DB::table('rollout_messages')->where('state', 'waits')->exists()) {
    (new SendRollout((int) Rollout::query()->value('id')))->handle();
}
