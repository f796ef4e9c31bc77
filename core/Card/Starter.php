<?php

namespace InkyCard\Card;

/** A finished card to start from: style, pieces, and made-up values marked as samples. */
final readonly class Starter
{
    /**
     * @param  string  $trade  whose work it suits
     * @param  string  $mood  how it comes across, in a word or two
     * @param  array<string, mixed>  $document  a card document without format and name
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $trade,
        public string $mood,
        private array $document,
    ) {
    }

    /** The starter as it is, every made-up value in it. */
    public function sample(): Card
    {
        return CardJson::read(['format' => CardJson::FORMAT, 'name' => $this->name] + $this->document);
    }

    /**
     * A card for somebody: what is known of them is filled in, the rest stays a sample.
     *
     * @param  array{name: string, email: string, company: string, web: string, country: string}  $facts  empty for unknown
     *
     * @throws \InkyCard\Refusal when a fact is not acceptable
     */
    public function begin(array $facts): Card
    {
        $known = array_filter([
            'name' => ['text' => $facts['name']],
            'email' => ['address' => $facts['email']],
            'company' => ['text' => $facts['company']],
            'web' => ['address' => $facts['web']],
        ], fn (array $fields) => implode('', $fields) !== '');
        $card = $this->sample()->with([
            'name' => trim($facts['name'].' — '.$this->name, ' —'),
            'country' => $facts['country'],
        ]);

        return $card->with(['pieces' => array_map(function (Piece $piece) use ($known, $facts) {
            $fields = $known[$piece->kind->key()] ?? null;

            return $fields === null ? $piece : $piece->with([
                'fields' => $piece->kind->accept([...$piece->fields, ...$fields], $facts['country']),
                'sample' => false,
            ]);
        }, $card->pieces)]);
    }
}
