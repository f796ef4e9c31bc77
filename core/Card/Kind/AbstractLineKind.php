<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Card\Style\TypeSizes;
use InkyCard\Type\CleanText;

/** A kind that is one line of plain words in one look. */
abstract class AbstractLineKind extends AbstractKind
{
    /** Longest line kept, in graphemes. */
    private const MAX = 160;

    /** @param  'name'|'text'|'small'  $size  which of the style's sizes */
    public function __construct(
        string $key,
        string $label,
        string $icon,
        string $purpose,
        private readonly string $example,
        private readonly InkRole $ink = InkRole::Body,
        private readonly string $size = 'text',
        private readonly bool $bold = false,
    ) {
        parent::__construct($key, $label, $icon, $purpose);
    }

    public function tunes(): array
    {
        return $this->isSentence() ? [...parent::tunes(), 'underline'] : parent::tunes();
    }

    public function fields(): array
    {
        return [new Field('text', $this->label(), $this->isSentence() ? 'sentence' : 'text', example: $this->example)];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'text' => self::optional(
                $fields,
                'text',
                fn ($raw) => $this->isSentence()
                    ? self::linked($raw, self::MAX, strtolower($this->label()), $country)
                    : CleanText::of($raw, self::MAX, strtolower($this->label())),
            ),
        ];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $text = $piece->text('text');
        if ($text === '') {
            return [];
        }
        $size = $this->size($card->style->sizes);

        return [new Content\LineBlock($this->isSentence()
            ? self::sentence($piece, $card, $text, $this->ink, $size, $this->bold)
            : [self::run($piece, $card, $text, $this->ink, $size, $this->bold, guarded: $this->isGuarded())])];
    }

    /** Some of its words may lead somewhere; facts such as a name stand as they are. */
    protected function isSentence(): bool
    {
        return false;
    }

    /** A name is no number, and what else speaks of its holder shows it as it is. */
    public function isGuarded(): bool
    {
        return ! $this->can(Capability::Holder);
    }

    private function size(TypeSizes $sizes): float
    {
        return match ($this->size) {
            'name' => $sizes->name,
            'text' => $sizes->text,
            'small' => $sizes->small,
        };
    }
}
