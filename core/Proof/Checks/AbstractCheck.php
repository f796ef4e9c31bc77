<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Brand\InkRole;
use InkyCard\Card\CardLink;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\ShowPiece;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Link\Verdict;
use InkyCard\Proof\Area;
use InkyCard\Proof\Check;
use InkyCard\Proof\Finding;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Narrowing;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** What checks have in common. */
abstract class AbstractCheck implements Check
{
    /** Pieces named as those that make most of something. */
    private const NAMED = 3;

    public function __construct(
        private readonly string $key,
        private readonly string $title,
        private readonly Area $area,
        private readonly Severity $severity,
    ) {
    }

    public function key(): string
    {
        return $this->key;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function area(): Area
    {
        return $this->area;
    }

    public function blind(Subject $subject): string
    {
        return '';
    }

    /** What keeps from judging links: those nobody followed lately. */
    protected static function unfollowed(Subject $subject): string
    {
        $pages = array_filter($subject->links(), fn (CardLink $link) => str_starts_with($link->address, 'http'));
        $left = count(array_filter($pages, fn (CardLink $link) => ! isset($subject->verdicts[$link->address])));

        return match (true) {
            $left === 0 => '',
            $left === count($pages) => 'its links were not followed lately',
            default => "$left of ".count($pages).' links were not followed lately',
        };
    }

    /** What keeps from judging pictures: those whose files nobody has seen. */
    protected static function unseen(Subject $subject): string
    {
        $unseen = array_filter(
            $subject->sheet->pictures(), fn (PictureBlock $picture) => $subject->fact($picture) === null,
        );
        $count = count(array_unique(array_column($unseen, 'alt')));

        return $count === 0 ? '' : ($count === 1 ? 'one picture' : "$count pictures").' could not be measured';
    }

    /**
     * @param  array<array-key, int|string>  $pieces  ids
     * @param  list<string>  $clients
     */
    protected function found(string|Said $says, array $pieces = [], array $clients = [], ?Mend $mend = null): Finding
    {
        return new Finding(
            $this->key, $this->title, $this->area, $this->severity, $says,
            array_values(array_map(strval(...), $pieces)), $clients, $mend,
        );
    }

    /**
     * Links a check of links judged so.
     *
     * @param  list<Verdict>  $verdicts
     * @param  \Closure(CardLink, Verdict): (string|Said)  $says
     * @return list<Finding>
     */
    protected function withVerdict(Subject $subject, array $verdicts, \Closure $says): array
    {
        $found = [];
        foreach ($subject->links() as $link) {
            $verdict = $subject->verdicts[$link->address] ?? null;
            if ($verdict !== null && in_array($verdict, $verdicts, true)) {
                $found[] = $this->found($says($link, $verdict), [$link->piece->id]);
            }
        }

        return $found;
    }

    /**
     * An edit that brings the card within a width: what stands beside something goes under it, then pictures are
     * narrowed. Null when that is not enough.
     *
     * @param  list<string>  $over  ids of pieces that run over
     */
    protected static function narrower(Subject $subject, array $over, int $most): ?Mend
    {
        $narrowing = new Narrowing($subject->card, $most);
        foreach ($over as $id) {
            $narrowing->wrap($id);
        }
        $wrapped = $narrowing->edits() !== [];
        foreach ($over as $id) {
            $narrowing->shrink($id);
        }

        return $narrowing->edits() === [] || ! $narrowing->fits() ? null : new Mend(
            $wrapped ? 'Wrap it' : 'Narrow it',
            new CompositeEdit($narrowing->edits(), $wrapped ? 'Wrapped to fit' : 'Narrowed to fit'),
        );
    }

    /**
     * Inks of the card moved, in lightness alone and as little as possible, until they pass on the paper.
     *
     * @param  \Closure(Colour, Colour): bool  $passes  ink, paper
     */
    protected static function readable(Subject $subject, \Closure $passes): ?Mend
    {
        $style = $subject->card->style;
        $paper = $style->ink(InkRole::Paper);
        $used = [];
        foreach ($subject->runs() as [, $run, $background]) {
            if ($background->equals($paper)) {
                $used[$run->ink->hex] = true;
            }
        }
        $inks = [];
        foreach ([InkRole::Body, InkRole::Accent, InkRole::Quiet, InkRole::Link] as $role) {
            $ink = $style->ink($role);
            if (isset($used[$ink->hex]) && ! $passes($ink, $paper)) {
                $better = Contrast::nearest($ink, fn (Colour $other) => $passes($other, $paper));
                if ($better === null) {
                    return null;
                }
                $inks[$role->value] = $better->hex;
            }
        }

        return $inks === []
            ? null
            : new Mend(
                count($inks) === 1 ? 'Take the nearest readable ink' : 'Take the nearest readable inks',
                new Restyle(['inks' => $inks]),
            );
    }

    /** @return list<string> ids of the pieces whose code is longest */
    protected static function longest(Subject $subject): array
    {
        $weights = [];
        preg_match_all('/data-piece="([^"]+)"(.*?)(?=data-piece=|$)/s', $subject->named(), $found, PREG_SET_ORDER);
        foreach ($found as [, $piece, $code]) {
            $weights[$piece] = ($weights[$piece] ?? 0) + strlen($code);
        }

        return self::ids(implode(' ', self::most($weights)));
    }

    /**
     * @param  array<string, float|int>  $weights  piece => how much it is
     * @return list<string> the few that make most of it
     */
    protected static function most(array $weights): array
    {
        arsort($weights);

        return array_map(strval(...), array_slice(array_keys($weights), 0, self::NAMED));
    }

    /** @return list<Piece> pieces of a kind whose days are over */
    protected static function over(Subject $subject, Capability $capability): array
    {
        return array_values(array_filter(
            $subject->pieces($capability),
            fn (Piece $piece) => $piece->kind->window($piece)?->isOver($subject->today) === true,
        ));
    }

    /** @param  list<Piece>  $pieces */
    protected static function hide(array $pieces, string $label, string $words): Mend
    {
        return new Mend($label, new CompositeEdit(
            array_map(fn (Piece $piece) => new ShowPiece($piece->id, false), $pieces), $words,
        ));
    }

    /**
     * @param  \Closure(TextRun, Colour): float  $ratio  of a stretch of text on its background
     * @return array<string, float> piece => its least
     */
    protected static function worst(Subject $subject, \Closure $ratio): array
    {
        $worst = [];
        foreach ($subject->runs() as [$piece, $run, $on]) {
            $one = $ratio($run, $on);
            $worst[$piece->id] = min($one, $worst[$piece->id] ?? $one);
        }

        return $worst;
    }

    /** @return list<string> ids parted by spaces, each once */
    protected static function ids(string $pieces): array
    {
        return array_values(array_unique(array_filter(explode(' ', $pieces), fn (string $id) => $id !== '')));
    }

    /** @param  list<Piece>  $pieces */
    protected static function names(array $pieces): string
    {
        return ucfirst(
            implode(', ', array_unique(array_map(fn (Piece $piece) => mb_strtolower($piece->kind->label()), $pieces))),
        );
    }

    /** A ratio with one digit, never rounded up to what it is not. */
    protected static function one(float $ratio): string
    {
        return number_format(floor($ratio * 10) / 10, 1);
    }
}
