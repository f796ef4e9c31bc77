<?php

namespace InkyCard\Import;

use InkyCard\Brand\InkRole;
use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Colour\Contrast;
use InkyCard\Markup\LineWalker;
use InkyCard\Markup\MailDocument;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;

/** How a signature somebody brought looks, as far as a card can have it: centred or not, its inks, its typeface. */
final readonly class BroughtLook
{
    /** Bytes of HTML looked at. */
    private const MOST = 2_000_000;

    /** Contrast with a white page under which a colour is no ink for words. */
    private const READS = 3.0;

    /**
     * @param  array<string, string>  $inks  role => #rrggbb, those it says
     * @param  ?string  $typeface  as FontStack reads it
     */
    private function __construct(public bool $centred, public array $inks, public ?string $typeface)
    {
    }

    public static function none(): self
    {
        return new self(false, [], null);
    }

    public static function of(string $html): self
    {
        $letters = $links = $families = [];
        $lines = $centred = 0;
        $largest = [0.0, null];
        foreach (LineWalker::lines(MailDocument::parse(substr($html, 0, self::MOST))->body) as $line) {
            $lines += $line->text() === '' ? 0 : 1;
            $centred += $line->text() !== '' && ($line->words[0][1]->align ?? '') === 'center' ? 1 : 0;
            foreach ($line->words as [$text, $context]) {
                $count = mb_strlen(trim($text));
                $ink = self::ink($context->ink);
                if ($count === 0) {
                    continue;
                }
                $families[$context->family] = ($families[$context->family] ?? 0) + $count;
                if ($ink !== null && $context->href !== null) {
                    $links[$ink] = ($links[$ink] ?? 0) + $count;
                } elseif ($ink !== null) {
                    $letters[$ink] = ($letters[$ink] ?? 0) + $count;
                    $largest = $context->size > $largest[0] ? [$context->size, $ink] : $largest;
                }
            }
        }
        arsort($letters);
        arsort($links);
        arsort($families);
        $inks = array_keys($letters);

        return new self($lines > 1 && $centred > $lines / 2, array_filter([
            InkRole::Body->value => $inks[0] ?? null,
            InkRole::Quiet->value => array_values(array_diff($inks, [$inks[0] ?? '', $largest[1]]))[0] ?? null,
            InkRole::Accent->value => $largest[1] ?? array_key_first($links),
            InkRole::Link->value => array_key_first($links),
        ]), self::typeface((string) array_key_first($families)));
    }

    public function isEmpty(): bool
    {
        return ! $this->centred && $this->inks === [] && $this->typeface === null;
    }

    /** In a few words. */
    public function words(): string
    {
        return implode(', ', array_filter([
            $this->centred ? 'centred' : '', implode(' ', array_unique($this->inks)),
            $this->typeface === null ? '' : FontStack::of($this->typeface)->name(),
        ]));
    }

    private static function ink(string $written): ?string
    {
        if ($written === '' || $written === 'link') {
            return null;
        }
        try {
            $ink = ColourText::parse($written);
        } catch (Refusal) {
            return null;
        }

        return Contrast::ratio($ink, Colour::hex('#ffffff')) < self::READS ? null : $ink->hex;
    }

    /** One of the list by its first family; another as a chain of its own. */
    private static function typeface(string $family): ?string
    {
        $first = trim(explode(',', $family)[0], " \t\n\r\"'");
        foreach (FontStack::all() as $stack) {
            if (strcasecmp($stack->name(), $first) === 0) {
                return $stack->key;
            }
        }
        try {
            return $first === '' ? null : FontStack::of(str_contains($family, ',') ? $family : "$first,")->key;
        } catch (Refusal) {
            return null;
        }
    }
}
