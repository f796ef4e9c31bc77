<?php

namespace InkyCard;

/**
 * The one exception the core throws for a bad value.
 *
 * The message is one sentence its reader can act on; `path` says where, as a
 * JSON Pointer (RFC 6901) into the document or form the value came from, for
 * example `/pieces/3/fields/number`. An empty path means the whole document.
 */
final class Refusal extends \DomainException
{
    private function __construct(public readonly Said $said, public readonly string $path)
    {
        parent::__construct((string) $said);
    }

    /** @param  array<string, string|int|float|Said>  $values  of `:name` in the sentence */
    public static function because(string|Said $sentence, string $path = '', array $values = []): self
    {
        return new self(is_string($sentence) ? Said::of($sentence, $values) : $sentence, $path);
    }

    /**
     * Reads a value; a refusal on the way gets the path it was read from.
     *
     * @template T
     *
     * @param  \Closure(): T  $read
     * @return T
     *
     * @throws self
     */
    public static function at(string $path, \Closure $read): mixed
    {
        try {
            return $read();
        } catch (Refusal $refusal) {
            throw new self($refusal->said, $path.$refusal->path);
        }
    }

    /** The last step of the path: the field a form shows the sentence beside. */
    public function field(): string
    {
        return substr((string) strrchr('/'.$this->path, '/'), 1);
    }
}
