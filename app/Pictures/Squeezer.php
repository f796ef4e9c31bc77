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
        return $this->all([$baked])[0];
    }

    /**
     * Several beside each other.
     *
     * @param  bool  $flat  they are drawn in few inks: a quick look finds those, in a third of the time and with a
     *     third more bytes, and dots between two inks would be seen
     *
     * @template K of array-key
     *
     * @param  array<K, Baked>  $pictures
     * @return array<K, Baked>
     */
    public function all(array $pictures, bool $flat = false): array
    {
        static $program = null;
        $program ??= (new ExecutableFinder)->find('pngquant') ?? '';
        $heavy = array_filter($pictures, fn (Baked $baked) => $baked->extension === 'png'
            && strlen($baked->bytes) > self::LIGHT && $program !== '');
        $processes = array_map(fn (Baked $baked) => new Process(
            [
                $program, '--quality='.self::QUALITY, ...$flat ? ['--speed=10', '--nofs'] : ['--speed=4'], '--strip',
                '-',
            ], input: $baked->bytes, timeout: 20,
        ), $heavy);
        AtOnce::run($processes);
        foreach ($processes as $at => $process) {
            $light = $process->getOutput();
            if ($process->isSuccessful() && $light !== '' && strlen($light) < strlen($heavy[$at]->bytes)) {
                $pictures[$at] = self::lightened($heavy[$at], $light);
            }
        }

        return $pictures;
    }

    private static function lightened(Baked $baked, string $light): Baked
    {
        return new Baked($light, 'png', $baked->width, $baked->height, $baked->why.sprintf(
            '; 256 colours took it from %d to %d KB', strlen($baked->bytes) / 1000, strlen($light) / 1000,
        ));
    }
}
