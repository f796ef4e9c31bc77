<?php

namespace InkyCard\Sketch;

use InkyCard\Card\Style\Style;

/** What becomes of a starter's backgrounds in a sketch. */
enum Treatment: string
{
    case Plain = 'plain';

    /** Those of the accent in the body's ink. */
    case Deep = 'deep';

    /** Those of the accent pale. */
    case Pale = 'pale';

    /** Whether it makes a difference. */
    public function changes(Style $style): bool
    {
        return $this === self::Plain || $this->panels($style) !== $style->full()['panels'];
    }

    public function on(Style $style): Style
    {
        return $this === self::Plain ? $style : $style->with(['panels' => $this->panels($style)]);
    }

    /** @return array<array-key, mixed> */
    private function panels(Style $style): array
    {
        $fill = $this === self::Deep ? 'body' : 'tint';

        return array_map(function (mixed $panel) use ($fill): mixed {
            $panel = (array) $panel;

            return ($panel['fill'] ?? '') === 'accent' ? ['fill' => $fill] + $panel : $panel;
        }, $style->full()['panels']);
    }
}
