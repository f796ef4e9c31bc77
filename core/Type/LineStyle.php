<?php

namespace InkyCard\Type;

/** How a line is drawn, as CSS names it. */
enum LineStyle: string
{
    case Solid = 'solid';
    case Dashed = 'dashed';
    case Dotted = 'dotted';

    /** Two lines: from three pixels on. */
    case Double = 'double';
}
