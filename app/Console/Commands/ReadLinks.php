<?php

namespace App\Console\Commands;

use InkyCard\Link\ProfileText;

/** Pasted profiles in, what they are out. */
final class ReadLinks extends AbstractAnswer
{
    private const MAX_BYTES = 400_000;

    protected $signature = 'inky:links {lines : a text file with addresses and handles in any mess; - reads standard '
        .'input}';

    protected $description = 'Recognise and clean profile addresses, as JSON';

    protected function result(): string
    {
        return self::json(ProfileText::sort($this->input((string) $this->argument('lines'), self::MAX_BYTES)));
    }
}
