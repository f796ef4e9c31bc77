<?php

namespace InkyCard\Card\Edit;

use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Piece;

/**
 * Brings a card from one state of the brand to the next: what it has as the
 * brand had it changes with the brand; what it has otherwise is its own and stays.
 */
final readonly class FollowBrand implements BulkEdit
{
    /** Sizes nearer than this are the same, CSS px. */
    private const SAME = 0.01;

    public function __construct(public Brand $from, public Brand $to)
    {
    }

    public function apply(Card $card): Card
    {
        $style = $this->style($card);

        return $card->with([
            'style' => $style === [] ? $card->style : $card->style->with($style),
            'pieces' => array_map(fn (Piece $piece) => $this->piece($card, $piece), $card->pieces),
        ]);
    }

    public function back(): self
    {
        return new self($this->to, $this->from);
    }

    public function touches(Card $card): bool
    {
        if ($this->style($card) !== []) {
            return true;
        }
        foreach ($card->pieces as $piece) {
            if ($this->fields($piece) !== []) {
                return true;
            }
        }

        return false;
    }

    public function words(Card $before): string
    {
        $style = $this->style($before);
        $parts = [
            ...array_map(fn (string $role) => "$role ink", array_keys($style['inks'] ?? [])),
            ...array_keys(array_diff_key($style, ['inks' => 0])),
        ];
        foreach ($before->pieces as $piece) {
            if ($this->fields($piece) !== []) {
                $parts[] = mb_strtolower($piece->kind->label());
            }
        }

        return 'Brand: '.implode(', ', array_unique($parts)).' changed';
    }

    /**
     * @return array{inks?: array<string, string>, typeface?: string, sizes?: array<string, float>} parts of the style
     *     document
     */
    private function style(Card $card): array
    {
        $style = [];
        foreach (InkRole::cases() as $role) {
            [$old, $new] = [$this->from->inks[$role->value], $this->to->inks[$role->value]];
            if (! $old->equals($new) && $card->style->ink($role)->equals($old)) {
                $style['inks'][$role->value] = $new->hex;
            }
        }
        [$old, $new] = [$this->from->typeface->key, $this->to->typeface->key];
        if ($old !== $new && $card->style->typeface->key === $old) {
            $style['typeface'] = $new;
        }
        $has = $card->style->sizes->toArray();
        foreach ($this->to->sizes as $part => $size) {
            $old = $this->from->sizes[$part];
            if ($size !== $old && abs($has[$part] - $old) < self::SAME) {
                $style['sizes'][$part] = $size;
            }
        }

        return $style;
    }

    private function piece(Card $card, Piece $piece): Piece
    {
        $changes = $this->fields($piece);

        return $changes === [] ? $piece : $piece->with([
            'fields' => $piece->kind->accept([...$piece->fields, ...$changes], $card->country) + $piece->fields,
        ]);
    }

    /** @return array<string, mixed> fields that follow */
    private function fields(Piece $piece): array
    {
        return $piece->kind->follow($piece, new Standing($this->from), new Standing($this->to));
    }
}
