<?php

namespace App\Pictures;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Draws SVG documents as PNG with librsvg. Only our own drawings come here. */
final class Rasterizer
{
    /** @param  ?int  $width  px; null keeps the document's own size */
    public function png(string $svg, ?int $width = null): string
    {
        $process = new Process(['rsvg-convert', '--format=png', ...($width === null ? [] : ['--width='.$width])], input: $svg, timeout: 20);
        $process->run();
        if (! $process->isSuccessful()) {
            throw new RuntimeException('rsvg-convert did not draw: '.trim($process->getErrorOutput()));
        }

        return $process->getOutput();
    }
}
