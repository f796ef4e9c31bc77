<?php

namespace InkyCard\Handover;

use InkyCard\Refusal;

/** Every form a card can be handed over in. */
final class Formats
{
    private const ALL = [
        Formats\Source::class,
        Formats\PrettySource::class,
        Formats\Page::class,
        Formats\SignatureFolder::class,
        Formats\MailSignature::class,
        Formats\HtmlFile::class,
        Formats\Letter::class,
        Formats\UnsentMessage::class,
        Formats\Fragment::class,
        Formats\VCardFour::class,
        Formats\VCardThree::class,
        Formats\Calendar::class,
        Formats\Drawn::class,
        Formats\OnePicture::class,
        Formats\Document::class,
    ];

    /** @return array<string, Format> */
    public static function all(): array
    {
        /** @var array<string, Format>|null $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            foreach (self::ALL as $class) {
                $format = new $class;
                $all[$format->key()] = $format;
            }
        }

        return $all;
    }

    /** @throws Refusal */
    public static function of(mixed $key): Format
    {
        return self::all()[is_string($key) ? $key : '']
            ?? throw Refusal::because(
                'A form is one of: :choices.', values: ['choices' => implode(', ', array_keys(self::all()))],
            );
    }
}
