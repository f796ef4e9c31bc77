<?php

namespace InkyCard\Verification;

use InkyCard\Link\Wrapped;
use InkyCard\Markup\Element;
use InkyCard\Markup\MailDocument;

/** What stands in a stretch of a message: its lines of words, its links, its pictures. */
final class MessageContent
{
    private const BLOCKS = [
        'br', 'p', 'div', 'tr', 'td', 'th', 'table', 'li', 'ul', 'ol', 'hr', 'h1', 'h2', 'h3', 'h4', 'blockquote',
        'pre', 'img',
    ];

    /** Lines after which a message speaks of an earlier one. */
    private const QUOTED = '/^(?:-{2,}\s*(?:original|forwarded) message|begin forwarded message|on .{4,120} wrote:?$'
        .'|am .{4,120} schrieb|le .{4,120} a écrit|_{10,}$|from: .+@)/iu';

    /** Lines of one message that are looked at. A signature ends what its writer wrote, so the last ones count. */
    private const MOST = 5_000;

    /** @var array<string, int>|null lines with how often they stand there */
    private ?array $counts = null;

    private ?string $all = null;

    /**
     * @param  list<string>  $lines  white space evened out, what is not seen taken away
     * @param  list<string>  $links  addresses, unwrapped from what mail gateways put around them
     * @param  list<array{string, string}>  $pictures  source and words in its place
     */
    private function __construct(
        public readonly array $lines,
        public readonly array $links,
        public readonly array $pictures,
    ) {
    }

    /** @return array{self, self} what its writer wrote, and what is quoted or passed on */
    public static function html(string $html): array
    {
        $parts = [[[], [], []], [[], [], []]];
        $quoted = 0;
        $line = '';
        $close = function () use (&$line, &$parts, &$quoted): void {
            $plain = self::plain($line);
            $line = '';
            if ($plain === '') {
                return;
            }
            if ($quoted === 0 && preg_match(self::QUOTED, $plain) === 1) {
                // From here on to the end, whatever it is wrapped in.
                $quoted = 1000;
            }
            $parts[$quoted > 0 ? 1 : 0][0][] = $plain;
        };
        /** @var list<Element|string> $open */
        $open = [MailDocument::parse($html)->body];
        while (($node = array_pop($open)) !== null) {
            if ($node === '/quote') {
                $close();
                $quoted = max(0, $quoted - 1);
            } elseif ($node === '/line') {
                $close();
            } elseif (is_string($node)) {
                // Told from the two marks above, which no text can be: they are put on the stack by us alone.
                $line .= substr($node, 1);
            } elseif ($node instanceof Element) {
                $block = in_array($node->name, self::BLOCKS, true);
                if ($block) {
                    $close();
                }
                $quotes = $node->name === 'blockquote';
                $quoted += $quotes ? 1 : 0;
                $at = $quoted > 0 ? 1 : 0;
                if ($node->name === 'a' && isset($node->attributes['href'])) {
                    $parts[$at][1][] = rtrim(Wrapped::inner($node->attributes['href']), '/');
                }
                if ($node->name === 'img') {
                    $parts[$at][2][] = [
                        rtrim(Wrapped::inner($node->attributes['src'] ?? ''), '/'),
                        self::plain($node->attributes['alt'] ?? ''),
                    ];
                }
                $open[] = $quotes ? '/quote' : ($block ? '/line' : '=');
                for ($index = count($node->children) - 1; $index >= 0; $index--) {
                    $child = $node->children[$index];
                    // In preformatted text line ends are line ends.
                    $open[] = is_string($child) ? '='.$child : $child;
                }
                if ($node->name === 'pre') {
                    array_splice($open, -count($node->children));
                    foreach (array_reverse(explode("\n", $node->words())) as $row) {
                        array_push($open, '/line', '='.$row);
                    }
                }
            }
        }
        $close();

        return [
            new self(array_slice($parts[0][0], -self::MOST), $parts[0][1], $parts[0][2]),
            new self(array_slice($parts[1][0], 0, self::MOST), $parts[1][1], $parts[1][2]),
        ];
    }

    /** @return array{self, self} what its writer wrote, and what is quoted or passed on */
    public static function text(string $text): array
    {
        $lines = [[], []];
        $at = 0;
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            $quoted = preg_match('/^\s*>/', $line) === 1;
            $plain = self::plain((string) preg_replace('/^[\s>]+/', '', $line));
            if ($plain === '' || $plain === '--') {
                continue;
            }
            $at = $at === 1 || preg_match(self::QUOTED, $plain) === 1 ? 1 : 0;
            $lines[$quoted ? 1 : $at][] = $plain;
        }

        return [
            new self(array_slice($lines[0], -self::MOST), [], []),
            new self(array_slice($lines[1], 0, self::MOST), [], []),
        ];
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

    /** Words as they are compared: without marks nobody sees, white space evened out. */
    public static function plain(string $text): string
    {
        return trim(
            (string) preg_replace(
                ['/[\x{200B}-\x{200D}\x{2060}\x{FEFF}\x{AD}]/u', '/[\s\x{A0}\x{2007}\x{202F}]+/u'],
                ['', ' '],
                mb_scrub($text, 'UTF-8'),
            ),
        );
    }
}
