<?php

namespace InkyCard\Banner;

/** How a banner is laid out: what is drawn, and where words, picture and drawing stand. */
final readonly class Design
{
    /**
     * @param  'words'|'picture'|'drawing'  $family  what it has beside its words
     * @param  DesignForm  $wide  of strips
     * @param  DesignForm  $tall  of sizes nearer to a square
     */
    public function __construct(
        public string $key,
        public string $label,
        public string $family,
        private DesignForm $wide,
        private DesignForm $tall,
    ) {
    }

    public function form(BannerSize $size): DesignForm
    {
        return $size->isStrip() ? $this->wide : $this->tall;
    }
}
