<?php

namespace InkyCard\Verification;

use InkyCard\Type\CleanText;

/**
 * Which of many cards and revisions a message may carry, told by how many of
 * their documents' words are in it: composing all of them would take seconds.
 */
final class Ranking
{
    /** Cards, and earlier revisions of each, that are worth composing. */
    public const FEW = 4;

    /** Values of a document that are seen, of six characters and more. */
    private const SEEN = '/"(?:text|number|address|phrase|words|value)":("(?:[^"\\\\]|\\\\.){6,}")/';

    /** @var array<string, bool> value as JSON => whether it is in the message */
    private array $there = [];

    public function __construct(private readonly ReceivedMessage $message)
    {
    }

    /**
     * @template T of array-key
     *
     * @param  array<T, array<int, string>>  $cards  documents as JSON, by revision: the current one first
     * @return array<T, list<int>> the likeliest cards first, with the earlier revisions likeliest of each
     */
    public function likely(array $cards): array
    {
        $most = $earlier = [];
        foreach ($cards as $card => $documents) {
            $shares = array_map($this->share(...), $documents);
            $most[$card] = $shares === [] ? 0.0 : max($shares);
            unset($shares[array_key_first($documents)]);
            arsort($shares);
            $earlier[$card] = array_slice(array_keys($shares), 0, self::FEW);
        }
        arsort($most);
        $likely = array_keys(array_slice($most, 0, self::FEW, true));

        return array_combine($likely, array_map(fn ($card) => $earlier[$card], $likely));
    }

    /**
     * Whether any words of these documents are in the message.
     *
     * @param  array<string>  $documents  as JSON
     */
    public function isAny(array $documents): bool
    {
        return array_filter($documents, fn (string $document): bool => $this->share($document) > 0) !== [];
    }

    /** Share of the words of a document that are in the message, 0 to 1. */
    private function share(string $document): float
    {
        preg_match_all(self::SEEN, $document, $found);
        $there = array_filter($found[1], fn (string $json) => $this->there[$json] ??= $this->has($json));

        return $found[1] === [] ? 0.0 : count($there) / count($found[1]);
    }

    private function has(string $json): bool
    {
        $value = (string) preg_replace('~^https?://(?:www\.)?|/$~', '', (string) json_decode($json));
        $words = CleanText::seen($value);

        return $this->message->written->has($words) || $this->message->quoted->has($words);
    }
}
