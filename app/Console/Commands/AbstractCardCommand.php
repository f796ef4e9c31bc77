<?php

namespace App\Console\Commands;

use InkyCard\Card\Card;
use InkyCard\Card\CardJson;

/** A console command that reads a card document. */
abstract class AbstractCardCommand extends AbstractAnswer
{
    /** @throws \InkyCard\Refusal */
    protected function card(): Card
    {
        return CardJson::decode($this->input((string) $this->argument('card'), CardJson::MAX_BYTES));
    }
}
