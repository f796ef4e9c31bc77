<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Colour\Colour;
use InkyCard\Picture\Season;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;

/** How a card looks: inks by role, typeface, sizes, the rule beside the text, marks. */
final readonly class Style
{
    /** Document defaults; each may be left out. */
    private const DEFAULTS = [
        'inks' => [
            'body' => '#222222', 'accent' => '#1f5fa8', 'quiet' => '#5a5a5a', 'link' => '#1f5fa8', 'paper' => '#ffffff',
        ],
        'typeface' => 'arial',
        'sizes' => ['name' => 19, 'text' => 13, 'small' => 11],
        'rule' => ['ink' => 'accent', 'width' => 2],
        'marks' => [
            'ink' => 'accent', 'shape' => 'round', 'size' => 24, 'gap' => null, 'grey' => false, 'dress' => null,
        ],
        'button' => ['radius' => 4, 'high' => 9, 'wide' => 18, 'word' => false],
        'symbols' => ['shape' => 'none', 'ink' => 'accent'],
        'ground' => ['shown' => false, 'room' => 14],
        'gaps' => ['above' => 0, 'lines' => 2, 'blocks' => 12, 'columns' => 16, 'leading' => 1.4],
    ];

    /** Between two marks unless set, as a share of their size. */
    private const MARK_GAP = 0.3;

    private const BOUNDS = [
        'sizes' => [9, 32], 'rule' => [0, 8], 'marks' => [16, 48], 'button' => [0, 40], 'ground' => [0, 40],
        'gaps' => [0, 48],
    ];

    /**
     * @param  array<string, Colour>  $inks  role => colour, every role
     * @param  array{name: float, text: float, small: float}  $sizes  CSS px
     * @param  int  $rule  width of the rule beside the text, CSS px; 0 for none
     * @param  int  $markSize  CSS px
     * @param  int  $markGap  between two marks, CSS px
     * @param  bool  $markGrey  marks without colour
     * @param  ?Season  $markDress  what marks wear, and when
     * @param  int  $radius  corner radius of the button, CSS px
     * @param  array{int, int}  $buttonRoom  above and below its words, before and after them; CSS px
     * @param  bool  $wordButton  the Word engine gets the button's round corners drawn as a shape of its own
     * @param  array{above: int, lines: int, blocks: int, columns: int}  $gaps  above the card, between lines of text,
     *                                                                          between other blocks, between columns
     *                                                                          and from a rule; CSS px
     * @param  float  $leading  line height by type size
     * @param  ?Shape  $symbolShape  of the symbols before contact lines; null for none
     * @param  ?int  $ground  the paper ink lies behind the whole card, so much wider on every side in CSS px; null for
     *                        none
     * @param  array<string, mixed>  $document  the object it was read from, unknown keys and all
     * @param  array<string, mixed>  $full  the same with every default
     */
    private function __construct(
        private array $inks,
        public FontStack $typeface,
        public array $sizes,
        public InkRole $ruleInk,
        public int $rule,
        public InkRole $markInk,
        public Shape $markShape,
        public int $markSize,
        public int $markGap,
        public bool $markGrey,
        public ?Season $markDress,
        public int $radius,
        public array $buttonRoom,
        public bool $wordButton,
        public array $gaps,
        public float $leading,
        public ?Shape $symbolShape,
        public InkRole $symbolInk,
        public ?int $ground,
        private array $document,
        private array $full,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $document  the `style` object of a card document
     *
     * @throws Refusal
     */
    public static function of(array $document): self
    {
        $set = self::DEFAULTS;
        foreach (self::DEFAULTS as $key => $default) {
            $given = $document[$key] ?? $default;
            if (is_array($default)) {
                $given = $given instanceof \stdClass ? (array) $given : $given;
                if (! is_array($given) || ($given !== [] && array_is_list($given))) {
                    throw Refusal::because("The value of $key is a JSON object.", "/$key");
                }
                if (isset($document[$key])) {
                    // Forms bring numbers as text.
                    $given = $document[$key] = array_map(
                        fn (mixed $value) => is_string($value) && is_numeric($value) && strlen($value) < 9
                            ? $value + 0
                            : $value,
                        $given,
                    );
                }
                $given = [...$default, ...array_intersect_key($given, $default)];
            }
            $set[$key] = $given;
        }

        return new self(
            self::inks($set['inks']),
            Refusal::at('/typeface', fn () => FontStack::of(is_string($set['typeface']) ? $set['typeface'] : '')),
            [
                'name' => self::pixels($set, 'sizes', 'name'),
                'text' => self::pixels($set, 'sizes', 'text'),
                'small' => self::pixels($set, 'sizes', 'small'),
            ],
            self::role($set, 'rule'),
            (int) self::pixels($set, 'rule', 'width'),
            self::role($set, 'marks'),
            Shape::forMarks()[is_string($set['marks']['shape']) ? $set['marks']['shape'] : '']
                ?? throw Refusal::because('Marks are round, rounded, square, ring or bare.', '/marks/shape'),
            (int) self::pixels($set, 'marks', 'size'),
            (int) (Number::within(
                $set['marks']['gap'] === '' ? null : $set['marks']['gap'], [0, 24], 'gap between marks', '/marks/gap',
            ) ?? round(self::pixels($set, 'marks', 'size') * self::MARK_GAP)),
            in_array($set['marks']['grey'], [true, 1], true)
            ?: (in_array($set['marks']['grey'], [false, 0], true)
                ? false
                : throw Refusal::because('The value of grey is true or false.', '/marks/grey')),
            self::dress($set['marks']['dress']),
            (int) self::pixels($set, 'button', 'radius'),
            [(int) self::pixels($set, 'button', 'high'), (int) self::pixels($set, 'button', 'wide')],
            is_bool($set['button']['word'])
                ? $set['button']['word']
                : throw Refusal::because('The value of word is true or false.', '/button/word'),
            [
                'above' => (int) self::pixels($set, 'gaps', 'above'),
                'lines' => (int) self::pixels($set, 'gaps', 'lines'),
                'blocks' => (int) self::pixels($set, 'gaps', 'blocks'),
                'columns' => (int) self::pixels($set, 'gaps', 'columns'),
            ],
            self::leading($set['gaps']['leading']),
            $set['symbols']['shape'] === 'none'
                ? null
                : Shape::forMarks()[is_string($set['symbols']['shape']) ? $set['symbols']['shape'] : '']
                    ?? throw Refusal::because('Symbols are none, bare, ring, round, rounded or '
                        .'square.', '/symbols/shape'),
            self::role($set, 'symbols'),
            in_array($set['ground']['shown'], [true, 1], true)
                ? (int) self::pixels($set, 'ground', 'room')
                : (in_array($set['ground']['shown'], [false, 0], true)
                    ? null
                    : throw Refusal::because('The value of shown is true or false.', '/ground/shown')),
            $document,
            $set,
        );
    }

    public function ink(InkRole $role): Colour
    {
        return $this->inks[$role->value];
    }

    /**
     * The style with parts of its document replaced, objects merged key by key.
     *
     * @param  array<string, mixed>  $changes
     *
     * @throws Refusal
     */
    public function with(array $changes): self
    {
        return self::of(array_replace_recursive($this->document, $changes));
    }

    /** @return array<string, mixed> every value it has, the defaults among them */
    public function full(): array
    {
        return $this->full;
    }

    /** @return array<array-key, mixed> the document object, exactly as read */
    public function toArray(): array
    {
        return $this->document;
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, Colour>
     */
    private static function inks(array $given): array
    {
        $inks = [];
        foreach (InkRole::cases() as $role) {
            $hex = $given[$role->value];
            $inks[$role->value] = Refusal::at('/inks/'.$role->value, fn () => Colour::hex(is_string($hex) ? $hex : ''));
        }

        return $inks;
    }

    private static function dress(mixed $given): ?Season
    {
        $given = $given instanceof \stdClass ? (array) $given : $given;
        if ($given === null || $given === '' || (is_array($given) && ($given['season'] ?? '') === '')) {
            return null;
        }

        return is_array($given)
            ? Refusal::at('/marks/dress', fn () => Season::of($given))
            : throw Refusal::because('What marks wear is a JSON object.', '/marks/dress');
    }

    private static function leading(mixed $leading): float
    {
        $leading = is_string($leading) && is_numeric($leading) ? (float) $leading : $leading;

        return (is_int($leading) || is_float($leading)) && $leading >= 1.1 && $leading <= 2.2 ? (float) $leading
            : throw Refusal::because('The line height is 1.1 to 2.2 times the type size.', '/gaps/leading');
    }

    /** @param  array<string, array<string, mixed>>  $set */
    private static function pixels(array $set, string $group, string $key): float
    {
        return Number::within($set[$group][$key], self::BOUNDS[$group], "$group $key", "/$group/$key")
            ?? throw Refusal::because("The $group $key is missing.", "/$group/$key");
    }

    /** @param  array<string, array<string, mixed>>  $set */
    private static function role(array $set, string $group): InkRole
    {
        $role = $set[$group]['ink'];

        return InkRole::tryFrom(is_string($role) ? $role : '')
            ?? throw Refusal::because(
                'Choose one of the inks: '.implode(', ', array_column(InkRole::cases(), 'value')).'.',
                "/$group/ink",
            );
    }
}
