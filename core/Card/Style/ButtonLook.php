<?php

namespace InkyCard\Card\Style;

use InkyCard\Limits;
use InkyCard\Refusal;

/** The call to action as a button. */
final readonly class ButtonLook
{
    /** Line around one that is outlined, CSS px. */
    public const LINE = 2;

    public const DEFAULTS = [
        'radius' => 4, 'high' => 9, 'wide' => 18, 'word' => false, 'full' => false, 'outlined' => false,
    ];

    /**
     * @param  int  $radius  of its corners, CSS px
     * @param  int  $high  padding above and below its words, CSS px
     * @param  int  $wide  padding before and after them, CSS px
     * @param  bool  $word  the Word engine gets its round corners drawn as a shape of its own
     * @param  bool  $full  it runs across its column
     * @param  bool  $outlined  a line around it in place of a background
     */
    private function __construct(
        public int $radius,
        public int $high,
        public int $wide,
        public bool $word,
        public bool $full,
        public bool $outlined,
    ) {
    }

    /** @throws Refusal */
    public static function of(Settings $given): self
    {
        return new self(
            (int) $given->pixels('radius', Limits::BUTTON),
            (int) $given->pixels('high', Limits::BUTTON),
            (int) $given->pixels('wide', Limits::BUTTON),
            $given->truth('word'),
            $given->truth('full'),
            $given->truth('outlined'),
        );
    }

    /** As one call has it. */
    public function tuned(?CallLook $own): self
    {
        return $own === null ? $this : new self(
            $own->radius ?? $this->radius, $own->high ?? $this->high, $own->wide ?? $this->wide, $this->word,
            $this->full, $own->outlined ?? $this->outlined,
        );
    }
}
