<?php

namespace InkyCard\House;

use InkyCard\Card\Card;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Piece;
use InkyCard\Roster\Person;
use InkyCard\Roster\Profile;

/**
 * A card a group follows. On each of theirs stands, piece by piece: what is locked, as it is; else what its person says
 * otherwise; else, on a blank, what is known of them, and where nothing is, the line is left out; else what is there.
 */
final readonly class HouseCard
{
    /** @var array<string, Piece> shown ones that are not locked, by id */
    private array $open;

    /** @var array<string, Piece> those of them each person fills in */
    private array $blank;

    /** @var array<string, array<string, mixed>> id of a blank => its fields with nothing said in them */
    private array $emptied;

    private function __construct(public Card $card)
    {
        $open = $emptied = [];
        foreach ($card->pieces as $piece) {
            if ($piece->shown && $piece->filledBy !== FilledBy::Us) {
                $open[$piece->id] = $piece;
                $emptied[$piece->id] = $piece->filledBy->isBlank() ? self::emptied($piece) : $piece->fields;
            }
        }
        $this->open = $open;
        $this->emptied = $emptied;
        $this->blank = array_filter($open, fn (Piece $piece): bool => $piece->filledBy->isBlank());
    }

    public static function of(Card $card): self
    {
        return new self($card);
    }

    /** @return list<Piece> what each person fills in, or may change, in order, as it is on the house card */
    public function open(): array
    {
        return array_values($this->open);
    }

    /** Somebody as a plate stamps them. */
    public function holder(string $id, Profile $profile, Own $own): Person
    {
        $fields = [];
        foreach ($this->open as $piece => $open) {
            if ($own->hidden !== [] && in_array($piece, $own->hidden, true)) {
                $fields[$piece] = [];
            } elseif (isset($this->blank[$piece]) || isset($own->fields[$piece])) {
                $fields[$piece] = $this->fields($open, $profile, $own);
            }
        }

        return new Person($id, $profile->name(), $fields);
    }

    /** Their card. */
    public function cardFor(Profile $profile, Own $own): Card
    {
        $holder = $this->holder('', $profile, $own);

        return $this->card->with(['pieces' => array_map(
            fn (Piece $piece): Piece => isset($this->open[$piece->id]) ? $piece->with([
                'fields' => $holder->fields[$piece->id] ?? $piece->fields, 'madeUp' => [],
                'shown' => ! in_array($piece->id, $own->hidden, true),
            ]) : $piece,
            $this->card->pieces,
        )]);
    }

    /** @return list<Piece> of their card: blanks that have to be filled in, and are not */
    public function lacking(Profile $profile, Own $own): array
    {
        $lacking = [];
        foreach ($this->open as $piece) {
            $theirs = $piece->with(['fields' => $this->fields($piece, $profile, $own)]);
            if ($piece->filledBy === FilledBy::Must && ($theirs->isBlank() || $theirs->lacking() !== [])) {
                $lacking[] = $theirs;
            }
        }

        return $lacking;
    }

    /** @return array<string, mixed> */
    private function fields(Piece $piece, Profile $profile, Own $own): array
    {
        $known = isset($this->blank[$piece->id])
            ? $piece->kind->ofPerson($profile, $piece, $this->card->country) + $this->emptied[$piece->id]
            : $this->emptied[$piece->id];

        return isset($own->fields[$piece->id]) ? $own->fields[$piece->id] + $known : $known;
    }

    /**
     * A blank with nothing of the example in it: what of it is known of people, or, where nothing is, all it says.
     *
     * @return array<string, mixed>
     */
    private static function emptied(Piece $piece): array
    {
        $nobody = $piece->kind->ofPerson(Profile::restore([]), $piece, 'ZZ');
        $said = $nobody === [] ? Piece::said($piece->kind, $piece->fields) : $nobody;

        return array_map(
            fn (mixed $value): string|array => is_array($value) ? [] : '', array_intersect_key($piece->fields, $said),
        ) + $piece->fields;
    }
}
