<?php

namespace App\Banners;

use Illuminate\Support\Facades\DB;
use InkyCard\Said;

/** Labels of cards: windows are for those of a label, and they are found by it. */
final class CardLabels
{
    /** @return list<string> those of a workspace, in order */
    public static function in(int $workspace): array
    {
        return self::texts(DB::table('card_labels')->join('cards', 'cards.id', 'card_id')
            ->where('workspace_id', $workspace)->distinct()->orderBy('label')->pluck('label')->all());
    }

    /**
     * @param  array<int>  $cards  numbers
     * @return array<int, list<string>> by card
     */
    public static function ofCards(array $cards): array
    {
        $labels = [];
        foreach (DB::table('card_labels')->whereIn('card_id', $cards)->orderBy('label')->get() as $row) {
            $labels[(int) $row->card_id][] = (string) $row->label;
        }

        return $labels;
    }

    /**
     * @param  array<int>  $cards
     * @param  list<string>  $labels
     */
    public static function put(array $cards, array $labels): void
    {
        foreach ($cards as $card) {
            foreach ($labels as $label) {
                DB::table('card_labels')->insertOrIgnore(['card_id' => $card, 'label' => Said::of($label)]);
            }
        }
        HeldAnswers::forget();
    }

    /**
     * @param  array<int>  $cards
     * @param  list<string>  $labels
     */
    public static function take(array $cards, array $labels): void
    {
        DB::table('card_labels')->whereIn('card_id', $cards)->whereIn('label', $labels)->delete();
        HeldAnswers::forget();
    }

    /**
     * @param  array<mixed>  $labels
     * @return list<string>
     */
    private static function texts(array $labels): array
    {
        return array_values(array_map(fn (mixed $label) => is_string($label) ? $label : '', $labels));
    }
}
