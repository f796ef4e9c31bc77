<?php

namespace App\Pictures;

use App\Outside\SafeHttpClient;
use InkyCard\Import\FilmPage;
use InkyCard\Refusal;

/** Finds the still of a film on its page. */
final readonly class FilmStills
{
    /** A page is no longer than that, bytes. */
    private const MOST = 4_000_000;

    private const SECONDS = 6;

    public function __construct(private SafeHttpClient $outside)
    {
    }

    /**
     * What the page at an address says of its film; nothing where a picture stands there.
     *
     * @param  string  $leads  where the piece leads already; empty for nowhere
     * @param  string  $alt  its words already; empty for none
     * @return array{still?: string, length?: string, alt?: string, address?: string}
     *
     * @throws Refusal
     */
    public function at(string $address, string $leads, string $alt): array
    {
        $page = $this->outside->fetch($address, self::MOST, self::SECONDS)->found();
        if (preg_match('/^\s*<(!doctype html|html|head|!--)/i', $page->bytes) !== 1) {
            return [];
        }
        $film = FilmPage::read($page->bytes, $page->address);

        return ['still' => $film->still, 'length' => $film->length]
            + ($alt === '' && $film->title !== '' ? ['alt' => mb_strimwidth($film->title, 0, 160, '…')] : [])
            + ($leads === '' ? ['address' => $page->address] : []);
    }
}
