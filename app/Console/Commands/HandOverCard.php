<?php

namespace App\Console\Commands;

use App\Answers\CardAnswers;
use InkyCard\Handover\Destination;
use InkyCard\Refusal;

/** A card document in, what a destination takes out, as files. */
final class HandOverCard extends AbstractCardCommand
{
    protected $signature = 'inky:hand-over
        {card : a card document, inky-card/1; - reads standard input}
        {--to= : a destination, such as outlook-windows}
        {--out=. : the folder the files go to; what is there is not overwritten}';

    protected $description = 'Hand a card document over to a destination, as files and directions';

    protected function result(): string
    {
        $destination = Destination::of($this->option('to'));
        $out = rtrim((string) $this->option('out'), '/');
        $artifact = app(CardAnswers::class)->artifact($this->card(), $destination);
        $written = [];
        foreach ($artifact->files as $file) {
            $path = "$out/".(count($artifact->files) > 1 ? "$artifact->name/" : '').$file->path;
            if (file_exists($path)) {
                throw Refusal::because('There is a :path already: name another folder.', values: ['path' => $path]);
            }
            if (! is_dir(dirname($path)) && ! @mkdir(dirname($path), recursive: true)) {
                throw Refusal::because('The folder :out cannot be written to.', values: ['out' => $out]);
            }
            if (@file_put_contents($path, $file->bytes) !== strlen($file->bytes)) {
                throw Refusal::because('The file :path cannot be written.', values: ['path' => $path]);
            }
            $written[] = $path;
        }

        return self::json([
            'destination' => $destination->key, 'files' => $written, 'steps' => $destination->steps,
            'check' => Destination::CHECK,
        ]);
    }
}
