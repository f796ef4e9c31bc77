<?php

namespace InkyCard\Verification;

/** One way a card looks other than it was handed over, with all of it that does. */
final readonly class LookChange
{
    /** Words and pictures that are named. */
    private const NAMED = 3;

    /**
     * @param  string  $what  ink, size, bold, italic, underlined, struck, leading, typeface, background, align, place,
     *     space, order or picture
     * @param  list<string>  $of  words, or what stands in place of a picture
     * @param  string  $before  as it was handed over, in words
     * @param  string  $after  as it arrived
     */
    public function __construct(public string $what, public array $of, public string $before, public string $after)
    {
    }

    /** In the terms a reader sees. */
    public function says(): string
    {
        $names = $this->names();
        $became = "$this->before became $this->after.";

        return match ($this->what) {
            'ink' => "The ink of $names: $became",
            'size' => "The size of $names: $became",
            'leading' => "The line spacing of $names: $became",
            'typeface' => "The typeface of $names: $became",
            'background' => "The background of $names: $became",
            'bold' => "$names: ".($this->after === 'yes' ? 'bold now.' : 'no longer bold.'),
            'italic' => "$names: ".($this->after === 'yes' ? 'slanted now.' : 'no longer slanted.'),
            'underlined' => "$names: ".($this->after === 'yes' ? 'underlined now.' : 'no longer underlined.'),
            'struck' => "$names: ".($this->after === 'yes' ? 'struck through now.' : 'no longer struck through.'),
            'space' => "Above $names: $this->after.",
            'order' => "$names: in another order now.",
            'place' => "$names: $this->after.",
            'picture' => "The picture $names: $became",
            default => "$names: $became",
        };
    }

    private function names(): string
    {
        $names = array_map(
            fn (string $name) => '“'.mb_strimwidth($name, 0, 40, '…').'”', array_slice($this->of, 0, self::NAMED),
        );
        $more = count($this->of) - count($names);

        return implode(', ', $names).($more > 0 ? " and $more more" : '');
    }
}
