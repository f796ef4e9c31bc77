<?php

namespace App\Pictures;

use InkyCard\Picture\Baked;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** Makes heavy PNGs lighter with pngquant, where it is installed: a palette chosen for the picture, soft edges kept. */
final class Squeezer
{
    /** PNGs up to this are light enough as they are, bytes. */
    private const LIGHT = 12_000;

    /** Below this quality, of 100, the picture is kept as it is. */
    private const QUALITY = '55-90';

    public function lighter(Baked $baked): Baked
    {
        static $program = null;
        $program ??= (new ExecutableFinder)->find('pngquant') ?? '';
        if ($baked->extension !== 'png' || strlen($baked->bytes) <= self::LIGHT || $program === '') {
            return $baked;
        }
        $process = new Process(
            [$program, '--quality='.self::QUALITY, '--speed=4', '--strip', '-'],
            input: $baked->bytes,
            timeout: 20,
        );
        $process->run();
        $light = $process->getOutput();

        return $process->isSuccessful() && $light !== '' && strlen($light) < strlen($baked->bytes)
            ? new Baked(
                $light,
                'png',
                $baked->width,
                $baked->height,
                $baked->why
                    .sprintf(
                        '; 256 colours took it from %d to %d KB',
                        strlen($baked->bytes) / 1000,
                        strlen($light) / 1000,
                    ),
            )
            : $baked;
    }
}
