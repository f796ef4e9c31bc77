<?php

namespace App\Campaigns;

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
            DB::table('left_alone')->insertOrIgnore(array_map(fn (string $address): array => [
                'workspace_id' => $workspace, 'address' => mb_strtolower($address), 'why' => $why,
                'since' => (string) now(),
            ], $some));
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
