<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Colour\Colour;
use InkyCard\Limits;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;

/** A piece's own overrides of the card's style; null means "as the style says". */
final readonly class Tuning
{
    private const KEYS = [
        'ink', 'colour', 'face', 'size', 'bold', 'gap', 'align', 'italic', 'underline', 'caps', 'call',
    ];

    /** @param  array<string, mixed>  $unknown  keys this version does not know, kept as they came */
    private function __construct(
        public ?InkRole $ink = null,
        public ?float $size = null,
        public ?bool $bold = null,
        public ?int $spacing = null,
        public ?string $align = null,
        public ?bool $italic = null,
        public ?bool $underline = null,
        public ?bool $caps = null,
        public ?Colour $colour = null,
        public ?FontStack $face = null,
        public ?CallLook $call = null,
        public array $unknown = [],
    ) {
    }

    public static function none(): self
    {
        return new self;
    }

    /**
     * @param  array<array-key, mixed>  $data  `ink` a role, `colour` #rrggbb in its place, `face` as FontStack reads
     *     it, `call` an object of CallLook, `size` CSS px, `bold`, `italic`, `underline` (of links) and `caps` (spaced
     *     capitals) true or false, `gap` CSS px above, `align` start, center or end
     *
     * @throws Refusal
     */
    public static function of(array $data): self
    {
        $spacing = Number::within($data['gap'] ?? null, Limits::SPACING, 'gap', '/gap');
        $align = $data['align'] ?? null;
        if (! in_array($align, [null, 'start', 'center', 'end'], true)) {
            throw Refusal::because('A piece stands at the start, center or end.', '/align');
        }

        return new self(
            self::role($data['ink'] ?? null),
            Number::within($data['size'] ?? null, Limits::TYPE, 'size', '/size'),
            self::flag($data, 'bold'),
            $spacing === null ? null : (int) round($spacing),
            $align,
            self::flag($data, 'italic'),
            self::flag($data, 'underline'),
            self::flag($data, 'caps'),
            self::colour($data['colour'] ?? null),
            self::face($data['face'] ?? null),
            isset($data['call']) ? CallLook::of($data['call']) : null,
            array_diff_key($data, array_flip(self::KEYS)),
        );
    }

    private static function colour(mixed $given): ?Colour
    {
        return $given === null ? null : Refusal::at('/colour', fn () => Colour::hex(is_string($given) ? $given : ''));
    }

    private static function face(mixed $given): ?FontStack
    {
        return $given === null ? null
            : Refusal::at('/face', fn () => FontStack::of(is_string($given) ? $given : ''));
    }

    private static function role(mixed $ink): ?InkRole
    {
        return $ink === null ? null : InkRole::tryFrom(is_string($ink) ? $ink : '') ?? throw Refusal::because(
            'Choose one of the inks: :choices.',
            '/ink', ['choices' => implode(', ', array_column(InkRole::cases(), 'value'))],
        );
    }

    /** @param  array<array-key, mixed>  $data */
    private static function flag(array $data, string $name): ?bool
    {
        $flag = $data[$name] ?? null;

        return $flag === null || is_bool($flag) ? $flag
            : throw Refusal::because('The value of :name is true or false.', "/$name", ['name' => $name]);
    }

    /** @return array<string, mixed> only what is set */
    public function toArray(): array
    {
        return array_filter([
            'ink' => $this->ink?->value,
            'size' => $this->size,
            'bold' => $this->bold,
            'gap' => $this->spacing,
            'align' => $this->align,
            'italic' => $this->italic,
            'underline' => $this->underline,
            'caps' => $this->caps,
            'colour' => $this->colour?->hex,
            'face' => $this->face?->key,
            'call' => $this->call?->toArray() ?: null,
        ], fn ($value) => $value !== null) + $this->unknown;
    }
}
