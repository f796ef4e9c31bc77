<?php

namespace InkyCard\Card\Style;

use InkyCard\Refusal;

/** Backgrounds of parts of the card, each under the name of its slot (see Arrangement\Slot). */
final readonly class Panels
{
    public const SLOTS = ['before', 'beside', 'firm', 'text', 'contacts', 'under', 'after'];

    /** @param  array<string, Panel>  $panels  slot => its background; none where none is set */
    private function __construct(private array $panels)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  slot => object
     *
     * @throws Refusal
     */
    public static function of(array $given): self
    {
        $panels = [];
        foreach (array_intersect_key($given, array_flip(self::SLOTS)) as $slot => $panel) {
            $panels[$slot] = Panel::of(Settings::of('panels', $panel, Panel::DEFAULTS));
        }

        return new self($panels);
    }

    public function at(string $slot): ?Panel
    {
        return $this->panels[$slot] ?? null;
    }
}
