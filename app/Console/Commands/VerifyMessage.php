<?php

namespace App\Console\Commands;

use App\Answers\MailAnswers;
use App\Tray\Tray;
use InkyCard\Card\CardJson;
use InkyCard\Refusal;

/** A received message in, whether it carries a card as it was handed over out. */
final class VerifyMessage extends AbstractAnswer
{
    protected $signature = 'inky:verify
        {message : a message, .eml; - reads standard input}
        {--card= : the card document it should carry}
        {--older=* : documents of earlier revisions}';

    protected $description = 'Look whether a received message carries a card, as JSON';

    protected function result(): string
    {
        $raw = $this->input((string) $this->argument('message'), Tray::MOST);
        if (! is_string($this->option('card'))) {
            throw Refusal::because('Name the card it should carry: --card=card.json.');
        }
        $card = fn (string $file) => CardJson::decode($this->input($file, CardJson::MAX_BYTES));
        $older = array_values(array_filter((array) $this->option('older'), is_string(...)));

        return self::json(MailAnswers::verdict($raw, $card($this->option('card')), array_map($card, $older)));
    }
}
