<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** What stands in braces should have been filled in. */
final class TokenLeft extends AbstractCheck
{
    private const TOKEN = '/\{\{[^{}]{1,40}\}\}|\{%[^%]{1,40}%\}|\*\|[\w:]{1,40}\|\*|%%[\w ]{1,40}%%'
        .'|\[\[[^\[\]]{1,40}\]\]|<%[^%]{1,40}%>|\[(?:your '
        .')?(?:name|title|role|company|phone|email|e-mail|address|website)\]|lorem ipsum/i';

    public function __construct()
    {
        parent::__construct('token-left', 'A placeholder was left in', Area::Text, Severity::Blocks);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach ($subject->runs() as [$piece, $run]) {
            if (preg_match(self::TOKEN, $run->text, $match) === 1) {
                $found[$piece->id] = $match[0];
            }
        }

        return $found === []
            ? []
            : [
                $this->found(
                    implode(', ', array_unique($found)).' would be read as it stands.',
                    array_map(strval(...), array_keys($found)),
                ),
            ];
    }
}
