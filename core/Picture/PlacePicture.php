<?php

namespace InkyCard\Picture;

/** The banner that is due in a hosted place: which picture that is, is settled when it is asked for. */
final readonly class PlacePicture implements Bake
{
    /** A place no card has, which shows a picture that comes with the application. */
    public const EXAMPLE = '0/example';

    public const SAMPLE = 'sample:banner-shelves';

    /**
     * @param  string  $place  number of its card, a slash, and its piece; empty on a card that is not kept yet
     * @param  int  $width  CSS px
     * @param  int  $height  CSS px
     */
    public function __construct(public string $place, public int $width, public int $height)
    {
    }

    public static function isPlace(mixed $name): bool
    {
        return is_string($name) && preg_match('~^\d{1,15}/[A-Za-z0-9_-]{1,40}$~D', $name) === 1;
    }

    public function key(): string
    {
        return "place|$this->place|{$this->width}x$this->height";
    }

    public function toArray(): array
    {
        return get_object_vars($this);
    }
}
