<?php

namespace App\Banners;

use App\Pictures\Variant;

/** What a place, or a post that is a picture, shows at a moment, and until when that holds. */
final readonly class DueBanner
{
    /**
     * @param  ?int  $banner  number; null where the place is collapsed, or shows an entry of a feed
     * @param  ?Variant  $file  null where the place is collapsed
     * @param  bool  $fits  the file was drawn for the size of the place
     * @param  ?string  $address  where it leads
     * @param  string  $name  of the banner or the entry
     * @param  ?int  $window  number; null where nothing is due
     * @param  int  $until  the next change there is by plan, seconds since 1970 (UTC)
     */
    public function __construct(
        public ?int $banner,
        public ?Variant $file,
        public bool $fits,
        public ?string $address,
        public string $name,
        public ?int $window,
        public int $until,
    ) {
    }

    /** The same, but no longer than a moment. */
    public function until(int $moment): self
    {
        return new self(
            $this->banner, $this->file, $this->fits, $this->address, $this->name, $this->window,
            min($this->until, $moment),
        );
    }
}
