<?php

namespace InkyCard\Picture;

/** A finished picture file. */
final readonly class Baked
{
    /**
     * @param  'png'|'jpg'|'gif'  $extension
     * @param  int  $width  px in the file
     * @param  int  $height  px in the file
     * @param  string  $why  why this format, in a few words
     */
    public function __construct(
        public string $bytes,
        public string $extension,
        public int $width,
        public int $height,
        public string $why = '',
    ) {
    }

    /** SHA-256 of the bytes: the picture's address. */
    public function hash(): string
    {
        return hash('sha256', $this->bytes);
    }

    /** Its media type. */
    public function type(): string
    {
        return self::mime($this->extension);
    }

    public static function mime(string $extension): string
    {
        return ['jpg' => 'image/jpeg', 'gif' => 'image/gif'][$extension] ?? 'image/png';
    }

    public function dataUri(): string
    {
        return 'data:'.$this->type().';base64,'.base64_encode($this->bytes);
    }
}
