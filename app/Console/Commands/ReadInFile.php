<?php

namespace App\Console\Commands;

use App\Answers\MailAnswers;
use App\Import\Brought;

/** A signature somebody has in, what a card could be made of out. */
final class ReadInFile extends AbstractAnswer
{
    protected $signature = 'inky:read-in
        {file : a signature as .html, .eml, .vcf or text; - reads standard input}
        {--country=GB : for phone numbers without a country}';

    protected $description = 'Read a signature into facts and a card document, as JSON';

    protected function result(): string
    {
        return self::json(MailAnswers::readIn(
            $this->input((string) $this->argument('file'), Brought::MOST), (string) $this->option('country'),
        ));
    }
}
