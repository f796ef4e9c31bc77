<?php

namespace App\Console\Commands;

use App\Clicks\SetAside;
use App\Keeping\Backup;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
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
            if (config('inky.demo') && $this->isOpen()) {
                $this->line('Demo: sign in as '.DatabaseSeeder::EMAIL.' with the password '.DatabaseSeeder::PASSWORD);
            }
            $this->line('Stop with Ctrl+C.');

            return self::SUCCESS;
        }
        $this->database();
        if (User::query()->doesntExist()) {
            $this->begin();
        }
        if (! config('inky.demo') && $this->isOpen()) {
            $this->error(
                'This copy is served in earnest, and the member of the demo can sign in with a published password. '
                    .'Give it another: php artisan inky:member '.DatabaseSeeder::EMAIL.' --new-password. Or begin '
                    .'empty: bin/start --fresh. For the demo, set INKY_DEMO=true.',
            );

            return self::FAILURE;
        }
        rescue(SetAside::takeIn(...), report: false);

        return self::SUCCESS;
    }

    private function database(): void
    {
        $file = config('database.connections.sqlite.database');
        if (config('database.default') === 'sqlite' && $file !== ':memory:') {
            // For its owner alone: it holds what people wrote.
            is_file($file) || touch($file);
            @chmod($file, 0600);
        }
        // The write-ahead log is a property of the file: set once, every connection uses it.
        if (DB::getDriverName() === 'sqlite') {
            DB::statement('pragma journal_mode = WAL');
        }
        // Table by table: migrate:fresh would empty the file under its own write-ahead log.
        if ($this->option('fresh') && Schema::hasTable('migrations')) {
            $aside = $file === ':memory:' ? '' : Backup::setAside($file);
            $aside === '' || $this->line("What was here before is kept as $aside");
            Schema::withoutForeignKeyConstraints(
                fn () => array_map(Schema::drop(...), Schema::getTableListing(schemaQualified: false)),
            );
        }
        $this->callSilently('migrate', ['--force' => true]);
    }

    private function begin(): void
    {
        if (! config('inky.demo')) {
            $this->line(
                "Nobody can sign in yet. Add the owner: php artisan inky:member you@firm.example --name='Your name' "
                    ."--workspace='Your firm'",
            );

            return;
        }
        $this->line('Loading the demo');
        DB::transaction(fn () => $this->callSilently('db:seed', ['--force' => true]));
    }

    /** Whether anybody who read the source can sign in. */
    private function isOpen(): bool
    {
        $user = User::query()->where('email', DatabaseSeeder::EMAIL)->first();

        return $user !== null && Hash::check(DatabaseSeeder::PASSWORD, $user->getAuthPassword());
    }
}
