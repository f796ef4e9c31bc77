<?php

namespace InkyCard\Proof\Checks;

use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\BackgroundPicture;
use InkyCard\Card\Style\Fill;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Layout\Behind;
use InkyCard\Proof\Area;
use InkyCard\Proof\Finding;
use InkyCard\Proof\Mend;
use InkyCard\Proof\Severity;
use InkyCard\Proof\Subject;
use InkyCard\Said;

/** A picture behind words has light and dark places, whatever it shows (need C21). */
final class BehindWords extends AbstractCheck
{
    public function __construct()
    {
        parent::__construct('behind', 'Words stand on a picture', Area::Pictures, Severity::Mend);
    }

    public function find(Subject $subject): array
    {
        $found = [];
        foreach (Behind::of($subject->card) as [$slot, $picture, $background]) {
            $pieces = self::on($subject, $slot);
            $finding = $pieces === [] ? null : $this->faint($subject, $slot, $picture, $background, $pieces);
            $finding === null || $found[] = $finding;
        }

        return $found;
    }

    /** @param  non-empty-list<Piece>  $pieces */
    private function faint(
        Subject $subject, string $slot, BackgroundPicture $picture, Colour $background, array $pieces,
    ): ?Finding {
        $worst = fn (BackgroundPicture $on): float => min(array_map(
            fn (Colour $at) => min([Contrast::TEXT, ...array_map(
                fn (TextRun $run) => Contrast::ratio($run->ink, $at), self::runs($subject, $pieces),
            )]),
            $on->extremes($background),
        ));
        $now = $worst($picture);
        if ($now >= Contrast::TEXT) {
            return null;
        }
        $group = $slot === '' ? 'ground' : "panels.$slot";
        $mend = null;
        for ($veil = $picture->veil + 5; $mend === null && $veil <= BackgroundPicture::VEIL[1]; $veil += 5) {
            $mend = $worst($picture->veiled($veil)) < Contrast::TEXT ? null
                : new Mend("Lay $veil % of the background over it", new Restyle(self::at($group, ['veil' => $veil])));
        }

        return $this->found(
            Said::of(
                ':one to 1 where the picture is lightest or darkest; from :one2 on words read well.',
                ['one' => self::one($now), 'one2' => self::one(Contrast::TEXT)],
            ),
            array_column($pieces, 'id'),
            mend: $mend ?? new Mend('Take the picture away', new Restyle(self::at($group, ['picture' => '']))),
        );
    }

    /**
     * @param  array<string, mixed>  $value
     * @return array<string, mixed>
     */
    private static function at(string $group, array $value): array
    {
        [$first, $slot] = explode('.', "$group.");

        return [$first => $slot === '' ? $value : [$slot => $value]];
    }

    /** @return list<Piece> pieces that stand on it */
    private static function on(Subject $subject, string $slot): array
    {
        $card = $subject->card;

        return array_values(array_filter($subject->pieces(), function (Piece $piece) use ($card, $slot): bool {
            $own = $card->slotOf($piece);
            $panel = $own === null ? null : $card->panel($own);

            return $slot === '' ? ($panel?->picture === null && ($panel->fill ?? Fill::None) === Fill::None)
                : $own?->name === $slot;
        }));
    }

    /**
     * @param  list<Piece>  $pieces
     * @return list<TextRun> words without a background of their own
     */
    private static function runs(Subject $subject, array $pieces): array
    {
        $runs = [];
        $ids = array_column($pieces, 'id');
        foreach ($subject->blocks() as [$piece, $block]) {
            $paper = Colour::hex('#010203');
            if (in_array($piece->id, $ids, true) && $block->background($paper) === $paper) {
                array_push($runs, ...$block->runs());
            }
        }

        return $runs;
    }
}
