<?php

namespace App\Console\Commands;

use App\Pictures\Library;
use InkyCard\Brand\InkProposal;
use InkyCard\Picture\Intake;
use InkyCard\Picture\Sampler;

/** A logo in, its colours and proposed inks out. */
final class TakeInks extends AbstractAnswer
{
    protected $signature = 'inky:inks {logo : a JPEG, PNG, GIF, WebP or SVG file; - reads standard input}';

    protected $description = 'Take inks by role from a logo, as JSON';

    public function __construct(private readonly Library $library)
    {
        parent::__construct();
    }

    protected function result(): string
    {
        $palette = Sampler::palette(
            $this->library->drawn($this->input((string) $this->argument('logo'), Intake::MAX_BYTES)),
        );
        $colours = array_column($palette->colours, 'colour');

        return self::json([
            'background' => $palette->background?->toHex(),
            'colours' => array_map(
                fn (array $of) => ['colour' => $of['colour']->toHex(), 'share' => $of['share']],
                $palette->colours,
            ),
            'inks' => array_map(fn ($ink) => $ink->toHex(), InkProposal::of($colours, $palette->background)),
        ]);
    }
}
