<?php

namespace InkyCard\Card\Style;

use InkyCard\Limits;
use InkyCard\Refusal;

/** The call to action as a button. */
final readonly class ButtonLook
{
    public const DEFAULTS = ['radius' => 4, 'high' => 9, 'wide' => 18, 'word' => false, 'full' => false];

    /**
     * @param  int  $radius  of its corners, CSS px
     * @param  int  $high  padding above and below its words, CSS px
     * @param  int  $wide  padding before and after them, CSS px
     * @param  bool  $word  the Word engine gets its round corners drawn as a shape of its own
     * @param  bool  $full  it runs across its column
     */
    private function __construct(
        public int $radius,
        public int $high,
        public int $wide,
        public bool $word,
        public bool $full,
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
        );
    }
}
