<?php

namespace InkyCard\Card\Style;

use InkyCard\Brand\InkRole;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\Oklch;
use InkyCard\Refusal;

/** The colour of every ink. */
final readonly class Inks
{
    /** Share of the accent in a pale background. */
    private const TINT = 0.1;

    /** Share of the background in what is quiet on it. */
    private const FADED = 0.25;

    /** Distance (OKLab) under which an ink has to become another one on a background. */
    private const ALIKE = 0.12;

    /** @param  array<string, Colour>  $colours  role => colour, every role */
    private function __construct(public array $colours)
    {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        $colours = [];
        foreach (InkRole::cases() as $role) {
            $colours[$role->value] = Refusal::at(
                "/inks/$role->value",
                fn () => Colour::hex($given->text($role->value)),
            );
        }

        return new self($colours);
    }

    /** Behind something; null for nothing of its own. */
    public function fill(Fill $fill): ?Colour
    {
        return match ($fill) {
            Fill::None => null,
            Fill::Tint => Oklch::mixed($this->colour(InkRole::Paper), $this->colour(InkRole::Accent), self::TINT),
            default => $this->colour(InkRole::from($fill->value)),
        };
    }

    /**
     * The inks of words on a background: those that read there stay, others keep their hue where they can. What is
     * paper elsewhere is the background here.
     *
     * @return array<string, string> role => colour
     */
    public function on(Colour $background): array
    {
        $inks = ['paper' => $background->hex];
        $paper = $this->colour(InkRole::Paper);
        $best = Contrast::ratio($paper, $background) >= Contrast::TEXT ? $paper
            : Contrast::readable($background, Colour::hex('#ffffff'));
        foreach ([InkRole::Body, InkRole::Accent, InkRole::Link, InkRole::Quiet] as $role) {
            $ink = $this->colour($role);
            $inks[$role->value] = match (true) {
                Contrast::ratio($ink, $background) >= Contrast::TEXT => $ink,
                $role === InkRole::Body, Oklch::distance($ink, $background) < self::ALIKE => $best,
                $role === InkRole::Quiet => Contrast::nearestReadable(
                    Oklch::mixed($best, $background, self::FADED), $background,
                ) ?? $best,
                default => Contrast::nearestReadable($ink, $background) ?? $best,
            };
        }

        return array_map(fn (Colour|string $ink) => is_string($ink) ? $ink : $ink->hex, $inks);
    }

    public function colour(InkRole $role): Colour
    {
        return $this->colours[$role->value];
    }
}
