<?php

namespace InkyCard\Picture;

use InkyCard\Refusal;

/**
 * Which part of a picture is meant: turned first, then a rectangle of the
 * turned picture's bounding box, and the point in it that stays visible when
 * less than the rectangle fits.
 */
final readonly class Framing
{
    /** Smallest part of a side that can be cut out. */
    private const LEAST = 0.02;

    private const DIGITS = 4;

    /**
     * @param  float  $x  left edge, as a share of the turned picture's width; the others likewise
     * @param  int  $turn  degrees clockwise, 0 to 359
     * @param  float  $focusX  as a share of the turned picture's width
     */
    private function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public int $turn,
        public float $focusX,
        public float $focusY,
    ) {
    }

    public static function whole(): self
    {
        return new self(0, 0, 1, 1, 0, 0.5, 0.5);
    }

    /**
     * @param  array<array-key, mixed>  $given  x, y, width, height, turn, focusX, focusY; numbers or numeric text, each
     *                                          may be missing
     *
     * @throws Refusal
     */
    public static function of(array $given): self
    {
        $read = function (string $key, float $default) use ($given): float {
            $raw = $given[$key] ?? $default;
            $number = is_string($raw) && is_numeric(trim($raw)) ? (float) $raw : $raw;

            return (is_int($number) || is_float($number)) && is_finite((float) $number) && abs($number) < 1e6
                ? (float) $number
                : throw Refusal::because('The crop is given in numbers.', "/$key");
        };
        $width = max(self::LEAST, min(1.0, $read('width', 1)));
        $height = max(self::LEAST, min(1.0, $read('height', 1)));
        // A hair over the edge, as dragging gives it, is brought back.
        $x = max(0.0, min(1 - $width, $read('x', 0)));
        $y = max(0.0, min(1 - $height, $read('y', 0)));

        return new self(
            round($x, self::DIGITS), round($y, self::DIGITS), round($width, self::DIGITS), round($height, self::DIGITS),
            (((int) round($read('turn', 0))) % 360 + 360) % 360,
            round(max($x, min($x + $width, $read('focusX', $x + $width / 2))), self::DIGITS),
            round(max($y, min($y + $height, $read('focusY', $y + $height / 2))), self::DIGITS),
        );
    }

    /**
     * As three sliders say it: how much of each side shows, and where, across and down.
     *
     * @param  float  $share  0.02 to 1 of each side
     * @param  float  $across  0 at the left edge, 1 at the right
     * @param  float  $down  0 at the top, 1 at the bottom
     */
    public function slid(float $share, float $across, float $down): self
    {
        $share = max(self::LEAST, min(1.0, $share));
        [$across, $down] = [max(0.0, min(1.0, $across)), max(0.0, min(1.0, $down))];

        return self::of([
            'x' => (1 - $share) * $across, 'y' => (1 - $share) * $down, 'width' => $share, 'height' => $share,
            'turn' => $this->turn, 'focusX' => $across, 'focusY' => $down,
        ]);
    }

    /** @return array{share: float, across: float, down: float} what the sliders stand at */
    public function sliders(): array
    {
        $at = fn (float $from, float $size, float $focus): float => $size < 1 ? $from / (1 - $size) : $focus;

        return [
            'share' => round($this->width, 2), 'across' => round($at($this->x, $this->width, $this->focusX), 2),
            'down' => round($at($this->y, $this->height, $this->focusY), 2),
        ];
    }

    /** Reads what `text` wrote. */
    public static function parse(string $text): ?self
    {
        $numbers = explode(',', $text);
        if (count($numbers) !== 7
            || ! preg_match('/^(?:\d(?:\.\d{1,4})?,){4}\d{1,3}(?:,\d(?:\.\d{1,4})?){2}$/D', $text)) {
            return null;
        }

        return self::of(array_combine(['x', 'y', 'width', 'height', 'turn', 'focusX', 'focusY'], $numbers));
    }

    /** Its seven numbers, comma between; empty for the whole picture. */
    public function text(): string
    {
        return $this == self::whole()
            ? ''
            : implode(
                ',',
                array_map(fn (float|int $number) => (string) round($number, self::DIGITS), get_object_vars($this)),
            );
    }

    /**
     * Height by width of the part, for a picture of so many pixels.
     */
    public function ratio(int $width, int $height): float
    {
        [$across, $down] = $this->turned($width, $height);

        return ($this->height * $down) / ($this->width * $across);
    }

    /**
     * The part in pixels of the turned picture, cut down around the focus to a proportion.
     *
     * @param  int  $width  of the picture as it is kept, px
     * @param  float  $ratio  height by width asked for
     * @return array{float, float, float, float} left, top, width, height
     */
    public function window(int $width, int $height, float $ratio): array
    {
        [$across, $down] = $this->turned($width, $height);
        [$left, $top, $wide, $high] = [
            $this->x * $across, $this->y * $down, $this->width * $across, $this->height * $down,
        ];
        $w = min($wide, $high / $ratio);
        $h = min($high, $wide * $ratio);

        return [
            max($left, min($left + $wide - $w, $this->focusX * $across - $w / 2)),
            max($top, min($top + $high - $h, $this->focusY * $down - $h / 2)),
            $w, $h,
        ];
    }

    /** @return array{float, float} width and height of the turned picture's bounding box, px */
    private function turned(int $width, int $height): array
    {
        [$sin, $cos] = [abs(sin(deg2rad($this->turn))), abs(cos(deg2rad($this->turn)))];

        return [$width * $cos + $height * $sin, $width * $sin + $height * $cos];
    }
}
