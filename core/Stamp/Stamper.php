<?php

namespace InkyCard\Stamp;

use InkyCard\Verification\ExpectedCard;
use InkyCard\Verification\MessageContent;

/** Puts a card into a message where its writer would: behind what was written, above what is quoted. */
final readonly class Stamper
{
    private const GAP = '<br>';

    /** Stands for the card where it is looked whether the message reads as it did: a table as it is one. */
    private const SIGN = '<table><tr><td>card</td></tr></table>';

    public function __construct(private MailMessage $message, private CardParts $card)
    {
    }

    /**
     * @param  ?ExpectedCard  $older  the card it carries already, which makes room; null for none
     * @return string the message with it, all other bytes as they were
     *
     * @throws NoPlace where that cannot be done surely
     */
    public function stamp(?ExpectedCard $older = null): string
    {
        $html = $this->message->html();
        $text = $this->message->text();
        $splices = $html === null ? [] : $this->html($html, $older);
        if ($text !== null) {
            array_push($splices, ...$this->text($text, $older, $html !== null));
        }

        return Splice::all($splices, $this->message->bytes);
    }

    /**
     * @return list<Splice>
     *
     * @throws NoPlace
     */
    private function html(MessagePart $part, ?ExpectedCard $older): array
    {
        $content = $this->message->content($part);
        $place = $this->message->place();
        if ($place->source->isLong()) {
            throw new NoPlace('it is longer than is read');
        }
        [$at, $bytes, $before, $behind] = $older === null ? $place->free()
            : $place->of($older->seen->lines, count($older->seen->pictures));
        $put = fn (string $card): Splice => new Splice($at, $bytes, $older !== null ? $card
            : ($before === [] ? '' : self::GAP).$card.($behind === [] ? '' : self::GAP));
        if (HtmlPlace::seen($put(self::SIGN)->in($content), $part->charset()) !== [...$before, 'card', ...$behind]) {
            throw new NoPlace('it would not read as it did');
        }
        $splice = $put($this->card->ascii($this->eol($part)));
        $pictures = new AttachedPictures($this->message, $part);
        $gone = substr($content, $at, $bytes);

        return [
            ...$pictures->with($this->card, (new PartChange($this->message, $part))->of($splice)),
            ...$older === null ? [] : $pictures->without($gone, $splice->in($content)),
        ];
    }

    /**
     * @param  bool  $beside  there is HTML too, which is what most readers see
     * @return list<Splice>
     *
     * @throws NoPlace
     */
    private function text(MessagePart $part, ?ExpectedCard $older, bool $beside): array
    {
        $content = $this->message->content($part);
        $words = Charset::utf8($content, $part->charset());
        $place = new TextPlace($words);
        $range = null;
        if ($older !== null) {
            $range = $place->of($older->text->lines);
            // Made of the HTML by a program of its own, it may say the card otherwise: then it stays.
            if ($range === null && $place->hasAny($older->text->lines)) {
                return $beside ? [] : throw new NoPlace('an older card is not all in one place');
            }
        }
        $splice = $range === null
            ? new Splice($place->free(), 0, $this->free($part, $place))
            : new Splice($range[0], $range[1], $this->lines($part).$this->eol($part));
        $new = MessageContent::text($splice->in($words))[0];
        if (array_filter($this->card->lines, fn (string $line) => ! $new->has($line)) !== []) {
            return $beside ? [] : throw new NoPlace('it would not read as it did');
        }

        return $this->written($part, $content, $words, $splice);
    }

    private function free(MessagePart $part, TextPlace $place): string
    {
        $eol = $this->eol($part);
        $before = $place->free() === 0 ? '' : ($place->isAtLine() ? $eol : "$eol$eol");
        // Programs take all below the mark for a signature: what is quoted is none (RFC 3676, 4.3).
        $mark = $place->hasQuote() ? '' : "-- $eol";

        return $before.$mark.$this->lines($part).$eol.($place->hasQuote() ? $eol : '');
    }

    /** The text of the card in lines as the part has them. */
    private function lines(MessagePart $part): string
    {
        $lines = preg_split('/\R/u', rtrim($this->card->text)) ?: [];
        if (strtolower($part->head->parameters['format'] ?? '') === 'flowed') {
            // RFC 3676, 4.2 and 4.4: no space ends a line that is one, and some beginnings are stuffed.
            $lines = array_map(fn (string $line): string => (string) preg_replace(
                '/^(?= |>|From )/', ' ', rtrim($line, ' '),
            ), $lines);
        }

        return implode($this->eol($part), $lines);
    }

    /** How lines end in what a part says: encoded, that may be otherwise than around it. */
    private function eol(MessagePart $part): string
    {
        return MailMessage::ends($this->message->content($part)) ?? $this->message->eol;
    }

    /**
     * @param  Splice  $splice  of its words in UTF-8
     * @return list<Splice>
     *
     * @throws NoPlace
     */
    private function written(MessagePart $part, string $content, string $words, Splice $splice): array
    {
        $change = new PartChange($this->message, $part);
        $put = Charset::write($splice->put, $part->charset());
        $before = Charset::write(substr($words, 0, $splice->at), $part->charset());
        $behind = Charset::write(substr($words, $splice->at + $splice->removed), $part->charset());
        if ($put === null || $before === null || $behind === null) {
            return $change->ofUtf8($splice);
        }
        // What it says must be as it was written, or it is not known where anything of it stands.
        if (! str_starts_with($content, $before) || ! str_ends_with($content, $behind)) {
            throw new NoPlace('its character set is not as it says');
        }

        return $change->of(new Splice(
            strlen($before), strlen($content) - strlen($before) - strlen($behind), $put,
        ));
    }
}
