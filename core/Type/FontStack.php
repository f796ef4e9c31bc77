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
        'helvetica' => ['Helvetica Neue', 'Helvetica', 'Arial', 'sans-serif'],
        'segoe' => ['Segoe UI', 'Helvetica Neue', 'Arial', 'sans-serif'],
        'century-gothic' => ['Century Gothic', 'Verdana', 'sans-serif'],
        'palatino' => ['Palatino Linotype', 'Palatino', 'Book Antiqua', 'Georgia', 'serif'],
        'garamond' => ['Garamond', 'Georgia', 'Times New Roman', 'serif'],
        'schoolbook' => ['Century Schoolbook', 'Georgia', 'serif'],
        'bookman' => ['Bookman Old Style', 'Georgia', 'serif'],
        'consolas' => ['Consolas', 'Menlo', 'Courier New', 'monospace'],
    ];

    /** Sorts of faces CSS knows by themselves. */
    private const SORTS = ['sans-serif', 'serif', 'monospace'];

    /** Families somebody's own chain may have, and signs in it; a longer one would be most of a line of mail. */
    private const OWN = [5, 120];

    /** Typefaces that came with every system of the last twenty years, or with one that is the same. */
    private const EVERYWHERE = [
        'arial', 'verdana', 'tahoma', 'trebuchet', 'georgia', 'times', 'courier', 'helvetica',
    ];

    /**
     * key => open font that measures the same; nothing open measures as Tahoma and Trebuchet do, so theirs come near,
     * and so do those of WIDTHS.
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
        'helvetica' => 'liberation-sans',
        'segoe' => 'liberation-sans',
        'century-gothic' => 'liberation-sans',
        'palatino' => 'liberation-serif',
        'garamond' => 'liberation-serif',
        'schoolbook' => 'liberation-serif',
        'bookman' => 'liberation-serif',
        'consolas' => 'liberation-mono',
    ];

    /**
     * key => how wide words are by those of the twin, regular and bold: ten lines of signatures set in URW Gothic,
     * P052, EB Garamond, C059 and URW Bookman, open cuts of these faces; Consolas has one width, 1126 of 2048.
     */
    private const WIDTHS = [
        'century-gothic' => [1.07, 1.004], 'palatino' => [1.088, 1.06], 'garamond' => [0.944, 0.887],
        'schoolbook' => [1.143, 1.2], 'bookman' => [1.209, 1.205], 'consolas' => [0.9162, 0.9162],
    ];

    /** Open font => what it is called. */
    private const CALLED = [
        'liberation-sans' => 'Liberation Sans', 'liberation-serif' => 'Liberation Serif',
        'liberation-mono' => 'Liberation Mono', 'dejavu-sans' => 'DejaVu Sans',
        'dejavu-sans-condensed' => 'DejaVu Sans Condensed', 'carlito' => 'Carlito', 'caladea' => 'Caladea',
        'gelasio' => 'Gelasio',
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
        'Helvetica Neue' => 'liberation-sans',
        'Segoe UI' => 'liberation-sans',
        'Century Gothic' => 'liberation-sans',
        'Palatino Linotype' => 'liberation-serif',
        'Palatino' => 'liberation-serif',
        'Book Antiqua' => 'liberation-serif',
        'Garamond' => 'liberation-serif',
        'Century Schoolbook' => 'liberation-serif',
        'Bookman Old Style' => 'liberation-serif',
        'Consolas' => 'liberation-mono',
        'Menlo' => 'dejavu-sans',
    ];

    private string $css;

    /**
     * @param  string  $key  of a typeface, or somebody's own chain of families, `, ` between them
     * @param  non-empty-list<string>  $families
     */
    private function __construct(public string $key, private array $families)
    {
        $this->css = implode(',', array_map(
            fn (string $family) => str_contains($family, ' ') ? "'$family'" : $family,
            $families,
        ));
    }

    /**
     * @param  string  $given  the key of a typeface, or families by name with commas between them (CSS Fonts 4, 2.1)
     *
     * @throws Refusal
     */
    public static function of(string $given): self
    {
        /** @var array<string, self> $known one object a face: what stands in it is told apart by that */
        static $known = [];
        if (isset(self::STACKS[$given])) {
            return $known[$given] ??= new self($given, self::STACKS[$given]);
        }
        if (! str_contains($given, ',')) {
            throw Refusal::because(
                'Choose one of the typefaces, or name several with commas between them, such as Futura, Arial.',
            );
        }

        return $known[$given] ??= self::own($given);
    }

    /** @throws Refusal */
    private static function own(string $given): self
    {
        [$most, $longest] = self::OWN;
        $families = array_values(array_unique(array_filter(array_map(
            fn (string $family) => trim($family, " \t\n\r\"'"), explode(',', $given),
        ))));
        $named = array_values(array_diff($families, self::SORTS));
        foreach ($named as $family) {
            if (! preg_match('/^[A-Za-z][A-Za-z0-9 -]{0,39}$/D', $family)) {
                throw Refusal::because(
                    'A typeface is named by letters, digits and spaces, such as Futura, Century Gothic, sans-serif.',
                );
            }
        }
        if ($named === [] || count($named) > $most || strlen($given) > $longest) {
            throw Refusal::because(
                'Name one to :most typefaces with commas between them, :longest letters in all.',
                values: ['most' => $most, 'longest' => $longest],
            );
        }
        // What the reader's machine has of the sort is the end of every chain.
        $sort = array_values(array_intersect($families, self::SORTS))[0]
            ?? self::sortOf(array_values(array_intersect($named, array_keys(self::LOOKS)))[0] ?? '');

        return new self(implode(', ', [...$named, $sort]), [...$named, $sort]);
    }

    private static function sortOf(string $family): string
    {
        $look = self::LOOKS[$family] ?? '';

        return match (true) {
            str_contains($look, 'mono') => 'monospace',
            in_array($look, ['liberation-serif', 'gelasio', 'caladea'], true) => 'serif',
            default => 'sans-serif',
        };
    }

    public function isOwn(): bool
    {
        return ! isset(self::STACKS[$this->key]);
    }

    /** Whether readers have it whatever they read with. */
    public function isEverywhere(): bool
    {
        return in_array($this->key, self::EVERYWHERE, true);
    }

    /** Whether its widths are known to the pixel, or come near. */
    public function isExact(): bool
    {
        return ! $this->isOwn() && ! isset(self::WIDTHS[$this->key])
            && ! in_array($this->key, ['tahoma', 'trebuchet', 'segoe'], true);
    }

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(
            fn (string $key) => new self($key, self::STACKS[$key]), array_keys(self::STACKS),
        );
    }

    /** What is left where none of its families is there: serif, sans-serif or monospace. */
    public function sort(): string
    {
        return $this->families[count($this->families) - 1];
    }

    /** Name of its table in Type/Metrics; of an own chain that of the first family known. */
    public function twin(): string
    {
        return self::TWINS[$this->key] ?? array_values($this->chain())[0];
    }

    /** What its twin is called. */
    public function twinName(): string
    {
        return self::CALLED[$this->twin()];
    }

    /** Families of its twin, for drawing: `font-family` of an SVG text. */
    public function drawn(): string
    {
        return self::DRAWN[$this->twin()];
    }

    /** Words by how wide those of the twin are. */
    public function width(bool $bold): float
    {
        return self::WIDTHS[$this->key][$bold ? 1 : 0] ?? 1.0;
    }

    /** How wide the twin is drawn by its size: a condensed face is the plain one, narrowed. */
    public function narrowing(bool $bold): float
    {
        return $this->twin() === 'dejavu-sans-condensed' ? 0.9 : $this->width($bold);
    }

    /** @return non-empty-array<string, string> family => open font that looks like it, in the order they are tried */
    public function chain(): array
    {
        $chain = [];
        foreach ($this->families as $family) {
            if (isset(self::LOOKS[$family])) {
                $chain[$family] = self::LOOKS[$family];
            }
        }

        // The last is a sort, and sorts are known.
        return $chain ?: throw new \LogicException("No look of {$this->key}.");
    }

    public function name(): string
    {
        return $this->families[0];
    }

    /** What shows where it is missing. */
    public function next(): string
    {
        return $this->families[1];
    }

    /** Value of `font-family`. Names of several words stand in single quotes, as the attribute uses double ones. */
    public function css(): string
    {
        return $this->css;
    }
}
