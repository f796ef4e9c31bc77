<?php

namespace InkyCard\Verification;

use InkyCard\Card\Form;
use InkyCard\Said;
use InkyCard\Time\Day;

/** What a received message shows of a card. */
final readonly class Verified
{
    /** Lines and links that are named. */
    private const NAMED = 4;

    /** Changes of its look that are told one by one. */
    private const TOLD = 12;

    /** Verdicts, the best first. */
    private const RANK = ['verified', 'noted', 'look', 'altered', 'old', 'plain', 'quoted', 'absent'];

    /**
     * @param  'verified'|'noted'|'look'|'altered'|'old'|'plain'|'quoted'|'absent'  $verdict  `noted`: it arrived as it
     *     was handed over, and something else is to be seen to; `look`: words and links are
     *     there, and it looks other than it was handed over
     * @param  ?int  $revision  the one it carries; null when none is found
     * @param  list<string>  $missing  lines that should be there
     * @param  list<array{string, string}>  $altered  lines as they should be, and as they are
     * @param  list<string>  $links  addresses that are gone or changed
     * @param  int  $pictures  that are lost
     * @param  bool  $older  an older signature stands there as well
     * @param  bool  $twice  it stands there twice
     * @param  string  $wrongAddress  the sender, where the card belongs to another address; empty otherwise
     * @param  string  $form  the sort of message whose form it came in; empty for the whole card
     * @param  list<LookChange>  $looks  what looks other than it should
     * @param  string  $until  of an older one: the last day it was right, YYYY-MM-DD; empty where that was a revision
     * @param  string  $client  the stand-in that makes of it what arrived; empty for none, or none needed
     */
    public function __construct(
        public string $verdict,
        public ?int $revision,
        public array $missing = [],
        public array $altered = [],
        public array $links = [],
        public int $pictures = 0,
        public bool $older = false,
        public bool $twice = false,
        public string $wrongAddress = '',
        public string $form = '',
        public array $looks = [],
        public string $client = '',
        public string $until = '',
    ) {
    }

    /** Whether this card is meant rather than another: it arrived better, or, where both are there, is less off. */
    public function isNearer(self $other): bool
    {
        return $this->off() < $other->off();
    }

    /** @return array{int, int, int} how far off it is, what weighs most first */
    private function off(): array
    {
        $rank = (int) array_search($this->verdict, self::RANK, true);

        // Where it is there at all, the card that is least off is meant, as it is or as it was.
        return [max(4, $rank), count($this->missing) + count($this->altered) + count($this->links), $rank];
    }

    /** @param  'verified'|'noted'|'look'|'altered'|'old'  $verdict */
    public function as(string $verdict, string $client = ''): self
    {
        return new self(...['verdict' => $verdict, 'client' => $client] + get_object_vars($this));
    }

    public function until(?Day $last): self
    {
        return new self(...['until' => (string) $last?->iso] + get_object_vars($this));
    }

    /** Nothing of it is missing, changed or lost. */
    public function isWhole(): bool
    {
        return [$this->missing, $this->altered, $this->links] === [[], [], []] && $this->pictures === 0;
    }

    /** The same, and nothing is there besides. */
    public function isClean(): bool
    {
        return $this->isWhole() && ! $this->older && ! $this->twice && $this->wrongAddress === '';
    }

    /** @return array{int, int} lines, links and pictures that are off, then what looks off */
    public function harm(): array
    {
        return [
            count($this->missing) + count($this->altered) + count($this->links) + $this->pictures, count($this->looks),
        ];
    }

    public function inForm(string $form): self
    {
        return new self(...['form' => $form] + get_object_vars($this));
    }

    /** @return list<Said> what was seen and what to do, in sentences */
    public function says(): array
    {
        $looks = array_slice($this->looks, 0, self::TOLD);
        $untold = count($this->looks) - count($looks);

        return array_values(array_filter([
            $this->sentence(),
            ...array_map(fn (LookChange $change) => $change->says(), $looks),
            $untold > 0 ? Said::of('And :count more of the kind.', ['count' => $untold]) : null,
            ...$this->lost(),
            $this->older ? Said::of('An older signature stands there as well: take it out of the settings.') : null,
            $this->twice ? Said::of('It stands there twice: paste it into one place alone.') : null,
            $this->wrongAddress === '' ? null : Said::of(
                'The message came from :address; the card belongs to another address.',
                ['address' => $this->wrongAddress],
            ),
        ]));
    }

    /** @return list<?Said> */
    private function lost(): array
    {
        $missing = self::named($this->missing);
        $links = self::named($this->links);
        $altered = self::named(array_map(
            fn (array $pair) => Said::of(':before became :after', ['before' => $pair[0], 'after' => $pair[1]]),
            $this->altered,
        ));

        return [
            match ($missing['count']) {
                0 => null,
                1 => Said::of('One line missing: :what.', $missing),
                default => Said::of(':count lines missing: :what.', $missing),
            },
            match ($altered['count']) {
                0 => null,
                1 => Said::of('One line changed: :what.', $altered),
                default => Said::of(':count lines changed: :what.', $altered),
            },
            match ($links['count']) {
                0 => null,
                1 => Said::of('One link gone or changed: :what.', $links),
                default => Said::of(':count links gone or changed: :what.', $links),
            },
            match ($this->pictures) {
                0 => null,
                1 => Said::of('One picture was lost on the way. Paste the card as seen, not its words.'),
                default => Said::of(
                    ':count pictures were lost on the way. Paste the card as seen, not its words.',
                    ['count' => $this->pictures],
                ),
            },
        ];
    }

    private function sentence(): Said
    {
        return match ($this->verdict) {
            'verified' => match (true) {
                $this->form !== '' => Said::of(
                    'The card arrived in its form for :form, as it was handed over.',
                    ['form' => Said::of(Form::FOR[$this->form])],
                ),
                $this->client !== '' => Said::of(
                    'The card arrived as it was handed over, and looks as :client shows it.',
                    ['client' => $this->client],
                ),
                default => Said::of('The card arrived as it was handed over.'),
            },
            'look' => Said::of('Its words and links arrived, its look did not.'),
            'noted' => Said::of('The card arrived as it was handed over, and there is something to see to.'),
            'altered' => Said::of('The card is there, and not as it was handed over.'),
            'old' => $this->until !== '' ? Said::of(
                'It is as it was right until :day. Hand the card over again.',
                ['day' => Day::parse($this->until)->words()],
            ) : Said::of(
                'It is revision :number, an older one. Hand the card over again.', ['number' => $this->revision],
            ),
            'plain' => Said::of(
                'Only its words arrived: the message was written as plain text. Set the mail program to HTML.',
            ),
            'quoted' => Said::of(
                'It stands only in what was quoted. Set it for replies as well, above the quoted text.',
            ),
            'absent' => Said::of(
                'It is not there. Choose it as the default for this address, reload, and write a new message.',
            ),
        };
    }

    /**
     * How many, and the first of them.
     *
     * @param  list<string|Said>  $items
     * @return array{count: int, what: string|Said}
     */
    private static function named(array $items): array
    {
        $first = array_slice($items, 0, self::NAMED);

        return ['count' => count($items), 'what' => array_reduce(
            $first, fn (string|Said $before, string|Said $item) => $before === '' ? $item
                : Said::of(':what; :more', ['what' => $before, 'more' => $item]), '',
        )];
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'looks' => array_map(fn (LookChange $change) => $change->toArray(), $this->looks),
            'says' => array_map(strval(...), $this->says()),
        ] + get_object_vars($this);
    }
}
