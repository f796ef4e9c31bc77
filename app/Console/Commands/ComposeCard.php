<?php

namespace App\Console\Commands;

use App\Pictures\Bakery;
use App\Pictures\FarPicture;
use App\Pictures\HostedPictures;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Handover\FarPictures;
use InkyCard\Handover\InsidePictures;
use InkyCard\Layout\Sheet;
use InkyCard\Refusal;

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
        $as = $this->option('as');
        $hosted = match ($this->option('pictures')) {
            'hosted' => true,
            'inline' => false,
            default => throw Refusal::because('--pictures is hosted or inline.'),
        };
        if (! in_array($as, ['html', 'text', 'page'], true)) {
            throw Refusal::because('--as is html, text or page.');
        }
        $sheet = Sheet::of($this->card());
        if ($as === 'text') {
            return PlainTextComposer::compose($sheet);
        }
        $composer = new HtmlComposer(
            $hosted ? HostedPictures::forExport() : new InsidePictures(app(Bakery::class)->today(...)),
        );

        $html = $as === 'page' ? $composer->page($sheet) : $composer->compose($sheet);

        return $hosted ? $html : FarPictures::inside($html, app(FarPicture::class)(...));
    }
}
