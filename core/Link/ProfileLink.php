<?php

namespace InkyCard\Link;

/** One profile of a person or firm, recognised by ProfileDirectory. */
final readonly class ProfileLink
{
    /**
     * @param  string  $mark  name of a mark, or of a picture where somebody chose one
     * @param  string  $handle  who it is there; empty where the address does not say
     */
    public function __construct(
        public string $kind,
        public string $label,
        public string $address,
        public string $mark,
        public string $handle = '',
    ) {
    }

    /** With a mark of its own; as it is where there is none. */
    public function marked(?string $mark): self
    {
        return $mark === null ? $this : new self($this->kind, $this->label, $this->address, $mark, $this->handle);
    }

    public function called(string $label): self
    {
        return new self($this->kind, $label, $this->address, $this->mark, $this->handle);
    }
}
