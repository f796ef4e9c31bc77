<?php

namespace App\Words;

use InkyCard\Markup\Escape;

/**
 * The words of a Blade template, found where they stand: text, what is echoed within it, and attributes that are read.
 * A stretch of text is one message, with `:1` for what is echoed and `<1>…</1>` for what is marked up within it, so
 * that whoever translates has the whole sentence and may put its parts in another order. Templates are rewritten before
 * they are compiled: pages pay nothing for it.
 */
final class TemplateWords
{
    /** Attributes whose values are read by people. */
    private const READ = [
        'title', 'alt', 'placeholder', 'aria-label', 'aria-description', 'aria-valuetext', 'label', 'help', 'summary',
        'heading', 'before', 'after', 'says', 'data-copied', 'data-link-words', 'data-says',
    ];

    /** Elements that stand within a sentence. */
    private const INLINE = '/^(?:a|abbr|b|bdi|br|code|em|i|kbd|mark|q|small|span|strong|sub|sup|time|wbr|x-icon|x-help'
        .'|x-to-bench|x-piece-link|x-blank|x-day|x-moment)$/';

    /** In an attribute of a component nothing is escaped: what a template would run is told apart from words. */
    private const SAFE = ['"' => '”', '{' => '(', '}' => ')', '<' => '‹', '>' => '›'];

    private const VOID = '/^(?:br|wbr|img|input)$/';

    private const PAREN = '(?<paren>\((?:[^()\'"]++|\'(?:\\\\.|[^\'\\\\])*+\'|"(?:\\\\.|[^"\\\\])*+"|(?&paren))*+\))';

    private const ECHO = '\{\{(?!--).*?\}\}|\{!!.*?!!\}';

    /** @param  \Closure(string): string  $say  what is said in place of a message */
    private function __construct(private readonly \Closure $say)
    {
    }

    /**
     * A template that says other words.
     *
     * @param  \Closure(string): string  $say
     */
    public static function rewritten(string $template, \Closure $say): string
    {
        return (new self($say))->template($template);
    }

    /** @return list<string> the messages of a template */
    public static function of(string $template): array
    {
        $found = [];
        self::rewritten($template, function (string $message) use (&$found): string {
            return $found[] = $message;
        });

        return $found;
    }

    private function template(string $template): string
    {
        $out = '';
        $run = [];
        foreach ($this->tokens($template) as $token) {
            if ($token->type === 'break') {
                $out .= $this->run($run).$token->source;
                $run = [];
            } else {
                $run[] = $token;
            }
        }

        return $out.$this->run($run);
    }

    /** @return list<TemplateToken> */
    private function tokens(string $template): array
    {
        $tag = '<\/?(?<name>[a-zA-Z][\w:.-]*)(?<attributes>(?:'.self::ECHO.'|@\w+\s*(?:(?&paren))?'
            .'|"(?:'.self::ECHO.'|[^"])*+"|\'[^\']*+\'|[^>"\'])*?)(?<close>\/?)>';
        $pattern = '/(?(DEFINE)'.self::PAREN.')'
            .'(?<skip>\{\{--.*?--\}\}|@php\s*(?&paren)|@php\b.*?@endphp|<(?<opaque>script|style|textarea|pre)\b.*?'
            .'<\/(?P=opaque)>|<(?<kept>\w+)\b[^<>]*\btranslate="no"[^<>]*>.*?<\/(?P=kept)>|<!--.*?-->|<!DOCTYPE[^>]*>)'
            .'|(?<echo>'.self::ECHO.')'
            ."|(?<tag>$tag)"
            .'|(?<directive>\B@(?:\w+\s*(?&paren)|(?:else|empty|auth|guest|csrf|php|continue|break|end\w+)\b))/s';
        $tokens = [];
        $at = 0;
        preg_match_all($pattern, $template, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($found as $one) {
            $source = (string) $one[0][0];
            $start = $one[0][1];
            if ($start > $at) {
                $tokens[] = new TemplateToken('text', substr($template, $at, $start - $at));
            }
            $at = $start + strlen($source);
            $tokens[] = $this->token($source, $one);
        }
        if ($at < strlen($template)) {
            $tokens[] = new TemplateToken('text', substr($template, $at));
        }

        return self::matched($tokens);
    }

    /** @param  array<array{?string, int}>  $part */
    private function token(string $source, array $part): TemplateToken
    {
        if ($part['echo'][0] !== null) {
            return new TemplateToken('echo', $source);
        }
        if ($part['tag'][0] === null) {
            return new TemplateToken('break', $this->opaque($source));
        }
        $name = (string) $part['name'][0];
        $isClosing = str_starts_with($source, '</');
        $source = $isClosing ? $source : $this->tag($source, $name, (string) $part['attributes'][0]);
        if (preg_match(self::INLINE, $name) !== 1) {
            return new TemplateToken('break', $source);
        }
        $isAlone = $part['close'][0] === '/' || preg_match(self::VOID, $name) === 1;

        return new TemplateToken($isAlone ? 'alone' : ($isClosing ? 'close' : 'open'), $source, $name);
    }

    /** A textarea's own attributes are read too. */
    private function opaque(string $source): string
    {
        return preg_match('/^<textarea\b((?:'.self::ECHO.'|"[^"]*"|[^>"])*)>/s', $source, $found) === 1
            ? $this->tag($found[0], 'textarea', $found[1]).substr($source, strlen($found[0])) : $source;
    }

    /**
     * Marks that have no partner between two breaks are breaks themselves.
     *
     * @param  list<TemplateToken>  $tokens
     * @return list<TemplateToken>
     */
    private static function matched(array $tokens): array
    {
        $open = [];
        $alone = [];
        foreach ($tokens as $at => $token) {
            if ($token->type === 'break') {
                $alone = [...$alone, ...array_keys($open)];
                $open = [];
            } elseif ($token->type === 'open') {
                $open[$at] = $token->name;
            } elseif ($token->type === 'close') {
                $last = array_key_last($open);
                if ($last !== null && $open[$last] === $token->name) {
                    unset($open[$last]);
                } else {
                    $alone = [...$alone, ...array_keys($open), $at];
                    $open = [];
                }
            }
        }
        foreach ([...$alone, ...array_keys($open)] as $at) {
            $tokens[$at] = new TemplateToken('break', $tokens[$at]->source);
        }

        return array_values($tokens);
    }

    /** @param  list<TemplateToken>  $run  between two breaks */
    private function run(array $run): string
    {
        // What stands around a message stays where it is.
        $before = $after = '';
        while ($run !== [] && $run[0]->isBlank()) {
            $before .= array_shift($run)->source;
        }
        while ($run !== [] && $run[array_key_last($run)]->isBlank()) {
            $after = array_pop($run)->source.$after;
        }
        if ($run === []) {
            return $before.$after;
        }
        $parts = self::parts($run);
        if (array_filter($parts, fn (array $part) => count($part) === 1 && $part[0]->says()) === []) {
            // Nothing is said around what is marked up: each is said by itself.
            return $before.implode('', array_map($this->alone(...), $parts)).$after;
        }

        return $before.$this->message($run).$after;
    }

    /** @param  non-empty-list<TemplateToken>  $part  of `parts` */
    private function alone(array $part): string
    {
        $first = $part[0];

        return match (true) {
            count($part) > 1 => $first->source.$this->run(array_slice($part, 1, -1)).$part[count($part) - 1]->source,
            $first->type === 'echo' => $this->echoed($first->source),
            default => $first->source,
        };
    }

    /**
     * @param  list<TemplateToken>  $run
     * @return list<non-empty-list<TemplateToken>> texts, echoes, and what is marked up with its marks
     */
    private static function parts(array $run): array
    {
        $parts = [];
        $deep = 0;
        foreach ($run as $token) {
            $deep > 0 ? $parts[array_key_last($parts)][] = $token : $parts[] = [$token];
            $deep += ['open' => 1, 'close' => -1][$token->type] ?? 0;
        }

        return $parts;
    }

    /** @param  non-empty-list<TemplateToken>  $run */
    private function message(array $run): string
    {
        $message = '';
        $slots = [];
        $open = [];
        $echoes = $marks = 0;
        foreach ($run as $token) {
            $mark = match ($token->type) {
                'echo' => ':'.(++$echoes),
                'open' => '<'.($open[] = ++$marks).'>',
                'close' => '</'.array_pop($open).'>',
                'alone' => '<'.(++$marks).'/>',
                default => null,
            };
            $message .= $mark ?? html_entity_decode($token->source, ENT_QUOTES | ENT_HTML5);
            if ($mark !== null) {
                $slots[$mark] = $token->type === 'echo' ? $this->echoed($token->source) : $token->source;
            }
        }
        $lead = preg_match('/^\s/', $message) === 1 ? ' ' : '';
        $tail = preg_match('/\s$/D', $message) === 1 ? ' ' : '';
        $said = ($this->say)(trim((string) preg_replace('/[ \t\r\n]+/', ' ', $message)));

        return $lead.self::filled($said, $slots, self::text(...)).$tail;
    }

    /**
     * @param  array<string, string>  $slots
     * @param  \Closure(string): string  $escape  what is between them
     */
    private static function filled(string $said, array $slots, \Closure $escape): string
    {
        if ($slots === []) {
            return $escape($said);
        }
        uksort($slots, fn (string $a, string $b) => strlen($b) <=> strlen($a));
        $marks = implode('|', array_map(fn (string $mark) => preg_quote($mark, '/'), array_keys($slots)));
        $parts = preg_split("/($marks)/", $said, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];

        return implode('', array_map(fn (string $part) => $slots[$part] ?? $escape($part), $parts));
    }

    /** Words as text of a template: markup and Blade's own signs are letters in it. */
    private static function text(string $said): string
    {
        return strtr(Escape::html($said), ['@' => '&#64;', '{' => '&#123;', "\u{A0}" => '&nbsp;']);
    }

    private function tag(string $source, string $name, string $attributes): string
    {
        $isOurs = str_starts_with($name, 'x-') && ! str_starts_with($name, 'x-slot');
        $pattern = '/(?<=\s)(?<bound>:?)(?<what>[a-z-]+)="(?<value>(?:'.self::ECHO.'|[^"])*+)"/s';
        $rewritten = preg_replace_callback($pattern, function (array $part) use ($isOurs): string {
            if (! in_array($part['what'], self::READ, true)) {
                return $part[0];
            }
            $value = $part['bound'] === '' ? $this->attribute($part['value'], $isOurs)
                : ($isOurs ? PhpWords::rewritten($part['value'], $this->say) : $part['value']);

            return "$part[bound]$part[what]=\"$value\"";
        }, $attributes) ?? $attributes;
        $start = (int) strpos($source, $attributes, strlen($name));

        return $attributes === '' ? $source : substr_replace($source, $rewritten, $start, strlen($attributes));
    }

    private function attribute(string $value, bool $isOurs): string
    {
        $parts = preg_split('/('.self::ECHO.')/s', $value, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $message = '';
        $slots = [];
        foreach ($parts as $at => $part) {
            if ($at % 2 === 1) {
                $slots[$mark = ':'.(intdiv($at, 2) + 1)] = $this->echoed($part);
                $message .= $mark;
            } else {
                $message .= $isOurs ? $part : html_entity_decode($part, ENT_QUOTES | ENT_HTML5);
            }
        }
        if (preg_match('/\p{L}/u', (string) preg_replace('/:\d+/', '', $message)) !== 1) {
            return implode('', array_map(
                fn (string $part, int $at) => $at % 2 === 1 ? $this->echoed($part) : $part, $parts, array_keys($parts),
            ));
        }
        $said = ($this->say)((string) preg_replace('/[ \t\r\n]+/', ' ', $message));

        return self::filled($said, $slots, fn (string $text): string => $isOurs
            ? (string) preg_replace('/\B@(?=\w)/', '＠', strtr($text, self::SAFE))
            : strtr(Escape::html($text), ['@' => '&#64;', '{' => '&#123;']));
    }

    /** What is echoed: words written into its expression. */
    private function echoed(string $source): string
    {
        [$open, $close] = str_starts_with($source, '{!!') ? ['{!!', '!!}'] : ['{{', '}}'];

        return $open.PhpWords::rewritten(substr($source, strlen($open), -strlen($close)), $this->say).$close;
    }
}
