<?php

namespace App\Campaigns;

use App\Hooks\HookEvent;
use App\Hooks\Hooks;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Addresses a workspace writes to no more, whatever list they come back on. */
final class LeftAlone
{
    /** Why => how it is said. */
    public const WHY = ['left' => 'unsubscribed', 'bounced' => 'bounced', 'hand' => 'left alone'];

    /** @param  list<string>  $addresses */
    public static function add(int $workspace, array $addresses, string $why): void
    {
        foreach (array_chunk($addresses, 200) as $some) {
            $why === 'left' && self::tell($workspace, $some);
            DB::table('left_alone')->insertOrIgnore(array_map(fn (string $address): array => [
                'workspace_id' => $workspace, 'address' => mb_strtolower($address), 'why' => $why,
                'since' => (string) now(),
            ], $some));
        }
    }

    /** @param  list<string>  $addresses  those among them who left just now are told of */
    private static function tell(int $workspace, array $addresses): void
    {
        $addresses = array_map(mb_strtolower(...), $addresses);
        foreach (array_diff($addresses, self::of($workspace)->whereIn('address', $addresses)->pluck('address')
            ->all()) as $address) {
            Hooks::tell($workspace, HookEvent::RecipientLeft, '', ['email' => $address]);
        }
    }

    /** Those left alone by hand may be written to again; who left, or has no mailbox, has not. */
    public static function lift(int $workspace, string $address): void
    {
        DB::table('left_alone')->where(['workspace_id' => $workspace, 'address' => $address, 'why' => 'hand'])
            ->delete();
    }

    /** @return Builder their addresses, to be part of a query */
    public static function of(int $workspace): Builder
    {
        return DB::table('left_alone')->where('workspace_id', $workspace)->select('address');
    }
}
