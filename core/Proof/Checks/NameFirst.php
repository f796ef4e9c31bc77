<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

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
        $size = null;
        $others = [];
        foreach ($subject->runs() as [$piece, $run]) {
            if ($piece->id === $name?->id) {
                $size = max($size ?? 0, $run->size);
            }
        }
        foreach ($size === null ? [] : $subject->runs() as [$piece, $run]) {
            if ($piece->id !== $name?->id && $run->size >= $size && $piece->kind->key() !== 'closing') {
                $others[$piece->id] = new TunePiece($piece->id, ['size' => null]);
            }
        }
        $own = array_filter(
            $others,
            fn (string $id) => ($subject->card->piece($id)->tuning->size ?? 0) >= $size,
            ARRAY_FILTER_USE_KEY,
        );

        return $others === []
            ? []
            : [
                $this->found(
                    "As large as the name, at $size px and more.",
                    array_map(strval(...), array_keys($others)),
                    mend: count($own) === count($others) && $subject->card->style->sizes['text'] < $size
                        ? new Mend(
                            'Back to its own size',
                            new CompositeEdit(array_values($others), 'Sizes back to the style'),
                        )
                        : null,
                ),
            ];
    }
}
