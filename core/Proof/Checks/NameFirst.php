<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** The eye should fall on the name first (need B01). */
final class NameFirst extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('name-first', 'Something outshouts the name', Area::Text, Severity::Advice);
    }

    public function find(Subject $subject): array
    {
        $name = $subject->card->named();
        $sizes = [];
        // Initials say nothing the name does not.
        foreach (array_filter($subject->runs(), fn (array $one) => $one[1]->plain !== '') as [$piece, $run]) {
            $sizes[$piece->id] = max($sizes[$piece->id] ?? 0, $run->size);
        }
        $size = $sizes[$name->id ?? ''] ?? null;
        // A closing is written larger than it is read.
        $others = $size === null ? [] : array_filter($subject->pieces(), fn (Piece $piece) => $piece !== $name
            && ($sizes[$piece->id] ?? 0) >= $size && ! $piece->can(Capability::Handwriting));
        if ($others === []) {
            return [];
        }
        $tuned = array_filter($others, fn (Piece $piece) => ($piece->tuning->size ?? 0) >= $size);
        $back = array_map(fn (Piece $piece) => new TunePiece($piece->id, ['size' => null]), array_values($others));

        return [$this->found(
            Said::of('As large as the name, at :size px and more.', ['size' => $size]), array_column($others, 'id'),
            mend: count($tuned) === count($others) && $subject->card->style->sizes->text < $size
                ? new Mend('Back to its own size', new CompositeEdit($back, 'Sizes back to the style')) : null,
        )];
    }
}
