<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Brand\InkRole;
use InkyCard\Card\CardLink;
use InkyCard\Card\Edit\CompositeEdit;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Card\Piece;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Link\Verdict;
use InkyCard\Proof\Area;
use InkyCard\Proof\Check;
use InkyCard\Proof\Finding;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;

/** What checks have in common. */
abstract class AbstractCheck implements Check
{
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

    /**
     * @param  array<array-key, int|string>  $pieces  ids
     * @param  list<string>  $clients
     */
    protected function found(string $says, array $pieces = [], array $clients = [], ?Mend $mend = null): Finding
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
     * @param  \Closure(CardLink, Verdict): string  $says
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
        $edits = [];
        $card = $subject->card;
        $fits = fn () => Measure::at(Sheet::of($card), [$most])[$most]->width < $most + 1;
        foreach ($over as $id) {
            foreach (explode(' ', $id) as $one) {
                if ($card->piece($one)->joined !== null && ! $fits()) {
                    $edits[] = $edit = new TunePiece($one, [], false);
                    $card = $edit->apply($card);
                }
            }
        }
        $wrapped = $edits !== [];
        foreach ($over as $id) {
            $piece = $card->piece(explode(' ', $id)[0]);
            $resizes = $piece->kind->resizes();
            $box = Measure::at(Sheet::of($card), [$most])[$most]->boxes[$id] ?? null;
            if ($resizes !== null && $resizes[0] !== 'button' && $box !== null && ! $fits()) {
                $room = (int) floor($most - $box->x);
                if ($room >= $resizes[1]) {
                    $edits[] = $edit = new FillPiece($piece->id, [$resizes[0] => min($resizes[2], $room)]);
                    $card = $edit->apply($card);
                }
            }
        }

        return $edits === [] || ! $fits()
            ? null
            : new Mend(
                $wrapped ? 'Wrap it' : 'Narrow it',
                new CompositeEdit($edits, $wrapped ? 'Wrapped to fit' : 'Narrowed to fit'),
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
        foreach ($subject->runs() as [, $run, $ground]) {
            if ($ground->equals($paper)) {
                $used[$run->ink->toHex()] = true;
            }
        }
        $inks = [];
        foreach ([InkRole::Body, InkRole::Accent, InkRole::Quiet, InkRole::Link] as $role) {
            $ink = $style->ink($role);
            if (isset($used[$ink->toHex()]) && ! $passes($ink, $paper)) {
                $better = Contrast::nearest($ink, fn (Colour $other) => $passes($other, $paper));
                if ($better === null) {
                    return null;
                }
                $inks[$role->value] = $better->toHex();
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
        arsort($weights);

        return self::ids(implode(' ', array_slice(array_keys($weights), 0, 3)));
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
