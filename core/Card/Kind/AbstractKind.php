<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Piece;
use InkyCard\Colour\Contrast;
use InkyCard\Picture\Mark;
use InkyCard\Picture\Shape;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** What every kind has to say about itself. */
abstract class AbstractKind implements Kind
{
    public function __construct(
        private readonly string $key,
        private readonly string $label,
        private readonly string $icon,
        private readonly string $purpose,
        private readonly Zone $zone = Zone::Text,
    ) {
    }

    public function key(): string
    {
        return $this->key;
    }

    public function label(): string
    {
        return $this->label;
    }

    public function purpose(): string
    {
        return $this->purpose;
    }

    public function icon(): string
    {
        return $this->icon;
    }

    public function zone(): Zone
    {
        return $this->zone;
    }

    public function isContact(): bool
    {
        return false;
    }

    public function resizes(): ?array
    {
        return null;
    }

    public function tunes(): array
    {
        return ['ink', 'size', 'bold', 'italic', 'align', 'gap', 'joined'];
    }

    /**
     * The symbol before a contact line, where the card's style has any.
     *
     * @param  string  $icon  name in the open icon set
     */
    protected function symbol(Card $card, string $icon): ?PictureBlock
    {
        $style = $card->style;
        if ($style->symbolShape === null) {
            return null;
        }
        $ground = $style->ink($style->symbolInk);
        $size = (int) round($style->sizes['text'] * ($style->symbolShape === Shape::Bare ? 1 : 1.3));

        return new PictureBlock(
            new Mark(
                $icon, $style->symbolShape, $size, $ground, Contrast::readable($ground, $style->ink(InkRole::Paper)),
            ),
            $size,
            $size,
            $this->label,
        );
    }

    /** The field that says what the piece is about. */
    protected function fact(): string
    {
        return 'text';
    }

    public function summary(Piece $piece): string
    {
        return $piece->text($this->fact());
    }

    /**
     * Reads one field, the path of a refusal set. An empty value stays empty: every fact is optional (need A04).
     *
     * @param  array<array-key, mixed>  $fields
     * @param  \Closure(mixed): string  $read
     */
    protected static function optional(array $fields, string $name, \Closure $read): string
    {
        $raw = $fields[$name] ?? '';

        return is_string($raw) && trim($raw) === '' ? '' : Refusal::at("/$name", fn () => $read($raw));
    }

    /**
     * Reads a field of several lines.
     *
     * @param  array<array-key, mixed>  $fields
     * @param  \Closure(mixed): string  $read
     * @return list<string> empty lines left out
     */
    protected static function lines(array $fields, string $name, int $most, \Closure $read): array
    {
        return Refusal::at("/$name", fn () => CleanText::several($fields[$name] ?? [], $most, $read));
    }
}
