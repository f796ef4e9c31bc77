<?php

namespace InkyCard\Import;

use InkyCard\Refusal;

/** What something brought is, told by its bytes, whatever its name says. */
enum SourceKind
{
    case Contact;
    case Message;
    case Workbook;
    case Page;
    case Html;
    case Table;
    case Text;

    /** Bytes in which what it is shows. */
    private const START = 2000;

    /** Headers of a message (RFC 5322), any before the first that only messages have. */
    private const HEADERS = '/^(?:[\w-]+:[^\r\n]*\r?\n(?:[ \t][^\r\n]*\r?\n)*)*?(?:from|subject|mime-version|message-id'
        .'|received):/i';

    /** @throws Refusal for a table of several people */
    public static function of(string $bytes): self
    {
        $start = ltrim(substr($bytes, 0, self::START), "\u{FEFF} \t\r\n");

        return match (true) {
            stripos($start, 'BEGIN:VCARD') === 0 => self::Contact,
            str_starts_with($start, "PK\x03\x04") => self::Workbook,
            preg_match(self::HEADERS, $start) === 1 && preg_match('/\r?\n\r?\n/', $bytes) === 1 => self::Message,
            PageSource::speaks($bytes) => self::Page,
            preg_match('/<(?:table|div|p|a|span|img|br|font|td|html|body)\b/i', $bytes) === 1 => self::Html,
            TableSource::csv($bytes) !== null => self::Table,
            default => self::Text,
        };
    }
}
