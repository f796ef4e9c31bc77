<?php

namespace InkyCard\StaffList;

/** Entries of a directory as files hold them (LDIF, RFC 2849) as rows of a list: those that are people. */
final class Ldif
{
    /** Heading, and attributes that say it, the best first (RFC 4519, RFC 2798, and what directories add). */
    private const ATTRIBUTES = [
        'Name' => ['displayname', 'cn', 'commonname'], 'Given name' => ['givenname', 'gn'],
        'Surname' => ['sn', 'surname'], 'E-mail' => ['mail', 'rfc822mailbox', 'email'],
        'Job title' => ['title'], 'Department' => ['department', 'departmentnumber', 'ou', 'organizationalunitname'],
        'Office phone' => ['telephonenumber'], 'Mobile' => ['mobile', 'mobiletelephonenumber'],
        'Fax' => ['facsimiletelephonenumber', 'fax'], 'Profiles' => ['labeleduri', 'labeledurl'],
        'Employee number' => ['employeenumber', 'employeeid', 'uid', 'userid', 'samaccountname'],
    ];

    /**
     * @param  iterable<string>  $lines
     * @return \Generator<int, list<string>> headings, then a row a person
     */
    public static function rows(iterable $lines): \Generator
    {
        yield array_keys(self::ATTRIBUTES);
        foreach (self::entries($lines) as $entry) {
            // Units, rooms and the directory itself are entries too.
            $isPerson = isset($entry['sn']) || isset($entry['mail'])
                || preg_grep('/person/i', $entry['objectclass'] ?? []) !== [];
            if ($isPerson && ! in_array(strtolower($entry['changetype'][0] ?? 'add'), ['delete', 'modify'], true)) {
                yield array_map(fn (array $names): string => self::value($entry, $names),
                    array_values(self::ATTRIBUTES));
            }
        }
    }

    /** Whether a file begins as one. */
    public static function is(string $start): bool
    {
        return preg_match('/^(?:version:\s*1\s*\n)?(?:\s*#[^\n]*\n|\s*\n)*dn::?\s*\S/i',
            str_replace("\r", '', $start)) === 1;
    }

    /**
     * @param  iterable<string>  $lines
     * @return \Generator<int, array<string, list<string>>> attribute => values
     */
    private static function entries(iterable $lines): \Generator
    {
        $entry = [];
        $pending = '';
        foreach ($lines as $line) {
            if ($line !== '' && $line[0] === ' ') {
                $pending .= substr($line, 1);

                continue;
            }
            self::add($entry, $pending);
            $pending = str_starts_with($line, '#') ? '' : $line;
            if (trim($line) === '' && $entry !== []) {
                yield $entry;
                $entry = [];
            }
        }
        self::add($entry, $pending);
        if ($entry !== []) {
            yield $entry;
        }
    }

    /** @param  array<string, list<string>>  $entry */
    private static function add(array &$entry, string $line): void
    {
        // Options follow a semicolon (RFC 4512); what lies at an address stays there.
        if (preg_match('/^([A-Za-z][\w.-]*)(?:;[^:]*)?:(:?)\s*(.*)$/s', $line, $match) === 1) {
            $value = $match[2] === ':' ? (string) base64_decode($match[3]) : $match[3];
            $entry[strtolower($match[1])][] = mb_scrub(trim($value));
        }
    }

    /**
     * @param  array<string, list<string>>  $entry
     * @param  list<string>  $names
     */
    private static function value(array $entry, array $names): string
    {
        foreach ($names as $name) {
            if (isset($entry[$name])) {
                return $name === 'mail' || $name === 'labeleduri' ? implode('; ', $entry[$name]) : $entry[$name][0];
            }
        }

        return '';
    }
}
