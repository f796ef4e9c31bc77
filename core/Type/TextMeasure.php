<?php

namespace InkyCard\Type;

// PHP compiles it away where it need not look for one of this namespace: asked at every composing.
use function strlen;

/**
 * Lines a run of text breaks into. Break opportunities are those of UAX #14
 * as ICU finds them, less the one after a slash, which browsers do not take.
 */
final readonly class TextMeasure
{
    /** Characters no word has. */
    private const ENDLESS = 60;

    /** As many of scripts that part their words by spaces. */
    private const UNBROKEN = '/(?:(?![\p{Han}\p{Hiragana}\p{Katakana}\p{Hangul}\p{Thai}\p{Lao}\p{Khmer}\p{Myanmar}])'
        .'[^\s-]){60,}+/u';

    /**
     * @param  list<array{float, float, int}>  $atoms  unbreakable stretches: width, and width of the white space after
     *                                                 it, CSS px; where it ends in the text, bytes
     * @param  list<array{string, float, bool, 3?: bool, 4?: float, 5?: ?FontStack}>  $runs  white space collapsed
     */
    private function __construct(private array $atoms, private array $runs)
    {
    }

    /**
     * @param  list<array{string, float, bool, 3?: bool, 4?: float, 5?: ?FontStack}>  $runs  text, size in CSS px, bold,
     *     italic, CSS px between letters, a typeface of its own
     */
    public static function of(FontStack $stack, array $runs): self
    {
        $metrics = FontMetrics::of($stack);
        $runs = self::collapsed($runs);
        $text = implode('', array_column($runs, 0));
        $ends = [];
        $at = 0;
        foreach ($runs as $index => [$words]) {
            $ends[$index] = $at += strlen($words);
        }
        $atoms = [];
        $start = 0;
        $run = 0;
        foreach (self::breaks($text) as $end) {
            $width = $space = 0.0;
            while ($start < $end) {
                while ($ends[$run] <= $start) {
                    $run++;
                }
                $stop = min($end, $ends[$run]);
                [$bare, $after] = self::widths($metrics, substr($text, $start, $stop - $start), $runs[$run]);
                if ($bare > 0) {
                    // Space inside the stretch, before more of it in another run, is ordinary width.
                    $width += $space + $bare;
                    $space = 0.0;
                }
                $space += $after;
                $start = $stop;
            }
            $atoms[] = [$width, $space, $end];
        }

        return new self($atoms, $runs);
    }

    /**
     * @param  array{string, float, bool, 3?: bool, 4?: float, 5?: ?FontStack}  $run
     * @return array{float, float} of a stretch, and of the white space at its end, CSS px
     */
    private static function widths(FontMetrics $metrics, string $stretch, array $run): array
    {
        $bare = rtrim($stretch, ' ');
        $metrics = isset($run[5]) ? FontMetrics::of($run[5]) : $metrics;
        $of = fn (string $text): float => $text === '' ? 0.0
            : $metrics->width($text, $run[1], $run[2], $run[3] ?? false) + ($run[4] ?? 0) * mb_strlen($text);

        return [$of($bare), $of(substr($stretch, strlen($bare)))];
    }

    /** Width on one line, CSS px. */
    public function widest(): float
    {
        $width = 0.0;
        $space = 0.0;
        foreach ($this->atoms as [$atom, $after]) {
            $width += $space + $atom;
            $space = $after;
        }

        return $width;
    }

    /** Width of its longest unbreakable stretch, CSS px. */
    public function narrowest(): float
    {
        return max([0.0, ...array_column($this->atoms, 0)]);
    }

    /**
     * @param  float  $width  room for a line, CSS px
     * @return list<float> width of each line, filled greedily
     */
    public function lines(float $width): array
    {
        return array_column($this->broken($width), 0);
    }

    /**
     * What stands on each line, to draw it.
     *
     * @param  float  $width  room for a line, CSS px
     * @return list<array{float, list<array{int, string}>}> width of a line, CSS px; number of a run and its text there
     */
    public function words(float $width): array
    {
        $lines = [];
        $start = 0;
        foreach ($this->atoms === [] ? [] : $this->broken($width) as [$line, $last]) {
            $end = $this->atoms[$last][2];
            $stretches = [];
            $from = 0;
            foreach ($this->runs as $run => [$text]) {
                $to = $from + strlen($text);
                $here = substr($text, max(0, $start - $from), max(0, min($to, $end) - max($from, $start)));
                // Space at the end of a line is not seen.
                $here = $to >= $end ? rtrim($here, ' ') : $here;
                if ($here !== '') {
                    $stretches[] = [$run, $here];
                }
                $from = $to;
            }
            $lines[] = [$line, $stretches];
            $start = $end;
        }

        return $lines;
    }

    /** @return list<array{float, int}> width of each line, CSS px, and the last of its stretches */
    private function broken(float $width): array
    {
        $lines = [];
        $line = null;
        $space = 0.0;
        foreach ($this->atoms as $index => [$atom, $after]) {
            // A sixty-fourth of a pixel is the finest browsers lay out in.
            if ($line !== null && $line + $space + $atom > $width + 1 / 64) {
                $lines[] = [$line, $index - 1];
                $line = $atom;
            } else {
                $line = $line === null ? $atom : $line + $space + $atom;
            }
            $space = $after;
        }
        $lines[] = [$line ?? 0.0, count($this->atoms) - 1];

        return $lines;
    }

    /**
     * White space as HTML shows it: one space for many, across runs too, none at the start.
     *
     * @param  list<array{string, float, bool, 3?: bool, 4?: float, 5?: ?FontStack}>  $runs
     * @return list<array{string, float, bool, 3?: bool, 4?: float, 5?: ?FontStack}>
     */
    private static function collapsed(array $runs): array
    {
        $afterSpace = true;
        foreach ($runs as &$run) {
            $run[0] = (string) preg_replace('/ {2,}/', ' ', $afterSpace ? ltrim($run[0], ' ') : $run[0]);
            $afterSpace = $run[0] === '' ? $afterSpace : str_ends_with($run[0], ' ');
        }

        return $runs;
    }

    /** Whether words hold a stretch nothing breaks, longer than any word: it breaks anywhere then, see HtmlComposer. */
    public static function isEndless(string $text): bool
    {
        return strlen($text) >= self::ENDLESS && preg_match(self::UNBROKEN, $text) === 1;
    }

    /** @return list<int> byte offsets where a line may end, the last one the text's own end */
    private static function breaks(string $text): array
    {
        $breaks = self::opportunities($text);
        if (! self::isEndless($text)) {
            return $breaks;
        }
        preg_match_all(self::UNBROKEN, $text, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$stretch, $at]) {
            preg_match_all('/\X/u', $stretch, $signs);
            foreach ($signs[0] as $sign) {
                $breaks[] = $at += strlen($sign);
            }
        }
        $breaks = array_values(array_unique($breaks));
        sort($breaks);

        return $breaks;
    }

    /** @return list<int> */
    private static function opportunities(string $text): array
    {
        // ICU only where it can matter: plain words break at their spaces and after hyphens alone.
        if (preg_match('/^[A-Za-z0-9 .,@:;&\'+_\/-]*$/D', $text)) {
            preg_match_all('/ +|(?<=[A-Za-z])-(?=[A-Za-z])/', $text, $found, PREG_OFFSET_CAPTURE);
            $breaks = array_map(fn (array $match) => $match[1] + strlen($match[0]), $found[0]);
        } else {
            $iterator
                = \IntlBreakIterator::createLineInstance('en')
                ?? throw new \RuntimeException('ICU knows no line breaks.');
            $iterator->setText($text);
            $breaks = [];
            for ($at = $iterator->next(); $at !== \IntlBreakIterator::DONE; $at = $iterator->next()) {
                if ($text[$at - 1] !== '/') {
                    $breaks[] = $at;
                }
            }
        }
        if ($text !== '' && end($breaks) !== strlen($text)) {
            $breaks[] = strlen($text);
        }

        return $breaks;
    }
}
