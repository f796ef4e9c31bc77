<?php

namespace InkyCard\Card\Style;

use InkyCard\Colour\Colour;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;

/**
 * A picture behind words (need C21), with so much of the background's colour laid over it that they read: where it is
 * black and where it is white, they are as far from both as the veil is thick.
 */
final readonly class BackgroundPicture
{
    /** Share of the colour laid over it, percent. */
    public const VEIL = [0, 95];

    public const DEFAULTS = ['picture' => '', 'veil' => 80];

    private function __construct(public string $ref, public int $veil)
    {
    }

    /**
     * @return ?self null for none
     *
     * @throws Refusal
     */
    public static function of(Settings $given): ?self
    {
        $veil = (int) $given->pixels('veil', self::VEIL);
        if ($given->text('picture') === '') {
            return null;
        }
        $ref = Refusal::at('/panels/picture', fn () => PictureRef::parse($given->text('picture')));
        if (! preg_match('/^(?:picture|sample):/', $ref)) {
            throw Refusal::because('A picture behind words is one of the library.', '/panels/picture');
        }

        return new self($ref, $veil);
    }

    /** The same under another veil. */
    public function veiled(int $veil): self
    {
        return new self($this->ref, $veil);
    }

    /**
     * What its lightest and its darkest pixels may come to.
     *
     * @param  Colour  $background  what is laid over it
     * @return array{Colour, Colour}
     */
    public function extremes(Colour $background): array
    {
        $mixed = fn (int $channel): Colour => new Colour(...array_map(
            fn (int $own): int => (int) round(($own * $this->veil + $channel * (100 - $this->veil)) / 100),
            [$background->red, $background->green, $background->blue],
        ));

        return [$mixed(255), $mixed(0)];
    }
}
