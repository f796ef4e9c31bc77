<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Link\LinkedWords;

final class TaglineKind extends AbstractLineKind
{
    public function __construct()
    {
        parent::__construct(
            'tagline', 'Tagline', 'chat-quote', 'A short phrase that says what the business stands for.',
            'Gardens drawn for your soil', InkRole::Quiet,
        );
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty('NOTE', LinkedWords::words($piece->text('text')))];
    }

    protected function isSentence(): bool
    {
        return true;
    }
}
