<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Colour\Colour;
use InkyCard\Refusal;
use InkyCard\Type\FontStack;

/** How a card looks; each part reads the object of the document that is its own. */
final readonly class Style
{
    /** Document defaults; each may be left out. */
    private const DEFAULTS = [
        'inks' => InkRole::DEFAULTS,
        'typeface' => FontStack::DEFAULT,
        'sizes' => FontStack::SIZES,
        'rule' => RuleLook::DEFAULTS,
        'marks' => MarkLook::DEFAULTS,
        'button' => ButtonLook::DEFAULTS,
        'symbols' => SymbolLook::DEFAULTS,
        'ground' => Background::DEFAULTS,
        'gaps' => Spacing::DEFAULTS,
    ];

    /**
     * @param  ?Background  $background  null for none
     * @param  array<array-key, mixed>  $document  the object it was read from, unknown keys and all
     * @param  array<string, mixed>  $full  the same with every default
     */
    private function __construct(
        private Inks $inks,
        public FontStack $typeface,
        public TypeSizes $sizes,
        public RuleLook $rule,
        public MarkLook $marks,
        public ButtonLook $button,
        public SymbolLook $symbols,
        public ?Background $background,
        public Spacing $spacing,
        public Panels $panels,
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
        $parts = $full = [];
        foreach (self::DEFAULTS as $key => $default) {
            if (is_array($default)) {
                if (isset($document[$key])) {
                    $document[$key] = Settings::object($key, $document[$key]);
                }
                $parts[$key] = Settings::of($key, $document[$key] ?? [], $default);
                $full[$key] = $parts[$key]->values;
            } else {
                $full[$key] = $document[$key] ?? $default;
            }
        }
        $panels = Settings::object('panels', $document['panels'] ?? []);
        $panels = array_map(fn (mixed $panel) => Settings::object('panels', $panel), $panels);
        if (isset($document['panels'])) {
            $document['panels'] = $panels;
        }
        $full['panels'] = $panels;
        $typeface = is_string($full['typeface']) ? $full['typeface'] : '';

        return new self(
            Inks::of($parts['inks']),
            Refusal::at('/typeface', fn () => FontStack::of($typeface)),
            TypeSizes::of($parts['sizes']),
            RuleLook::of($parts['rule']),
            MarkLook::of($parts['marks']),
            ButtonLook::of($parts['button']),
            SymbolLook::of($parts['symbols']),
            Background::of($parts['ground']),
            Spacing::of($parts['gaps']),
            Panels::of($panels),
            $document,
            $full,
        );
    }

    public function ink(InkRole $role): Colour
    {
        return $this->inks->colours[$role->value];
    }

    /** The ink of a piece: a colour of its own, the role it was given, or the one it has otherwise. */
    public function inkOf(Tuning $tuning, InkRole $otherwise): Colour
    {
        return $tuning->colour ?? $this->ink($tuning->ink ?? $otherwise);
    }

    /** What a panel shows behind it; null for nothing of its own. */
    public function fill(Panel $panel): ?Colour
    {
        return $this->inks->fill($panel->fill);
    }

    /** The style of what stands on a background: its inks read there. */
    public function on(Colour $background): self
    {
        return $this->with(['inks' => $this->inks->on($background)]);
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
}
