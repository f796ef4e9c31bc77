<?php

namespace App\Console\Commands;

use App\Words\Catalogue;
use App\Words\Words;
use Illuminate\Console\Command;

/** Lists all words of the application in lang/en.json, for who says them in another language. */
final class WriteWords extends Command
{
    protected $signature = 'inky:words';

    protected $description = 'List all words in lang/en.json; say which other languages lack some';

    public function handle(): int
    {
        file_put_contents(Words::file(Words::SOURCE), Catalogue::json());
        $all = Catalogue::all();
        $this->line(count($all).' messages.');
        foreach (array_keys(Words::languages()) as $language) {
            $said = array_filter(array_keys($all), fn (string $message) => Words::has($message, $language));
            $language === Words::SOURCE || $this->line("$language: ".(count($all) - count($said)).' not said yet.');
        }

        return self::SUCCESS;
    }
}
