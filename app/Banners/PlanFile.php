<?php

namespace App\Banners;

use App\Models\StoredBanner;
use App\Models\StoredWindow;
use App\Models\Workspace;
use App\Pictures\BannerPress;
use Illuminate\Support\Facades\DB;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use Sabre\VObject\Component\VCalendar;

/** The plan as a table (CSV, RFC 4180) and as entries of a calendar (RFC 5545). */
final class PlanFile
{
    private const COLUMNS = ['banner', 'name', 'from', 'from_time', 'until', 'until_time', 'for', 'priority', 'share',
        'sharing'];

    private const ROWS = 2_000;

    public static function table(Workspace $workspace): string
    {
        $out = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        fputcsv($out, self::COLUMNS, escape: '');
        foreach (self::windows($workspace) as $window) {
            $form = WindowForm::write($window, $workspace);
            fputcsv($out, array_map(fn (string $column) => match ($column) {
                'name' => self::name($window),
                'for' => $window->audience->words(),
                default => (string) $form[$column],
            }, self::COLUMNS), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    public static function calendar(Workspace $workspace): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Inky Card//EN', 'NAME' => "Banners, $workspace->name"]);
        $host = parse_url((string) config('app.url'), PHP_URL_HOST);
        foreach (self::windows($workspace) as $window) {
            $calendar->add('VEVENT', [
                'UID' => "window-$window->id@$host",
                'DTSTAMP' => Clock::utc(now()),
                'SUMMARY' => self::name($window),
                'DESCRIPTION' => 'For '.$window->audience->words(),
                'DTSTART' => Clock::utc(new \DateTimeImmutable("@$window->from")),
                'DTEND' => Clock::utc(new \DateTimeImmutable("@$window->until")),
                'TRANSP' => 'TRANSPARENT',
            ]);
        }

        return $calendar->serialize();
    }

    /**
     * @return int how many windows came
     *
     * @throws Refusal with the row it is about: nothing is brought then
     */
    public static function bring(Workspace $workspace, string $bytes, BannerPress $press): int
    {
        $rows = self::rows($bytes);
        $cards = PlanRows::cards($workspace->id);

        return DB::transaction(function () use ($rows, $workspace, $cards, $press): int {
            foreach ($rows as $line => $row) {
                try {
                    $banner = self::banner($workspace, $row);
                    $banner->put === null ? $banner->putOut($press) : null;
                    StoredWindow::keep($workspace, WindowForm::read(
                        ['banner' => (string) $banner->id] + self::audience($row['for'] ?? '') + $row,
                        $workspace, $cards,
                    ));
                } catch (Refusal $refusal) {
                    throw Refusal::because(
                        'Row :line: :says Nothing was brought in.',
                        values: ['line' => $line, 'says' => $refusal->said],
                    );
                }
            }

            return count($rows);
        });
    }

    /** @return array<int, array<string, string>> number of a line => column => value */
    private static function rows(string $bytes): array
    {
        $in = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No memory for a table.');
        fwrite($in, (string) preg_replace('/^\xEF\xBB\xBF/', '', mb_scrub($bytes)));
        rewind($in);
        $head = array_map(fn (?string $name) => mb_strtolower(trim((string) $name)), fgetcsv($in, escape: '') ?: []);
        if (array_diff(['from', 'until'], $head) !== []) {
            throw Refusal::because('The first row names the columns: banner or name, from, until, for.');
        }
        $rows = [];
        for ($line = 2; ($cells = fgetcsv($in, escape: '')) !== false; $line++) {
            if (array_filter($cells, fn (?string $cell) => trim((string) $cell) !== '') !== []) {
                $cells = array_map(fn (?string $cell) => trim((string) $cell), array_pad($cells, count($head), ''));
                $rows[$line] = array_combine($head, array_slice($cells, 0, count($head)));
            }
            if (count($rows) > self::ROWS) {
                throw Refusal::because(
                    'A plan of over :rows windows is brought in parts.', values: ['rows' => self::ROWS],
                );
            }
        }

        return $rows === [] ? throw Refusal::because('There is no window in that table.') : $rows;
    }

    /** @param  array<string, string>  $row  the banner by its number, or by its name */
    private static function banner(Workspace $workspace, array $row): StoredBanner
    {
        $number = $row['banner'] ?? '';
        foreach (StoredBanner::in($workspace)->get() as $banner) {
            if ((string) $banner->id === $number || ($number === '' && ($row['name'] ?? '') !== ''
                && strcasecmp($banner->banner()->name(), $row['name']) === 0)) {
                return $banner;
            }
        }
        throw Refusal::because('there is no banner :it.', values: ['it' => $number ?: '“'.($row['name'] ?? '').'”']);
    }

    /**
     * @param  string  $for  everyone, labels with commas between them, or numbers of cards after a number sign
     * @return array<string, mixed>
     */
    private static function audience(string $for): array
    {
        if ($for === '' || strcasecmp($for, 'everyone') === 0) {
            return ['for' => 'everyone'];
        }
        if (preg_match_all('/#(\d+)/', $for, $numbers) > 0) {
            return ['for' => 'cards', 'cards' => $numbers[1]];
        }

        return ['for' => 'labels', 'labels' => $for];
    }

    /** @return list<PlaceWindow> */
    private static function windows(Workspace $workspace): array
    {
        return PlanRows::windows($workspace->id, 0);
    }

    private static function name(PlaceWindow $window): string
    {
        return StoredBanner::query()->find((int) $window->banner)?->banner()->name() ?? '';
    }
}
