<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use InkyCard\Card\CardJson;
use InkyCard\Card\Starter\Starter;
use InkyCard\Card\Starter\Starters;
use Symfony\Component\Console\Output\OutputInterface;

/** The starters, by name or as card documents filled with their samples. */
final class ListStarters extends Command
{
    protected $signature = 'inky:starters {--json : every starter as a card document, in one JSON object by key}';

    protected $description = 'List the starters';

    public function handle(): int
    {
        if ($this->option('json')) {
            $documents = array_map(
                fn (Starter $starter) => json_decode(CardJson::encode($starter->sample())),
                Starters::all(),
            );
            $this->output->writeln(
                json_encode(
                    $documents,
                    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return self::SUCCESS;
        }
        $this->table(
            ['Key', 'Name', 'Trade', 'Mood'],
            array_map(
                fn (Starter $starter) => [$starter->key, $starter->name, $starter->trade, $starter->mood],
                Starters::all(),
            ),
        );

        return self::SUCCESS;
    }
}
