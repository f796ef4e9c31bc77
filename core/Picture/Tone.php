<?php

namespace InkyCard\Picture;

/** What becomes of a picture's colours. */
enum Tone: string
{
    case Natural = 'natural';

    case Grey = 'grey';

    /** One ink from dark to paper white. */
    case Tint = 'tint';

    /** A darker twin, which does not glare on a dark page. */
    case Dim = 'dim';

    /** Its clear and covered parts alone, in one ink: handwriting. */
    case Ink = 'ink';

    /** So much of an ink laid over it that words read on it. */
    case Veiled = 'veiled';

    public function needsInk(): bool
    {
        return in_array($this, [self::Tint, self::Ink, self::Veiled], true);
    }
}
