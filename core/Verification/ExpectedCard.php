<?php

namespace InkyCard\Verification;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Card\Kind\Capability;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PictureSources;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader;
use InkyCard\Time\Day;

/** What a message that carries a revision of a card holds. */
final class ExpectedCard
{
    /** @var array<string, MessageContent> by stand-in */
    private array $shown = [];

    /**
     * @param  int  $revision  its number; 0 for a card without any
     * @param  string  $html  as it was handed over
     * @param  string  $address  the holder's mail address; empty when it says none
     * @param  array<string, self>  $forms  the same in other forms it is given out in, by sort of message
     * @param  ?Day  $until  the last day it was right, where parts of it come and go by date
     */
    private function __construct(
        public readonly int $revision,
        public readonly string $html,
        public readonly MessageContent $seen,
        public readonly MessageContent $text,
        public readonly string $address,
        public readonly array $forms,
        public readonly ?Day $until = null,
    ) {
    }

    /**
     * @param  string  $html  as it was handed over
     * @param  string  $text  its plain text
     * @param  array<string, self>  $forms
     */
    public static function of(
        int $revision, string $html, string $text, string $address, array $forms = [], ?Day $until = null,
    ): self {
        return new self(
            $revision, $html, MessageContent::html($html)[0], MessageContent::text($text)[0], $address, $forms, $until,
        );
    }

    /** What a message with it holds as the reader of one stand-in sees it. */
    public function asShownBy(MailClient $client): MessageContent
    {
        return $this->shown[$client->key]
            ??= MessageContent::of(Reader::read($client, $this->html)->top())[0];
    }

    /**
     * @param  PictureSources  $pictures  as it was handed over with
     * @param  (\Closure(Card): Sheet)|null  $sheet  its sheet, where that is not the card's own: one with counted links
     * @param  bool  $forms  its other forms will do as well
     * @param  ?Day  $until  the last day it was right
     */
    public static function card(
        int $revision,
        Card $card,
        PictureSources $pictures,
        ?\Closure $sheet = null,
        bool $forms = false,
        ?Day $until = null,
    ): self {
        $others = $forms ? ['phone' => Shorten::forPhone($card), 'reply' => $card->inForm('reply')] : [];

        return self::of(
            $revision,
            (new HtmlComposer($pictures))->compose($sheet === null ? Sheet::of($card) : $sheet($card)),
            PlainTextComposer::compose(Sheet::of($card)),
            $card->fact(Capability::MailAddress),
            array_map(
                fn (Card $form) => self::card($revision, $form, $pictures, $sheet),
                array_filter($others, fn (Card $form) => $form->pieces != $card->pieces),
            ),
            $until,
        );
    }
}
