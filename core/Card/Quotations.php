<?php

namespace InkyCard\Card;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/**
 * What a firm quotes, by topic, and which of it is said when: each in turn, so that none comes twice before all did.
 */
final readonly class Quotations
{
    /**
     * Between the words and whose they are, where somebody pastes them: a dash with room around it, or a bar. A dash
     * within a sentence has words of its own behind it, so the last one counts.
     */
    private const WHOSE = '/^(.+\S)\s*(?:\s[–—-]{1,2}\s|\|)\s*([^–—|]{1,80})$/u';

    /** @param  list<array{topic: string, text: string, by: string, address: string}>  $all  in order */
    public function __construct(private array $all)
    {
    }

    /**
     * The card with what is said on a day, or the time it is handed over.
     *
     * @param  int  $taken  how often it was handed over before
     */
    public function on(Card $card, Day $day, int $taken): Card
    {
        foreach ($card->pieces as $piece) {
            $quote = $piece->can(Capability::Quotation) ? $this->due($piece, $day, $taken) : null;
            if ($quote !== null && array_intersect_key($piece->fields, $quote) != $quote) {
                $card = $card->replacing($piece->with(['fields' => $quote + $piece->fields]));
            }
        }

        return $card;
    }

    /** @return ?array{text: string, by: string, address: string} null where the piece says its own */
    private function due(Piece $piece, Day $day, int $taken): ?array
    {
        $follows = $piece->text('follows');
        $of = $follows === '' ? [] : $this->of($piece->text('topic'));

        return $of === [] ? null
            : $of[($follows === 'day' ? intdiv($day->seconds(), 86_400) : $taken) % count($of)];
    }

    /** @return list<array{text: string, by: string, address: string}> of a topic, whatever its case; of all for none */
    public function of(string $topic): array
    {
        $is = fn (array $one): bool => $topic === '' || mb_strtolower($one['topic']) === mb_strtolower($topic);

        return array_map(
            fn (array $one) => ['text' => $one['text'], 'by' => $one['by'], 'address' => $one['address']],
            array_values(array_filter($this->all, $is)),
        );
    }

    /**
     * One as somebody writes or pastes it: words, in quotation marks or not, and behind a dash whose they are.
     *
     * @return array{text: string, by: string, address: string} as the kind of piece accepts them
     *
     * @throws Refusal
     */
    public static function parse(string $line, string $by = '', string $address = ''): array
    {
        $line = trim($line);
        if ($by === '' && preg_match(self::WHOSE, $line, $part) === 1) {
            [, $line, $by] = $part;
        }
        $line = preg_replace('/^[“„«"‚‘\']+\s*(.*?)\s*[”“»"’\']+$/us', '$1', trim($line)) ?? $line;
        $fields = Kinds::of('quote')->accept(['text' => $line, 'by' => trim($by), 'address' => $address], 'GB');
        if ($fields['text'] === '') {
            throw Refusal::because('Write what was said.', '/text');
        }

        return ['text' => $fields['text'], 'by' => $fields['by'], 'address' => $fields['address']];
    }
}
