<?php

namespace App\House;

use App\Models\StoredCard;
use App\Models\StoredPerson;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Field;
use InkyCard\Card\Piece;
use InkyCard\House\HouseCard;
use InkyCard\House\Own;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;

/** Somebody's own card, and what of it is theirs to say. */
final class OwnCard
{
    private const OF_PICTURES = ['alt', 'address'];

    private Own $own;

    private function __construct(
        private readonly House $house, private readonly HouseCard $by, private readonly StoredPerson $person,
        public readonly StoredCard $card,
    ) {
        $this->own = PersonalCards::own($card, $house, $by->card);
    }

    /** Null where their house card was never put, or they follow none. */
    public static function of(StoredPerson $person): ?self
    {
        $card = PersonalCards::of($person->workspace, $person->id);
        $house = $card?->house_id === null ? null : House::find($person->workspace, $card->house_id);
        $by = $house?->current();

        return $card === null || $house === null || $by === null || $card->archived_at !== null ? null
            : new self($house, $by, $person, $card);
    }

    public function document(): Document
    {
        return $this->card->document();
    }

    /** @return array<string, Piece> by id: what they can fill in, as it is on their card */
    public function open(): array
    {
        $open = [];
        foreach ($this->by->open() as $piece) {
            if (self::fields($piece) !== [] && ! $piece->isHosted()) {
                $open[$piece->id] = $this->document()->piece($piece->id);
            }
        }

        return $open;
    }

    /** @return list<Field> of a piece: what says something; its look is the firm's */
    public static function fields(Piece $piece): array
    {
        // Of a picture of theirs, the picture: what is said in its place says whose it is by itself.
        $without = $piece->kind->knownBy($piece)?->isPicture() === true ? self::OF_PICTURES : [];

        return array_values(array_filter($piece->kind->fields(), fn (Field $field): bool => $field->says()
            && ! in_array($field->name, [...$without, ...$piece->kind->following($piece)], true)));
    }

    /** @return ?array{share: float, across: float, down: float} which part of its picture shows; null without one */
    public function sliders(Piece $piece): ?array
    {
        $ref = $piece->kind->knownBy($piece)?->isPicture() === true ? $piece->text('picture') : '';

        return str_starts_with($ref, 'picture:') ? PictureRef::framing($ref)->sliders() : null;
    }

    public function isMust(Piece $piece): bool
    {
        return $piece->filledBy === FilledBy::Must;
    }

    /** Whether it says otherwise than what is known of them, or than the firm's words. */
    public function isOwn(Piece $piece): bool
    {
        return isset($this->own->fields[$piece->id]) || in_array($piece->id, $this->own->hidden, true);
    }

    /** @return list<string> labels of what has to be filled in, and is not */
    public function lacking(): array
    {
        return array_map(
            fn (Piece $piece): string => $piece->kind->label(), $this->by->lacking($this->person->known(), $this->own),
        );
    }

    /**
     * Takes what they typed: what was not known of them before is known from then on, for all their cards; what is
     * known otherwise is their word on this one. What is not acceptable is left as it was.
     *
     * @param  array<array-key, mixed>  $typed  piece id => field => value
     * @param  array<array-key, mixed>  $shown  id of a free piece => whether it is on the card
     * @return array<string, Refusal> `piece.field` => what is wrong with it
     */
    public function fill(array $typed, array $shown): array
    {
        $refused = [];
        foreach ($typed as $id => $fields) {
            try {
                is_array($fields) && $this->fillPiece((string) $id, $fields);
            } catch (Refusal $refusal) {
                $refused[trim("$id.".$refusal->field(), '.')] = $refusal;
            }
        }
        $refused += $this->show($shown);
        $this->keep();

        return $refused;
    }

    /**
     * @param  array<array-key, mixed>  $shown
     * @return array<string, Refusal>
     */
    private function show(array $shown): array
    {
        $refused = [];
        foreach ($shown as $id => $is) {
            try {
                $this->own = $this->own->showing($this->by->card, (string) $id, (bool) $is);
            } catch (Refusal $refusal) {
                $refused["$id.shown"] = $refusal;
            }
        }

        return $refused;
    }

    /**
     * @param  array<array-key, mixed>  $typed
     *
     * @throws Refusal
     */
    private function fillPiece(string $id, array $typed): void
    {
        $own = $this->own->filling($this->by->card, $id, $typed);
        $house = $this->by->card->piece($id);
        $was = $this->by->cardFor($this->person->known(), $this->own)->piece($id);
        $is = $was->with(['fields' => $own->fields[$id] + $was->fields]);
        if (Piece::said($is->kind, $is->fields) == Piece::said($was->kind, $was->fields)) {
            return;
        }
        if ($this->learn($house, $is)) {
            $this->own = $this->own->without($id);

            return;
        }
        // As it would be without a word of theirs: then there is none.
        $plain = $this->by->cardFor($this->person->known(), $this->own->without($id))->piece($id);
        $this->own = Piece::said($is->kind, $is->fields) == Piece::said($plain->kind, $plain->fields)
            ? $this->own->without($id) : $own;
    }

    /** Whether it became a fact that was not known. */
    private function learn(Piece $house, Piece $is): bool
    {
        $fact = $house->kind->knownBy($house);
        $value = $is->fields[$house->kind->mainField()] ?? '';
        if ($fact === null || ! $house->filledBy->isBlank() || $this->person->known()->has($fact)
            || in_array($value, ['', []], true)) {
            return false;
        }
        try {
            $profile = Profile::of(
                [$fact->value => $value] + $this->person->known()->toArray(), $this->house->card->document()->country,
            );
        } catch (Refusal) {
            return false;
        }
        $plain = $this->by->cardFor($profile, $this->own->without($house->id))->piece($house->id);
        if (Piece::said($plain->kind, $plain->fields) != Piece::said($is->kind, $is->fields)) {
            return false;
        }
        $this->person->keep($profile);

        return true;
    }

    private function keep(): void
    {
        DB::transaction(function (): void {
            DB::table('cards')->where('id', $this->card->id)->update(['own' => json_encode(
                $this->own->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            )]);
            PersonalCards::write($this->house, $this->by, $this->person, null, theirs: true);
        });
    }
}
