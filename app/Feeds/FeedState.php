<?php

namespace App\Feeds;

use App\Words\Moments;
use Illuminate\Support\Carbon;

/** What is known of a feed. */
final readonly class FeedState
{
    /** Minutes a busy queue may be late. */
    private const LATE = 30;

    /**
     * @param  ?array{string, string}  $entry  title and address of its newest entry; null before it was read
     * @param  ?Carbon  $out  when that came out, if the feed says so
     * @param  ?Carbon  $read  when it was read last
     * @param  list<array{title: string, address: string, day: string}>  $past  entries before the newest
     * @param  ?string  $said  why it could not be read the last time
     */
    private function __construct(
        public int $id, public ?array $entry, public ?Carbon $out, public ?Carbon $read, public ?string $said,
        public bool $isDue, public ?Carbon $next, private array $past,
    ) {
    }

    public static function of(\stdClass $row): self
    {
        $moment = fn (?string $at): ?Carbon => $at === null ? null : Carbon::parse($at);
        /** @var ?array{string, string} $entry */
        $entry = $row->entry === null ? null : json_decode((string) $row->entry, true);

        return new self(
            (int) $row->id, $entry, $moment($row->entry_at), $moment($row->read_at), $row->said,
            $row->next_at === null || Carbon::parse($row->next_at)->isPast(), $moment($row->next_at),
            array_values((array) json_decode((string) $row->past, true)),
        );
    }

    /** Whether nobody asked it when it was to be asked: whoever was to do that is gone. */
    public function isForgotten(): bool
    {
        return $this->next?->isBefore(now()->subMinutes(self::LATE)) === true;
    }

    /** @return ?array{title: string, address: string, day: string} what a piece says of it; null before it was read */
    public function newest(): ?array
    {
        return $this->entry === null ? null : [
            'title' => $this->entry[0], 'address' => $this->entry[1], 'day' => (string) $this->out?->format('Y-m-d'),
        ];
    }

    /** @return list<array{title: string, address: string, day: string}> it and those before it */
    public function ever(): array
    {
        return $this->newest() === null ? [] : [$this->newest(), ...$this->past];
    }

    /** In words, for who made the card. */
    public function words(): string
    {
        $read = $this->read?->diffForHumans();

        return match (true) {
            $this->entry === null && $this->said === null => __('It is asked in a moment.'),
            $this->entry === null => (string) $this->said,
            $this->said !== null => __(
                'It was read :read and not since: :said The card keeps “:entry”.',
                ['read' => $read, 'said' => $this->said, 'entry' => $this->entry[0]],
            ),
            default => __(
                '“:entry”:day, as read :read.',
                ['entry' => $this->entry[0], 'day' => $this->out === null ? '' : ', '.Moments::day($this->out),
                    'read' => $read],
            ),
        };
    }
}
