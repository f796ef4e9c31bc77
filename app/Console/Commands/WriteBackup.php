<?php

namespace App\Console\Commands;

use App\Keeping\Backup;

/** All of it in one file, while it runs. */
final class WriteBackup extends AbstractAnswer
{
    protected $signature = 'inky:backup {file : where to, such as inky-2026-11-28.zip}';

    protected $description = 'Write a backup: database, pictures and settings in one file';

    protected function result(): string
    {
        $file = (string) $this->argument('file');
        $found = Backup::write($file);

        return sprintf(
            '%s holds %s cards and %s pictures, %s MB; it was opened and is whole.', $file,
            number_format($found['cards']), number_format($found['pictures']),
            number_format($found['bytes'] / 1_000_000, 1),
        );
    }
}
