<?php

namespace InkyCard\Handover;

use InkyCard\Card\Card;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Kind\Capability;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PictureSources;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Compose\SvgComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Link\CampaignTags;
use InkyCard\Markup\HtmlBuilder;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Baked;
use InkyCard\Refusal;

/** A card with all a format may need to hand it over. */
final readonly class Parcel
{
    /** Pixels of a drawn card by CSS px, for displays that show two for one. */
    public const DENSITY = 2;

    /** Signs of the words behind a card that is one picture: more is cut by readers, or read on and on. */
    private const ALT = 400;

    /** Characters that mean something in a path or a shell on some machine. */
    private const UNSAFE = '/[\\\\\/:*?"<>|\x00-\x1f\x7f$`%&;\'!^~#]+/u';

    private Sheet $sheet;

    /**
     * @param  PictureSources  $hosted  pictures readers fetch
     * @param  \Closure(Bake): Baked  $bake  for pictures that travel with it
     * @param  \DateTimeInterface  $made  when, UTC
     * @param  string  $token  random, hexadecimal: part of message and content ids
     * @param  \Closure(string): string  $draw  an SVG document to PNG, at DENSITY times its size
     * @param  (\Closure(string): ?string)|null  $fetch  a picture at an address, as a data: URI; null where none is had
     * @param  (\Closure(string): string)|null  $keep  keeps a PNG where readers fetch it from, and gives its address
     * @param  ?Sheet  $sheet  what is composed, where that is not the card's own sheet: one with counted links
     */
    public function __construct(
        public Card $card,
        private PictureSources $hosted,
        private \Closure $bake,
        public \DateTimeInterface $made,
        public string $token,
        private \Closure $draw,
        ?Sheet $sheet = null,
        private ?\Closure $fetch = null,
        private ?\Closure $keep = null,
    ) {
        $this->sheet = $sheet ?? Sheet::of($card);
    }

    /** The card alone, its pictures fetched by readers. */
    public function html(): string
    {
        return (new HtmlComposer($this->hosted))->compose($this->sheet);
    }

    public function text(): string
    {
        return PlainTextComposer::compose(Sheet::of($this->card));
    }

    /** The card alone, its pictures inside. */
    public function inside(): string
    {
        return (new HtmlComposer(new InsidePictures($this->bake)))->compose($this->sheet);
    }

    /** The card as one picture: PNG, DENSITY times as wide and high as it is shown. */
    public function drawn(): string
    {
        return ($this->draw)((new SvgComposer(new InsidePictures($this->bake)))->compose($this->sheet));
    }

    /**
     * The card as one picture readers fetch, with what it says behind it in words; pressed, it leads where the card's
     * first call does, or its website.
     *
     * @throws Refusal
     */
    public function onePicture(): string
    {
        if ($this->text() === '') {
            throw Refusal::because('Nothing on this card is filled in and shown, so there is nothing to draw.');
        }
        $png = $this->drawn();
        [$width, $height] = getimagesizefromstring($png) ?: [0, 0];
        $href = $this->leads();
        $words = (string) preg_replace('/\s*\n\s*/', '; ', trim($this->text()));
        $out = new HtmlBuilder;
        if ($href !== null) {
            $out->open('a', ['href' => $href]);
        }
        $wide = intdiv($width, self::DENSITY);
        $out->void('img', [
            'src' => $this->keep === null ? 'data:image/png;base64,'.base64_encode($png) : ($this->keep)($png),
            'width' => $wide, 'height' => intdiv($height, self::DENSITY),
            'alt' => mb_strimwidth($words, 0, self::ALT, '…'), 'border' => 0,
        ], "width:{$wide}px;max-width:100%;height:auto");

        return ($href === null ? $out : $out->close())->html();
    }

    /** Where the card's first call leads, or its website; null where it has neither. */
    private function leads(): ?string
    {
        $links = ['call' => [], 'web' => []];
        foreach ($this->sheet->placed() as $placed) {
            foreach ($placed->block->links() as $link) {
                if (str_starts_with($link->href, 'http')) {
                    $links[$placed->pieces[0]->can(Capability::Call) ? 'call' : 'web'][] = $link->href;
                }
            }
        }

        return $links['call'][0] ?? $links['web'][0] ?? null;
    }

    /** A whole HTML document with its pictures inside. */
    public function page(): string
    {
        $page = (new HtmlComposer(new InsidePictures($this->bake)))->page($this->sheet);

        return FarPictures::inside($page, $this->fetch ?? fn () => null);
    }

    /**
     * The card with pictures as files.
     *
     * @return array{string, array<string, Baked>} HTML, files by name
     */
    public function withFiles(string $before, string $after = '', bool $page = false): array
    {
        $pictures = new PictureFiles($this->bake, $before, $after);
        $composer = new HtmlComposer($pictures);

        return [$page ? $composer->page($this->sheet) : $composer->compose($this->sheet), $pictures->files()];
    }

    /** The card's name as a file may be called anywhere. */
    public function fileName(): string
    {
        $name = trim(
            (string) preg_replace(['/[\s—–]+/u', self::UNSAFE, '/\s+/'], [' ', ' ', ' '], $this->card->name),
            ' .-',
        );

        return mb_strimwidth(
            $name === '' || preg_match('/^(?:con|prn|aux|nul|com\d|lpt\d)$/i', $name) === 1 ? 'Card' : $name,
            0,
            60,
        );
    }

    /** The same without spaces, in ASCII. */
    public function slug(): string
    {
        return CampaignTags::plain($this->card->name) ?: 'card';
    }

    /** The holder's portrait, baked; null when there is none. */
    public function portrait(): ?Baked
    {
        return $this->firstOf(Capability::Portrait);
    }

    /** The firm's mark, baked; null when there is none. */
    public function logo(): ?Baked
    {
        return $this->firstOf(Capability::Logo);
    }

    private function firstOf(Capability $capability): ?Baked
    {
        foreach ($this->card->filled($capability) as $piece) {
            foreach ($this->card->content($piece) as $block) {
                if ($block instanceof PictureBlock && $block->source instanceof Bake) {
                    return ($this->bake)($block->source);
                }
            }
        }

        return null;
    }
}
