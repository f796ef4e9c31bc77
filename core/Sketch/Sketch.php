<?php

namespace InkyCard\Sketch;

use InkyCard\Card\Card;
use InkyCard\Layout\Impression;

/** A whole design a card could have. */
final readonly class Sketch
{
    /**
     * @param  string  $key  what it is made again by: a starter and a treatment
     * @param  string  $name  of the starter whose design it is
     * @param  int  $score  of its proof, of a hundred
     * @param  float  $worth  score less what is out of proportion
     */
    public function __construct(
        public string $key,
        public string $name,
        public Card $card,
        public Impression $impression,
        public int $score = 0,
        public float $worth = 0,
    ) {
    }

    public function judged(int $score, float $worth): self
    {
        return new self($this->key, $this->name, $this->card, $this->impression, $score, $worth);
    }
}
