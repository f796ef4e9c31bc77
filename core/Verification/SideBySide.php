<?php

namespace InkyCard\Verification;

use InkyCard\Markup\HtmlWriter;
use InkyCard\Markup\MailDocument;

/** A card as it was handed over and the message it arrived in, what differs in each marked as changed. */
final readonly class SideBySide
{
    private function __construct(public string $handedOver, public string $arrived)
    {
    }

    /**
     * @param  string  $arrived  HTML of the whole message
     * @param  Verified  $found  what is told of it
     */
    public static function of(ExpectedCard $card, string $arrived, Verified $found): self
    {
        $sides = [MailDocument::parse($card->html)->body, MailDocument::parse($arrived)->body];
        [$handedOver, $message] = array_map(fn ($body) => MessageContent::of($body)[0], $sides);
        $handedOver->appearance()->differences($message->appearance());
        $all = implode("\n", $message->lines);
        $missing = array_map(fn (string $line): array => [$line, $all], $found->missing);
        $handedOver->mark([...$found->altered, ...$missing], $found->links);
        $message->mark(array_map(array_reverse(...), $found->altered));

        return new self(...array_map(fn ($body) => HtmlWriter::write($body, marked: true), $sides));
    }
}
