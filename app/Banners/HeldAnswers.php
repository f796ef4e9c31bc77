<?php

namespace App\Banners;

use Illuminate\Support\Facades\File;

/** Answers of hosted places, kept until what they show changes (server.php). */
final class HeldAnswers
{
    /** Answers hold for so long at most, seconds: what is changed by hand reaches readers after that. */
    public const HOLDS = 3600;

    /**
     * Keeps an answer beside the application, where its server finds it without asking (server.php).
     *
     * @param  string  $path  of the address, such as /b/…
     * @param  array{file: string, type: string, tag: string, until: int}  $answer
     */
    public static function hold(string $path, array $answer): void
    {
        rescue(function () use ($path, $answer): void {
            File::ensureDirectoryExists(self::folder());
            File::replace(self::folder().'/'.hash('sha256', $path).'.json', (string) json_encode($answer));
        }, report: false);
    }

    /** What was kept no longer holds: something was changed by hand. */
    public static function forget(): void
    {
        rescue(fn () => File::isDirectory(self::folder()) && File::cleanDirectory(self::folder()), report: false);
    }

    private static function folder(): string
    {
        return storage_path('framework/places');
    }
}
