<?php

namespace InkyCard\Stamp;

/** HTML by where its tags stand in its bytes (tokens as in the HTML Standard, 13.2.5). */
final class HtmlTags
{
    /** More tags than a message has that somebody wrote. */
    private const MOST = 30_000;

    private const TAG = '~\G<(/?)([a-zA-Z][^\s/>]*+)((?:[^"\'>]++|"[^"]*+"|\'[^\']*+\')*+)>~';

    /** Bytes of one tag that are looked at. */
    private const LONG = 20_000;

    /** Hold text up to their end tag, whatever it looks like. */
    private const TEXT = '/^(?:script|style|title|textarea|xmp|iframe|noembed|noframes)$/';

    private const VOID = '/^(?:area|base|br|col|embed|hr|img|input|link|meta|param|source|track|wbr)$/';

    /** @var array<int, array{string, int, bool, bool}> by where it begins: name, where it ends, starts, ends itself */
    private array $tags = [];

    private readonly string $markup;

    /** @param  string  $html  in any set of characters ASCII is part of */
    public function __construct(public readonly string $html)
    {
        $this->markup = Charset::markupOf($html);
        $this->scan();
    }

    private function scan(): void
    {
        $at = 0;
        while (($at = strpos($this->markup, '<', $at)) !== false && count($this->tags) <= self::MOST) {
            $at = match (true) {
                substr_compare($this->markup, '<!--', $at, 4) === 0 => $this->behind('-->', $at + 2),
                preg_match('~\G<[!?]~', $this->markup, $none, 0, $at) === 1 => $this->behind('>', $at),
                default => $this->tag($at),
            };
        }
    }

    private function behind(string $sign, int $at): int
    {
        $end = stripos($this->markup, $sign, min($at, strlen($this->markup)));

        return $end === false ? strlen($this->markup) : $end + strlen($sign);
    }

    private function tag(int $at): int
    {
        if (preg_match(self::TAG, substr($this->markup, $at, self::LONG), $tag) !== 1) {
            return $at + 1;
        }
        $name = strtolower($tag[2]);
        $end = $at + strlen($tag[0]);
        $starts = $tag[1] === '';
        $this->tags[$at] = [$name, $end, $starts, $starts
            && (preg_match(self::VOID, $name) === 1 || (str_ends_with($tag[3], '/') && str_contains($name, ':')))];

        return $starts && preg_match(self::TEXT, $name) === 1
            ? min(strlen($this->markup), $this->behind("</$name", $end)) : $end;
    }

    /** More than is looked at. */
    public function isLong(): bool
    {
        return count($this->tags) > self::MOST;
    }

    /** The same with each start tag saying where it stands, in an attribute `data-at`. */
    public function marked(): string
    {
        $marked = '';
        $from = 0;
        foreach ($this->tags as $at => [$name, , $starts]) {
            if ($starts) {
                $behind = $at + 1 + strlen($name);
                $marked .= substr($this->html, $from, $behind - $from)." data-at=\"$at\"";
                $from = $behind;
            }
        }

        return $marked.substr($this->html, $from);
    }

    /** Behind the element whose start tag stands there; null where its end tag is not written. */
    public function behindElement(int $start): ?int
    {
        [$name, $end, , $closed] = $this->tags[$start] ?? ['', 0, false, false];
        if ($name === '' || $closed) {
            return $name === '' ? null : $end;
        }
        $depth = 0;
        foreach ($this->tags as $at => [$other, $end, $starts, $closes]) {
            if ($at >= $start && $other === $name && ! $closes) {
                $depth += $starts ? 1 : -1;
                if ($depth === 0) {
                    return $end;
                }
            }
        }

        return null;
    }

    /** Behind all that is shown: before the last end tag of the body, or of the document. */
    public function end(): int
    {
        $end = strlen($this->html);
        foreach (array_reverse($this->tags, true) as $at => [$name, , $starts]) {
            if ($starts || ! in_array($name, ['html', 'body'], true)) {
                break;
            }
            $end = $at;
        }

        return $end;
    }
}
