<?php

namespace App\Words;

use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;

/** Words that scripts put on a page, as they name them: `words('…')`. */
final class ScriptWords
{
    /** @return array<string, string> message => what is said, in the language of the page; none in the source's */
    public static function said(): array
    {
        $language = App::getLocale();
        if ($language === Words::SOURCE) {
            return [];
        }

        return Cache::remember('words.scripts'.Words::edition(), 3600, function () use ($language): array {
            $said = [];
            foreach (File::allFiles(resource_path('js')) as $file) {
                foreach (self::of($file->getContents()) as $message) {
                    $said[$message] = Words::say($message, $language);
                }
            }

            return $said;
        });
    }

    /** @return list<string> */
    public static function of(string $script): array
    {
        preg_match_all('/\bwords\(\s*\'((?:\\\\.|[^\'\\\\])+)\'/', $script, $found);

        return array_map(stripslashes(...), $found[1]);
    }
}
