<?php

namespace InkyCard\Proof;

use InkyCard\Said;

/** Something the proof found, with its evidence. */
final readonly class Finding
{
    /**
     * @param  string  $check  key of the check
     * @param  string|Said  $says  the evidence in figures, and what to do
     * @param  list<string>  $pieces  ids of the pieces concerned
     * @param  list<string>  $clients  keys of the stand-ins it shows in; empty for all
     */
    public function __construct(
        public string $check,
        public string $title,
        public Area $area,
        public Severity $severity,
        public string|Said $says,
        public array $pieces,
        public array $clients,
        public ?Mend $mend,
    ) {
    }

    public function unmended(): self
    {
        return new self(
            $this->check, $this->title, $this->area, $this->severity, $this->says, $this->pieces, $this->clients, null,
        );
    }

    /** Names it among the findings of one proof. */
    public function id(): string
    {
        return $this->check.($this->pieces === [] ? '' : '.'.implode('.', $this->pieces));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'check' => $this->check, 'id' => $this->id(), 'title' => $this->title, 'area' => $this->area->value,
            'severity' => $this->severity->value, 'says' => (string) $this->says, 'pieces' => $this->pieces,
            'clients' => $this->clients, 'mend' => $this->mend?->label,
        ];
    }
}
