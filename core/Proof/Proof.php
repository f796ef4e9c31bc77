<?php

namespace InkyCard\Proof;

use InkyCard\MailClient\MailClient;

/** A card looked at by every check. */
final readonly class Proof
{
    /**
     * @param  list<Finding>  $findings  the gravest first
     * @param  list<Check>  $passed  checks that found nothing
     * @param  array<string, list<Check>>  $blind  checks that found nothing and could not look at all, by what kept
     *     them from it
     */
    private function __construct(
        public Subject $subject,
        public array $findings,
        public array $passed,
        public array $blind,
    ) {
    }

    public static function of(Subject $subject): self
    {
        $findings = $passed = $blind = [];
        foreach (Checks::all() as $check) {
            $found = $check->find($subject);
            $why = $found === [] ? $check->blind($subject) : '';
            if ($found !== []) {
                array_push($findings, ...$found);
            } elseif ($why !== '') {
                $blind[$why][] = $check;
            } else {
                $passed[] = $check;
            }
        }
        $findings = array_map(fn (Finding $found) => self::mendable($found, $subject, $passed), $findings);
        usort($findings, fn (Finding $one, Finding $other) => $one->severity->rank() <=> $other->severity->rank());

        return new self($subject, $findings, $passed, $blind);
    }

    /**
     * With its mend only where that trips none of what facts and layout pass: a portrait grown to its text may push
     * the card off a phone.
     *
     * @param  list<Check>  $passed
     */
    private static function mendable(Finding $found, Subject $subject, array $passed): Finding
    {
        if ($found->mend === null) {
            return $found;
        }
        $mended = $subject->after($found->mend->edit);
        foreach ($passed as $check) {
            if (in_array($check->area(), [Area::Facts, Area::Layout], true) && $check->find($mended) !== []) {
                return $found->unmended();
            }
        }

        return $found;
    }

    /**
     * Of a hundred: less the weight of every check that found something, at
     * the weight of its gravest finding. Clearing a finding takes a weight
     * away or leaves it, so mending never lowers the score.
     */
    public function score(): int
    {
        $weights = [];
        foreach ($this->findings as $finding) {
            $weights[$finding->check] = max($weights[$finding->check] ?? 0, $finding->severity->weight());
        }

        return max(0, 100 - array_sum($weights));
    }

    /** The same without what some checks found. @param  string  ...$checks  their keys */
    public function without(string ...$checks): self
    {
        $left = array_filter($this->findings, fn (Finding $finding) => ! in_array($finding->check, $checks, true));

        return new self($this->subject, array_values($left), $this->passed, $this->blind);
    }

    /** The finding of that id; null when it is not found any more. */
    public function finding(string $id): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->id() === $id) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * Where the card holds: what is gravest in an area for the readers of a
     * stand-in. Advice that concerns all alike says nothing of where.
     *
     * @return array<string, array<string, ?Finding>> area => stand-in => the finding; null where it holds
     */
    public function matrix(): array
    {
        $matrix = [];
        foreach (Area::cases() as $area) {
            foreach (MailClient::ALL as $client) {
                $matrix[$area->value][$client] = null;
                foreach ($this->findings as $finding) {
                    if (
                        $finding->area === $area
                        && ($finding->clients === []
                            ? $finding->severity !== Severity::Advice
                            : in_array($client, $finding->clients, true))
                    ) {
                        $matrix[$area->value][$client] = $finding;
                        break;
                    }
                }
            }
        }

        return $matrix;
    }

    /** @return array<string, Finding> piece => its gravest finding */
    public function byPiece(): array
    {
        $pieces = [];
        foreach ($this->findings as $finding) {
            foreach ($finding->pieces as $piece) {
                $pieces[$piece] ??= $finding;
            }
        }

        return $pieces;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'score' => $this->score(),
            'findings' => array_map(fn (Finding $finding) => $finding->toArray(), $this->findings),
            'passed' => array_map(fn (Check $check) => $check->key(), $this->passed),
            'not_looked' => array_map(
                fn (array $checks) => array_map(fn (Check $check) => $check->key(), $checks), $this->blind,
            ),
        ];
    }
}
