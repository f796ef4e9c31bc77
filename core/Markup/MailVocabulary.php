<?php

namespace InkyCard\Markup;

/** All an export may be made of: what the open data on mail clients finds supported, or harmless where it is not. */
final class MailVocabulary
{
    /** element => attributes */
    public const ELEMENTS = [
        'table' => ['role', 'cellpadding', 'cellspacing', 'border', 'align', 'lang', 'dir', 'style'],
        'tr' => [],
        'td' => ['valign', 'align', 'background', 'bgcolor', 'height', 'width', 'style'],
        'span' => ['dir', 'style'],
        'a' => ['href', 'style'],
        'img' => ['src', 'width', 'height', 'alt', 'border', 'style'],
    ];

    /** What own HTML may hold beside those, or more of. */
    public const OWN_ELEMENTS = [
        'td' => ['valign', 'align', 'bgcolor', 'height', 'width', 'colspan', 'rowspan', 'style'],
        'tbody' => [],
        'tr' => ['valign', 'align', 'bgcolor', 'style'],
        'table' => [
            'role', 'cellpadding', 'cellspacing', 'border', 'align', 'bgcolor', 'width', 'lang', 'dir', 'style',
        ],
        'p' => ['style'],
        'br' => [],
        'b' => ['style'],
        'strong' => ['style'],
        'i' => ['style'],
        'em' => ['style'],
        'u' => ['style'],
        'ul' => ['style'],
        'ol' => ['start', 'style'],
        'li' => ['style'],
        'div' => ['style', 'align'],
        'hr' => ['style'],
    ];

    /** Of pictures behind words, which are ours alone: own HTML holds none. */
    public const BEHIND = ['background-position', 'background-size'];

    public const PROPERTIES = [
        'background-color',
        'border',
        'border-bottom',
        'border-collapse',
        'border-left',
        'border-radius',
        'border-right',
        'border-top',
        'color',
        'display',
        'font',
        'font-family',
        'font-size',
        'font-style',
        'font-weight',
        'height',
        'letter-spacing',
        'line-height',
        'margin',
        'max-width',
        'min-width',
        'mso-line-height-rule', 'word-break',
        'padding',
        'text-align',
        'text-decoration',
        'vertical-align',
        'width',
    ];
}
