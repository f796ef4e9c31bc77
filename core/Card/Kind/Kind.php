<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Content\Block;
use InkyCard\Link\ProfileLink;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\Time\Window;

/** A kind of piece: what it asks for, what it accepts, what it puts on the card, and what it is to others. */
interface Kind
{
    /** Its name in the card document. */
    public function key(): string;

    public function label(): string;

    /** What it is for, in one sentence. */
    public function purpose(): string;

    /** Name of its pictogram in the open icon set. */
    public function icon(): string;

    /** Where it goes unless placed elsewhere. */
    public function zone(): Zone;

    public function can(Capability $capability): bool;

    /** @return list<string> fields that are filled from elsewhere: a feed, the firm's list */
    public function following(Filled $piece): array;

    /** Whether it shows a picture and leads where its workspace says on the day a message is opened. */
    public function isHosted(Filled $piece): bool;

    /** @return list<Field> */
    public function fields(): array;

    /** Name of the field that says what the piece is about. */
    public function mainField(): string;

    /**
     * @return array{string, int, int}|null the field its size is dragged by (`button`: its padding, which the style
     *                                      has), smallest and largest in CSS px; null when it has none
     */
    public function resizes(): ?array;

    /**
     * @return list<'ink'|'face'|'size'|'bold'|'italic'|'caps'|'underline'|'align'|'gap'|'joined'|'call'> what of its
     *     look can be set for one piece alone
     */
    public function tunes(): array;

    /**
     * Checks and puts in canonical form the fields it knows; leaves others out.
     *
     * @param  array<array-key, mixed>  $fields
     * @param  string  $country  ISO 3166-1 alpha-2, for numbers without a country
     * @return array<string, mixed>
     *
     * @throws Refusal with the path `/<field>`
     */
    public function accept(array $fields, string $country): array;

    /**
     * @return list<Block> empty when there is nothing to show: the line is left out
     */
    public function content(Filled $piece, CardContext $card): array;

    /** @return list<string> fields without which it is not on the card, once others of it are filled */
    public function needs(): array;

    /** Its value in a few words, for a list of pieces; empty when nothing is filled in. */
    public function summary(Filled $piece): string;

    /** @return array<string, mixed> fields a piece of this kind starts with; empty values for what is not known */
    public function standing(Standing $known): array;

    /**
     * @return array<string, mixed> fields that change with the brand: those a piece has as it was, as it comes to be
     */
    public function follow(Filled $piece, Standing $was, Standing $is): array;

    /**
     * What it says where its holder is known: those of its fields that follow from them, as it accepts them, empty
     * where nothing is known. None for a kind that says nothing of a person.
     *
     * @param  string  $country  ISO 3166-1 alpha-2, whose way of writing numbers a card has
     * @return array<string, string|list<string>>
     */
    public function ofPerson(Profile $person, Filled $piece, string $country): array;

    /** The fact of a person its main field says; null for none. */
    public function knownBy(Filled $piece): ?ProfileFact;

    /** When what it says holds; null for always. */
    public function window(Filled $piece): ?Window;

    /** @return list<ProfileLink> */
    public function profiles(Filled $piece): array;

    /** @return list<ContactProperty> what it says in a contact of its holder */
    public function contactProperties(Filled $piece): array;
}
