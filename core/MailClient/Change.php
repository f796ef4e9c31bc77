<?php

namespace InkyCard\MailClient;

/** One thing a mail client does to a message. */
final readonly class Change
{
    /**
     * @param  string  $what  a property, attribute, element or other thing changed, such as `border-radius`, `data:
     *                        picture`, `length`
     * @param  string  $says  what its reader sees of it, in a few words
     * @param  string  $piece  ids of the pieces it hit, parted by spaces; empty for foreign markup and the message as a
     *                         whole
     * @param  string  $before  as sent
     * @param  string  $after  as read; empty when it is gone
     * @param  int  $times  how often, there
     * @param  bool  $harms  readers miss something by it; otherwise it is housekeeping
     */
    public function __construct(
        public string $what,
        public string $says,
        public string $piece,
        public string $before,
        public string $after,
        public int $times,
        public bool $harms,
        public RuleSource $source,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'what' => $this->what, 'says' => $this->says, 'piece' => $this->piece, 'before' => $this->before,
            'after' => $this->after, 'times' => $this->times, 'harms' => $this->harms,
            'source' => $this->source->says(),
        ];
    }
}
