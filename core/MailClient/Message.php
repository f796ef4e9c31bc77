<?php

namespace InkyCard\MailClient;

use InkyCard\Markup\MailDocument;

/** A message's HTML, parsed when first needed and once for all stand-ins. */
final class Message
{
    private ?MailDocument $plain = null;

    private ?MailDocument $word = null;

    /** @param  ?string  $text  its plain text part, if it has one */
    public function __construct(public readonly string $html, public readonly ?string $text = null)
    {
    }

    public function document(bool $word): MailDocument
    {
        if (! $word || ! str_contains($this->html, '<!--[if')) {
            return $this->plain ??= MailDocument::parse($this->html);
        }

        return $this->word ??= MailDocument::parse($this->html, word: true);
    }
}
