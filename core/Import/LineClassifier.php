<?php

namespace InkyCard\Import;

/** Says of lines that are words alone what each is: who, what, where, and the small print. */
final class LineClassifier
{
    /** A whole sentence or more, characters. */
    private const PROSE = 110;

    /** Longest name of a firm among other lines, characters. */
    private const FIRM = 60;

    private const PRONOUNS = '/^\(?(?:she|he|they)\s*\/\s*(?:her|him|them)/i';

    /** "Role, Firm" and "Role at Firm" are two facts. */
    private const ROLE_AT_FIRM
        = '/^(.{3,60}?)(?:,\s+|\s+(?:at|@|bei|chez|bij|hos|presso)\s+)([\p{Lu}\p{Lo}].{2,60})$/u';

    /** A sentence of four to nine words with one capital, and no number. */
    private const TAGLINE = '/^\p{Lu}[^\p{Lu}\d]+$/u';

    private readonly Firm $firm;

    /** Index of the line that is the name; null where none is. */
    private ?int $name = null;

    private float $score = 0.0;

    /** @var array<int, true> lines that are surely a firm's: where there is one, none is guessed to be */
    private array $firms = [];

    /** @var array<string, true> kinds there is one of already */
    private array $taken = [];

    /** @var list<ImportedLine> */
    private readonly array $lines;

    /** @param  list<ImportedLine>  $lines */
    public function __construct(array $lines, private readonly Facts $facts)
    {
        $this->lines = PostalAddress::joined($lines);
        $this->firm = Firm::of($facts);
    }

    /** Adds a fact for every line. */
    public function classify(): void
    {
        foreach ($this->lines as $index => $line) {
            $score = NameScore::of($line, $index, $this->firm->mailbox);
            if ($score > $this->score) {
                [$this->name, $this->score] = [$index, $score];
            }
            if ($this->isFirm($line->text)) {
                $this->firms[$index] = true;
            }
        }
        foreach ($this->lines as $index => $line) {
            if ($index === $this->name && $this->score >= NameScore::NAMED) {
                $this->addName($line->text);
            } elseif (! $this->addRoleAtFirm($line->text)) {
                $this->addLine($index, $line->text);
            }
        }
    }

    /** Title and firm often follow the name behind a comma. */
    private function addName(string $text): void
    {
        [$name, $more] = array_map(trim(...), explode(',', $text, 2) + [1 => '']);
        $this->facts->add('name', ['text' => $name], min(0.97, 0.5 + $this->score / 12), $text);
        if ($more !== '') {
            $role = Words::within('roles', $more);
            $this->facts->add($role ? 'role' : 'credentials', ['text' => $more], $role ? 0.85 : 0.7, $text);
            $this->taken += $role ? ['role' => true] : [];
        }
    }

    private function addRoleAtFirm(string $text): bool
    {
        if (isset($this->taken['company'], $this->taken['role'])
            || preg_match(self::ROLE_AT_FIRM, $text, $pair) !== 1 || preg_match('/\d/', $text) === 1
            || ! Words::within('roles', $pair[1]) || Words::within('roles', $pair[2])) {
            return false;
        }
        $this->facts->add('role', ['text' => $pair[1]], 0.8, $text);
        $firm = rtrim($pair[2], ', ');
        // Where a surer firm stands on a line of its own, this is a part of it.
        $part = $this->firms !== [] && $this->firm->isNamed($firm) < Firm::CONFIRMED ? 'department' : 'company';
        $this->facts->add($part, ['text' => $firm], 0.75, $text);
        $this->taken += ['role' => true, $part => true];

        return true;
    }

    private function addLine(int $index, string $text): void
    {
        [$kind, $confidence] = $this->closing($index, $text) ?? $this->smallPrint($text) ?? $this->address($text)
            ?? $this->department($index, $text) ?? $this->company($index, $text) ?? $this->role($index, $text)
            ?? $this->tagline($index, $text) ?? $this->companyBelowName($index, $text) ?? ['line', 0.35];
        $this->taken[$kind] = true;
        $plain = rtrim($text, ', ');
        $sentence = $this->lines[$index]->linked(mb_strimwidth($plain, 0, 1100, '…'));
        if (in_array($kind, ['line', 'notice', 'tagline', 'licence'], true) && $sentence !== $plain) {
            $this->facts->add($kind, [$kind === 'line' ? 'value' : 'text' => $sentence], max($confidence, 0.6), $plain);

            return;
        }
        $this->facts->add($kind, match ($kind) {
            'closing' => ['phrase' => $text],
            'line' => ['value' => mb_strimwidth($plain, 0, 150, '…')],
            default => ['text' => $plain],
        }, $confidence, $kind === 'closing' ? $text : $plain);
    }

    /** @return array{string, float}|null kind and confidence */
    private function closing(int $index, string $text): ?array
    {
        if (Closing::is($text)) {
            return ['closing', 0.9];
        }

        if ($this->name === null || $index >= $this->name || $this->firm->isNamed($text) > 0
            || Words::within('roles', $text) || preg_match('/^[^\d:]{2,40}$/u', $text) !== 1) {
            return null;
        }

        return ['closing', Closing::mayBe($text) ? 0.75 : 0.55];
    }

    /** @return array{string, float}|null */
    private function smallPrint(string $text): ?array
    {
        return match (true) {
            mb_strlen($text) > self::PROSE, Words::within('small-print', $text) => ['notice', 0.9],
            Words::within('licences', $text) => ['licence', 0.8],
            preg_match(self::PRONOUNS, $text) === 1 => ['pronouns', 0.95],
            default => null,
        };
    }

    /** @return array{string, float}|null */
    private function address(string $text): ?array
    {
        $sure = PostalAddress::sure($text);

        return $sure > 0 ? ['address', $sure] : null;
    }

    /** @return array{string, float}|null */
    private function department(int $index, string $text): ?array
    {
        return ! isset($this->taken['department']) && array_diff_key($this->firms, [$index => true]) !== []
            && $this->firm->isNamed($text) < Firm::CONFIRMED && Words::within('departments', $text)
            ? ['department', 0.7] : null;
    }

    /** @return array{string, float}|null */
    private function company(int $index, string $text): ?array
    {
        $sure = isset($this->taken['company']) ? 0.0 : $this->firm->isNamed($text);
        // Above the name stands the firm, whatever it is called.
        $role = $sure < Firm::CONFIRMED && ! isset($this->taken['role'])
            && $index > ($this->name ?? -1) && Words::within('roles', $text);

        return $sure > 0 && ! $role ? ['company', $sure] : null;
    }

    /** @return array{string, float}|null */
    private function role(int $index, string $text): ?array
    {
        if (isset($this->taken['role'])) {
            return null;
        }
        if (Words::within('roles', $text)) {
            return ['role', 0.85];
        }

        return $this->isBelowName($index, 1) && mb_strlen($text) < self::FIRM ? ['role', 0.55] : null;
    }

    /** @return array{string, float}|null */
    private function tagline(int $index, string $text): ?array
    {
        return ! isset($this->taken['tagline']) && $this->isBelowName($index, 4)
            && preg_match(self::TAGLINE, $text) === 1 && preg_match('/^\S+(?: \S+){3,8}$/u', $text) === 1
            ? ['tagline', 0.55] : null;
    }

    /** @return array{string, float}|null */
    private function companyBelowName(int $index, string $text): ?array
    {
        return ! isset($this->taken['company']) && $this->firms === [] && $this->name !== null
            && $index <= $this->name + 2 && mb_strlen($text) < 50 ? ['company', 0.5] : null;
    }

    /** At most so many lines below. */
    private function isBelowName(int $index, int $lines): bool
    {
        return $this->name !== null && $index > $this->name && $index <= $this->name + $lines;
    }

    private function isFirm(string $text): bool
    {
        return $this->firm->isNamed($text) > 0 && mb_strlen($text) < self::FIRM && preg_match('/\d/', $text) !== 1
            && ! Words::within('roles', $text) && ! Words::within('licences', $text)
            && ! Words::within('small-print', $text);
    }
}
