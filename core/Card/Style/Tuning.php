<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Refusal;

/** A piece's own overrides of the card's style; null means "as the style says". */
final readonly class Tuning
{
    public const SIZES = [9, 32];

    public const GAPS = [0, 48];

    /** @param  array<string, mixed>  $unknown keys this version does not know, kept as they came */
    private function __construct(
        public ?InkRole $ink = null,
        public ?float $size = null,
        public ?bool $bold = null,
        public ?int $gap = null,
        public ?string $align = null,
        public ?bool $italic = null,
        public ?bool $underline = null,
        public array $unknown = [],
    ) {
    }

    public static function none(): self
    {
        return new self;
    }

    /**
     * @param  array<array-key, mixed>  $data  `ink` a role, `size` CSS px, `bold`, `italic` and `underline` (of links)
     *                                         true or false, `gap` CSS px above, `align` start, center or end
     *
     * @throws Refusal
     */
    public static function of(array $data): self
    {
        $ink = $data['ink'] ?? null;
        if ($ink !== null && (! is_string($ink) || InkRole::tryFrom($ink) === null)) {
            throw Refusal::because(
                'Choose one of the inks: '.implode(', ', array_column(InkRole::cases(), 'value')).'.',
                '/ink',
            );
        }
        $flags = [];
        foreach (['bold', 'italic', 'underline'] as $name) {
            $flags[$name] = $data[$name] ?? null;
            if ($flags[$name] !== null && ! is_bool($flags[$name])) {
                throw Refusal::because("The value of $name is true or false.", "/$name");
            }
        }
        $size = Number::within($data['size'] ?? null, self::SIZES, 'size', '/size');
        $gap = Number::within($data['gap'] ?? null, self::GAPS, 'gap', '/gap');

        $align = $data['align'] ?? null;
        if (! in_array($align, [null, 'start', 'center', 'end'], true)) {
            throw Refusal::because('A piece stands at the start, center or end.', '/align');
        }

        return new self(
            $ink === null ? null : InkRole::from($ink),
            $size,
            $flags['bold'],
            $gap === null ? null : (int) round($gap),
            $align,
            $flags['italic'],
            $flags['underline'],
            array_diff_key($data, array_flip(['ink', 'size', 'bold', 'gap', 'align', 'italic', 'underline'])),
        );
    }

    /** @return array<string, mixed> only what is set */
    public function toArray(): array
    {
        return array_filter([
            'ink' => $this->ink?->value,
            'size' => $this->size,
            'bold' => $this->bold,
            'gap' => $this->gap,
            'align' => $this->align,
            'italic' => $this->italic,
            'underline' => $this->underline,
        ], fn ($value) => $value !== null) + $this->unknown;
    }
}
