<?php

namespace InkyCard\Brand;

use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;

/** Every ink as text on every ink as background, as light and dark pages show it. */
final readonly class InkMatrix
{
    /**
     * @param  Colour  $ink  as seen
     * @param  Colour  $background  as seen
     * @param  bool  $used  cards do set text of this ink on this background
     */
    private function __construct(
        public DarkPage $page,
        public InkRole $text,
        public InkRole $on,
        public Colour $ink,
        public Colour $background,
        public float $ratio,
        public bool $used,
    ) {
    }

    /** @return list<self> by page, text, background; an ink on itself is left out */
    public static function of(Brand $brand): array
    {
        $cells = [];
        foreach (DarkPage::cases() as $page) {
            foreach (InkRole::cases() as $text) {
                foreach (InkRole::cases() as $on) {
                    if ($text !== $on) {
                        [$ink, $background] = [$brand->inks[$text->value], $brand->inks[$on->value]];
                        $cells[] = new self(
                            $page, $text, $on, $page->ink($ink, $background), $page->background($background),
                            $page->ratio($ink, $background), self::isUsed($brand, $text, $on),
                        );
                    }
                }
            }
        }

        return $cells;
    }

    public function reads(): bool
    {
        return $this->ratio >= Contrast::TEXT;
    }

    /**
     * Which ink has to give way where the two do not go together: text on paper, a button's background under its words.
     */
    public function yields(): InkRole
    {
        return $this->on === InkRole::Paper ? $this->text : $this->on;
    }

    /**
     * The nearest ink in place of the one that yields with which the two read,
     * here and on a light page; null when none of its hue does.
     */
    public function nearest(Brand $brand): ?Colour
    {
        [$text, $on] = [$brand->inks[$this->text->value], $brand->inks[$this->on->value]];
        $page = $this->page;

        return Contrast::nearest($brand->inks[$this->yields()->value], function (Colour $other) use (
            $text,
            $on,
            $page,
        ) {
            [$ink, $background] = $this->yields() === $this->text ? [$other, $on] : [$text, $other];

            return $page->ratio($ink, $background) >= Contrast::TEXT && Contrast::ratio($ink,
                $background) >= Contrast::TEXT;
        });
    }

    /** Text stands on paper; words on a button of an ink are paper where that reads better than black. */
    private static function isUsed(Brand $brand, InkRole $text, InkRole $on): bool
    {
        return $on === InkRole::Paper
            || ($text === InkRole::Paper && in_array($on, [InkRole::Accent, InkRole::Link], true)
                && Contrast::readable($brand->inks[$on->value], $brand->inks['paper'])->equals($brand->inks['paper']));
    }
}
