<?php

namespace App\Console\Commands;

use App\Pictures\Stock;
use Illuminate\Console\Command;

/** Looks after the kept picture files. */
final class CheckPictures extends Command
{
    protected $signature = 'inky:pictures {--check : compare files with what is known of them, bake lost ones again, '
        .'remove orphans}';

    protected $description = 'Check the kept pictures and mend what can be mended; JSON';

    public function handle(Stock $stock): int
    {
        if (! $this->option('check')) {
            $this->error('Say what to do: --check.');

            return self::INVALID;
        }
        $found = $stock->check();
        $this->line((string) json_encode($found, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));

        // An original nobody has any more can only be brought again.
        return $found['originals_missing'] === [] && $found['variants_lost'] === [] ? self::SUCCESS : self::FAILURE;
    }
}
