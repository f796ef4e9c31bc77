<?php

namespace InkyCard\Verification;

use InkyCard\Card\Form;
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

    /** @return list<string> what was seen and what to do, in sentences */
    public function says(): array
    {
        $altered = array_map(fn (array $pair) => "$pair[0] became $pair[1]", $this->altered);

        return array_values(array_filter([
            $this->sentence(),
            ...array_map(fn (LookChange $change) => $change->says(), array_slice($this->looks, 0, self::TOLD)),
            count($this->looks) > self::TOLD
                ? sprintf('And %d more of the kind.', count($this->looks) - self::TOLD)
                : '',
            self::several($this->missing, 'One line missing: %2$s.', '%d lines missing: %s.'),
            self::several($altered, 'One line changed: %2$s.', '%d lines changed: %s.'),
            self::several($this->links, 'One link gone or changed: %2$s.', '%d links gone or changed: %s.', ', '),
            match ($this->pictures) {
                0 => '',
                1 => 'One picture was lost on the way. Paste the card as seen, not its words.',
                default => "$this->pictures pictures were lost on the way. Paste the card as seen, not its words.",
            },
            $this->older ? 'An older signature stands there as well: take it out of the settings.' : '',
            $this->twice ? 'It stands there twice: paste it into one place alone.' : '',
            $this->wrongAddress === ''
                ? ''
                : "The message came from $this->wrongAddress; the card belongs to another address.",
        ]));
    }

    private function sentence(): string
    {
        return match ($this->verdict) {
            'verified' => $this->form !== ''
                ? 'The card arrived in its form for '.Form::FOR[$this->form].', as it was handed over.'
                : 'The card arrived as it was handed over'
                    .($this->client === '' ? '.' : ", and looks as $this->client shows it."),
            'look' => 'Its words and links arrived, its look did not.',
            'noted' => 'The card arrived as it was handed over, and there is something to see to.',
            'altered' => 'The card is there, and not as it was handed over.',
            'old' => $this->until !== ''
                ? 'It is as it was right until '.Day::parse($this->until)->words().'. Hand the card over again.'
                : "It is revision $this->revision, an older one. Hand the card over again.",
            'plain' => 'Only its words arrived: the message was written as plain text. Set the mail program to HTML.',
            'quoted' => 'It stands only in what was quoted. Set it for replies as well, above the quoted text.',
            'absent' => 'It is not there. Choose it as the default for this address, reload, and write a new message.',
        };
    }

    /**
     * @param  list<string>  $items
     * @param  string  $one  said of one, and
     * @param  string  $many  of several: their number, and the first of them
     */
    private static function several(array $items, string $one, string $many, string $between = '; '): string
    {
        $first = implode($between, array_slice($items, 0, self::NAMED));

        return $items === [] ? '' : sprintf(count($items) === 1 ? $one : $many, count($items), $first);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['looks' => array_map(get_object_vars(...), $this->looks)] + get_object_vars($this)
            + ['says' => $this->says()];
    }
}
