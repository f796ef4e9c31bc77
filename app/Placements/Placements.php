<?php

namespace App\Placements;

use App\Models\StoredCard;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Situation;

/** Which card goes under messages from which address: one for each address and situation. */
final class Placements
{
    /** @return ?string name of the card that stood there before, if another */
    public static function put(StoredCard $card, string $address, Situation ...$situations): ?string
    {
        $other = null;
        foreach ($situations as $situation) {
            $at = [
                'workspace_id' => $card->workspace_id,
                'address' => mb_strtolower($address),
                'situation' => $situation->value,
            ];
            $name = DB::table('cards')
                ->whereIn('id', DB::table('placements')->where($at)->select('card_id'))
                ->where('id', '!=', $card->id)
                ->value('name');
            $other = is_string($name) ? $name : $other;
            DB::table('placements')->updateOrInsert($at, ['card_id' => $card->id]);
        }

        return $other;
    }

    /** Takes the card away from there, if it is there. */
    public static function take(StoredCard $card, string $address, Situation ...$situations): void
    {
        DB::table('placements')
            ->where([
                'workspace_id' => $card->workspace_id,
                'address' => mb_strtolower($address),
                'card_id' => $card->id,
            ])
            ->whereIn('situation', array_map(fn (Situation $situation) => $situation->value, $situations))
            ->delete();
    }
}
