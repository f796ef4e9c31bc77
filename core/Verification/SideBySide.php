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

    /** @param  string  $arrived  HTML of the whole message */
    public static function of(ExpectedCard $card, string $arrived): self
    {
        $sides = [MailDocument::parse($card->html)->body, MailDocument::parse($arrived)->body];
        [$handedOver, $message] = array_map(fn ($body) => MessageContent::of($body)[0], $sides);
        $handedOver->appearance()->differences($message->appearance());
        [$missing, $altered] = Verifier::lines($handedOver->lines, $message);
        $links = array_filter($handedOver->links, fn (string $link): bool => ! $message->leadsTo($link));
        $all = implode("\n", $message->lines);
        $handedOver->mark(
            [...$altered, ...array_map(fn (string $line): array => [$line, $all], $missing)], array_values($links),
        );
        $message->mark(array_map(array_reverse(...), $altered));

        return new self(...array_map(fn ($body) => HtmlWriter::write($body, marked: true), $sides));
    }
}
