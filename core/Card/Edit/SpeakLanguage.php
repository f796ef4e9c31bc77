<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\CardContext;

/** Sets the language of the card: of what it says by itself, of its dates, of its direction. */
final readonly class SpeakLanguage implements Edit
{
    /** @param  mixed  $lang  BCP 47, as chosen */
    public function __construct(private mixed $lang)
    {
    }

    public function apply(Card $card): Card
    {
        return $card->with(['lang' => $this->lang]);
    }

    public function words(Card $before): string
    {
        $lang = $this->apply($before)->lang;

        return 'Language set to '.(CardContext::languages()[$lang] ?? $lang);
    }
}
