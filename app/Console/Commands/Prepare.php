<?php

namespace App\Console\Commands;

use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Brings the database up to date and fills an empty one with the demo, whole or not at all. */
final class Prepare extends Command
{
    protected $signature = 'inky:prepare
        {--fresh : empty the database first}
        {--welcome= : only say where to go and how to sign in}';

    protected $description = 'Bring the database up to date; load the demo into an empty one';

    public function handle(): int
    {
        if ($base = $this->option('welcome')) {
            $this->line("Inky Card is at $base");
            if (User::query()->where('email', DatabaseSeeder::EMAIL)->exists()) {
                $this->line('Demo: sign in as '.DatabaseSeeder::EMAIL.' with the password '.DatabaseSeeder::PASSWORD);
            }
            $this->line('Stop with Ctrl+C.');

            return self::SUCCESS;
        }
        $file = config('database.connections.sqlite.database');
        if (config('database.default') === 'sqlite' && $file !== ':memory:' && ! is_file($file)) {
            touch($file);
        }
        // The write-ahead log is a property of the file: set once, every connection uses it.
        if (DB::getDriverName() === 'sqlite') {
            DB::statement('pragma journal_mode = WAL');
        }
        // Table by table: migrate:fresh would empty the file under its own write-ahead log.
        if ($this->option('fresh') && Schema::hasTable('migrations')) {
            $this->callSilently('migrate:reset', ['--force' => true]);
        }
        $this->callSilently('migrate', ['--force' => true]);
        if (User::query()->doesntExist()) {
            $this->line('Loading the demo');
            DB::transaction(fn () => $this->callSilently('db:seed', ['--force' => true]));
        }

        return self::SUCCESS;
    }
}
