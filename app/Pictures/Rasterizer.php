<?php

namespace App\Pictures;

use InkyCard\Refusal;
use RuntimeException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** Draws SVG documents as PNG with librsvg. */
final class Rasterizer
{
    /** Of a drawing somebody brought, bytes. */
    private const MAX_BYTES = 1_000_000;

    /**
     * A drawing somebody brought: without the parts that could reach out for
     * other files, within a time and memory of its own.
     *
     * @throws Refusal
     */
    public function foreign(string $svg, int $width): string
    {
        if (strlen($svg) > self::MAX_BYTES) {
            throw Refusal::because('This SVG drawing is over 1 MB: simplify it, or save it as PNG.');
        }
        // Entities and includes are how a drawing reads files and grows without end; none is needed to draw a logo.
        if (preg_match('/<!ENTITY|<xi:include|\bxmlns:xi\b/i', $svg)) {
            throw Refusal::because('This SVG drawing uses entities or includes: save it as plain SVG or PNG.');
        }
        $process = Process::fromShellCommandline(
            'ulimit -v 1500000 && exec rsvg-convert --format=png --keep-aspect-ratio --width="$WIDTH" '
                .'--height="$WIDTH"',
            '/',
            ['WIDTH' => (string) $width],
            $svg,
            5,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException) {
            throw Refusal::because('This SVG drawing takes too long to draw: simplify it, or save it as PNG.');
        }

        return $process->isSuccessful()
            ? $process->getOutput()
            : throw Refusal::because(
                'This SVG drawing cannot be drawn: open it, save it again as plain SVG or PNG, and choose the new '
                    .'file.',
            );
    }

    /**
     * A drawing of our own, in the machine's faces and those that come with the application.
     *
     * @param  ?int  $width  px; null keeps the document's own size
     * @param  float  $zoom  of that size
     */
    public function png(string $svg, ?int $width = null, float $zoom = 1): string
    {
        return $this->pngs([$svg], $width, $zoom)[0];
    }

    /**
     * Several beside each other.
     *
     * @template K of array-key
     *
     * @param  array<K, string>  $svgs
     * @return array<K, string>
     */
    public function pngs(array $svgs, ?int $width = null, float $zoom = 1): array
    {
        // Pictures inside a drawing may be larger than its parser takes on its own.
        $command = [
            'rsvg-convert', '--format=png', '--unlimited', "--zoom=$zoom",
            ...$width === null ? [] : ['--width='.$width],
        ];
        $processes = array_map(fn (string $svg) => new Process(
            $command, env: ['FONTCONFIG_FILE' => dirname(__DIR__, 2).'/resources/faces/fonts.conf'], input: $svg,
            timeout: 20,
        ), $svgs);
        AtOnce::run($processes);

        return array_map(fn (Process $process) => $process->isSuccessful() ? $process->getOutput()
            : throw new RuntimeException('rsvg-convert did not draw: '.trim($process->getErrorOutput())), $processes);
    }
}
