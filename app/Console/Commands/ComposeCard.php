<?php

namespace App\Console\Commands;

use App\Answers\CardAnswers;

/** A card document in, its export out: for people who automate. */
final class ComposeCard extends AbstractCardCommand
{
    protected $signature = 'inky:compose
        {card : a card document, inky-card/1; - reads standard input}
        {--as=html : html (the card alone), text, or page (a whole HTML document)}
        {--pictures=hosted : hosted (addresses of this application) or inline (data: URIs)}';

    protected $description = 'Compose a card document as mail HTML, plain text or a page';

    protected function result(): string
    {
        return app(CardAnswers::class)->composed(
            $this->card(), (string) $this->option('as'), (string) $this->option('pictures'),
        );
    }
}
