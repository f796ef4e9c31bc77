<?php

namespace App\Answers;

use App\Handover\Parcels;
use App\Pictures\Bakery;
use App\Pictures\FarPicture;
use App\Pictures\HostedPictures;
use App\Proof\Prover;
use InkyCard\Brand\Brand;
use InkyCard\Card\Card;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Handover\Artifact;
use InkyCard\Handover\Destination;
use InkyCard\Handover\FarPictures;
use InkyCard\Handover\Formats;
use InkyCard\Handover\InsidePictures;
use InkyCard\Layout\Box;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;
use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Proof;
use InkyCard\Refusal;

/** What can be asked of a card document, whoever asks: the console or the API. Shapes are in docs/formats.md. */
final readonly class CardAnswers
{
    private const WIDTHS = [320, 480, 600];

    public function __construct(
        private Prover $prover,
        private Bakery $bakery,
        private FarPicture $far,
        private Parcels $parcels,
    ) {
    }

    /**
     * @param  string  $as  html, text or page
     * @param  string  $pictures  hosted or inline
     *
     * @throws Refusal
     */
    public function composed(Card $card, string $as, string $pictures): string
    {
        $hosted = match ($pictures) {
            'hosted' => true,
            'inline' => false,
            default => throw Refusal::because('Choose hosted or inline.', '/pictures'),
        };
        if (! in_array($as, ['html', 'text', 'page'], true)) {
            throw Refusal::because('Choose html, text or page.', '/as');
        }
        $sheet = Sheet::of($card);
        if ($as === 'text') {
            return PlainTextComposer::compose($sheet);
        }
        $composer = new HtmlComposer(
            $hosted ? HostedPictures::forExport() : new InsidePictures($this->bakery->today(...)),
        );
        $html = $as === 'page' ? $composer->page($sheet) : $composer->compose($sheet);

        return $hosted ? $html : FarPictures::inside($html, ($this->far)(...));
    }

    /**
     * @param  string  $width  of the window, px; empty for 320, 480 and 600
     * @return list<array<string, mixed>>
     *
     * @throws Refusal
     */
    public function measured(Card $card, string $width): array
    {
        if ($width !== '' && ! preg_match('/^\d{2,4}$/D', $width)) {
            throw Refusal::because('Write a number of pixels from 10 to 9999.', '/width');
        }
        $round = fn (float $pixels) => round($pixels, 2);

        return array_values(array_map(fn (Measured $at) => [
            'viewport' => $at->viewport,
            'width' => $round($at->width),
            'height' => $round($at->height),
            'overflow' => $round($at->overflow()),
            'pieces' => (object) array_map(fn (Box $box) => array_map($round, get_object_vars($box)), $at->boxes),
        ], Measure::at(Sheet::of($card), $width === '' ? self::WIDTHS : [(int) $width])));
    }

    /**
     * @param  ?Brand  $brand  it is held against; null for its own inks and typeface
     * @param  string  $client  one stand-in alone; empty for all
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    public function proof(Card $card, ?Brand $brand, string $client): array
    {
        $subject = $this->prover->subject($card, $brand ?? Brand::of(
            array_intersect_key($card->style->full(), ['inks' => 0, 'typeface' => 0]) + ['country' => $card->country],
        ));
        $proof = Proof::of($subject)->toArray();
        if ($client === '') {
            return $proof;
        }
        $client = Refusal::at('/client', fn () => MailClient::of($client));
        $concerns = fn (array $of) => $of['clients'] === [] || in_array($client->key, $of['clients'], true);

        return [
            'client' => $client->key, 'about' => $client->about,
            'findings' => array_values(array_filter($proof['findings'], $concerns)),
            'changes' => array_map(fn (Change $change) => $change->toArray(), $subject->reading($client->key)->changes),
        ];
    }

    /** The files a destination takes. @throws Refusal */
    public function artifact(Card $card, Destination $to): Artifact
    {
        return ($to->format() ?? Formats::of('source'))->build(
            $this->parcels->parcel($to->onPhone() ? Shorten::forPhone($card) : $card),
        );
    }
}
