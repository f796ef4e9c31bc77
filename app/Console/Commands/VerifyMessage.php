<?php

namespace App\Console\Commands;

use App\Pictures\HostedPictures;
use App\Tray\MimeMessage;
use App\Tray\Tray;
use InkyCard\Card\CardJson;
use InkyCard\Refusal;
use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\ReceivedMessage;
use InkyCard\Verification\Verifier;

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
        if (strlen($raw) > Tray::MOST) {
            throw Refusal::because('This message is over 20 MB.');
        }
        if (! is_string($this->option('card'))) {
            throw Refusal::because('Name the card it should carry: --card=card.json.');
        }
        $received = MimeMessage::foreign($raw);
        $older = [];
        foreach (array_values(array_filter((array) $this->option('older'), is_string(...))) as $number => $file) {
            $older[] = $this->expected(-1 - $number, $file);
        }

        return self::json(
            Verifier::verify(
                $this->expected(0, $this->option('card')),
                $older,
                ReceivedMessage::of($received->html(), $received->text(), $received->from()),
            )->toArray(),
        );
    }

    private function expected(int $revision, string $file): ExpectedCard
    {
        return ExpectedCard::card(
            $revision, CardJson::decode($this->input($file, CardJson::MAX_BYTES)), HostedPictures::forExport(),
            forms: $revision === 0,
        );
    }
}
