<?php

namespace InkyCard\Stamp;

/** A change to what a part says, written so that the rest of it stays, byte for byte. */
final readonly class PartChange
{
    public function __construct(private MailMessage $message, private MessagePart $part)
    {
    }

    /**
     * @param  Splice  $splice  of its content, in its own character set
     * @return list<Splice> of the message
     */
    public function of(Splice $splice): array
    {
        if (! TransferEncoding::carries($splice->put, $this->part->encoding())) {
            return $this->again($splice->in($this->message->content($this->part)), null);
        }
        $from = $this->part->head->body;
        $written = substr($this->message->bytes, $from, $this->part->end - $from);

        return [new Splice($from, strlen($written), TransferEncoding::splice(
            $written, $this->part->encoding(), $splice, $this->message->eol,
        ))];
    }

    /**
     * The same in UTF-8, for a part whose own set has not all the signs.
     *
     * @param  Splice  $splice  of its content as UTF-8
     * @return list<Splice>
     */
    public function ofUtf8(Splice $splice): array
    {
        $words = Charset::utf8($this->message->content($this->part), $this->part->charset());

        return $this->again($splice->in($words), 'utf-8');
    }

    /** @return list<Splice> */
    private function again(string $content, ?string $charset): array
    {
        $part = $this->part;
        $eol = $this->message->eol;
        $base64 = $part->encoding() === 'base64';
        $written = $base64 ? rtrim(chunk_split(base64_encode($content), 76, $eol))
            : TransferEncoding::quotedPrintable($content, $eol);

        return [
            new Splice($part->head->body, $part->end - $part->head->body, $written),
            ...$base64 ? [] : $this->field('Content-Transfer-Encoding', 'quoted-printable'),
            ...$charset === null ? [] : $this->field('Content-Type', $this->type($charset)),
        ];
    }

    private function type(string $charset): string
    {
        $said = "{$this->part->type()}; charset=$charset";
        foreach (array_diff_key($this->part->head->parameters, ['charset' => 1]) as $name => $value) {
            $said .= "; $name=\"".addcslashes($value, '"\\').'"';
        }

        return $said;
    }

    /** @return list<Splice> */
    private function field(string $name, string $value): array
    {
        [, , $from, $until] = $this->part->head->all(strtolower($name))[0]
            ?? ['', '', $this->part->start, $this->part->start];

        return [new Splice($from, $until - $from, "$name: $value{$this->message->eol}")];
    }
}
