<?php

namespace InkyCard\Banner;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Colour\Oklch;

/** The inks of a banner by what they are for, and those made of them. */
final readonly class BannerInks
{
    /** The inks its maker chooses: role => what it is called. */
    public const CHOSEN = ['paper' => 'Ground', 'words' => 'Words', 'accent' => 'Accent', 'second' => 'Second'];

    /** Share of the accent in a tint of the ground, on a light page and on a dark one. */
    private const TINT = [0.14, 0.24];

    /** Lightness of what is deep (OKLCH), on a light page and on a dark one. */
    private const DEEP = [0.34, 0.3];

    /** Lightness of words on a dark page. */
    private const LIT = 0.94;

    /** What a drawing beside words asks for (WCAG 2.2, success criterion 1.4.11). */
    private const DRAWN = 3.0;

    /**
     * @param  array<key-of<self::CHOSEN>, Colour>  $inks
     * @param  bool  $isDark  they are those of a dark twin
     */
    public function __construct(public array $inks, public bool $isDark = false)
    {
    }

    /**
     * @param  string  $role  `paper`, `words`, `accent`, `second`; `tint` is the ground with some of the accent, `deep`
     *     the second ink darkened, `faint` the ground with some of the words, `bright` the lighter of ground and words
     */
    public function colour(string $role): Colour
    {
        return match ($role) {
            'tint' => Oklch::mixed($this->inks['paper'], $this->inks['accent'], self::TINT[(int) $this->isDark]),
            'deep' => self::deep($this->inks['second'], self::DEEP[(int) $this->isDark]),
            'faint' => Oklch::mixed($this->inks['paper'], $this->inks['words'], 0.14),
            'bright' => Contrast::luminance($this->inks['paper']) > Contrast::luminance($this->inks['words'])
                ? $this->inks['paper'] : $this->inks['words'],
            default => $this->inks[$role],
        };
    }

    /**
     * The ink that reads best on a ground: the one wished for if it does, else the same hue lighter or darker, else
     * paper or words.
     */
    public function on(Colour $ground, string $wished): Colour
    {
        $ink = $this->colour($wished);

        return Contrast::nearestReadable($ink, $ground)
            ?? (Contrast::ratio($this->inks['paper'], $ground) > Contrast::ratio($this->inks['words'], $ground)
                ? $this->inks['paper'] : $this->inks['words']);
    }

    /** For a page turned dark: the ground turned, words lit, the others lifted until they show on it. */
    public function dark(): self
    {
        $paper = DarkPage::Soft->background($this->inks['paper']);
        $lifted = fn (Colour $ink) => Contrast::nearestReadable($ink, $paper, self::DRAWN) ?? $ink;

        return new self([
            'paper' => $paper,
            'words' => Oklch::of($this->inks['words'])->at(self::LIT)->toColour(),
            'accent' => $lifted($this->inks['accent']),
            'second' => $lifted($this->inks['second']),
        ], true);
    }

    private static function deep(Colour $ink, float $lightness): Colour
    {
        $oklch = Oklch::of($ink);

        return $oklch->lightness <= $lightness ? $ink : $oklch->at($lightness)->toColour();
    }
}
