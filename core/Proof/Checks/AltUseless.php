<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** The name of a file or the word picture tells a reader nothing. */
final class AltUseless extends AbstractCheck
{
    private const USELESS = '/^(?:image|picture|photo|banner|logo|img|icon|video|closing|headshot|untitled'
        .'|graphic)?[\s_\d-]*(?:\.(?:png|jpe?g|gif|webp|svg))?$|\.(?:png|jpe?g|gif|webp|svg)$|^(?:img|dsc|image|'
            .'screenshot)[_\s-]?\d+/i';

    public function __construct()
    {
        parent::__construct('alt-useless', 'Words in place of a picture say nothing', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pictures() as [$piece, $picture]) {
            if (preg_match(self::USELESS, $picture->alt) === 1) {
                $alt = self::whose($piece, $subject->card);
                $found[] = $this->found(
                    Said::of(
                        '“:alt” is all readers get where pictures are blocked. Say what it shows or offers.',
                        ['alt' => $picture->alt],
                    ),
                    [$piece->id], ['pictures-blocked'],
                    $alt === '' ? null : new Mend('Say whose it is', new FillPiece($piece->id, ['alt' => $alt])),
                );
            }
        }

        return $found;
    }

    /** A logo is said by the firm it stands for, a written name by who wrote it. */
    private static function whose(Piece $piece, Card $card): string
    {
        return match (true) {
            $piece->can(Capability::Logo) => $card->fact(Capability::Firm) ?: $card->holder(),
            $piece->can(Capability::Handwriting) => $card->holder(),
            default => '',
        };
    }
}
