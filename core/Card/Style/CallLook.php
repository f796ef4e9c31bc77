<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Limits;
use InkyCard\Link\Pictograms;
use InkyCard\Refusal;

/** One call's own look beside what the style says of buttons (needs G03, G04); null means "as the style says". */
final readonly class CallLook
{
    /** Shapes buttons have most: corners and outline. */
    public const SHAPES = [
        'square' => ['radius' => 0, 'outlined' => false], 'rounded' => ['radius' => 6, 'outlined' => false],
        'round' => ['radius' => 24, 'outlined' => false], 'outlined' => ['radius' => 6, 'outlined' => true],
        'round, outlined' => ['radius' => 24, 'outlined' => true],
    ];

    private const KEYS = ['words', 'radius', 'high', 'wide', 'outlined', 'symbol', 'side'];

    /**
     * @param  ?InkRole  $words  ink of its words; null for what reads on its background
     * @param  ?int  $radius  of its corners, CSS px
     * @param  ?int  $high  padding above and below its words, CSS px
     * @param  ?int  $wide  padding before and after them, CSS px
     * @param  ?bool  $outlined  a line around it in place of a background
     * @param  ?string  $symbol  name in the open icon set
     * @param  bool  $last  its symbol stands after the words
     * @param  array<array-key, mixed>  $unknown  keys this version does not know
     */
    private function __construct(
        public ?InkRole $words,
        public ?int $radius,
        public ?int $high,
        public ?int $wide,
        public ?bool $outlined,
        public ?string $symbol,
        public bool $last,
        private array $unknown,
    ) {
    }

    /** @throws Refusal */
    public static function of(mixed $given): self
    {
        $data = Settings::object('call', $given);
        $values = Settings::of('call', $data, array_fill_keys(self::KEYS, null));
        $symbol = $values->text('symbol') ?: null;
        if ($symbol !== null && ! Pictograms::has($symbol)) {
            throw Refusal::because('The symbol of a call is one of the pictograms.', '/call/symbol');
        }
        if (! in_array($values->values['side'], [null, '', 'start', 'end'], true)) {
            throw Refusal::because('A symbol stands at the start or at the end.', '/call/side');
        }

        return new self(
            $values->optionalRole('words'),
            $values->optionalPixels('radius', Limits::BUTTON, 'corners'),
            $values->optionalPixels('high', Limits::BUTTON, 'padding above'),
            $values->optionalPixels('wide', Limits::BUTTON, 'padding'),
            in_array($values->values['outlined'], [null, ''], true) ? null : $values->truth('outlined'),
            $symbol, $values->values['side'] === 'end', array_diff_key($data, array_flip(self::KEYS)),
        );
    }

    /** @return array<array-key, mixed> only what is set */
    public function toArray(): array
    {
        return array_filter([
            'words' => $this->words?->value, 'radius' => $this->radius, 'high' => $this->high, 'wide' => $this->wide,
            'outlined' => $this->outlined, 'symbol' => $this->symbol,
            'side' => $this->last ? 'end' : null,
        ], fn (mixed $value) => $value !== null) + $this->unknown;
    }
}
