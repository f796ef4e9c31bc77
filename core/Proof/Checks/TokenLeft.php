<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Proof\Area;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** What stands in braces should have been filled in. */
final class TokenLeft extends AbstractCheck
{
    /** What programs fill in, and what people write where something is to be filled in. */
    private const TOKENS = [
        '\{\{[^{}]{1,40}\}\}', '\{%[^%]{1,40}%\}', '\*\|[\w:]{1,40}\|\*', '%%[\w ]{1,40}%%', '\[\[[^\[\]]{1,40}\]\]',
        '<%[^%]{1,40}%>', '\$\{\w{1,40}\}',
        // [Your name], <company>, {insert phone number}
        '[\[<{](?:(?:your|insert|enter|add|first|last|full|job|company|business|phone|e-?mail|web|street) )*(?:name|'
            .'title|role|position|company|business|firm|phone|number|e-?mail|address|website|url|link|tagline|logo|'
            .'date|text|here)[\]>}]',
        // A whole line such as: Your company, insert your tagline here
        '^(?:(?:add|insert|enter|put) )?your (?:own |full |first |last |job |company |business |phone |e-?mail )?'
            .'(?:name|title|company|business|address|number|tagline|slogan|text|website|logo|role|position)'
            .'(?: here)?\.?$',
        '\b(?:tagline|slogan|name|title|text|link|logo|number|address|company|quote) (?:goes )?here\b',
        '^(?:tb[cad]|tk|xxx+|lorem|n\/a|todo|fixme|\?{2,}|x{3}[ -]x{3,}.*)$',
        '\b(?:lorem ipsum|to be (?:confirmed|announced|added)|j(?:ohn|ane) (?:doe|smith)|first ?name|last ?name)\b',
        '\b(?:you|me|name|your\.?name|first\.?(?:name)?\.last(?:name)?|email)@',
        '(?:^|[\/@.])(?:example\.(?:com|org|net)|your-?(?:company|domain|website|site|business|name)\.\w+)\b',
        '(?:^|[\/@.])(?:company|domain|website|yourcompany)\.com\b',
        '\/(?:in\/|@)?(?:first-?last|your-?name|user-?name|your-?handle|your-?profile|handle)\/?$',
    ];

    public function __construct()
    {
        parent::__construct('token-left', 'A placeholder was left in', Area::Text, Severity::Blocks);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        $token = '/'.implode('|', self::TOKENS).'/iu';
        foreach ($subject->runs() as [$piece, $run]) {
            if (preg_match($token, trim($run->text), $match) === 1) {
                $found[$piece->id] = $match[0];
            }
        }
        foreach ($subject->links() as $link) {
            if (preg_match($token, rawurldecode($link->address), $match) === 1) {
                $found[$link->piece->id] ??= trim($match[0], '/.');
            }
        }

        return $found === []
            ? []
            : [
                $this->found(
                    Said::of(':it would be read as it stands.', ['it' => implode(', ', array_unique($found))]),
                    array_map(strval(...), array_keys($found)),
                ),
            ];
    }
}
