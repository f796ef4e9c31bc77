<?php

namespace App\Campaigns;

use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Pagination\LengthAwarePaginator;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

/**
 * Campaigns: messages of a series, each with the revision of a footer it holds. What was sent keeps what it had; what
 * is still to go may be given the newest.
 */
final readonly class Series
{
    /** Messages of one campaign, and the days between its first and its last. */
    private const MESSAGES = 60;

    private const DAYS = 800;

    private const RECIPIENTS = 9_999_999;

    public function __construct(private Workspace $workspace, private Day $today)
    {
    }

    /**
     * @return LengthAwarePaginator<int, Campaign>
     */
    public function page(int $each): LengthAwarePaginator
    {
        $page = $this->own()->orderByRaw('ended_at is not null')->orderBy('starts')->orderBy('id')->paginate($each);

        return $page->setCollection(collect($this->campaigns($page->items())));
    }

    public function one(int $id): ?Campaign
    {
        return $this->campaigns($this->own()->where('campaigns.id', $id)->get()->all())[0] ?? null;
    }

    /** @return array<int, int> messages still to go that hold an older revision than there is, by footer */
    public function old(): array
    {
        $old = [];
        foreach ($this->campaigns($this->own()->whereNull('ended_at')->get()->all()) as $campaign) {
            if ($campaign->old() > 0) {
                $old[$campaign->footer] = ($old[$campaign->footer] ?? 0) + $campaign->old();
            }
        }

        return $old;
    }

    /**
     * Gives the newest revision of a footer to every message that is still to go.
     *
     * @param  \Closure(Campaign, int): bool  $accepted  whether whoever sends a campaign took it for the message at a
     *     position: it may be sent there already
     * @return int how many got it
     */
    public function put(StoredFooter $footer, ?int $campaign, \Closure $accepted): int
    {
        $put = 0;
        $of = $this->own()->whereNull('ended_at')->where('footer_id', $footer->id)
            ->when($campaign !== null, fn (Builder $query) => $query->where('campaigns.id', $campaign));
        foreach ($this->campaigns($of->get()->all()) as $one) {
            foreach ($one->messages as $position => $message) {
                if ($message->isOld && ($one->outside === null || $accepted($one, $position))) {
                    $put += DB::table('campaign_messages')->where('id', $message->id)->update([
                        'footer_revision' => $footer->head, 'put_at' => (string) now(),
                    ]);
                }
            }
        }

        return $put;
    }

    /**
     * Keeps a campaign, a new one or in the place of one.
     *
     * @param  array<array-key, mixed>  $given  name, footer, starts, recipients, messages: lines of days and a subject;
     *     letters: by number of a message that was there, empty for the letter of its subject
     *
     * @throws Refusal
     */
    public function keep(array $given, ?int $id = null): int
    {
        $name = self::called($given['name'] ?? '');
        $footer = $this->footer($given['footer'] ?? 0);
        $count = is_scalar($given['recipients'] ?? null) ? (string) $given['recipients'] : '';
        $values = [
            'workspace_id' => $this->workspace->id, 'footer_id' => $footer->id, 'name' => $name,
            'starts' => Refusal::at('/starts', fn () => Day::parse($given['starts'] ?? ''))->iso,
            'recipients' => ctype_digit($count) ? min(self::RECIPIENTS, (int) $count) : 0,
            'updated_at' => (string) now(),
        ];
        $messages = Refusal::at('/messages', fn () => self::messages($given['messages'] ?? ''));
        $letters = array_map(intval(...), array_filter((array) ($given['letters'] ?? []), is_scalar(...)));
        $own = StoredLetter::in($this->workspace)->whereIn('id', $letters)->pluck('id')->all();

        return DB::transaction(function () use ($id, $values, $messages, $footer, $letters, $own): int {
            $id === null ? $id = (int) DB::table('campaigns')->insertGetId($values + ['created_at' => (string) now()])
                : DB::table('campaigns')->where('id', $id)->update($values);
            self::write($id, $messages, $footer->head, array_intersect($letters, $own) + array_fill_keys(
                array_keys($letters), null,
            ));

            return $id;
        });
    }

    /** Renames one that is sent from elsewhere: all else is there already. @throws Refusal */
    public function rename(int $id, mixed $name): void
    {
        DB::table('campaigns')->where('id', $id)
            ->update(['name' => self::called($name), 'updated_at' => (string) now()]);
    }

    /** @throws Refusal */
    private static function called(mixed $name): string
    {
        $name = Refusal::at('/name', fn () => CleanText::of($name ?? '', 80, 'name'));

        return $name !== '' ? $name : throw Refusal::because('Give the campaign a name.', '/name');
    }

    /** @throws Refusal */
    private function footer(mixed $number): StoredFooter
    {
        $footer = StoredFooter::in($this->workspace)->find((int) (is_scalar($number) ? $number : 0));

        return $footer instanceof StoredFooter && $footer->head > 0 ? $footer : throw Refusal::because(
            $footer === null ? 'Choose the footer its messages carry.'
                : 'This footer has no revision yet: give one out first.', '/footer',
        );
    }

    /**
     * What was there keeps the revision it holds: the same by its subject, else by its day.
     *
     * @param  list<array{int, string}>  $messages
     * @param  array<int|string, ?int>  $letters  by number of a message that was there
     */
    private static function write(int $campaign, array $messages, int $revision, array $letters): void
    {
        $held = DB::table('campaign_messages')->where('campaign_id', $campaign)->orderBy('position')->get();
        $rows = array_fill(0, count($messages), null);
        foreach (['subject' => 1, 'after_days' => 0] as $by => $part) {
            foreach ($messages as $position => $message) {
                $at = $rows[$position] !== null ? false
                    : $held->search(fn (\stdClass $row): bool => (string) $row->$by === (string) $message[$part]);
                if ($at !== false) {
                    $rows[$position] = $held->pull($at);
                }
            }
        }
        DB::table('campaign_messages')->where('campaign_id', $campaign)->delete();
        foreach ($messages as $position => [$days, $subject]) {
            $row = $rows[$position];
            DB::table('campaign_messages')->insert([
                'campaign_id' => $campaign, 'position' => $position, 'subject' => $subject, 'after_days' => $days,
                'footer_revision' => $row->footer_revision ?? $revision, 'put_at' => $row->put_at ?? (string) now(),
                'letter_id' => $row === null ? null
                    : (array_key_exists($row->id, $letters) ? $letters[$row->id] : $row->letter_id),
            ]);
        }
    }

    /**
     * @return list<array{int, string}> days after the start, subject
     *
     * @throws Refusal
     */
    private static function messages(mixed $given): array
    {
        $messages = [];
        foreach (is_string($given) ? preg_split('/\R/u', mb_scrub($given)) ?: [] : [] as $line) {
            if (trim($line) === '') {
                continue;
            }
            if (preg_match('/^\s*\+?\s*(\d{1,4})\s*(?:days?)?\s*[:,;–—-]?\s+(\S.*)$/u', $line, $part) !== 1
                || (int) $part[1] > self::DAYS) {
                throw Refusal::because(
                    'Each line holds the days after the start and the subject, such as “14 The hedges are in”.',
                );
            }
            $messages[] = [(int) $part[1], CleanText::of($part[2], 160, 'subject')];
        }
        if ($messages === [] || count($messages) > self::MESSAGES) {
            throw Refusal::because($messages === [] ? 'Write at least one message: “0 What is on”.'
                : 'A campaign has at most '.self::MESSAGES.' messages.');
        }
        usort($messages, fn (array $one, array $other) => $one[0] <=> $other[0]);

        return $messages;
    }

    private function own(): Builder
    {
        return DB::table('campaigns')->where('campaigns.workspace_id', $this->workspace->id)
            ->whereNull('campaigns.removed_at')
            ->join('footers', 'footers.id', 'footer_id')
            ->select(['campaigns.*', 'footers.name as footer', 'footers.head', 'footers.removed_at as footer_removed']);
    }

    /**
     * @param  array<\stdClass>  $rows
     * @return list<Campaign>
     */
    private function campaigns(array $rows): array
    {
        $messages = DB::table('campaign_messages')->whereIn('campaign_id', array_column($rows, 'id'))
            ->orderBy('position')->get()->groupBy('campaign_id');

        return array_values(array_map(
            fn (\stdClass $row) => Campaign::of($row, $messages[$row->id] ?? [], $this->today), $rows,
        ));
    }
}
