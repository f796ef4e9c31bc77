<?php

namespace InkyCard\Import;

/** A picture in a signature somebody brought. */
final readonly class ImportedPicture
{
    /** Smaller ones are marks and spacers, CSS px. */
    private const SMALL = 40;

    /** From this width on it is a banner, CSS px. */
    private const WIDE = 300;

    /** Narrowest and widest of what a square is, width by height. */
    private const SQUARE = [0.7, 1.4];

    /** Smallest, widest, and what is taken where nothing says how wide; CSS px. */
    private const SIZES = ['headshot' => [48, 160, 96], 'logo' => [40, 240, 120], 'banner' => [120, 600, 120]];

    /**
     * @param  string  $source  an address or a data: URI
     * @param  string  $alt  words in its place
     * @param  int  $width  CSS px; 0 where nothing says it
     * @param  int  $height  CSS px; 0 where nothing says it
     * @param  string  $href  address it leads to; empty for none
     */
    public function __construct(
        public string $source,
        public string $alt,
        public int $width,
        public int $height,
        public string $href,
    ) {
    }

    /** As its tag says; where that says nothing, as the picture inside it says. */
    public function measured(): self
    {
        if (max($this->width, $this->height) > 0 || ! str_starts_with($this->source, 'data:')) {
            return $this;
        }
        $bytes = (string) base64_decode((string) substr((string) strstr($this->source, ','), 1));
        $size = @getimagesizefromstring($bytes);

        return $size === false ? $this : new self($this->source, $this->alt, $size[0], $size[1], $this->href);
    }

    /** Whether it is a picture of its own, rather than a mark or a spacer. */
    public function isLarge(): bool
    {
        return preg_match('~^(?:https?:|data:image/)~i', $this->source) === 1
            && max($this->width, $this->height) > self::SMALL;
    }

    /** @return 'banner'|'logo'|'headshot' of piece it makes */
    public function kind(): string
    {
        if ($this->width >= self::WIDE) {
            return 'banner';
        }
        $ratio = $this->width / max(1, $this->height);
        $square = $this->height > 0 && $ratio > self::SQUARE[0] && $ratio < self::SQUARE[1];

        return ! $square || preg_match('/logo/i', "$this->alt $this->source") === 1 ? 'logo' : 'headshot';
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        $kind = $this->kind();
        [$least, $most, $usual] = self::SIZES[$kind];
        $width = max($least, min($most, $this->width ?: $usual));

        return [
            'picture' => $this->source, 'alt' => $this->alt,
            'address' => str_starts_with($this->href, 'http') ? $this->href : '',
        ] + ($kind === 'headshot' ? ['size' => $width] : [
            'width' => $width,
            'ratio' => $this->width > 0 && $this->height > 0 ? $this->height / $this->width : 1,
        ]);
    }
}
