<?php

namespace App\Campaigns;

use App\Models\StoredLetter;
use App\Models\Workspace;
use InkyCard\Letter\LetterDocument;

/** A letter in the making, as it is shown. */
final readonly class LetterPage
{
    public const BEGIN = [
        'subject' => 'What is on', 'body' => "# What is on\n\nDear reader,\n\nWrite here. **Strong**, *emphasised*, "
            ."[linked](https://example.com) words, lists and quotations go.\n\n- one\n- two\n",
    ];

    /** What the proof asks of a card and of no letter. */
    public const CARDS_ALONE = [
        'token-left', 'no-name', 'name-first', 'no-contact', 'too-tall', 'long-line', 'links-many', 'licence', 'notice',
        'trust-page', 'code-near', 'code-long',
    ];

    public LetterDocument $letter;

    public Picks $picks;

    /** @param  string  $recipient  see Picks */
    public function __construct(Workspace $workspace, public StoredLetter $stored, string $recipient)
    {
        $this->letter = $stored->letter($workspace);
        $composed = $stored->composed($workspace);
        $this->picks = new Picks($workspace, $composed->tokens(), $composed->card->lang, $recipient);
    }
}
