<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Parts no mail client keeps were taken out. */
final class OwnHtmlLost extends AbstractCheck
{
    /** Of what was taken out, so much is named. */
    private const NAMED = 8;

    public function __construct()
    {
        parent::__construct('html-lost', 'Own HTML lost something', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pieces(Capability::OwnMarkup) as $piece) {
            $dropped = $piece->lines('dropped');
            if ($dropped !== []) {
                $named = implode(', ', array_slice($dropped, 0, self::NAMED));
                $keep = new FillPiece($piece->id, ['html' => $piece->text('html'), 'dropped' => []]);
                $found[] = $this->found(
                    Said::of(
                        'Taken out: :named. Look whether what is left says all it should.', ['named' => $named],
                    ), [$piece->id],
                    mend: new Mend('Keep what is left', $keep),
                );
            }
        }

        return $found;
    }
}
