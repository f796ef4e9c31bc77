<?php

namespace InkyCard\Card\Content;

/** Markup of somebody's own, made safe before it got here. */
final readonly class Html implements Block
{
    /** @param  string  $text  what it says in words */
    public function __construct(public string $html, public string $text)
    {
    }
}
