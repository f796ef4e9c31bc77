<?php

namespace App\Console\Commands;

use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader;
use InkyCard\Refusal;

/** Any mail HTML in, what the reader of a stand-in sees of it out. */
final class ReadAs extends AbstractAnswer
{
    private const MAX_BYTES = 4_000_000;

    protected $signature = 'inky:read-as
        {client : a stand-in, such as word-desktop}
        {file : mail HTML; - reads standard input}
        {--changes : what it changes, as JSON, in place of the page}';

    protected $description = 'Read mail HTML as a mail client would';

    protected function result(): string
    {
        $client = MailClient::of($this->argument('client'));
        $html = $this->input((string) $this->argument('file'), self::MAX_BYTES);
        if (strlen($html) > self::MAX_BYTES) {
            throw Refusal::because('This file is over 4 MB: no mail client takes that.');
        }
        $reading = Reader::read($client, $html);

        return $this->option('changes')
            ? self::json(array_map(fn (Change $change) => $change->toArray(), $reading->changes))
            : $reading->page();
    }
}
