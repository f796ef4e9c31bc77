<?php

namespace InkyCard\Verification;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Card\Kind\Capability;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PictureSources;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;

/** What a message that carries a revision of a card holds. */
final readonly class ExpectedCard
{
    /**
     * @param  int  $revision  its number; 0 for a card without any
     * @param  string  $address  the holder's mail address; empty when it says none
     * @param  ?self  $short  the same in the short form phones are given; null where it is not looked for
     */
    private function __construct(
        public int $revision,
        public MessageContent $seen,
        public MessageContent $text,
        public string $address,
        public ?self $short,
    ) {
    }

    /**
     * @param  string  $html  as it was handed over
     * @param  string  $text  its plain text
     */
    public static function of(int $revision, string $html, string $text, string $address, ?self $short = null): self
    {
        return new self($revision, MessageContent::html($html)[0], MessageContent::text($text)[0], $address, $short);
    }

    /**
     * @param  PictureSources  $pictures  as it was handed over with
     * @param  (\Closure(Card): Sheet)|null  $sheet  its sheet, where that is not the card's own: one with counted links
     * @param  bool  $short  its short form will do as well
     */
    public static function card(
        int $revision,
        Card $card,
        PictureSources $pictures,
        ?\Closure $sheet = null,
        bool $short = false,
    ): self {
        $shortened = $short ? (new Shorten)->apply($card) : $card;

        return self::of(
            $revision,
            (new HtmlComposer($pictures))->compose($sheet === null ? Sheet::of($card) : $sheet($card)),
            PlainTextComposer::compose(Sheet::of($card)),
            $card->fact(Capability::MailAddress),
            $shortened->pieces == $card->pieces ? null : self::card($revision, $shortened, $pictures, $sheet),
        );
    }
}
