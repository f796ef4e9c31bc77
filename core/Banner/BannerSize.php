<?php

namespace InkyCard\Banner;

use InkyCard\Refusal;

/** How large a banner or a place is, CSS px. */
final readonly class BannerSize
{
    /** name => label, width, height */
    public const NAMED = [
        'wide' => ['Wide strip', 480, 96],
        'half' => ['Half strip', 300, 80],
        'square' => ['Near square', 240, 200],
        'phone' => ['Phone strip', 320, 60],
    ];

    private const WIDTHS = [120, 600];

    private const HEIGHTS = [40, 300];

    /** Wider than so many heights it is a strip, whose words stand beside what is drawn; else above it. */
    private const STRIP = 1.9;

    public function __construct(public int $width, public int $height)
    {
    }

    /**
     * @param  mixed  $width  whole CSS px
     * @param  mixed  $height  whole CSS px
     *
     * @throws Refusal with the path `/width` or `/height`
     */
    public static function of(mixed $width, mixed $height): self
    {
        return new self(
            self::side($width, self::WIDTHS, 'width'),
            self::side($height, self::HEIGHTS, 'height'),
        );
    }

    /** @return ?string one of NAMED; null for a size of its own */
    public function name(): ?string
    {
        foreach (self::NAMED as $name => [, $width, $height]) {
            if ([$width, $height] === [$this->width, $this->height]) {
                return $name;
            }
        }

        return null;
    }

    public function isStrip(): bool
    {
        return $this->width >= self::STRIP * $this->height;
    }

    public function words(): string
    {
        return "$this->width × $this->height px";
    }

    /** @param  array{int, int}  $bounds */
    private static function side(mixed $raw, array $bounds, string $side): int
    {
        $number = is_int($raw) || (is_string($raw) && preg_match('/^\s*\d{1,5}\s*$/D', $raw)) ? (int) $raw : null;

        return $number !== null && $number >= $bounds[0] && $number <= $bounds[1] ? $number : throw Refusal::because(
            sprintf('The %s is a whole number of pixels from %d to %d.', $side, ...$bounds), "/$side",
        );
    }
}
