<?php

namespace App\Words;

/** A stretch of a template. */
final readonly class TemplateToken
{
    /**
     * @param  'text'|'echo'|'open'|'close'|'alone'|'break'  $type  open, close and alone are marks within a sentence
     * @param  string  $name  of a mark's element
     */
    public function __construct(public string $type, public string $source, public string $name = '')
    {
    }

    /** It says nothing: at either end it stands around the words. */
    public function isBlank(): bool
    {
        return $this->type === 'alone' || ($this->type === 'text' && trim($this->source) === '');
    }

    public function says(): bool
    {
        return $this->type === 'text' && preg_match('/\p{L}/u', html_entity_decode($this->source)) === 1;
    }
}
