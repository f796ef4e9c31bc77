<?php

namespace App\Console\Commands;

use App\Answers\CardAnswers;
use InkyCard\Brand\BrandJson;

/** A card document in, its proof out. */
final class ProofCard extends AbstractCardCommand
{
    /** Of a brand document, bytes. */
    private const MAX_BRAND = 1_000_000;

    protected $signature = 'inky:proof
        {card : a card document, inky-card/1; - reads standard input}
        {--brand= : a brand document, inky-brand/1, whose inks and rules it is held against}
        {--client= : one stand-in alone: what its readers see changed}';

    protected $description = 'Look a card document over by every check, as JSON';

    protected function result(): string
    {
        $brand = is_string($this->option('brand'))
            ? BrandJson::decode($this->input($this->option('brand'), self::MAX_BRAND)) : null;

        return self::json(
            app(CardAnswers::class)->proof($this->card(), $brand, (string) $this->option('client')),
        );
    }
}
