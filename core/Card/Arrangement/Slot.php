<?php

namespace InkyCard\Card\Arrangement;

use InkyCard\Card\Kind\Zone;

/** What one column of a row holds. A slot with nothing to hold takes its gaps away with it. */
final readonly class Slot
{
    /** @var list<Zone> */
    public array $zones;

    /**
     * @param  Zone|list<Zone>  $zones  whose lines stand in it, one zone after the other
     * @param  ?bool  $contact  only contact lines (true), only the others (false), or all
     * @param  bool  $ruled  the style's rule runs down its leading edge when something stands before it
     * @param  'center'|'end'|null  $align
     * @param  'top'|'middle'|'bottom'  $valign
     * @param  bool  $flow  its lines run on as one, parted by dots
     * @param  bool  $band  stands on a background of the accent ink
     */
    public function __construct(
        Zone|array $zones,
        public ?bool $contact = null,
        public bool $ruled = false,
        public ?string $align = null,
        public string $valign = 'top',
        public bool $flow = false,
        public bool $band = false,
    ) {
        $this->zones = is_array($zones) ? $zones : [$zones];
    }
}
