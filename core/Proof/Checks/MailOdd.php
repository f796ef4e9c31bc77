<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Link\MailHost;
use InkyCard\Proof\Area;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** Answers to it never come: its host is one slip away from one that is meant. */
final class MailOdd extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('mail', 'A mail address may be mistyped', Area::Facts, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->pieces(Capability::MailAddress) as $piece) {
            [$name, $host] = explode('@', $piece->fact(), 2) + ['', ''];
            $meant = $host === '' ? null : MailHost::meant($host, self::own($subject));
            if ($meant !== null) {
                $found[] = $this->found(
                    Said::of(':fact: is :meant meant?', ['fact' => $piece->fact(), 'meant' => $meant]), [$piece->id],
                    mend: new Mend("Write $meant", new FillPiece($piece->id, ['address' => "$name@$meant"])),
                );
            }
        }

        return $found;
    }

    /** @return list<string> hosts of the firm: of its mail, and of its pages */
    private static function own(Subject $subject): array
    {
        $lines = $subject->brand->lines;
        $web = (string) parse_url($lines->web, PHP_URL_HOST);

        return array_values(array_filter([
            substr((string) strrchr($lines->email, '@'), 1), (string) preg_replace('/^www\./', '', $web),
        ]));
    }
}
