<?php

namespace InkyCard\Card;

use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Style\Style;
use InkyCard\Card\Style\Tuning;
use InkyCard\Refusal;
use InkyCard\Time\Window;

/**
 * The card document, `inky-card/1`: UTF-8 JSON, described in docs/formats.md.
 * Keys it does not know are kept where they stood.
 */
final class CardJson
{
    public const FORMAT = 'inky-card/1';

    /** Room for a few pictures carried inside as data: URIs. */
    public const MAX_BYTES = 8_000_000;

    /** @throws Refusal */
    public static function decode(string $json): Card
    {
        return self::parse($json, trusted: false);
    }

    /**
     * Reads back what `encode` wrote: its fields were accepted then and are not checked again.
     *
     * @throws Refusal when it was written by something else
     */
    public static function restore(string $json): Card
    {
        return self::parse($json, trusted: true);
    }

    private static function parse(string $json, bool $trusted): Card
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw Refusal::because('This card document is over 8 MB.');
        }
        try {
            $document = json_decode($json, false, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            throw Refusal::because(
                'This is not a JSON document: :reason.', values: ['reason' => lcfirst($broken->getMessage())],
            );
        }

        return $document instanceof \stdClass ? self::document((array) $document, $trusted)
            : throw Refusal::because('A card document is a JSON object.');
    }

    /**
     * @param  array<array-key, mixed>  $document  objects within may be arrays or stdClass; what is unknown stays what
     *                                             it is
     *
     * @throws Refusal
     */
    public static function read(array $document): Card
    {
        return self::document($document, trusted: false);
    }

    /** @param  array<array-key, mixed>  $document */
    private static function document(array $document, bool $trusted): Card
    {
        if (($document['format'] ?? null) !== self::FORMAT) {
            throw Refusal::because('A card document says "format": ":format".', '/format', ['format' => self::FORMAT]);
        }
        $country = $document['country'] ?? 'GB';
        $style = self::object($document, 'style');
        $pieces = [];
        foreach (self::list($document, 'pieces') as $index => $piece) {
            if ($index >= Card::MAX_PIECES) {
                throw Refusal::because(
                    'A card holds at most :max_pieces pieces.', '/pieces', ['max_pieces' => Card::MAX_PIECES],
                );
            }
            $pieces[] = Refusal::at(
                "/pieces/$index",
                fn () => self::piece($piece, is_string($country) ? $country : '', $trusted),
            );
        }

        return Card::of(
            $document['name'] ?? '',
            $document['lang'] ?? 'en',
            $country,
            Refusal::at('/arrangement', fn () => Arrangement::of(self::text($document, 'arrangement', 'picture-left'))),
            Refusal::at('/style', fn () => Style::of($style)),
            $pieces,
            self::unknown($document, [
                'format', 'name', 'lang', 'country', 'arrangement', 'style', 'tags', 'counted', 'pieces', 'forms',
            ]) + array_filter(['forms' => array_diff_key(self::object($document, 'forms'), Form::FOR)]),
            ($document['tags'] ?? null) === null
                ? null
                : Refusal::at('/tags', fn () => Tagging::of(self::object($document, 'tags'))),
            self::truth($document, 'counted', false),
            forms: self::forms(self::object($document, 'forms')),
        );
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<string, Form>
     *
     * @throws Refusal
     */
    private static function forms(array $document): array
    {
        $forms = [];
        foreach (array_intersect_key($document, Form::FOR) as $for => $form) {
            $forms[$for] = Refusal::at("/forms/$for", fn () => Form::of(
                self::asObject($form) ?? throw Refusal::because('A form is a JSON object.'),
            ));
        }

        return $forms;
    }

    public static function encode(Card $card): string
    {
        return json_encode(
            self::toDocument($card),
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        );
    }

    /** @return array<string, mixed> */
    private static function toDocument(Card $card): array
    {
        return [
            'format' => self::FORMAT,
            'name' => $card->name,
            'lang' => $card->lang,
            'country' => $card->country,
            'arrangement' => $card->arrangement->key,
            'style' => (object) $card->style->toArray(),
        ]
            + ($card->tags === null ? [] : ['tags' => $card->tags->toArray()])
            + ($card->counted ? ['counted' => true] : [])
            + ['pieces' => array_map(self::pieceDocument(...), $card->pieces)]
            + self::formsDocument($card)
            + $card->unknown;
    }

    /** @return array{forms?: array<array-key, mixed>} with those this version does not know */
    private static function formsDocument(Card $card): array
    {
        $forms = array_map(fn (Form $form) => (object) $form->toArray(), $card->forms)
            + (array) ($card->unknown['forms'] ?? []);

        return $forms === [] ? [] : ['forms' => $forms];
    }

    private static function piece(mixed $document, string $country, bool $trusted): Piece
    {
        $document = self::asObject($document) ?? throw Refusal::because('A piece is a JSON object.');
        $id = $document['id'] ?? null;
        if (! is_string($id) || ! preg_match('/^[A-Za-z0-9_-]{1,40}$/D', $id)) {
            throw Refusal::because('A piece has an id of letters, digits, - and _.', '/id');
        }
        $kind = Refusal::at('/kind', fn () => Kinds::of($document['kind'] ?? null));
        $fields = self::object($document, 'fields');
        $known = $trusted ? $fields : Refusal::at('/fields', fn () => $kind->accept($fields, $country));
        $tuning = self::object($document, 'tuning');
        $window = self::object($document, 'window');
        $joined = $document['joined'] ?? null;
        if ($joined !== null
            && (! is_string($joined) || mb_strlen($joined) > 8 || preg_match('/[<>\p{Cc}]/u', $joined))) {
            throw Refusal::because('The separator is at most 8 characters.', '/joined');
        }

        return new Piece(
            $id,
            $kind,
            Zone::tryFrom(self::text($document, 'zone', $kind->zone()->value))
                ?? throw Refusal::because('A zone is one of: :choices.', '/zone', [
                    'choices' => implode(', ', array_column(Zone::cases(), 'value')),
                ]),
            $known + self::unknown($fields, array_keys($known)),
            self::truth($document, 'shown', true),
            self::madeUp($document, Piece::facts($kind, $known)),
            $joined,
            FilledBy::tryFrom(self::text($document, 'filledBy', FilledBy::Free->value))
                ?? throw Refusal::because('A piece is filled by us, person, must or free.', '/filledBy'),
            Refusal::at('/tuning', fn () => Tuning::of($tuning)),
            $window === [] ? null
                : Refusal::at('/window', fn () => Window::parse($window['from'] ?? null, $window['until'] ?? null)),
            self::unknown($document, [
                'id', 'kind', 'zone', 'fields', 'shown', 'sample', 'joined', 'filledBy', 'tuning', 'window',
            ]),
        );
    }

    /** @return array<string, mixed> defaults left out */
    private static function pieceDocument(Piece $piece): array
    {
        return array_filter([
            'id' => $piece->id,
            'kind' => $piece->kind->key(),
            'zone' => $piece->zone->value,
            'fields' => (object) $piece->fields,
            'shown' => $piece->shown ? null : false,
            'sample' => $piece->madeUp === []
                ? null
                : ($piece->madeUp == Piece::facts($piece->kind, $piece->fields) ?: (object) $piece->madeUp),
            'joined' => $piece->joined,
            'filledBy' => $piece->filledBy === FilledBy::Free ? null : $piece->filledBy->value,
            'tuning' => $piece->tuning->toArray() === [] ? null : (object) $piece->tuning->toArray(),
            'window' => $piece->window?->toArray(),
        ], fn ($value) => $value !== null) + $piece->unknown;
    }

    /**
     * `true` for all it says, or an object of the fields that are made up.
     *
     * @param  array<array-key, mixed>  $document
     * @param  array<string, mixed>  $facts
     * @return array<string, mixed>
     */
    private static function madeUp(array $document, array $facts): array
    {
        $given = $document['sample'] ?? false;
        if (is_bool($given)) {
            return $given ? $facts : [];
        }
        $madeUp = self::asObject($given) ?? throw Refusal::because('A sample is true, or an object.', '/sample');
        foreach ($madeUp as $value) {
            if (! is_string($value) && (! is_array($value) || $value !== array_filter($value, is_string(...)))) {
                throw Refusal::because('What was made up is text.', '/sample');
            }
        }

        return $madeUp;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function object(array $document, string $key): array
    {
        return self::asObject($document[$key] ?? []) ?? throw Refusal::because(
            'The :key is a JSON object.', "/$key", ['key' => $key],
        );
    }

    /** @return array<array-key, mixed>|null null when it is no object */
    private static function asObject(mixed $value): ?array
    {
        return match (true) {
            $value instanceof \stdClass => (array) $value,
            is_array($value) && ($value === [] || ! array_is_list($value)) => $value,
            default => null,
        };
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<mixed>
     */
    private static function list(array $document, string $key): array
    {
        $value = $document[$key] ?? [];

        return is_array($value) && array_is_list($value) ? $value
            : throw Refusal::because('The :key are a JSON array.', "/$key", ['key' => $key]);
    }

    /** @param  array<array-key, mixed>  $document */
    private static function text(array $document, string $key, string $default): string
    {
        $value = $document[$key] ?? $default;

        return is_string($value) ? $value : throw Refusal::because('The :key is text.', "/$key", ['key' => $key]);
    }

    /** @param  array<array-key, mixed>  $document */
    private static function truth(array $document, string $key, bool $default): bool
    {
        $value = $document[$key] ?? $default;

        return is_bool($value) ? $value : throw Refusal::because(
            'The value of :key is true or false.', "/$key", ['key' => $key],
        );
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<string>  $known
     * @return array<string, mixed>
     */
    private static function unknown(array $document, array $known): array
    {
        return array_diff_key($document, array_flip($known));
    }
}
