<?php

namespace InkyCard\Stamp;

use InkyCard\Refusal;
use InkyCard\Verification\ReceivedMessage;

/** A message on its way out, as a mail server has it. */
final class MailMessage
{
    private const ADDRESS = '/<([^<>\s]+@[^<>\s]+)>|(?:^|,)\s*([^<>\s,]+@[^<>\s,]+)\s*(?=,|$)/';

    public readonly string $eol;

    /** @var array<int, string> by where the part begins */
    private array $contents = [];

    private ?HtmlPlace $place = null;

    /** @var array<string, ?MessagePart> by media type */
    private array $parts = [];

    private function __construct(public readonly string $bytes, public readonly MessagePart $root)
    {
        $this->eol = self::ends($bytes) ?? "\r\n";
    }

    /** How lines end there; null where there is but one. */
    public static function ends(string $bytes): ?string
    {
        $line = strpos($bytes, "\n");

        return $line === false ? null : ($line > 0 && $bytes[$line - 1] === "\r" ? "\r\n" : "\n");
    }

    /** @throws Refusal where it is made of more than is read, or cut off */
    public static function read(string $bytes): self
    {
        return new self($bytes, MessagePart::whole($bytes));
    }

    /** Who sends it: the one address it is from, in small letters; empty where that is none or several. */
    public function from(): string
    {
        $fields = $this->root->head->all('from');
        // Names may hold anything within quotes, and comments too (RFC 5322, 3.4).
        $plain = (string) preg_replace(['/"(?:[^"\\\\]|\\\\.)*+"/', '/\([^()]*+\)/'], '', $fields[0][1] ?? '');
        preg_match_all(self::ADDRESS, $plain, $found, PREG_SET_ORDER);

        return count($fields) === 1 && count($found) === 1
            ? mb_strtolower(mb_scrub(($found[0][1] ?? '').($found[0][2] ?? ''))) : '';
    }

    /** Whether it answers another one, or quotes one. */
    public function isAnswer(): bool
    {
        return $this->root->head->has('in-reply-to') || $this->root->head->has('references');
    }

    /** What its reader sees, where programs show HTML; null where it has none. */
    public function html(): ?MessagePart
    {
        return $this->parts['html'] ??= $this->shown('text/html');
    }

    /** Null where it has none. */
    public function text(): ?MessagePart
    {
        return $this->parts['plain'] ??= $this->shown('text/plain');
    }

    private function shown(string $type): ?MessagePart
    {
        $all = array_values(array_filter($this->root->all(), fn (MessagePart $part): bool => $part->type() === $type
            && $part->isShown()));
        foreach (count($all) > 1 ? $all : [] as $part) {
            // Written around what is attached: where it goes on into what is quoted, it was written before that.
            $quoted = $type === 'text/html'
                ? (new HtmlPlace(new HtmlTags($this->content($part)), $part->charset()))->hasQuote()
                : (new TextPlace(Charset::utf8($this->content($part), $part->charset())))->hasQuote();
            if ($quoted) {
                return $part;
            }
        }

        return end($all) ?: null;
    }

    /** What a part says, as its encoding has it. */
    public function content(MessagePart $part): string
    {
        return $this->contents[$part->start] ??= TransferEncoding::decode(
            substr($this->bytes, $part->head->body, $part->end - $part->head->body), $part->encoding(),
        );
    }

    /** Bytes of its words, HTML and text. */
    public function bytes(): int
    {
        return array_sum(array_map(
            fn (?MessagePart $part): int => $part === null ? 0 : strlen($this->content($part)),
            [$this->html(), $this->text()],
        ));
    }

    public function received(): ReceivedMessage
    {
        return $this->html() === null ? ReceivedMessage::of('', $this->words($this->text()), $this->from())
            : ReceivedMessage::taken($this->place()->lines, $this->from());
    }

    /** Its HTML by what stands where, taken apart once for whoever asks. */
    public function place(): HtmlPlace
    {
        $html = $this->html() ?? throw new \LogicException('There is no HTML.');

        return $this->place ??= new HtmlPlace(new HtmlTags($this->content($html)), $html->charset());
    }

    private function words(?MessagePart $part): string
    {
        return $part === null ? '' : Charset::utf8($this->content($part), $part->charset());
    }
}
