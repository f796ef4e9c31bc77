<?php

namespace InkyCard\Stamp;

use InkyCard\Refusal;

/** A part of a message, by where it stands in its bytes (RFC 2046). Nothing of it is copied or written anew. */
final readonly class MessagePart
{
    /** Deeper, and more, than any message somebody wrote. */
    private const DEEP = 12;

    private const PARTS = 300;

    /**
     * @param  int  $start  where its header begins
     * @param  int  $end  where its content ends, without the line end before the mark that follows
     * @param  list<self>  $children  of a multipart, in order
     * @param  int  $close  where the mark that ends a multipart begins, at its dashes; 0 for any other
     * @param  int  $mark  where the mark before it begins; 0 for a message
     */
    private function __construct(
        public int $start,
        public int $end,
        public HeaderFields $head,
        public array $children = [],
        public int $close = 0,
        public int $mark = 0,
    ) {
    }

    /** @throws Refusal where it nests deeper, or is of more parts, than is read, or a multipart never ends */
    public static function whole(string $bytes): self
    {
        $parts = 0;

        return self::read($bytes, 0, 0, strlen($bytes), 0, $parts);
    }

    /** @throws Refusal */
    private static function read(string $bytes, int $mark, int $start, int $end, int $depth, int &$parts): self
    {
        if ($depth > self::DEEP || ++$parts > self::PARTS) {
            throw Refusal::because('This message is made of too many parts to be read.');
        }
        $head = HeaderFields::read($bytes, $start, $end);
        $boundary = $head->parameters['boundary'] ?? '';
        if (! str_starts_with($head->type, 'multipart/') || $boundary === '') {
            return new self($start, $end, $head, mark: $mark);
        }
        $children = [];
        [$marks, $close] = self::marks($bytes, "--$boundary", $head->body, $end);
        foreach ($marks as $index => [$at, $from]) {
            $until = $marks[$index + 1][0] ?? $close;
            $children[] = self::read(
                $bytes, $at, $from, self::before($bytes, $from, $until), $depth + 1, $parts,
            );
        }

        return new self($start, $end, $head, $children, $close, $mark);
    }

    /**
     * @return array{list<array{int, int}>, int} where each mark begins and what follows it does; where the last one
     *     begins
     *
     * @throws Refusal
     */
    private static function marks(string $bytes, string $mark, int $at, int $end): array
    {
        $marks = [];
        while (($at = strpos($bytes, $mark, $at)) !== false && $at < $end) {
            $behind = $at + strlen($mark);
            $starts = $at === 0 || $bytes[$at - 1] === "\n";
            if ($starts && substr($bytes, $behind, 2) === '--') {
                return [$marks, $at];
            }
            $line = strpos($bytes, "\n", $behind);
            if ($starts && $line !== false && trim(substr($bytes, $behind, $line - $behind)) === '') {
                $marks[] = [$at, $line + 1];
            }
            $at = $behind;
        }
        throw Refusal::because('A part of this message never ends.');
    }

    /** Without the line end that belongs to the mark. */
    private static function before(string $bytes, int $from, int $mark): int
    {
        $end = $mark - ($mark > $from && $bytes[$mark - 1] === "\n" ? 1 : 0);

        return $end - ($end > $from && $bytes[$end - 1] === "\r" ? 1 : 0);
    }

    public function type(): string
    {
        return $this->head->type;
    }

    /** Whether it is shown among what is written, not kept beside it as a file. */
    public function isShown(): bool
    {
        return ! isset($this->head->parameters['name'])
            && preg_match('/^\s*attachment|filename\*?/i', $this->head->value('content-disposition')) !== 1;
    }

    /** How its content is written down, in small letters (RFC 2045, 6). */
    public function encoding(): string
    {
        return strtolower($this->head->value('content-transfer-encoding')) ?: '7bit';
    }

    public function charset(): string
    {
        return strtolower($this->head->parameters['charset'] ?? 'us-ascii');
    }

    /** @return list<self> itself and all within it */
    public function all(): array
    {
        return array_merge([$this], ...array_map(fn (self $child) => $child->all(), $this->children));
    }
}
