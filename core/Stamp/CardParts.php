<?php

namespace InkyCard\Stamp;

use InkyCard\Picture\Baked;
use InkyCard\Verification\MessageContent;

/** A card as it goes into messages. */
final readonly class CardParts
{
    /** @var list<string> its plain text as a reader sees it */
    public array $lines;

    private string $ascii;

    /**
     * @param  string  $html  of the card alone, UTF-8
     * @param  string  $text  its plain text
     * @param  array<string, Baked>  $files  pictures that travel with it, by content id; its HTML names them so
     */
    public function __construct(string $html, public string $text, public array $files = [])
    {
        $this->lines = MessageContent::text($text)[0]->lines;
        $this->ascii = self::folded($html);
    }

    public function isEmpty(): bool
    {
        return $this->lines === [];
    }

    /** Its HTML in ASCII, as any set of characters has it, in lines that mail servers carry. */
    public function ascii(string $eol): string
    {
        return str_replace("\n", $eol, $this->ascii);
    }

    private static function folded(string $html): string
    {
        $ascii = mb_encode_numericentity($html, [0x80, 0x10FFFF, 0, 0x1FFFFF], 'UTF-8');
        $lines = '';
        $line = 0;
        foreach (preg_split('/(<[a-z\/][^<>]*>)/i', $ascii, flags: PREG_SPLIT_DELIM_CAPTURE) ?: [] as $part) {
            if (str_starts_with($part, '<') && $line + strlen($part) > TransferEncoding::LONGEST / 4) {
                // Within a tag, where no white space is shown.
                $part = substr($part, 0, -1)."\n>";
                $line = 0;
            }
            $line += strlen($part);
            $lines .= $part;
        }

        return $lines;
    }
}
