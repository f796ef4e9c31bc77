<?php

namespace App\Roster;

use App\Words\Words;
use InkyCard\Roster\ProfileFact;
use InkyCard\StaffList\Outcome;

/** What becomes of a row of a list, as a page says it. */
final readonly class PlannedRow
{
    /**
     * @param  array<array{string, string, string}>  $changes  label of a fact, what it was, what it comes to be
     * @param  array<string>  $notes  sentences
     */
    private function __construct(
        public Outcome $outcome, public string $says, public array $changes, public array $notes,
    ) {
    }

    public static function of(\stdClass $row): self
    {
        $data = (array) json_decode($row->data, true);
        $outcome = Outcome::from($row->outcome);
        $joins = $outcome === Outcome::New ? $data['groups'] ?? [] : $data['joins'] ?? [];
        $facts = $outcome === Outcome::New ? $data['profile'] ?? [] : [];
        unset($facts['name']);
        $says = array_filter([
            isset($data['says']) ? Words::of(Meeting::said($data['says'])) : '',
            $data['back'] ?? false ? __('Back on the list.') : '',
            implode(' · ', array_map(fn (mixed $fact): string => implode(', ', (array) $fact), $facts)),
            $joins === [] ? '' : __('joins :groups', ['groups' => implode(', ', $joins)]),
        ]);

        return new self(
            $outcome, implode(' ', $says),
            array_map(fn (array $one): array => [ProfileFact::from($one[0])->label(), (string) $one[1],
                (string) $one[2]],
                $data['differences'] ?? []),
            array_map(fn (array $told): string => Words::of(Meeting::said($told)), $data['notes'] ?? []),
        );
    }
}
