<?php

namespace InkyCard\Type;

use InkyCard\Refusal;

/** Typefaces that are on readers' machines already, each with what stands in where it is not. */
final readonly class FontStack
{
    /** What a card and a brand start with: a typeface, and sizes by what they are for, CSS px. */
    public const DEFAULT = 'arial';

    public const SIZES = ['name' => 19, 'text' => 13, 'small' => 11];

    /** key => families, widest reach first; the generic family closes the chain (CSS Fonts 4). */
    private const STACKS = [
        'arial' => ['Arial', 'Helvetica', 'sans-serif'],
        'verdana' => ['Verdana', 'Geneva', 'sans-serif'],
        'tahoma' => ['Tahoma', 'Verdana', 'sans-serif'],
        'trebuchet' => ['Trebuchet MS', 'Tahoma', 'sans-serif'],
        'calibri' => ['Calibri', 'Carlito', 'sans-serif'],
        'georgia' => ['Georgia', 'Times New Roman', 'serif'],
        'times' => ['Times New Roman', 'Times', 'serif'],
        'cambria' => ['Cambria', 'Georgia', 'serif'],
        'courier' => ['Courier New', 'Courier', 'monospace'],
    ];

    /**
     * key => open font that measures the same; nothing open measures as Tahoma and Trebuchet do, so theirs come near.
     */
    private const TWINS = [
        'arial' => 'liberation-sans',
        'verdana' => 'dejavu-sans',
        'tahoma' => 'dejavu-sans-condensed',
        'trebuchet' => 'liberation-sans',
        'calibri' => 'carlito',
        'georgia' => 'gelasio',
        'times' => 'liberation-serif',
        'cambria' => 'caladea',
        'courier' => 'liberation-mono',
    ];

    /** Open font => families to draw it by, those with most signs first. */
    private const DRAWN = [
        'liberation-sans' => 'Liberation Sans, Arimo, sans-serif',
        'liberation-serif' => 'Liberation Serif, Tinos, serif',
        'liberation-mono' => 'Liberation Mono, Cousine, monospace',
        'dejavu-sans' => 'DejaVu Sans, sans-serif',
        'dejavu-sans-condensed' => 'DejaVu Sans, sans-serif',
        'carlito' => 'Carlito, sans-serif',
        'caladea' => 'Caladea, serif',
        'gelasio' => 'Gelasio, serif',
    ];

    /** family => open font that shows what it looks like, for families that stand in for others too. */
    private const LOOKS = [
        'Arial' => 'liberation-sans',
        'Helvetica' => 'liberation-sans',
        'sans-serif' => 'liberation-sans',
        'Verdana' => 'dejavu-sans',
        'Geneva' => 'dejavu-sans',
        'Tahoma' => 'dejavu-sans-condensed',
        'Trebuchet MS' => 'liberation-sans',
        'Calibri' => 'carlito',
        'Carlito' => 'carlito',
        'Georgia' => 'gelasio',
        'Times New Roman' => 'liberation-serif',
        'Times' => 'liberation-serif',
        'serif' => 'liberation-serif',
        'Cambria' => 'caladea',
        'Courier New' => 'liberation-mono',
        'Courier' => 'liberation-mono',
        'monospace' => 'liberation-mono',
    ];

    private string $css;

    private function __construct(public string $key)
    {
        $this->css = implode(',', array_map(
            fn (string $family) => str_contains($family, ' ') ? "'$family'" : $family,
            self::STACKS[$key],
        ));
    }

    /** @throws Refusal */
    public static function of(string $key): self
    {
        if (! isset(self::STACKS[$key])) {
            throw Refusal::because('Choose one of the typefaces: '.implode(', ', array_keys(self::STACKS)).'.');
        }

        return new self($key);
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(fn (string $key) => new self($key), array_keys(self::STACKS));
    }

    /** What is left where none of its families is there: serif, sans-serif or monospace. */
    public function sort(): string
    {
        return self::STACKS[$this->key][2];
    }

    /** Name of its table in Type/Metrics. */
    public function twin(): string
    {
        return self::TWINS[$this->key];
    }

    /** Families of its twin, for drawing: `font-family` of an SVG text. */
    public function drawn(): string
    {
        return self::DRAWN[$this->twin()];
    }

    /** How wide the twin is drawn by its size: a condensed face is the plain one, narrowed. */
    public function narrowing(): float
    {
        return $this->twin() === 'dejavu-sans-condensed' ? 0.9 : 1.0;
    }

    /** @return array<string, string> family => open font that looks like it, in the order they are tried */
    public function chain(): array
    {
        return array_intersect_key(
            array_replace(array_flip(self::STACKS[$this->key]), self::LOOKS),
            array_flip(self::STACKS[$this->key]),
        );
    }

    public function name(): string
    {
        return self::STACKS[$this->key][0];
    }

    /** Value of `font-family`. Names of several words stand in single quotes, as the attribute uses double ones. */
    public function css(): string
    {
        return $this->css;
    }
}
