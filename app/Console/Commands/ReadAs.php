<?php

namespace App\Console\Commands;

use App\Answers\MailAnswers;

/** Any mail HTML in, what the reader of a stand-in sees of it out. */
final class ReadAs extends AbstractAnswer
{
    protected $signature = 'inky:read-as
        {client : a stand-in, such as word-desktop}
        {file : mail HTML; - reads standard input}
        {--changes : what it changes, as JSON, in place of the page}';

    protected $description = 'Read mail HTML as a mail client would';

    protected function result(): string
    {
        $reading = MailAnswers::reading(
            $this->input((string) $this->argument('file'), MailAnswers::MOST), (string) $this->argument('client'),
        );

        return $this->option('changes') ? self::json(MailAnswers::changes($reading)) : $reading->page();
    }
}
