<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Refusal;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** A console command that reads a card document; a bad one ends it with exit code 2 and one sentence on standard error. */
abstract class ReadsCard extends Command
{
    private const BAD_CARD = 2;

    public function handle(): int
    {
        try {
            $result = $this->result();
        } catch (Refusal $refusal) {
            $output = $this->output->getOutput();
            $where = $refusal->path === '' ? '' : $refusal->path.': ';
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($where.$refusal->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::BAD_CARD;
        }
        // The console's own markup has no meaning in what is written.
        $this->output->write($result, ! str_ends_with($result, "\n"), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @throws Refusal */
    abstract protected function result(): string;

    /** @throws Refusal */
    protected function card(): Card
    {
        $from = (string) $this->argument('card');
        if ($from !== '-' && ! is_file($from)) {
            throw Refusal::because("There is no file $from.");
        }
        // One byte over the limit is enough to be refused; a stream without end is not read to its end.
        $bytes = @file_get_contents($from === '-' ? 'php://stdin' : $from, length: CardJson::MAX_BYTES + 1);

        return CardJson::decode($bytes === false ? throw Refusal::because("The file $from cannot be read.") : $bytes);
    }
}
