<?php

namespace App\Campaigns;

use App\Models\StoredCard;
use App\Proof\Prover;
use InkyCard\Footer\FooterCard;
use InkyCard\Proof\Finding;

/** A footer proofed as one recipient has it, and with its tokens as they are: what holds of both is said once. */
final readonly class FooterProof
{
    /** What is meant to be there while nobody is filled in. */
    private const MEANT = 'token-left';

    /** Of a hundred, as one recipient has it, and with its tokens. */
    public int $filled;

    public int $unfilled;

    /** @var list<array{Finding, string}> with when it is so: empty for always */
    public array $findings;

    /** @param  array<string, string>  $values  of a recipient; empty for nobody */
    public function __construct(Prover $prover, StoredCard $sender, FooterCard $composed, array $values)
    {
        $filled = $prover->of($sender, $composed->as($values));
        $raw = $prover->of($sender, $composed->as(null))->without(self::MEANT);
        [$this->filled, $this->unfilled] = [$filled->score(), $raw->score()];
        $one = array_column($filled->findings, null, 'title');
        $other = array_column($raw->findings, null, 'title');
        $this->findings = [
            ...array_map(
                fn (Finding $finding) => [$finding, isset($other[$finding->title]) ? '' : __('filled in')],
                array_values($one),
            ),
            ...array_map(
                fn (Finding $finding) => [$finding, __('with its tokens')], array_values(array_diff_key($other, $one)),
            ),
        ];
    }
}
