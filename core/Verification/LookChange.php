<?php

namespace InkyCard\Verification;

use InkyCard\Said;

/** One way a card looks other than it was handed over, with all of it that does. */
final readonly class LookChange
{
    /** Words and pictures that are named. */
    private const NAMED = 3;

    /**
     * @param  string  $what  ink, size, bold, italic, underlined, struck, leading, typeface, background, align, place,
     *     space, order or picture
     * @param  list<string>  $of  words, or what stands in place of a picture
     * @param  string|Said  $before  as it was handed over, in words
     * @param  string|Said  $after  as it arrived
     */
    public function __construct(
        public string $what, public array $of, public string|Said $before, public string|Said $after,
    ) {
    }

    /** In the terms a reader sees. */
    public function says(): Said
    {
        $values = ['names' => $this->names(), 'before' => $this->before, 'after' => $this->after];
        $now = $this->after === 'yes';

        return match ($this->what) {
            'ink' => Said::of('The ink of :names: :before became :after.', $values),
            'size' => Said::of('The size of :names: :before became :after.', $values),
            'leading' => Said::of('The line spacing of :names: :before became :after.', $values),
            'typeface' => Said::of('The typeface of :names: :before became :after.', $values),
            'background' => Said::of('The background of :names: :before became :after.', $values),
            'bold' => $now ? Said::of(':names: bold now.', $values) : Said::of(':names: no longer bold.', $values),
            'italic' => $now ? Said::of(':names: slanted now.', $values)
                : Said::of(':names: no longer slanted.', $values),
            'underlined' => $now ? Said::of(':names: underlined now.', $values)
                : Said::of(':names: no longer underlined.', $values),
            'struck' => $now ? Said::of(':names: struck through now.', $values)
                : Said::of(':names: no longer struck through.', $values),
            'space' => Said::of('Above :names: :after.', $values),
            'order' => Said::of(':names: in another order now.', $values),
            'place' => Said::of(':names: :after.', $values),
            'picture' => Said::of('The picture :names: :before became :after.', $values),
            default => Said::of(':names: :before became :after.', $values),
        };
    }

    private function names(): string|Said
    {
        $names = implode(', ', array_map(
            fn (string $name) => '“'.mb_strimwidth($name, 0, 40, '…').'”', array_slice($this->of, 0, self::NAMED),
        ));
        $more = count($this->of) - self::NAMED;

        return $more > 0 ? Said::of(':names and :count more', ['names' => $names, 'count' => $more]) : $names;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['before' => (string) $this->before, 'after' => (string) $this->after] + get_object_vars($this);
    }
}
