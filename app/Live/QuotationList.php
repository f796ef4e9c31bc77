<?php

namespace App\Live;

use Illuminate\Support\Facades\DB;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Card\Quotations;

/** What a workspace quotes, as it is kept. */
final class QuotationList
{
    public static function of(int $workspace): Quotations
    {
        return self::read(DB::table('quotations')->where('workspace_id', $workspace)->whereNull('removed_at')
            ->orderBy('id')->get(['topic', 'text', 'by', 'address'])->all());
    }

    /** @return list<array<string, string>> all a piece may ever have said, the newest first */
    public static function ever(Piece $piece, int $workspace): array
    {
        if (! $piece->can(Capability::Quotation)) {
            return [];
        }
        $rows = DB::table('quotations')->where('workspace_id', $workspace)->orderByDesc('id')
            ->get(['topic', 'text', 'by', 'address'])->all();

        return self::read($rows)->of($piece->text('topic'));
    }

    /** @param  array<\stdClass>  $rows */
    private static function read(array $rows): Quotations
    {
        return new Quotations(array_values(array_map(fn (\stdClass $row): array => [
            'topic' => (string) $row->topic, 'text' => (string) $row->text, 'by' => (string) $row->by,
            'address' => (string) $row->address,
        ], $rows)));
    }
}
