<?php

namespace App\Bench;

use InkyCard\Link\ProfileLink;
use InkyCard\Link\WebAddress;

/** One link of a piece that shows profiles, as its row on the bench shows it. */
final readonly class ProfileRow
{
    /**
     * @param  string  $line  as the piece keeps it, by which edits name it
     * @param  string  $mark  address of its mark as the card shows it; empty where that could not be had
     * @param  bool  $firms  whether the brand keeps it for everybody
     */
    public function __construct(
        public string $line,
        public ProfileLink $link,
        public string $mark,
        public bool $firms,
        public bool $ownMark,
    ) {
    }

    /** Its name on the page: two pieces may keep the same line. */
    public function id(string $piece): string
    {
        return $piece.'-'.substr(md5($this->line), 0, 8);
    }

    /** Who it leads to, or where. */
    public function who(): string
    {
        return match (true) {
            $this->link->address === '' => $this->link->handle,
            ! $this->isNetwork() || $this->link->handle === '' => WebAddress::parse($this->link->address)->short(),
            default => (string) preg_replace('#^(?:in|u|user|users|c|p)/(?=.)#', '', $this->link->handle),
        };
    }

    /** What a reader finds there. */
    public function opens(): string
    {
        return match (true) {
            $this->link->address === '' => __(':label, in words', ['label' => $this->link->label]),
            ! $this->isNetwork() => __('named :name', ['name' => $this->link->label]),
            $this->link->handle === '' => __(':label, no profile of its own', ['label' => $this->link->label]),
            default => $this->link->label,
        };
    }

    private function isNetwork(): bool
    {
        return $this->link->kind !== 'other' && ! str_starts_with($this->link->kind, 'purpose-');
    }
}
