<?php

namespace InkyCard\Verification;

use InkyCard\Markup\MessageLine;

/** A message as it arrived, taken apart once for all cards it is held against. */
final readonly class ReceivedMessage
{
    /**
     * @param  bool  $plain  it has no HTML
     * @param  MessageContent  $written  what its writer wrote
     * @param  MessageContent  $quoted  what is quoted or passed on
     * @param  string  $from  the sender's address
     */
    private function __construct(public bool $plain, public MessageContent $written, public MessageContent $quoted,
        public string $from)
    {
    }

    /** @param  list<MessageLine>  $lines  of its HTML, taken apart */
    public static function taken(array $lines, string $from): self
    {
        return new self(false, ...MessageContent::ofLines($lines), from: $from);
    }

    /**
     * @param  string  $html  of the message; empty when it has none
     * @param  string  $text  its plain text; empty when it has none
     */
    public static function of(string $html, string $text, string $from): self
    {
        $plain = trim($html) === '';

        return new self($plain, ...($plain ? MessageContent::text($text) : MessageContent::html($html)), from: $from);
    }
}
