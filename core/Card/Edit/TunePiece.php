<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Content\LineBlock;
use InkyCard\Card\Style\CallLook;
use InkyCard\Card\Style\Settings;
use InkyCard\Card\Style\Tuning;
use InkyCard\Refusal;

/** Sets a piece's own look and whether it joins the previous piece's line. */
final readonly class TunePiece implements Edit
{
    private const FLAGS = ['bold', 'italic', 'underline', 'caps'];

    /**
     * @param  array<string, mixed>  $tuning  as Tuning::of reads it; null for "as the style says"; of `call` what it
     *                                        names alone changes
     * @param  ?bool  $joined  null to leave it as it is
     */
    public function __construct(private string $id, private array $tuning, private ?bool $joined = null)
    {
    }

    /**
     * From a form, where everything is text: empty means "as the style says".
     *
     * @param  array<array-key, mixed>  $form  as Tuning has it, and `joined`; flags are "1" or "0"
     */
    public static function fromForm(string $id, array $form): self
    {
        $set = array_map(
            fn (mixed $value) => $value === '' ? null : $value,
            array_intersect_key(
                $form, array_flip([...self::FLAGS, 'ink', 'colour', 'face', 'size', 'align', 'gap', 'call']),
            ),
        );
        if (is_string($form['shape'] ?? null) && isset(CallLook::SHAPES[$form['shape']])) {
            $set['call'] = CallLook::SHAPES[$form['shape']] + (array) ($set['call'] ?? []);
        }
        if (is_string($form['symbol'] ?? null) && $form['symbol'] !== '') {
            $set['call'] = ['symbol' => $form['symbol']] + (array) ($set['call'] ?? []);
        }
        // Of a list of typefaces and a chain of one's own, the one that says something.
        if (is_string($form['chain'] ?? null) && trim($form['chain']) !== '') {
            $set['face'] = $form['chain'];
        }
        foreach (array_intersect(self::FLAGS, array_keys(array_filter($set, is_string(...)))) as $flag) {
            $set[$flag] = $set[$flag] === '1';
        }

        return new self($id, $set, isset($form['joined']) ? $form['joined'] === '1' : null);
    }

    public function apply(Card $card): Card
    {
        $piece = $card->piece($this->id);
        $tuning = Refusal::at('/tuning', fn () => Tuning::of($this->onto($piece->tuning)));

        return $card->replacing($piece->with([
            'tuning' => $tuning,
            'joined' => match ($this->joined) {
                null => $piece->joined,
                true => $piece->joined ?? LineBlock::SEPARATOR,
                false => null,
            },
        ]));
    }

    /** @return array<string, mixed> */
    private function onto(Tuning $before): array
    {
        $call = isset($this->tuning['call']) ? ['call' => [
            ...$before->call?->toArray() ?? [], ...Settings::object('call', $this->tuning['call']),
        ]] : [];

        return $call + $this->tuning + $before->toArray();
    }

    public function words(Card $before): string
    {
        return $before->piece($this->id)->kind->label().' tuned';
    }
}
