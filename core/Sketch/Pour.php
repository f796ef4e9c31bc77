<?php

namespace InkyCard\Sketch;

use InkyCard\Brand\Brand;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Standing;
use InkyCard\Card\Piece;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Style\Tuning;

/** A card's own facts in the design of a starter: where its pieces stand there, these stand, as they look there. */
final class Pour
{
    /** Fields that are look and no fact, of kinds that show something. */
    private const LOOK = ['shape', 'size', 'width', 'form', 'fit'];

    /** @var list<Piece> of the card, not poured yet */
    private array $left;

    /** @var list<Piece> */
    private array $poured = [];

    private function __construct(private readonly Card $facts, private readonly Card $design)
    {
        $this->left = $facts->pieces;
    }

    /** @param  Card  $design  a starter as it is */
    public static function into(
        Card $design, Treatment $treatment, Card $facts, Kept $kept, Brand $brand,
    ): Card {
        $own = $facts->style->full();
        $style = $treatment->on($design->style)->with(
            ['inks' => $kept->inks || $brand->hasOwnInks() ? $own['inks'] : $design->style->full()['inks']]
                + ($kept->typeface ? ['typeface' => $own['typeface']] : []),
        );
        $pour = new self($facts, $design);

        return Starter::readable($facts->with([
            'arrangement' => $kept->arrangement ? $facts->arrangement : $design->arrangement,
            'style' => $style, 'pieces' => $pour->pieces($brand),
        ]));
    }

    /** @return list<Piece> */
    private function pieces(Brand $brand): array
    {
        foreach ($this->design->pieces as $place) {
            $piece = $this->take(fn (Piece $one) => $one->kind === $place->kind) ?? $this->picture($place);
            if ($piece !== null) {
                $this->poured[] = self::placed($piece, $place);
            } elseif ($place->kind->key() === 'initials' && $this->pictures() === []) {
                $letters = $place->kind->standing(new Standing($brand, $this->facts->holder()));
                $letters === [] || $this->poured[] = $place->with([
                    'id' => $this->unused($place->id), 'fields' => $letters + $place->fields, 'madeUp' => [],
                ]);
            }
        }
        foreach ($this->left as $piece) {
            $this->add($piece->with(['tuning' => Tuning::none(), 'joined' => null]));
        }

        return $this->poured;
    }

    /** @param  \Closure(Piece): bool  $fits */
    private function take(\Closure $fits): ?Piece
    {
        foreach ($this->left as $index => $piece) {
            if ($fits($piece)) {
                array_splice($this->left, $index, 1);

                return $piece;
            }
        }

        return null;
    }

    /** A face or mark the card has, where the design has another picture. */
    private function picture(Piece $place): ?Piece
    {
        return $place->kind->key() === 'initials' || $place->can(Capability::Portrait) || $place->can(Capability::Logo)
            ? $this->take(fn (Piece $one) => in_array($one, $this->pictures(), true)) : null;
    }

    /** @return list<Piece> faces and marks of the card, not poured yet */
    private function pictures(): array
    {
        return array_values(array_filter($this->left, fn (Piece $one) => $one->shown && ! $one->isBlank()
            && ($one->can(Capability::Portrait) || $one->can(Capability::Logo))));
    }

    private static function placed(Piece $piece, Piece $place): Piece
    {
        $shows = array_filter([Capability::Portrait, Capability::Logo, Capability::Call, Capability::Profiles],
            $piece->can(...));
        $look = $shows === [] || $piece->kind !== $place->kind ? []
            : array_intersect_key($place->fields, array_flip(self::LOOK));

        return $piece->with([
            'zone' => $place->zone, 'joined' => $place->joined, 'tuning' => $place->tuning,
            'fields' => $look + $piece->fields,
        ]);
    }

    /** What the design has no place for: who somebody is before how to reach them, the rest at the end. */
    private function add(Piece $piece): void
    {
        $at = count($this->poured);
        if (! $piece->can(Capability::Contact)) {
            foreach ($this->poured as $index => $other) {
                if ($other->zone === $piece->zone && $other->can(Capability::Contact)) {
                    $at = $index;
                    break;
                }
            }
        }
        array_splice($this->poured, $at, 0, [$piece]);
    }

    private function unused(string $id): string
    {
        $ids = [...array_column($this->facts->pieces, 'id'), ...array_column($this->poured, 'id')];
        while (in_array($id, $ids, true)) {
            $id .= 'i';
        }

        return $id;
    }
}
