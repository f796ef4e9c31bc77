<?php

namespace InkyCard\Stamp;

/** Pictures of a card that travel with the message, beside the HTML that shows them (RFC 2387). */
final readonly class AttachedPictures
{
    private const CONTENT = '/^content-/';

    public function __construct(private MailMessage $message, private MessagePart $html)
    {
    }

    /**
     * @param  CardParts  $card  with its pictures
     * @param  list<Splice>  $changes  of the HTML itself
     * @return list<Splice> of the message, those included
     */
    public function with(CardParts $card, array $changes): array
    {
        if ($card->files === []) {
            return $changes;
        }
        $related = $this->around($this->message->root);

        return $related === null ? [$this->wrapped($card, $changes)] : [...$changes, new Splice(
            $related->close, 0, $this->files($card, $related->head->parameters['boundary']),
        )];
    }

    /** The multipart/related its HTML stands in; null for none. */
    private function around(MessagePart $part): ?MessagePart
    {
        foreach ($part->children as $child) {
            if ($child->start <= $this->html->start && $child->end >= $this->html->end) {
                return $this->around($child) ?? ($part->type() === 'multipart/related' ? $part : null);
            }
        }

        return null;
    }

    private function files(CardParts $card, string $boundary): string
    {
        $eol = $this->message->eol;
        $parts = '';
        foreach ($card->files as $id => $picture) {
            $name = explode('@', $id)[0];
            $parts .= "--$boundary{$eol}Content-Type: {$picture->type()}; name=\"$name\"$eol"
                ."Content-Transfer-Encoding: base64{$eol}Content-ID: <$id>$eol"
                ."Content-Disposition: inline; filename=\"$name\"$eol$eol"
                .chunk_split(base64_encode($picture->bytes), 76, $eol);
        }

        return $parts;
    }

    /**
     * The HTML in a multipart/related of its own.
     *
     * @param  list<Splice>  $changes
     */
    private function wrapped(CardParts $card, array $changes): Splice
    {
        $eol = $this->message->eol;
        $start = $this->html->start;
        // Made of what it parts: the same message gives the same bytes, and no line of it is the mark.
        $boundary = 'card-'.substr(hash('sha256', $this->message->bytes), 0, 32);
        $within = array_map(
            fn (Splice $one): Splice => new Splice($one->at - $start, $one->removed, $one->put), $changes,
        );
        $part = substr($this->message->bytes, $start, $this->html->end - $start);
        $whole = Splice::all($within, $part);
        $head = HeaderFields::read($whole, 0, strlen($whole));
        $own = $kept = '';
        foreach ($head->fields as [$name, , $from, $until]) {
            $field = substr($whole, $from, $until - $from);
            preg_match(self::CONTENT, $name) === 1 ? $own .= $field : $kept .= $field;
        }
        $content = substr($whole, $head->body);

        return new Splice($start, strlen($part), $kept
            ."Content-Type: multipart/related; type=\"text/html\"; boundary=\"$boundary\"$eol$eol"
            ."--$boundary$eol$own$eol$content$eol".$this->files($card, $boundary)."--$boundary--$eol");
    }

    /**
     * Pictures of a card that is taken out and that nothing else shows go with it.
     *
     * @param  string  $gone  HTML taken out
     * @param  string  $left  HTML that stays
     * @return list<Splice>
     */
    public function without(string $gone, string $left): array
    {
        $related = $this->around($this->message->root);
        if ($related === null) {
            return [];
        }
        $splices = [];
        foreach ($related->children as $index => $child) {
            $id = trim($child->head->value('content-id'), '<> ');
            if ($id !== '' && str_contains($gone, "cid:$id") && ! str_contains($left, "cid:$id")) {
                $until = $related->children[$index + 1]->mark ?? $related->close;
                $splices[] = new Splice($child->mark, $until - $child->mark, '');
            }
        }

        return $splices;
    }
}
