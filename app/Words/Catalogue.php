<?php

namespace App\Words;

use App\Bench\Tuning;
use App\Help\Guide;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\File;
use InkyCard\Card\Starter\Starters;
use InkyCard\Type\LineStyle;

/** All words there are: what lang/en.json lists, and another language says in its own. */
final class Catalogue
{
    /** @return array<string, string> message => itself, in order */
    public static function all(): array
    {
        $found = [];
        foreach (File::allFiles(resource_path('views')) as $file) {
            $source = $file->getContents();
            $compiled = Blade::compileString($source);
            $found = [
                ...$found, ...TemplateWords::of($source), ...PhpWords::named($compiled),
                ...StandingWords::in((string) $file, $compiled),
            ];
        }
        foreach (['app', 'core', 'bootstrap/app.php'] as $place) {
            foreach (is_file(base_path($place)) ? [base_path($place)] : File::allFiles(base_path($place)) as $file) {
                $path = substr((string) $file, strlen(base_path()) + 1);
                if (str_ends_with($path, '.php')) {
                    $source = (string) file_get_contents((string) $file);
                    $found = [...$found, ...PhpWords::named($source), ...StandingWords::in($path, $source)];
                }
            }
        }
        foreach (File::allFiles(resource_path('js')) as $file) {
            $found = [...$found, ...ScriptWords::of($file->getContents())];
        }
        foreach (Starters::all() as $starter) {
            $found = [...$found, $starter->trade, $starter->mood, ...explode(', ', $starter->mood)];
        }
        $found = [
            ...$found, ...self::help(), ...array_column(LineStyle::cases(), 'value'), ...Tuning::SYMBOLS,
        ];
        $all = array_combine($found, $found);
        ksort($all);

        return $all;
    }

    /** @return list<string> */
    private static function help(): array
    {
        $said = array_keys(Guide::all());
        foreach (array_merge(...array_values(Guide::all())) as $topic) {
            $said = [...$said, $topic->title, $topic->says];
        }

        return $said;
    }

    public static function json(): string
    {
        return json_encode(
            self::all(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }
}
