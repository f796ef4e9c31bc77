<?php

namespace InkyCard\Card\Arrangement;

use InkyCard\Card\Kind\Zone;

/** What one column of a row holds. A slot with nothing to hold takes its gaps away with it. */
final readonly class Slot
{
    /** @var list<Zone> */
    public array $zones;

    /** What a style calls it: the zone it begins with, or what it holds of it. */
    public string $name;

    /**
     * @param  Zone|list<Zone>  $zones  whose lines stand in it, one zone after the other
     * @param  ?bool  $contact  only contact lines (true), only the others (false), or all
     * @param  bool  $ruled  the style's rule runs down its leading edge when something stands before it
     * @param  'center'|'end'|null  $align
     * @param  'top'|'middle'|'bottom'  $valign
     * @param  bool  $flow  its lines run on as one, parted by dots
     * @param  bool  $band  stands on a background of the accent ink, where the style sets no other
     * @param  ?bool  $firm  only lines that name the firm (true), only the others (false), or all
     * @param  'start'|'end'|null  $table  contact lines as rows of a label and a value, at the start or end of its half
     * @param  bool  $tab  its background is only as wide as what is in it
     * @param  bool  $edged  the rule runs down its leading edge though nothing stands before it
     */
    public function __construct(
        Zone|array $zones,
        public ?bool $contact = null,
        public bool $ruled = false,
        public ?string $align = null,
        public string $valign = 'top',
        public bool $flow = false,
        public bool $band = false,
        public ?bool $firm = null,
        public ?string $table = null,
        public bool $edged = false,
        public bool $tab = false,
    ) {
        $this->zones = is_array($zones) ? $zones : [$zones];
        $this->name = match (true) {
            $firm === true => 'firm',
            $contact === true => 'contacts',
            default => $this->zones[0]->value,
        };
    }

    public function holds(Zone $zone, bool $contact, bool $firm): bool
    {
        return in_array($zone, $this->zones, true) && ($this->contact ?? $contact) === $contact
            && ($this->firm ?? $firm) === $firm;
    }
}
