<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content\InitialsBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Colour\Contrast;
use InkyCard\Limits;
use InkyCard\Roster\Profile;
use InkyCard\Type\CleanText;

/** Initials in a shape: a sign of who writes that needs no picture. */
final class InitialsKind extends AbstractKind
{
    protected const CAN = [Capability::Personal];

    private const MOST = 4;

    private const DEFAULT_SIZE = 80;

    private const SHAPES = ['round' => 'Round', 'rounded' => 'Rounded', 'square' => 'Square', 'bare' => 'None'];

    /** Type size by the size of the shape, for one to four letters. */
    private const LETTERS = [1 => 0.5, 2 => 0.4, 3 => 0.34, 4 => 0.28];

    public function __construct()
    {
        parent::__construct(
            'initials', 'Initials', 'type',
            'Your initials in a shape: a sign of you that no reader blocks.', Zone::Beside,
        );
    }

    public function mainField(): string
    {
        return 'letters';
    }

    public function fields(): array
    {
        return [
            new Field('letters', 'Letters', help: 'One to four.', example: 'MO'),
            new Field('shape', 'Shape', 'choice', choices: self::SHAPES),
            new Field('size', 'Size', 'pixels', sprintf('Width and height, %d to %d px.', ...Limits::INITIALS)),
        ];
    }

    public function resizes(): array
    {
        return ['size', ...Limits::INITIALS];
    }

    public function tunes(): array
    {
        return ['ink', 'bold', 'italic', 'align', 'gap'];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'letters' => self::optional($fields, 'letters', fn ($raw) => CleanText::of($raw, self::MOST, 'letters')),
            'shape' => self::choice($fields, 'shape', self::SHAPES, 'round', 'Choose round, rounded, square or none.'),
            'size' => self::pixels($fields, 'size', Limits::INITIALS, self::DEFAULT_SIZE),
        ];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $text = $piece->text('letters');
        if ($text === '') {
            return [];
        }
        $size = (int) $piece->text('size');
        $fill = $piece->text('shape') === 'bare' ? null : $card->style->inkOf($piece->tuning(), InkRole::Accent);
        $letters = (int) min(self::MOST, max(1, grapheme_strlen($text) ?: 1));
        $type = round($size * self::LETTERS[$letters]);

        return [new InitialsBlock(
            new TextRun(
                $text, $fill === null ? $card->style->inkOf($piece->tuning(), InkRole::Accent)
                    : Contrast::readable($fill, $card->style->ink(InkRole::Paper)), $type,
                $piece->tuning()->bold ?? false, plain: '', italic: $piece->tuning()->italic ?? false,
                lineHeight: $size / $type,
            ),
            $size, $fill, ['round' => intdiv($size, 2), 'rounded' => 10][$piece->text('shape')] ?? 0,
        )];
    }

    public function standing(Standing $known): array
    {
        return array_filter(['letters' => self::of($known->holder)]);
    }

    public function ofPerson(Profile $person, Filled $piece, string $country): array
    {
        return ['letters' => self::of($person->name())];
    }

    private static function of(string $name): string
    {
        preg_match_all('/(?:^|\s)[^\p{L}]*(\p{L})/u', $name, $first);
        $letters = $first[1];

        return $letters === [] ? '' : mb_strtoupper($letters[0].(count($letters) > 1 ? end($letters) : ''));
    }

    /** They are the person's own. */
    public function follow(Filled $piece, Standing $was, Standing $is): array
    {
        return [];
    }
}
