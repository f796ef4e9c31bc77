<?php

namespace App\Console\Commands;

use App\Proof\Prover;
use InkyCard\Brand\Brand;
use InkyCard\Brand\BrandJson;
use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Proof;

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
        $card = $this->card();
        $style = $card->style->full();
        $brand = is_string($this->option('brand'))
            ? BrandJson::decode($this->input($this->option('brand'), self::MAX_BRAND))
            : Brand::of(['inks' => $style['inks'], 'typeface' => $style['typeface'], 'country' => $card->country]);
        $subject = app(Prover::class)->subject($card, $brand);
        if ($this->option('client') === null) {
            return self::json(Proof::of($subject)->toArray());
        }
        $client = MailClient::of($this->option('client'));
        $found = array_values(
            array_filter(
                Proof::of($subject)->toArray()['findings'],
                fn (array $finding) => $finding['clients'] === [] || in_array($client->key, $finding['clients'], true),
            ),
        );

        return self::json([
            'client' => $client->key, 'about' => $client->about, 'findings' => $found,
            'changes' => array_map(fn (Change $change) => $change->toArray(), $subject->reading($client->key)->changes),
        ]);
    }
}
