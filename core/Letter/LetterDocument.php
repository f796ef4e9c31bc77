<?php

namespace InkyCard\Letter;

use InkyCard\Footer\FooterLink;
use InkyCard\Footer\TokenMarks;
use InkyCard\Footer\TokenStyle;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** A letter around a card: subject, heading picture, words, one call. What stands under it is a card or a footer. */
final readonly class LetterDocument
{
    public const FORMAT = 'inky-letter/1';

    private const BODY = 20_000;

    /**
     * @param  string  $preview  what mailboxes show beside the subject
     * @param  string  $body  see LetterText
     * @param  string  $picture  reference of the heading picture, see PictureRef; empty for none
     * @param  float  $ratio  its height by its width
     * @param  array<string, mixed>  $unknown  keys of the document this version does not know
     */
    private function __construct(
        public string $subject, public string $preview, public string $body, public string $picture,
        public float $ratio, public string $alt, public FooterLink $call, private array $unknown,
    ) {
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  TokenStyle  $style  its tokens are written in
     *
     * @throws Refusal
     */
    public static function of(array $given, TokenStyle $style, string $country = 'GB'): self
    {
        $subject = Refusal::at('/subject', fn () => CleanText::of($given['subject'] ?? '', 160, 'subject'));
        $body = is_string($given['body'] ?? null) ? mb_scrub($given['body']) : '';
        if (mb_strlen($body) > self::BODY) {
            throw Refusal::because(
                'A letter has at most :body letters.', '/body', ['body' => number_format(self::BODY)],
            );
        }
        // Read as it will be: an address that is none is said now.
        LetterText::read((new TokenMarks($style))->put($body), $country);
        $picture = is_string($given['picture'] ?? null) ? trim($given['picture']) : '';
        $ratio = $given['ratio'] ?? 0.4;

        return new self(
            $subject === '' ? throw Refusal::because('Give the letter a subject.', '/subject') : $subject,
            Refusal::at('/preview', fn () => CleanText::of($given['preview'] ?? '', 200, 'preview')),
            $body, $picture === '' ? '' : Refusal::at('/picture', fn () => PictureRef::parse($picture)),
            is_int($ratio) || is_float($ratio) ? max(0.02, min(10.0, (float) $ratio)) : 0.4,
            Refusal::at('/alt', fn () => CleanText::of($given['alt'] ?? '', 160, 'text')),
            Refusal::at('/call', fn () => FooterLink::of((array) ($given['call'] ?? []), $style)),
            array_diff_key($given, array_flip([
                'format', 'subject', 'preview', 'body', 'picture', 'ratio', 'alt', 'call',
            ])),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'format' => self::FORMAT, 'subject' => $this->subject, 'preview' => $this->preview, 'body' => $this->body,
            'picture' => $this->picture, 'ratio' => $this->ratio, 'alt' => $this->alt, 'call' => $this->call->toArray(),
        ] + $this->unknown;
    }
}
