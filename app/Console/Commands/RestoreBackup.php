<?php

namespace App\Console\Commands;

use App\Keeping\Backup;

/** A backup in the place of what is here. */
final class RestoreBackup extends AbstractAnswer
{
    protected $signature = 'inky:restore {file : a backup, written by inky:backup}';

    protected $description = 'Put a backup in the place of what is here, which is set aside';

    protected function result(): string
    {
        $found = Backup::restore((string) $this->argument('file'));
        $this->callSilently('migrate', ['--force' => true]);

        return sprintf('Restored: %s cards, %s pictures.', number_format($found['cards']),
            number_format($found['pictures']))
            .($found['aside'] === '' ? '' : " What was here before is kept as $found[aside].");
    }
}
