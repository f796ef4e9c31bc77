<?php

namespace InkyCard\Roster;

/** Somebody who has a card. Two may share a name, and a name may change: the id stays. */
final readonly class Person
{
    /**
     * @param  string  $id  ULID
     * @param  array<string, array<string, mixed>>  $fields  piece id => its fields as its kind accepted them, of what
     *                                                       this person fills in
     */
    public function __construct(public string $id, public string $name, public array $fields = [])
    {
    }
}
