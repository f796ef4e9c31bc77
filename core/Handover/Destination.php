<?php

namespace InkyCard\Handover;

use InkyCard\Refusal;

/**
 * Somewhere a card can be put, with directions of our own. Rows are data
 * (`destinations.php`). Menus of other people's programs move: every row says
 * when its directions were written, and that is all it claims.
 */
final readonly class Destination
{
    /**
     * @param  string  $group  how it takes a signature
     * @param  'rich'|'source'|'placed'|string  $takes  `rich` and `source` are copied, `placed` is put there from here;
     *                                                  others are keys of Formats
     * @param  string  $client  the stand-in nearest to it
     * @param  string  $words  it is found by, beside its label
     * @param  non-empty-list<string>  $steps
     * @param  list<string>  $drawn  what is drawn beside each step, by name; empty for nothing
     * @param  string  $replies  how replies and several addresses are set
     * @param  string  $once  how to leave it out of one message
     * @param  string  $written  when the directions were written, YYYY-MM-DD
     */
    private function __construct(
        public string $key,
        public string $label,
        public string $group,
        public string $takes,
        public string $client,
        public string $words,
        public array $steps,
        public array $drawn,
        public string $replies,
        public string $once,
        public string $written,
    ) {
    }

    /** @return array<string, self> */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;
        if ($all === null) {
            $all = [];
            /**
             * @var array<string, array{label: string, group: string, takes: string, client: string, words: string,
             *     steps: non-empty-list<string>, drawn?: list<string>, replies: string, once: string, written: string}>
             *     $rows
             */
            $rows = require __DIR__.'/destinations.php';
            foreach ($rows as $key => $row) {
                $all[$key] = new self(...$row + ['key' => $key, 'drawn' => []]);
            }
        }

        return $all;
    }

    /** @throws Refusal */
    public static function of(mixed $key): self
    {
        return self::all()[is_string($key) ? $key : '']
            ?? throw Refusal::because(
                'A destination is one of: :choices.', values: ['choices' => implode(', ', array_keys(self::all()))],
            );
    }

    /** Whether it is set up on a phone: its first step opens the card there by a code. */
    public function onPhone(): bool
    {
        return $this->group === 'Phones and tablets';
    }

    /** Whether what it takes is the card as HTML, with links and pictures of its own. */
    public function isMarkup(): bool
    {
        return ! in_array($this->takes, ['png', 'one-picture', 'vcard', 'vcard3', 'ics', 'json'], true);
    }

    /** The form it takes as files; null where the card is copied or placed. */
    public function format(): ?Format
    {
        return in_array($this->takes, ['rich', 'source', 'placed'], true) ? null : Formats::of($this->takes);
    }

    /**
     * The directions as plain text, to send along.
     *
     * @param  string  $page  the card's page for a phone, which stands for the code where there is none to see
     * @param  ?HouseNote  $note  what the firm adds
     */
    public function directions(string $page, ?HouseNote $note = null): string
    {
        $numbered = fn (array $steps): string => implode(
            "\n",
            array_map(fn (int $index, string $step) => $index + 1 .'. '.$step, array_keys($steps), $steps),
        );

        return implode(
            "\n\n",
            array_filter([
                "Your card for $this->label is below. To put it in place:",
                $this->onPhone() ? "Its page for the phone, instead of a code: $page" : '',
                $numbered($this->steps),
                $this->replies === '' ? '' : "Replies and several addresses: $this->replies",
                "To see that it worked:\n".$numbered(self::CHECK),
                ...$note?->lines() ?? [],
            ]),
        );
    }

    /** How pictures travel there and what that costs, in a sentence; null where its taker chooses. */
    public function picturesGo(): ?string
    {
        return match ($this->onPhone() ? 'placed' : $this->takes) {
            'rich', 'source' => null,
            'folder' => 'Pictures lie beside the file; the program attaches them to every message, which makes each '
                .'of them heavier and always shows them.',
            'eml', 'template' => 'Pictures are attached to the message: they show without asking, and make it heavier.',
            'page' => 'Pictures are inside the file.',
            'png' => 'All of it is one picture.',
            'one-picture' => 'All of it is one picture, which readers fetch from here.',
            'placed',
            'mailsignature',
            'html-file',
            'fragment',
            'pretty' => 'Pictures are fetched by readers: messages stay light, and some readers are asked first.',
            'vcard', 'vcard3' => 'The portrait is inside the file.',
            default => 'No pictures travel with it.',
        };
    }

    /** What to do to see that it worked, the same everywhere (needs K03, M04, L05, L07). */
    public const CHECK = [
        'Reload the page, or quit the program and start it again: until then the old state shows.',
        'Open a new message, not the settings: pictures may be missing in the settings box and still be there.',
        'Written as HTML? In plain text the card is words alone.',
        'Is an older signature still there? Take it out of the message and out of the settings.',
        'Send one to an address at another provider and press every link in what arrives.',
    ];

    /** What is drawn beside each of them. */
    public const CHECK_DRAWN = ['reload', 'new', 'html', 'old', 'press'];
}
