<?php

namespace App\Pictures;

use App\Outside\SafeHttpClient;
use InkyCard\Refusal;

/** A picture at an address outside, as a page carries it inside itself. */
final readonly class FarPicture
{
    /** Bytes, and seconds to have it in. */
    private const MOST = 3_000_000;

    private const PATIENCE = 4.0;

    private const TYPES = ['image/png', 'image/jpeg', 'image/gif', 'image/webp'];

    public function __construct(private SafeHttpClient $outside)
    {
    }

    /** Its data: URI; null where none can be had there. */
    public function __invoke(string $address): ?string
    {
        try {
            $bytes = $this->outside->fetch($address, self::MOST, self::PATIENCE)->found()->bytes;
        } catch (Refusal) {
            return null;
        }
        $type = (string) (new \finfo(FILEINFO_MIME_TYPE))->buffer($bytes);

        return in_array($type, self::TYPES, true) ? "data:$type;base64,".base64_encode($bytes) : null;
    }
}
