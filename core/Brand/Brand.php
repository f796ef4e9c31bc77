<?php

namespace InkyCard\Brand;

use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Colour\Oklch;
use InkyCard\Limits;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;

/** What all cards of a firm have in common: inks by role, type, logos, facts, notices and rules. */
final readonly class Brand
{
    public const FORMAT = 'inky-brand/1';

    private const MAX = 20;

    /**
     * @param  array<string, Colour>  $inks  role => colour, every role
     * @param  array{name: float, text: float, small: float}  $sizes  CSS px
     * @param  array{light: ?array{picture: string, ratio: float}, dark: ?array{picture: string,
     *     ratio: float}}  $logos  for light and dark pages; ratio is height by width
     * @param  list<Notice>  $notices
     * @param  list<TradeRule>  $rules
     * @param  array<array-key, mixed>  $document  as read, unknown keys and all
     */
    private function __construct(
        public string $country,
        public array $inks,
        public FontStack $typeface,
        public array $sizes,
        public array $logos,
        public StandingLines $lines,
        public array $notices,
        public array $rules,
        private array $document,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $document  arrays for objects; parts may be missing
     *
     * @throws Refusal
     */
    public static function of(array $document): self
    {
        $country = $document['country'] ?? 'GB';
        if (! is_string($country) || ! preg_match('/^[A-Z]{2}$/D', $country)) {
            throw Refusal::because('The country is two capital letters, such as GB.', '/country');
        }
        $set = fn (string $key): array => is_array($document[$key] ?? [])
            ? $document[$key] ?? []
            : throw Refusal::because('The :key of a brand are an object or a list.', "/$key", ['key' => $key]);
        $size = fn (string $part): float => self::size($set('sizes')[$part] ?? FontStack::SIZES[$part], $part);
        $notices = self::each($set('notices'), 'notices', Notice::of(...));
        $names = array_column($notices, 'name');
        if (count(array_unique($names)) < count($names)) {
            throw Refusal::because('Two notices have the same name.', '/notices/'.(count($names) - 1).'/name');
        }

        return new self(
            $country,
            self::inks($set('inks')),
            self::typeface($document['typeface'] ?? FontStack::DEFAULT),
            ['name' => $size('name'), 'text' => $size('text'), 'small' => $size('small')],
            ['light' => self::logo($set('logos'), 'light'), 'dark' => self::logo($set('logos'), 'dark')],
            Refusal::at('/lines', fn () => StandingLines::of($set('lines'), $country)),
            $notices,
            self::each($set('rules'), 'rules', fn (array $rule) => TradeRule::of($rule, $names)),
            $document,
        );
    }

    /** Whether anybody chose an ink for it. */
    public function hasOwnInks(): bool
    {
        return array_map(fn (Colour $ink) => $ink->hex, $this->inks) !== InkRole::DEFAULTS;
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, Colour>
     */
    private static function inks(array $given): array
    {
        $inks = [];
        foreach (InkRole::cases() as $role) {
            $ink = $given[$role->value] ?? InkRole::DEFAULTS[$role->value];
            $inks[$role->value] = Refusal::at("/inks/$role->value", fn () => ColourText::parse($ink));
        }

        return $inks;
    }

    private static function typeface(mixed $given): FontStack
    {
        return Refusal::at('/typeface', fn () => FontStack::of(is_string($given) ? $given : ''));
    }

    /**
     * The brand with parts of it replaced, each whole.
     *
     * @param  array<string, mixed>  $parts
     *
     * @throws Refusal
     */
    public function with(array $parts): self
    {
        return self::of([...$this->toArray(), ...$parts]);
    }

    /** @return array<array-key, mixed> canonical, with what it does not know where it stood */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT,
            'country' => $this->country,
            'inks' => array_map(fn (Colour $ink) => $ink->hex, $this->inks),
            'typeface' => $this->typeface->key,
            'sizes' => $this->sizes,
            'logos' => array_filter($this->logos),
            'lines' => $this->lines->toArray(),
            'notices' => array_map(fn (Notice $notice) => $notice->toArray(), $this->notices),
            'rules' => array_map(fn (TradeRule $rule) => $rule->toArray(), $this->rules),
        ] + $this->document;
    }

    /**
     * The brand's ink that looks most like a colour.
     *
     * @return array{role: InkRole, ink: Colour, distance: float} distance as delta-E OK, 0 for the same
     */
    public function nearest(Colour $colour): array
    {
        $nearest = null;
        foreach (InkRole::cases() as $role) {
            $distance = Oklch::distance($colour, $this->inks[$role->value]);
            if ($nearest === null || $distance < $nearest['distance']) {
                $nearest = ['role' => $role, 'ink' => $this->inks[$role->value], 'distance' => $distance];
            }
        }

        return $nearest;
    }

    public function notice(string $name): ?Notice
    {
        foreach ($this->notices as $notice) {
            if ($notice->name === $name) {
                return $notice;
            }
        }

        return null;
    }

    private static function size(mixed $raw, string $part): float
    {
        $raw = is_string($raw) && is_numeric($raw) ? (float) $raw : $raw;
        [$least, $most] = Limits::TYPE;

        return (is_int($raw) || is_float($raw)) && $raw >= $least && $raw <= $most ? round((float) $raw, 2)
            : throw Refusal::because(
                'The :part size is a number of pixels from :least to :most.',
                "/sizes/$part", ['part' => $part, 'least' => $least, 'most' => $most],
            );
    }

    /**
     * @param  array<array-key, mixed>  $logos
     * @return array{picture: string, ratio: float}|null
     */
    private static function logo(array $logos, string $page): ?array
    {
        $logo = $logos[$page] ?? null;
        if ($logo === null) {
            return null;
        }
        $ratio = is_array($logo) ? $logo['ratio'] ?? 1 : null;
        if (! is_array($logo) || (! is_int($ratio) && ! is_float($ratio)) || ! is_finite((float) $ratio)
            || $ratio < 0.02 || $ratio > 10) {
            throw Refusal::because('A logo is a picture and its ratio, height by width.', "/logos/$page");
        }

        return [
            'picture' => Refusal::at("/logos/$page", fn () => PictureRef::parse($logo['picture'] ?? null)),
            'ratio' => round((float) $ratio, 4),
        ];
    }

    /**
     * @template T
     *
     * @param  array<array-key, mixed>  $given
     * @param  \Closure(array<array-key, mixed>): T  $read
     * @return list<T>
     */
    private static function each(array $given, string $part, \Closure $read): array
    {
        if (count($given) > self::MAX) {
            throw Refusal::because('There is room for twenty :part.', "/$part", ['part' => $part]);
        }
        $all = [];
        foreach (array_values($given) as $index => $one) {
            $all[] = Refusal::at(
                "/$part/$index",
                fn () => $read(is_array($one) ? $one : throw Refusal::because(
                    'One of the :part is no object.', values: ['part' => $part],
                )),
            );
        }

        return $all;
    }
}
