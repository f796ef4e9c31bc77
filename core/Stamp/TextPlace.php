<?php

namespace InkyCard\Stamp;

use InkyCard\Type\CleanText;

/** Where in the plain text of a message a card belongs, or stands. */
final class TextPlace
{
    /** @var list<array{string, int, int, bool}> of each line what is seen, where it and the next begin, if marked */
    private readonly array $lines;

    private readonly int $quotedFrom;

    /** @param  string  $text  UTF-8 */
    public function __construct(private readonly string $text)
    {
        preg_match_all('/[^\r\n]*+(?:\r\n|\r|\n|$)/', $text, $found, PREG_OFFSET_CAPTURE);
        $lines = [];
        foreach ($found[0] as [$line, $at]) {
            if ($line !== '') {
                $lines[] = [
                    CleanText::seen(preg_replace('/^[\s>]+/', '', mb_scrub($line)) ?? ''), $at, $at + strlen($line),
                    preg_match('/^\s*>/', $line) === 1,
                ];
            }
        }
        $this->lines = $lines;
        $told = array_keys(array_filter($lines, fn (array $line): bool => $line[0] !== '' || $line[3]));
        $from = QuotedFrom::line(array_map(fn (int $number): array => [$lines[$number][0], $lines[$number][3]], $told));
        $this->quotedFrom = $told[$from] ?? count($lines);
    }

    public function hasQuote(): bool
    {
        return $this->quotedFrom < count($this->lines);
    }

    /** Behind all that was written, before what is quoted: byte. */
    public function free(): int
    {
        return $this->lines[$this->quotedFrom][1] ?? strlen($this->text);
    }

    /** Whether what was written before it ends its last line. */
    public function isAtLine(): bool
    {
        return $this->free() === 0 || preg_match('/[\r\n]/', $this->text[$this->free() - 1]) === 1;
    }

    /**
     * Whether any line of a card stands in what was written.
     *
     * @param  list<string>  $card
     */
    public function hasAny(array $card): bool
    {
        return array_intersect(array_column(array_slice($this->lines, 0, $this->quotedFrom), 0), $card) !== [];
    }

    /**
     * Where all lines of a card stand one after another in what was written.
     *
     * @param  list<string>  $card
     * @return ?array{int, int} byte, bytes; null where they do not
     */
    public function of(array $card): ?array
    {
        $written = array_filter(
            array_slice($this->lines, 0, $this->quotedFrom), fn (array $line): bool => $line[0] !== '',
        );
        $keys = array_keys($written);
        $texts = array_column($written, 0);
        for ($at = count($texts) - count($card); $card !== [] && $at >= 0; $at--) {
            if (array_slice($texts, $at, count($card)) === $card) {
                $from = $this->lines[$keys[$at]][1];

                return [$from, $this->lines[$keys[$at + count($card) - 1]][2] - $from];
            }
        }

        return null;
    }
}
