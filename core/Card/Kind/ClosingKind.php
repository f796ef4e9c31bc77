<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\Type\CleanText;

final class ClosingKind extends AbstractPictureKind
{
    protected const CAN = [Capability::Personal, Capability::Handwriting];

    public function __construct()
    {
        parent::__construct(
            'closing', 'Closing', 'pen', 'The last words of the letter, and the name by hand if you like.',
            Zone::Before, [40, 320], 160, 'Maren',
        );
    }

    public function tunes(): array
    {
        return ['ink', 'size', 'bold', 'gap', 'align'];
    }

    public function fields(): array
    {
        return [
            new Field('phrase', 'Phrase', example: 'Warmly,', ready: ReadyWords::CLOSINGS),
            new Field(
                'picture', 'Name by hand', 'picture',
                'A picture of your written name. Its paper is taken away, its ink is the card\'s.',
            ),
            new Field(
                'moving', 'Writing', 'choice', 'Moving things can look unprofessional; it plays once.',
                choices: ['' => 'stands still', 'once' => 'writes itself once'],
            ),
            ...array_slice(parent::fields(), 1),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'phrase' => self::optional($fields, 'phrase', fn ($raw) => CleanText::of($raw, 80, 'phrase')),
            'moving' => ($fields['moving'] ?? '') === 'once' ? 'once' : '',
        ] + parent::accept($fields, $country);
    }

    /** The phrase stands without a written name, and the other way round. */
    public function needs(): array
    {
        return [];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $phrase = $piece->text('phrase');

        return [
            ...$phrase === ''
                ? []
                : [new Content\LineBlock([self::run($piece, $card, $phrase, InkRole::Body,
                    $card->style->sizes->text)])],
            ...parent::content($piece, $card),
        ];
    }

    protected function recipe(Filled $piece, CardContext $card, string $ref, int $width, int $height): Recipe
    {
        return PictureLook::recipe(
            $piece, $card, $ref, Shape::Square, $width, $height,
            moving: PictureRef::isHand($ref) && $piece->text('moving') !== '',
        );
    }

    public function summary(Filled $piece): string
    {
        return $piece->text('phrase') ?: parent::summary($piece);
    }

    /** A name is in place of the written one. */
    protected function unsaid(CardContext $card): string
    {
        return $card->holder ?: parent::unsaid($card);
    }

    public function ofPerson(Profile $person, Filled $piece, string $country): array
    {
        // Whose it is, is said by itself.
        return ['picture' => $person->text(ProfileFact::Hand), 'alt' => ''];
    }

    public function knownBy(Filled $piece): ProfileFact
    {
        return ProfileFact::Hand;
    }
}
