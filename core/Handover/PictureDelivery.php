<?php

namespace InkyCard\Handover;

use InkyCard\MailClient\MailClient;

/** How pictures can travel with a card, and what each way costs. */
enum PictureDelivery: string
{
    case Fetched = 'fetched';
    case Attached = 'attached';
    case Inside = 'inside';

    /** Base64 in lines of 76 (RFC 2045): four signs for three bytes, and the line ends. */
    private const ENCODED = 4 / 3 * 78 / 76;

    public function label(): string
    {
        return [
            'fetched' => 'fetched by readers',
            'attached' => 'attached to the message',
            'inside' => 'inside the code',
        ][$this->value];
    }

    /**
     * What it adds to every message.
     *
     * @param  int  $code  of the card's HTML with pictures fetched, bytes
     * @param  int  $pictures  of its picture files, bytes
     * @return int bytes
     */
    public function weight(int $code, int $pictures): int
    {
        return $code + match ($this) {
            self::Fetched => 0,
            self::Attached => (int) round($pictures * self::ENCODED),
            self::Inside => (int) round($pictures * 4 / 3),
        };
    }

    /** What it means for readers, in a sentence. */
    public function says(): string
    {
        return [
            'fetched' => 'Light, and a banner can change later. Readers who block pictures see their words first.',
            'attached' => 'Always there, offline too. Every message carries them, and some programs list them as '
                .'attachments.',
            'inside' => 'Needs no server and no attachment. The code grows, and settings boxes may refuse so much '
                .'of it.',
        ][$this->value];
    }

    /** @return list<MailClient> stand-ins that do not show pictures which travel so, unless asked to */
    public function lostIn(): array
    {
        return array_values(
            array_filter(
                MailClient::all(),
                fn (MailClient $client) => $client->form === 'html' && ! $client->quoted
                    && ($this === self::Fetched
                        ? $client->pictures !== 'shown'
                        : $client->losesPictures($this === self::Attached ? 'cid' : 'data')),
            ),
        );
    }
}
