<?php

namespace App\Campaigns;

use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\HardRecipients;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;

/** People messages go to, with what is filled in for them. */
final class Recipients
{
    /** Rows and columns of a table, and letters of a value. */
    private const ROWS = 20_000;

    private const COLUMNS = 40;

    private const VALUE = 300;

    /** What a column of mail addresses is called. */
    private const ADDRESS = '/^(e[-_ ]?mail|mail|address|e[-_ ]?mail[-_ ]?address|courriel|correo)$/i';

    /**
     * Rows from a table with headings: commas, semicolons or tabs (RFC 4180). All of them or none; the same address
     * again takes the place of what was known.
     *
     * @return array{int, list<string>} how many came, and what was noticed
     *
     * @throws Refusal
     */
    public static function bring(Workspace $workspace, string $table): array
    {
        [$headings, $rows] = self::rows($table);
        $at = array_values(array_filter(
            array_keys($headings), fn (int $column) => preg_match(self::ADDRESS, $headings[$column]) === 1,
        ))[0] ?? throw Refusal::because(
            'One column has to be called email: it tells whose row it is. The first line holds the headings.',
        );
        $found = [];
        $twice = 0;
        foreach ($rows as $line => $row) {
            try {
                $address = mb_strtolower(MailAddress::parse($row[$at] ?? '')->address);
            } catch (Refusal $refusal) {
                throw Refusal::because('Line :line: :says', values: ['line' => $line + 2, 'says' => $refusal->said]);
            }
            $twice += isset($found[$address]) ? 1 : 0;
            $values = [];
            foreach ($headings as $column => $heading) {
                $values[$heading] = mb_strimwidth(trim($row[$column] ?? ''), 0, self::VALUE, '…');
            }
            $found[$address] = $values;
        }
        foreach (array_chunk($found, 400, true) as $some) {
            DB::table('recipients')->upsert(array_map(fn (string $address, array $values): array => [
                'workspace_id' => $workspace->id, 'address' => $address,
                'data' => json_encode($values, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                'removed_at' => null,
            ], array_keys($some), $some), ['workspace_id', 'address'], ['data', 'removed_at']);
        }
        self::changed($workspace);

        return [count($found), self::noticed($workspace, $twice, $found)];
    }

    /**
     * @param  int  $twice  rows whose address stood there before
     * @param  array<string, array<string, string>>  $found  values by address
     * @return list<string> sentences
     */
    private static function noticed(Workspace $workspace, int $twice, array $found): array
    {
        $alone = count(array_intersect_key($found, LeftAlone::of($workspace->id)->pluck('address')->flip()->all()));
        $markup = count(array_filter($found, fn (array $values) => preg_grep('/[<>]|^[=+@]/', $values) !== []));

        return array_values(array_filter([
            $twice === 0 ? '' : trans_choice('An address stood there twice: the later row counts.'
                .'|:count addresses stood there twice: the later row counts.', $twice),
            $markup === 0 ? '' : trans_choice('A row holds markup or a formula: it is shown as text.'
                .'|:count rows hold markup or a formula: it is shown as text.', $markup),
            $alone === 0 ? '' : trans_choice('One of them is left alone: unsubscribed, or bounced.'
                .'|:count of them are left alone: unsubscribed, or bounced.', $alone),
        ]));
    }

    /**
     * @return array{list<string>, list<list<string>>} headings, rows
     *
     * @throws Refusal
     */
    private static function rows(string $table): array
    {
        $table = ltrim(mb_scrub($table), "\u{FEFF}\r\n ");
        $first = substr($table, 0, strcspn($table, "\r\n"));
        $sign = ',';
        foreach ([';', "\t"] as $other) {
            $sign = substr_count($first, $other) > substr_count($first, $sign) ? $other : $sign;
        }
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        fwrite($file, $table);
        rewind($file);
        $rows = [];
        while (($row = fgetcsv($file, null, $sign, '"', '')) !== false) {
            if ($row === [null]) {
                continue;
            }
            $rows[] = array_map(fn (?string $cell): string => (string) $cell, $row);
            if (count($rows) > self::ROWS + 1) {
                throw Refusal::because('At most :rows rows at once.', values: ['rows' => number_format(self::ROWS)]);
            }
        }
        $headings = array_map(trim(...), array_shift($rows) ?? []);
        if ($rows === [] || count($headings) > self::COLUMNS) {
            throw Refusal::because($rows === [] ? 'Headings in the first line, a recipient in each line below.'
                : 'A table has at most '.self::COLUMNS.' columns.');
        }

        return [$headings, $rows];
    }

    /**
     * Those a footer is most likely to come out wrong for; looked for once, until others come or go.
     *
     * @param  list<string>  $tokens  that are words
     * @param  string  $lang  of the footer, BCP 47
     * @return array<string, int> see HardRecipients
     */
    public static function hard(Workspace $workspace, array $tokens, string $lang): array
    {
        $state = Cache::get(self::changes($workspace), 0);
        $key = 'hard.'.hash('xxh128', (string) json_encode([$workspace->id, $state, $tokens, $lang]));

        return Cache::remember($key, now()->addDay(), fn (): array => HardRecipients::pick(
            self::of($workspace), $tokens, $lang,
        ));
    }

    /** Takes one off the list, or puts them back. @return bool whether there is such a one */
    public static function remove(Workspace $workspace, int $id, bool $back = false): bool
    {
        $found = DB::table('recipients')->where('workspace_id', $workspace->id)->where('id', $id)
            ->update(['removed_at' => $back ? null : (string) now()]);
        self::changed($workspace);

        return $found > 0;
    }

    /** @return Builder those on the list */
    public static function in(Workspace $workspace): Builder
    {
        return DB::table('recipients')->where('recipients.workspace_id', $workspace->id)
            ->whereNull('recipients.removed_at');
    }

    private static function changed(Workspace $workspace): void
    {
        Cache::forever(self::changes($workspace), bin2hex(random_bytes(6)));
    }

    private static function changes(Workspace $workspace): string
    {
        return "recipients.$workspace->id";
    }

    /** @return \Generator<int, array<string, string>> number => values */
    private static function of(Workspace $workspace): \Generator
    {
        foreach (self::in($workspace)->orderBy('id')->select(['id', 'data'])->cursor() as $row) {
            yield (int) $row->id => self::values($row);
        }
    }

    /** @return ?array<string, string> null where there is none */
    public static function one(Workspace $workspace, int $id): ?array
    {
        $row = self::in($workspace)->where('id', $id)->first();

        return $row === null ? null : self::values($row);
    }

    /** @return array<string, string> */
    private static function values(\stdClass $row): array
    {
        return array_map(strval(...), (array) json_decode((string) $row->data, true));
    }
}
