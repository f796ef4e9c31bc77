<?php

namespace InkyCard\Verification;

use InkyCard\Link\Wrapped;
use InkyCard\Markup\Element;
use InkyCard\Markup\LineWalker;
use InkyCard\Markup\MailDocument;
use InkyCard\Markup\MessageLine;
use InkyCard\Type\CleanText;

/** What stands in a stretch of a message: its lines of words, its links, its pictures. */
final class MessageContent
{
    /** Longest line that says who wrote what follows, characters. */
    private const WROTE = 160;

    /** Lines of one message that are looked at. A signature ends what its writer wrote, so the last ones count. */
    private const MOST = 5_000;

    /** @var array<string, int>|null lines with how often they stand there */
    private ?array $counts = null;

    private ?string $all = null;

    private ?Appearance $appearance = null;

    /** @var array<string, mixed>|null addresses its links lead to, whatever is put around them */
    private ?array $reached = null;

    /**
     * @param  list<string>  $lines  white space evened out, what is not seen taken away
     * @param  list<string>  $links  addresses
     * @param  list<array{string, string}>  $pictures  source and words in its place
     * @param  list<MessageLine>  $written  the same as it looks
     */
    private function __construct(
        public readonly array $lines,
        public readonly array $links,
        public readonly array $pictures,
        private readonly array $written = [],
    ) {
    }

    /** How it looks; nothing for what came as text. */
    public function appearance(): Appearance
    {
        return $this->appearance ??= new Appearance($this->written);
    }

    /**
     * Marks as changed what of these lines is not on the other side, and where links begin that are not.
     *
     * @param  list<array{string, string}>  $lines  with what stands on the other side in their place
     * @param  list<string>  $links  addresses
     */
    public function mark(array $lines, array $links = []): void
    {
        $others = array_column($lines, 1, 0);
        foreach ($this->written as $line) {
            $there = $others[$line->text()] ?? null;
            $own = array_map(fn (string $link): string => rtrim($link, '/'), $line->links);
            if ($there !== null) {
                $apart = array_filter($line->words, fn (array $run) => ! str_contains(
                    $there, CleanText::seen($run[0]),
                ));
                Appearance::mark(...array_column($apart ?: $line->words, 2));
            } elseif (array_intersect($own, $links) !== []) {
                Appearance::mark(...array_column($line->words, 2), ...array_column($line->pictures, 0));
            }
        }
    }

    /** @return array{self, self} what its writer wrote, and what is quoted or passed on */
    public static function html(string $html): array
    {
        return self::of(MailDocument::parse($html)->body);
    }

    /** @return array{self, self} the same of a message taken apart */
    public static function of(Element $body): array
    {
        return self::ofLines(LineWalker::lines($body));
    }

    /**
     * @param  list<MessageLine>  $lines
     * @return array{self, self} the same of its lines
     */
    public static function ofLines(array $lines): array
    {
        $parts = [[[], [], [], []], [[], [], [], []]];
        $earlier = false;
        foreach ($lines as $line) {
            $at = $earlier || $line->quoted > 0 ? 1 : 0;
            foreach ($line->links as $href) {
                $parts[$at][1][] = rtrim($href, '/');
            }
            foreach ($line->pictures as [$picture]) {
                $parts[$at][2][] = [
                    rtrim($picture->attributes['src'] ?? '', '/'),
                    CleanText::seen($picture->attributes['alt'] ?? ''),
                ];
            }
            $parts[$at][3][] = $line;
            $words = $line->text();
            // From here on to the end, whatever it is wrapped in.
            $earlier = $earlier || ($at === 0 && self::startsEarlier($words));
            if ($words !== '') {
                $parts[$earlier || $at === 1 ? 1 : 0][0][] = $words;
            }
        }

        return [
            new self(
                array_slice($parts[0][0], -self::MOST), $parts[0][1], $parts[0][2],
                array_slice($parts[0][3], -self::MOST),
            ),
            new self(array_slice($parts[1][0], 0, self::MOST), $parts[1][1], $parts[1][2]),
        ];
    }

    /** Whether a line says that an earlier message follows, in any language programs say it in (quotes.php). */
    public static function startsEarlier(string $line): bool
    {
        /** @var string|null $pattern */
        static $pattern = null;
        $pattern ??= self::pattern();

        return mb_strlen($line) <= self::WROTE && preg_match($pattern, $line) === 1;
    }

    private static function pattern(): string
    {
        $called = $from = $wrote = [];
        foreach (require __DIR__.'/quotes.php' as [$names, $sender, $around]) {
            array_push($called, ...array_map(fn (string $name) => preg_quote($name, '/'), $names));
            $from[] = preg_quote($sender, '/');
            foreach ($around as $words) {
                // A date or an address says that somebody is meant who wrote, and not that somebody writes.
                $wrote[] = '(?=.*(?:\d|@))'.str_replace('\*', '.{2,120}', preg_quote($words, '/')).'\s*[:：]?$';
            }
        }

        return '/^(?:[-_—*>\s]*(?:'.implode('|', $called).')[-_—*:：\s]*$|(?:'.implode('|', $from)
            .')\s*[:：].+@|_{10,}$|'.implode('|', $wrote).')/iu';
    }

    /** @return array{self, self} what its writer wrote, and what is quoted or passed on */
    public static function text(string $text): array
    {
        $lines = [[], []];
        $at = 0;
        foreach (preg_split('/\R+/u', $text, flags: PREG_SPLIT_NO_EMPTY) ?: [] as $line) {
            $quoted = preg_match('/^\s*>/', $line) === 1;
            $plain = CleanText::seen((string) preg_replace('/^[\s>]+/', '', $line));
            if ($plain === '' || $plain === '--') {
                continue;
            }
            $at = $at === 1 || self::startsEarlier($plain) ? 1 : 0;
            $lines[$quoted ? 1 : $at][] = $plain;
        }

        return [
            new self(array_slice($lines[0], -self::MOST), [], []),
            new self(array_slice($lines[1], 0, self::MOST), [], []),
        ];
    }

    /** Whether a link stands there, or within one that a gateway put around it. */
    public function leadsTo(string $address): bool
    {
        if ($this->reached === null) {
            $this->reached = array_flip($this->links);
            foreach ($this->links as $link) {
                foreach ([Wrapped::inner($link), ...Wrapped::carried($link)] as $inner) {
                    $this->reached[rtrim($inner, '/')] = true;
                }
            }
        }

        return isset($this->reached[$address]);
    }

    /** How often a line stands there, as a line of its own. */
    public function count(string $line): int
    {
        $this->counts ??= array_count_values($this->lines);

        return $this->counts[$line] ?? 0;
    }

    /** As a line of its own, or within one that clients made of several; short lines only whole. */
    public function has(string $line): bool
    {
        if ($this->count($line) > 0) {
            return true;
        }
        $this->all ??= implode("\n", $this->lines);

        return mb_strlen($line) >= 6
            && preg_match('/(?<![\p{L}\p{N}])'.preg_quote($line, '/').'(?![\p{L}\p{N}])/u', $this->all) === 1;
    }
}
