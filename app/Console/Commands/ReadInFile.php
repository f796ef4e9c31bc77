<?php

namespace App\Console\Commands;

use App\Import\Brought;
use InkyCard\Import\Fact;

/** A signature somebody has in, what a card could be made of out. */
final class ReadInFile extends AbstractAnswer
{
    protected $signature = 'inky:read-in
        {file : a signature as .html, .eml, .vcf or text; - reads standard input}
        {--country=GB : for phone numbers without a country}';

    protected $description = 'Read a signature into facts and a card document, as JSON';

    protected function result(): string
    {
        $facts = Brought::facts(
            $this->input((string) $this->argument('file'), Brought::MOST),
            (string) $this->option('country'),
        );

        return self::json([
            'facts' => array_map(
                fn (Fact $fact) => [
                    'kind' => $fact->kind, 'fields' => $fact->fields, 'confidence' => round($fact->confidence, 2),
                    'source' => $fact->source,
                ],
                $facts,
            ),
            'card' => Brought::document($facts, (string) $this->option('country')),
        ]);
    }
}
