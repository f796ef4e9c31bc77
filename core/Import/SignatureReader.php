<?php

namespace InkyCard\Import;

use InkyCard\Link\LinkAction;
use InkyCard\Link\NamedHandle;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Refusal;

/**
 * Reads the lines of a signature into facts with a confidence each. Nothing is
 * dropped silently: what is nothing else is a line of its own, with little
 * confidence.
 */
final class SignatureReader
{
    /** Text is wrapped from about here on, characters. */
    private const WRAPPED = 55;

    /** Lines; more are a letter. */
    private const MOST = 500;

    /** Of all its words, bytes: lists of words of many languages are looked for in them. */
    private const BYTES = 100_000;

    /** How sure a name with its network's word is, 0 to 1. */
    private const NAMED = 0.85;

    /** Longest words beside a mark that name where it leads, characters. */
    private const LABEL = 40;

    /** Longest words of a sentence that lead somewhere, characters. */
    private const PHRASE = 60;

    private readonly Facts $facts;

    /** @var list<ImportedLine> lines that are words alone */
    private array $words = [];

    /** @param  list<string>  $from  countries it may be from */
    private function __construct(string $country, array $from)
    {
        $this->facts = new Facts($country, $from);
    }

    /**
     * @param  list<ImportedLine>  $lines
     * @param  string  $country  ISO 3166-1 alpha-2
     * @return list<Fact>
     *
     * @throws Refusal when there is nothing in them, or more than a signature has
     */
    public static function facts(array $lines, string $country): array
    {
        $bytes = array_sum(array_map(fn (ImportedLine $line) => strlen($line->text), $lines));
        if (count($lines) > self::MOST || $bytes > self::BYTES) {
            throw Refusal::because('That is too much: bring the signature alone.');
        }
        $reader = new self($country, Whereabouts::of($lines, $country));
        foreach ($lines as $line) {
            $reader->read($line);
        }
        (new LineClassifier($reader->words, $reader->facts))->classify();

        return self::ordered($reader->facts->all(
            'There is nothing in it that a card could show: bring the lines of a signature.',
        ), $lines);
    }

    /**
     * Facts as what they were read from stands (need A11); those without words stay behind the one before them.
     *
     * @param  list<Fact>  $facts
     * @param  list<ImportedLine>  $lines
     * @return list<Fact>
     */
    private static function ordered(array $facts, array $lines): array
    {
        $all = implode("\n", array_column($lines, 'text'));
        $at = 0;
        $places = [];
        foreach ($facts as $index => $fact) {
            $found = $fact->source === '' ? false : strpos($all, $fact->source);
            $places[$index] = $at = $found === false ? $at : $found;
        }
        $order = array_keys($facts);
        usort($order, fn (int $one, int $other) => [$places[$one], $one] <=> [$places[$other], $other]);

        return array_map(fn (int $index) => $facts[$index], $order);
    }

    private function read(ImportedLine $line): void
    {
        foreach ($line->pictures as $picture) {
            $this->picture($picture->measured());
        }
        $rest = $line->text;
        $phrases = [];
        foreach ($line->links as [$href, $label]) {
            if (self::isPhrase($href, $label, $line)) {
                $phrases[] = [$href, $label];
            } else {
                $rest = $this->link($href, $label, $line) ? self::without($rest, $label) : $rest;
            }
        }
        $named = NamedHandle::all($rest, $this->facts->country, careful: true);
        foreach ($named as [$link]) {
            $this->facts->profile(ProfileDirectory::line($link), self::NAMED);
        }
        $rest = $named === [] ? $rest : NamedHandle::rest($rest, $named);
        foreach (preg_split('/\s[|•·–—]\s/u', $rest) ?: [] as $part) {
            $part = ContactPoints::takeOut($part, $this->facts);
            if ($part !== '') {
                $this->keep($part, $line, $phrases);
            }
        }
    }

    /** Words that lead to a page within a sentence: they stay in it. */
    private static function isPhrase(string $href, string $label, ImportedLine $line): bool
    {
        $around = self::without($line->text, $label);

        return str_starts_with($href, 'http') && ! $line->button && $label !== '' && ! Facts::isProfile($href)
            && ! ContactPoints::isSite($label) && mb_strlen($label) <= self::PHRASE
            && preg_match('/\s[|•·–—]\s/u', $line->text) !== 1
            && preg_match('/(?:\p{L}{2,}\W+){3}/u', $around.' ') === 1;
    }

    private function picture(ImportedPicture $picture): void
    {
        if ($picture->href !== '' && Facts::isProfile($picture->href)) {
            $this->facts->profile($picture->href);
        } elseif ($picture->isLarge()) {
            $this->facts->add($picture->kind(), $picture->fields(), 0.7, $picture->alt ?: $picture->source);
        } elseif (str_starts_with($picture->href, 'http')) {
            $label = $picture->alt !== '' && mb_strlen($picture->alt) <= self::LABEL ? "$picture->alt: " : '';
            $this->facts->profile($label.$picture->href);
        }
    }

    /** @return bool whether its words are used up */
    private function link(string $href, string $label, ImportedLine $line): bool
    {
        $add = fn (string $kind, array $fields, float $sure) => $this->facts->add($kind, $fields, $sure, $label);

        return match (LinkAction::of($href)) {
            LinkAction::Message => $add(
                'email', ['address' => strtok(rawurldecode(substr($href, strlen('mailto:'))), '?') ?: ''], 0.97,
            ),
            LinkAction::Call => $this->facts->number(
                rawurldecode(substr($href, strlen('tel:'))),
                ContactPoints::sort((string) strstr($line->text, $label, true)), 0.97,
            ),
            LinkAction::Map => $add('address', ['text' => $label, 'map' => $href], 0.9),
            default => str_starts_with($href, 'http') && $this->page($href, $label, $line->button),
        };
    }

    private function page(string $href, string $label, bool $button): bool
    {
        if (Facts::isProfile($href)) {
            return $this->facts->profile($href);
        }

        return ContactPoints::isSite($label)
            ? $this->facts->add('web', ['address' => $href], 0.95, $label)
            : $this->facts->add($button ? 'button' : 'textlink', [
                'words' => $label, 'address' => $href, 'form' => $button ? 'button' : 'link',
            ], 0.8, $label);
    }

    /** @param  list<array{string, string}>  $phrases  address, words */
    private function keep(string $part, ImportedLine $line, array $phrases): void
    {
        $before = array_pop($this->words);
        // Text that was wrapped goes on in small letters.
        if ($before !== null && mb_strlen($before->text) > self::WRAPPED && preg_match('/^\p{Ll}/u', $part) === 1) {
            $this->words[] = new ImportedLine(
                "$before->text $part", [...$before->links, ...$phrases], size: $before->size, bold: $before->bold,
            );

            return;
        }
        $before === null || $this->words[] = $before;
        $this->words[] = new ImportedLine($part, $phrases, size: $line->size, bold: $line->bold);
    }

    private static function without(string $text, string $part): string
    {
        $at = $part === '' ? false : strpos($text, $part);

        return $at === false ? $text : substr_replace($text, ' ', $at, strlen($part));
    }
}
