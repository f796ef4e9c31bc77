<?php

namespace InkyCard\Handover;

/** One file of an artifact. */
final readonly class ArtifactFile
{
    /**
     * @param  string  $path  within the artifact, parted by slashes
     * @param  string  $type  media type
     */
    public function __construct(public string $path, public string $type, public string $bytes)
    {
    }
}
