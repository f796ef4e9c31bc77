<?php

namespace App\Answers;

use App\Import\Brought;
use App\Pictures\HostedPictures;
use App\Tray\MimeMessage;
use App\Tray\Tray;
use InkyCard\Card\Card;
use InkyCard\Import\Fact;
use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader;
use InkyCard\MailClient\Reading;
use InkyCard\Refusal;
use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\ReceivedMessage;
use InkyCard\Verification\Verifier;

/** What can be asked of mail and signatures of any making, whoever asks. Shapes are in docs/formats.md. */
final class MailAnswers
{
    /** Bytes of mail HTML that is read. */
    public const MOST = 4_000_000;

    /** @throws Refusal */
    public static function reading(string $html, string $client): Reading
    {
        $client = Refusal::at('/client', fn () => MailClient::of($client));
        if (strlen($html) > self::MOST) {
            throw Refusal::because('This file is over 4 MB: no mail client takes that.');
        }

        return Reader::read($client, $html);
    }

    /** @return list<array<string, mixed>> what a stand-in changes */
    public static function changes(Reading $reading): array
    {
        return array_map(fn (Change $change) => $change->toArray(), $reading->changes);
    }

    /**
     * @param  list<Card>  $older  earlier revisions
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public static function verdict(string $raw, Card $card, array $older): array
    {
        if (strlen($raw) > Tray::MOST) {
            throw Refusal::because('This message is over 20 MB.');
        }
        $received = MimeMessage::foreign($raw);
        $expected = [];
        foreach ($older as $number => $one) {
            $expected[] = ExpectedCard::card(-1 - $number, $one, HostedPictures::forExport());
        }

        return Verifier::verify(
            ExpectedCard::card(0, $card, HostedPictures::forExport(), forms: true), $expected,
            ReceivedMessage::of($received->html(), $received->text(), $received->from()),
        )->toArray();
    }

    /** @return array{facts: list<array<string, mixed>>, card: array<string, mixed>} @throws Refusal */
    public static function readIn(string $bytes, string $country): array
    {
        $facts = Brought::facts($bytes, $country);

        return [
            'facts' => array_map(fn (Fact $fact) => [
                'kind' => $fact->kind, 'fields' => $fact->fields, 'confidence' => round($fact->confidence, 2),
                'source' => $fact->source,
            ], $facts),
            'card' => Brought::document($facts, $country),
        ];
    }
}
