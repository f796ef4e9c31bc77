<?php

namespace InkyCard\Card;

use InkyCard\Card\Content\Block;
use InkyCard\Link\CampaignTags;
use InkyCard\Link\LinkAction;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Which of a card's links carry campaign tags, and what the tags say. */
final readonly class Tagging
{
    private const MAX_OFF = 200;

    /**
     * @param  string  $campaign  what is being promoted now, in words; empty when nothing in particular
     * @param  list<string>  $off  ids of pieces and addresses that stay as they are
     * @param  array<array-key, mixed>  $document  as read, unknown keys and all
     */
    private function __construct(
        public string $campaign,
        public CampaignTags $tags,
        public array $off,
        private array $document,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $document  the `tags` object of a card document
     *
     * @throws Refusal
     */
    public static function of(array $document): self
    {
        $patterns = $document['patterns'] ?? [];
        $patterns = $patterns instanceof \stdClass ? (array) $patterns : $patterns;
        if (! is_array($patterns)) {
            throw Refusal::because('The patterns are a JSON object.', '/patterns');
        }
        $off = $document['off'] ?? [];
        if (! is_array($off) || count($off) > self::MAX_OFF || array_filter($off, is_string(...)) !== $off) {
            throw Refusal::because('What is left without tags is a list of pieces and addresses.', '/off');
        }

        return new self(
            Refusal::at('/campaign', fn () => CleanText::of($document['campaign'] ?? '', 80, 'campaign')),
            Refusal::at('/patterns', fn () => CampaignTags::of($patterns)),
            array_values($off),
            $document,
        );
    }

    /**
     * @param  array<string, mixed>  $changes  parts of the document
     *
     * @throws Refusal
     */
    public function with(array $changes): self
    {
        return self::of([...$this->document, ...$changes]);
    }

    /** @return array<array-key, mixed> */
    public function toArray(): array
    {
        return [
            'campaign' => $this->campaign, 'patterns' => (object) ($this->tags->patterns + $this->others()),
            'off' => $this->off,
        ] + $this->document;
    }

    /** @return array<array-key, mixed> patterns of tags this version does not know */
    private function others(): array
    {
        $patterns = $this->document['patterns'] ?? [];

        return $patterns instanceof \stdClass ? (array) $patterns : (is_array($patterns) ? $patterns : []);
    }

    /**
     * A piece's blocks with their links tagged.
     *
     * @param  list<Block>  $blocks
     * @param  string  $piece  its id
     * @param  \Closure(): array<string, string>  $tags  what the tags say there, asked for when there is a link
     * @return list<Block>
     */
    public function on(array $blocks, string $piece, \Closure $tags): array
    {
        if (in_array($piece, $this->off, true)) {
            return $blocks;
        }
        $filled = null;
        $to = function (string $href) use (&$filled, $piece, $tags): string {
            return $this->isOn($href, $piece) ? CampaignTags::on($href, $filled ??= $tags()) : $href;
        };

        return array_map(fn (Block $block) => $block->withLinks($to), $blocks);
    }

    /**
     * Whether a link of a piece is to carry tags.
     *
     * @param  string  $piece  its id
     */
    public function isOn(string $href, string $piece): bool
    {
        return ! in_array($piece, $this->off, true) && ! in_array($href, $this->off, true)
            && LinkAction::of($href)->tellsTags();
    }
}
