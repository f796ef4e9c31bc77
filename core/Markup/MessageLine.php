<?php

namespace InkyCard\Markup;

use InkyCard\Type\CleanText;

/** What stands on one line of a message: words, the links that begin on it, pictures; each with where it stands. */
final class MessageLine
{
    /** @var list<array{string, LineContext, ?Element}> with the element they stand in */
    public array $words = [];

    /** @var list<string> addresses, with or without words */
    public array $links = [];

    /** @var list<array{Element, LineContext}> */
    public array $pictures = [];

    private ?string $text = null;

    /** Empty above it, as far as elements say: margins, padding, empty lines; CSS px. */
    public float $space = 0.0;

    /** @param  int  $quoted  depth of quoting where it begins */
    public function __construct(public readonly int $quoted)
    {
    }

    public function isEmpty(): bool
    {
        return $this->links === [] && $this->pictures === [] && $this->text() === '';
    }

    /** Its words, as they are seen; asked for once they are all there. */
    public function text(): string
    {
        return $this->text ??= CleanText::seen(implode('', array_column($this->words, 0)));
    }
}
