<?php

namespace InkyCard\Handover;

use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** What a firm adds to directions: a film of its own, and a word such as whom to ask. */
final readonly class HouseNote
{
    /** Characters. */
    public const NOTE = 300;

    /**
     * @param  string  $film  address; empty for none
     * @param  string  $note  empty for none
     */
    private function __construct(public string $film = '', public string $note = '')
    {
    }

    public static function none(): self
    {
        return new self;
    }

    /** @throws Refusal with the path of the field */
    public static function of(string $film, string $note): self
    {
        return new self(
            trim($film) === ''
                ? ''
                : Refusal::at('/film', fn () => WebAddress::parse($film, 'address of the film')->address),
            Refusal::at('/note', fn () => CleanText::of($note, self::NOTE, 'note')),
        );
    }

    /** @return list<string> in sentences, for plain text */
    public function lines(): array
    {
        return array_values(
            array_filter([$this->film === '' ? '' : "A film of these steps: $this->film", $this->note]),
        );
    }
}
