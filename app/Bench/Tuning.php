<?php

namespace App\Bench;

use Illuminate\Support\Number;
use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Brand\Scheme;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\CardContext;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\BackgroundPicture;
use InkyCard\Card\Style\ButtonLook;
use InkyCard\Card\Style\CallLook;
use InkyCard\Card\Style\Fill;
use InkyCard\Card\Style\Panel;
use InkyCard\Card\Style\Style;
use InkyCard\Colour\Oklch;
use InkyCard\Limits;
use InkyCard\Link\Pictograms;
use InkyCard\Picture\Season;
use InkyCard\Picture\Shape;
use InkyCard\Time\Day;
use InkyCard\Type\FontStack;
use InkyCard\Type\LineStyle;

/** What can be set beside the sheet, with what it may be: choices by value, ranges from Limits. */
final readonly class Tuning
{
    /** What parts of a card are called. */
    private const SLOTS = [
        'before' => 'Before the card', 'beside' => 'Beside the text', 'firm' => 'The firm', 'text' => 'The text',
        'contacts' => 'Contacts', 'under' => 'Under the text', 'after' => 'After the card',
    ];

    public const SIZE = Limits::TYPE;

    public const SPACING = Limits::SPACING;

    public const BACKGROUND = Limits::BACKGROUND;

    public const VEIL = BackgroundPicture::VEIL;

    public const BUTTON = Limits::BUTTON;

    public const SYMBOL = Limits::SYMBOL;

    /** Symbols calls have most, by what they ask for: a time, a call, a letter, a film, a place, something bought. */
    private const CALL_SYMBOLS = [
        'calendar-check', 'telephone', 'envelope-fill', 'chat-dots', 'camera-video', 'film', 'geo-alt', 'cart', 'gift',
        'ticket-perforated', 'download', 'star', 'heart',
    ];

    public const SYMBOLS = ['none', 'bare', 'round', 'rounded', 'square'];

    /** Distance (OKLab) of two inks that are one. */
    private const SAME = 0.00005;

    public Style $style;

    /** @param  array<string, string>  $library  pictures to stand behind words: reference => name */
    public function __construct(private Card $card, private Brand $brand, private array $library = [])
    {
        $this->style = $card->style;
    }

    /** @return array<string, string> the card's own among them, whatever it is */
    public function languages(): array
    {
        return CardContext::languages() + [$this->card->lang => CardContext::called($this->card->lang)];
    }

    public function language(): string
    {
        return $this->card->lang;
    }

    /**
     * @param  ?FontStack  $own  the one at hand, among them whatever it is
     * @return array<string, string>
     */
    public function typefaces(?FontStack $own = null): array
    {
        $stacks = [...FontStack::all(), ...$own?->isOwn() ? [$own] : []];

        return array_combine(
            array_column($stacks, 'key'), array_map(fn (FontStack $stack) => $stack->name(), $stacks),
        );
    }

    /** @return array<string, string> */
    public function inks(): array
    {
        return array_column(
            array_map(fn (InkRole $role) => [$role->value, $role->label()], InkRole::cases()), 1, 0,
        );
    }

    public function hex(string $role): string
    {
        return $this->style->ink(InkRole::from($role))->hex;
    }

    /**
     * Inks of its own.
     *
     * @return array<string, array{says: string, brand: string}> role => how far it is from the brand's; the brand's
     */
    public function own(): array
    {
        $brand = $this->brand;
        $own = [];
        foreach (InkRole::cases() as $role) {
            $ink = $this->style->ink($role);
            if (! $ink->equals($brand->inks[$role->value])) {
                $own[$role->value] = [
                    'says' => self::near($brand, $brand->nearest($ink)), 'brand' => $brand->inks[$role->value]->hex,
                ];
            }
        }

        return $own;
    }

    /** @param  array{role: InkRole, ink: \InkyCard\Colour\Colour, distance: float}  $near */
    private static function near(Brand $brand, array $near): string
    {
        $role = $near['role']->value;
        if ($near['distance'] < self::SAME) {
            return __('The brand’s :role ink.', ['role' => $role]);
        }

        $of = ['distance' => Number::format($near['distance'], 2), 'role' => $role, 'ink' => $near['ink']->hex];

        return $near['distance'] < Oklch::NOTICEABLE
            ? __(':distance from the brand’s :role ink :ink, too near to tell apart.', $of)
            : __(':distance from the brand’s :role ink :ink.', $of);
    }

    /** @return array<string, list<NumberField>> numbers of the style, by what they are about */
    public function numbers(): array
    {
        $style = $this->style;
        $ground = $style->background;

        return [
            'type' => $this->type(),
            'lines' => [new NumberField(
                'Thickness', 'rule', 'width', $style->rule->width, Limits::RULE,
                help: 'Of lines beside and across; 0 for none.',
            )],
            'paper' => $ground === null ? [] : [
                new NumberField(
                    'Padding', 'ground', 'room', $ground->padding, Limits::BACKGROUND,
                    help: 'Between the edge of the background and what is on it.',
                ),
                new NumberField('Corners', 'ground', 'radius', $ground->radius, Limits::BACKGROUND),
                new NumberField('Line around', 'ground', 'line', $ground->line, Limits::RULE),
                new NumberField(
                    'Width', 'ground', 'wide', $ground->wide, [0, Limits::WIDTH], 10,
                    help: 'Where there is room; 0 for as wide as what is on it.',
                ),
            ],
            'button' => [
                new NumberField(
                    'Corners', 'button', 'radius', $style->button->radius, Limits::BUTTON,
                    help: 'The Word engine shows square ones unless a shape is drawn.',
                ),
                new NumberField('Padding', 'button', 'wide', $style->button->wide, Limits::BUTTON_DRAGGED),
                new NumberField('Padding above', 'button', 'high', $style->button->high, Limits::BUTTON),
            ],
            'spacing' => $this->spacing(),
        ];
    }

    /** @return list<NumberField> */
    private function type(): array
    {
        $style = $this->style;

        return [
            new NumberField(
                'Name size', 'sizes', 'name', $style->sizes->name, Limits::TYPE, 0.5,
                help: 'The name is read first: larger than all else.',
            ),
            new NumberField(
                'Text size', 'sizes', 'text', $style->sizes->text, Limits::TYPE, 0.5,
                help: 'Most lines; under 11 px many readers have to enlarge it.',
            ),
            new NumberField(
                'Small size', 'sizes', 'small', $style->sizes->small, Limits::TYPE, 0.5,
                help: 'Licence, notices and taglines.',
            ),
        ];
    }

    /** @return list<NumberField> */
    private function spacing(): array
    {
        $spacing = $this->style->spacing;

        return [
            new NumberField(
                'Line spacing', 'gaps', 'lines', $spacing->lines, Limits::SPACING,
                help: 'Between lines of text that belong together.',
            ),
            new NumberField(
                'Block spacing', 'gaps', 'blocks', $spacing->blocks, Limits::SPACING,
                help: 'Between parts: text, marks, call, banner.',
            ),
            new NumberField(
                'Column spacing', 'gaps', 'columns', $spacing->columns, Limits::SPACING,
                help: 'Between the picture, the line and the text beside it.',
            ),
            new NumberField(
                'Spacing above', 'gaps', 'above', $spacing->above, Limits::SPACING,
                help: 'Between your message and the card.',
            ),
            new NumberField(
                'Line height', 'gaps', 'leading', $spacing->lineHeight, Limits::LINE_HEIGHT, 0.05, '×',
                'Height of a line by the size of its type.',
            ),
        ];
    }

    /** @return array<string, string> ways a line is drawn */
    public function lineStyles(): array
    {
        return array_column(array_map(fn (LineStyle $one) => [$one->value, $one->value], LineStyle::cases()), 1, 0);
    }

    /** @return array<string, string> what can stand behind a part of the card */
    public function fills(): array
    {
        return array_column(array_map(fn (Fill $one) => [$one->value, $one->label()], Fill::cases()), 1, 0);
    }

    /** @return array<string, array{string, Panel}> parts of the card something stands in: slot => label, background */
    public function panels(): array
    {
        $panels = [];
        foreach ($this->card->arrangement->rows as $row) {
            foreach ($row->slots as $slot) {
                if (array_filter($this->card->filled(), fn (Piece $piece) => $slot->holds(
                    $piece->zone, $piece->can(Capability::Contact), $piece->can(Capability::Firm),
                )) !== []) {
                    $panels[$slot->name] = [self::SLOTS[$slot->name], $this->card->panel($slot) ?? Panel::none()];
                }
            }
        }

        return $panels;
    }

    /** @return array<string, string> reference => name, the one at hand among them whatever it is */
    public function pictures(?BackgroundPicture $own): array
    {
        return ['' => 'none'] + $this->library + ($own === null ? [] : [$own->ref => __('this picture')]);
    }

    /** @return list<Scheme> inks computed from the accent */
    public function schemes(): array
    {
        return Scheme::of($this->style->ink(InkRole::Accent));
    }

    /** What a call looks like as a button. */
    public function callLook(Piece $piece): ButtonLook
    {
        return $this->style->button->tuned($piece->tuning->call);
    }

    /** @return array<string, array{int, bool}> shape of a call => radius of its corners, whether it is outlined */
    public function callShapes(): array
    {
        return array_map(fn (array $shape) => [$shape['radius'], $shape['outlined']], CallLook::SHAPES);
    }

    /** @return list<string> the one it has among them */
    public function callSymbols(?string $own): array
    {
        return array_values(array_unique([...self::CALL_SYMBOLS, ...$own === null ? [] : [$own]]));
    }

    /** @return array<string, list<string>> every symbol by what it shows */
    public function symbols(): array
    {
        return Pictograms::all();
    }

    /** Whether a piece shows profile marks. */
    public function hasMarks(Piece $piece): bool
    {
        return $piece->can(Capability::Profiles) && $piece->text('form') !== 'words';
    }

    /** @return list<NumberField> of the profile marks */
    public function markNumbers(): array
    {
        return [
            new NumberField('Size', 'marks', 'size', $this->style->marks->size, Limits::MARK),
            new NumberField('Spacing', 'marks', 'gap', $this->style->marks->spacing, Limits::MARK_SPACING),
        ];
    }

    /** @return array<string, array{string, string}> shape of marks => what it is called, its drawing */
    public function markPictures(): array
    {
        $shapes = $this->markShapes();

        return array_combine(array_keys($shapes), array_map(
            fn (string $label, string $key) => [$label, "mark-$key"], $shapes, array_keys($shapes),
        ));
    }

    /** @return array<string, array{string, string}> what symbols stand on => what it is called, its drawing */
    public function symbolPictures(): array
    {
        return array_combine(self::SYMBOLS, array_map(
            fn (string $key) => [$key, $key === 'none' ? 'none' : "mark-$key"], self::SYMBOLS,
        ));
    }

    /** @return array<string, array{string, string}> ways a line is drawn => what it is called, its drawing */
    public function linePictures(): array
    {
        return array_map(fn (string $label) => [$label, "line-$label"], $this->lineStyles());
    }

    /** @return array<string, string> */
    public function markShapes(): array
    {
        return array_map(fn (Shape $shape) => mb_strtolower($shape->label()), Shape::forMarks());
    }

    /** @return array<string, string> inks of the sign on a mark's background */
    public function signs(): array
    {
        return ['' => __('what reads')] + array_column(array_map(
            fn (InkRole $role) => [$role->value, mb_strtolower($role->label())], InkRole::cases(),
        ), 1, 0);
    }

    /** @return array<string, string> */
    public function seasons(): array
    {
        return ['' => 'plain'] + array_map(
            fn (array $about) => mb_strtolower($about['label']), Season::seasons(),
        );
    }

    public function isWornToday(Season $season): bool
    {
        return $season->isWornOn(Day::at(now()));
    }

    /** @return list<Piece> shown, with something in them */
    public function filled(): array
    {
        return $this->card->filled();
    }
}
