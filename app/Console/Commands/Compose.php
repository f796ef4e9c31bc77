<?php

namespace App\Console\Commands;

use App\Pictures\HostedPictures;
use App\Pictures\InlinePictures;
use Illuminate\Console\Command;
use InkyCard\Card\CardJson;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

/** A card document in, its export out: for people who automate. */
final class Compose extends Command
{
    private const BAD_CARD = 2;

    protected $signature = 'inky:compose
        {card : a card document, inky-card/1; - reads standard input}
        {--as=html : html (the card alone), text, or page (a whole HTML document)}
        {--pictures=hosted : hosted (addresses of this application) or inline (data: URIs)}';

    protected $description = 'Compose a card document as mail HTML, plain text or a page';

    public function handle(): int
    {
        try {
            $composed = $this->compose();
        } catch (Refusal $refusal) {
            $output = $this->output->getOutput();
            $where = $refusal->path === '' ? '' : $refusal->path.': ';
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($where.$refusal->getMessage(), self::raw());

            return self::BAD_CARD;
        }
        $this->output->write($composed, str_ends_with($composed, "\n") ? false : true, self::raw());

        return self::SUCCESS;
    }

    /** @throws Refusal */
    private function compose(): string
    {
        $as = $this->option('as');
        $hosted = match ($this->option('pictures')) {
            'hosted' => true,
            'inline' => false,
            default => throw Refusal::because('--pictures is hosted or inline.'),
        };
        if (! in_array($as, ['html', 'text', 'page'], true)) {
            throw Refusal::because('--as is html, text or page.');
        }
        $sheet = Sheet::of(CardJson::decode($this->read((string) $this->argument('card'))));
        if ($as === 'text') {
            return PlainTextComposer::compose($sheet);
        }
        $composer = new HtmlComposer($hosted
            ? HostedPictures::forExport()
            : app(InlinePictures::class));

        return $as === 'page' ? $composer->page($sheet) : $composer->compose($sheet);
    }

    /** @throws Refusal */
    private function read(string $from): string
    {
        if ($from !== '-' && ! is_file($from)) {
            throw Refusal::because("There is no file $from.");
        }
        // One byte over the limit is enough to be refused; a stream without end is not read to its end.
        $bytes = @file_get_contents($from === '-' ? 'php://stdin' : $from, length: CardJson::MAX_BYTES + 1);

        return $bytes === false ? throw Refusal::because("The file $from cannot be read.") : $bytes;
    }

    /** The console's own markup has no meaning in what is composed. */
    private static function raw(): int
    {
        return \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW;
    }
}
