<?php

namespace InkyCard\Sketch;

use InkyCard\Brand\Brand;
use InkyCard\Card\Card;
use InkyCard\Card\Starter\Starters;
use InkyCard\Compose\PictureSources;
use InkyCard\Layout\Impression;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Proof\Proof;
use InkyCard\Proof\Subject;
use InkyCard\Refusal;
use InkyCard\Time\Day;

/**
 * Whole designs for a card's facts: poured into every starter, those that run over left out, the rest best first by
 * proof, proportion and how unlike those before them they are.
 */
final class Sketches
{
    public const SHOWN = 24;

    /** So many are proofed beyond those left out: the most unlike each other. */
    private const PROOFED = 26;

    /** What the distance of two (see Impression) is worth beside a point of the score; more than `FAR` is far. */
    private const UNLIKE = 220;

    private const FAR = 0.15;

    /** Size of a name that is too long for its design's, CSS px. */
    private const NAME = 15;

    /** Points off for a design another treatment of which is there. */
    private const AGAIN = 20;

    /** @param  PictureSources  $pictures  names files; none is baked for it */
    public function __construct(
        private readonly Brand $brand,
        private readonly Day $today,
        private readonly PictureSources $pictures,
    ) {
    }

    /**
     * One of them again.
     *
     * @param  string  $key  of a sketch
     *
     * @throws Refusal when there is no such design
     */
    public function design(string $key, Card $facts, Kept $kept): Card
    {
        [$starter, $treatment] = explode('.', $key, 2) + [1 => ''];
        $starter = Starters::all()[$starter] ?? null;
        $treatment = Treatment::tryFrom($treatment);

        return $starter === null || $treatment === null
            ? throw Refusal::because('There is no such sketch any more.')
            : $this->poured($starter->sample(), $treatment, $facts, $kept);
    }

    /**
     * @param  int  $from  those before it are left out
     * @return list<Sketch> at most SHOWN, best first
     */
    public function of(Card $facts, Kept $kept, int $from = 0): array
    {
        $proofed = array_map(
            $this->judged(...), self::order($this->candidates($facts, $kept), $from + self::PROOFED),
        );

        return array_slice(self::order($proofed, count($proofed)), $from, self::SHOWN);
    }

    /** @return list<Sketch> every design that fits a letter and a phone */
    private function candidates(Card $facts, Kept $kept): array
    {
        $all = [];
        foreach (Starters::all() as $key => $starter) {
            $design = $starter->sample();
            $treatments = array_filter(Treatment::cases(), fn (Treatment $one) => $one->changes($design->style));
            foreach ($treatments as $treatment) {
                $card = $this->poured($design, $treatment, $facts, $kept);
                $sheet = Sheet::of($card);
                $measured = Measure::at($sheet, [Limits::PHONE_WIDTH, Limits::WIDTH]);
                if ($measured[Limits::PHONE_WIDTH]->overflow() > 0 || $measured[Limits::WIDTH]->overflow() > 0) {
                    continue;
                }
                $all[] = (new Sketch(
                    "$key.$treatment->value", $starter->name, $card, Impression::of($sheet),
                ))->judged(0, self::proportion($measured[Limits::WIDTH]->width, $measured[Limits::WIDTH]->height));
            }
        }

        return $all;
    }

    /** A name too long for a phone at the size of the design is set smaller. */
    private function poured(Card $design, Treatment $treatment, Card $facts, Kept $kept): Card
    {
        $card = Pour::into($design, $treatment, $facts, $kept, $this->brand);

        return $card->style->sizes->name <= self::NAME
            || Measure::of(Sheet::of($card), Limits::PHONE_WIDTH)->overflow() === 0.0 ? $card
            : $card->with(['style' => $card->style->with(['sizes' => ['name' => self::NAME]])]);
    }

    /** @return float points off for being tall, or wide and low */
    private static function proportion(float $width, float $height): float
    {
        return -max(0, $height - 190) / 12 - max(0, $width - 460) / 20;
    }

    private function judged(Sketch $sketch): Sketch
    {
        $score = Proof::of(new Subject($sketch->card, $this->brand, $this->today, $this->pictures))->score();

        return $sketch->judged($score, $score + $sketch->worth);
    }

    /**
     * The most worth first, then always the one that is worth most and unlike those before it.
     *
     * @param  list<Sketch>  $sketches
     * @return list<Sketch>
     */
    private static function order(array $sketches, int $most): array
    {
        $ordered = $taken = [];
        $near = array_fill(0, count($sketches), self::FAR);
        while ($sketches !== [] && count($ordered) < $most) {
            $values = [];
            foreach ($sketches as $index => $sketch) {
                $values[$index] = $sketch->worth + self::UNLIKE * $near[$index] - ($taken[$sketch->name] ?? 0);
            }
            $next = (int) array_search(max($values), $values, true);
            $ordered[] = $best = $sketches[$next];
            $taken[$best->name] = self::AGAIN;
            unset($sketches[$next]);
            foreach ($sketches as $index => $sketch) {
                $near[$index] = min($near[$index], $best->impression->distance($sketch->impression));
            }
        }

        return $ordered;
    }
}
