<?php

namespace InkyCard\Handover;

/** What is handed over: one file, or several that belong together. */
final readonly class Artifact
{
    /**
     * @param  string  $name  of the one file, or of the folder they are in
     * @param  non-empty-list<ArtifactFile>  $files
     */
    public function __construct(public string $name, public array $files)
    {
    }

    public static function file(string $name, string $type, string $bytes): self
    {
        return new self($name, [new ArtifactFile($name, $type, $bytes)]);
    }
}
