<?php

namespace App\Search;

/** What somebody looks for: words that all have to be there, in any order and case. */
final readonly class Query
{
    private const MOST = 100;

    public string $text;

    /** @var list<string> */
    private array $words;

    /** Hits of one sort that are shown. */
    public const EACH = 6;

    public function __construct(string $typed)
    {
        $this->text = mb_substr(trim($typed), 0, self::MOST);
        $this->words = preg_split('/\s+/u', mb_strtolower($this->text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }

    public function isEmpty(): bool
    {
        return $this->words === [];
    }

    public function matches(string $text): bool
    {
        $text = mb_strtolower($text);

        return array_filter($this->words, fn (string $word) => ! str_contains($text, $word)) === [];
    }

    /** A pattern of SQL's LIKE: the text as it was typed. */
    public function like(): string
    {
        return '%'.addcslashes($this->text, '%_\\').'%';
    }
}
