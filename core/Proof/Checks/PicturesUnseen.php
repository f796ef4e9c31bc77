<?php

namespace InkyCard\Proof\Checks;

use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Pictures inside the code, SVG and WebP are left out by some readers. */
final class PicturesUnseen extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('pictures-unseen', 'A kind of picture some do not show', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach (MailClient::ALL as $client) {
            foreach ($client === 'pictures-blocked' ? [] : $subject->reading($client)->harms() as $change) {
                if (str_ends_with($change->what, ' picture')) {
                    $found[$change->piece][] = $client;
                }
            }
        }

        return array_map(
            fn (string $piece, array $clients) => $this->found(
                Said::of(
                    ':clients of :all stand-ins leave it out. Bring it as PNG or JPEG.',
                    ['clients' => count(array_unique($clients)), 'all' => count(MailClient::ALL)],
                ),
                self::ids($piece),
                array_values(array_unique($clients)),
            ),
            array_map(strval(...), array_keys($found)),
            array_values($found),
        );
    }
}
