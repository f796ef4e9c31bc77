<?php

namespace App\Console\Commands;

use Illuminate\Console\Command;
use InkyCard\Refusal;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A console command for people who automate: its result on standard output; bad input ends it with exit code 2 and one
 * sentence on standard error.
 */
abstract class AbstractAnswer extends Command
{
    private const BAD_INPUT = 2;

    public function handle(): int
    {
        try {
            $result = $this->result();
        } catch (Refusal $refusal) {
            $output = $this->output->getOutput();
            $where = $refusal->path === '' ? '' : $refusal->path.': ';
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln(
                $where.$refusal->getMessage(),
                OutputInterface::OUTPUT_RAW,
            );

            return self::BAD_INPUT;
        }
        // The console's own markup has no meaning in what is written.
        $this->output->write($result, ! str_ends_with($result, "\n"), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @throws Refusal */
    abstract protected function result(): string;

    /**
     * Reads a file, or standard input for -.
     *
     * @param  int<0, max>  $most  bytes; one more is read, so that whoever judges the size can refuse it
     *
     * @throws Refusal
     */
    protected function input(string $from, int $most): string
    {
        if ($from !== '-' && ! is_file($from)) {
            throw Refusal::because('There is no file :from.', values: ['from' => $from]);
        }
        // One byte over the limit is enough to be refused; a stream without end is not read to its end.
        $bytes = @file_get_contents($from === '-' ? 'php://stdin' : $from, length: $most + 1);

        return $bytes === false ? throw Refusal::because(
            'The file :from cannot be read.', values: ['from' => $from],
        ) : $bytes;
    }

    protected static function json(mixed $value): string
    {
        return json_encode(
            $value,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }
}
