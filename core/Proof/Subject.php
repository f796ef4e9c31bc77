<?php

namespace InkyCard\Proof;

use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\CardLink;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Content\PictureBlock;
use InkyCard\Card\Content\TextRun;
use InkyCard\Card\Edit\Edit;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Colour\Colour;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Compose\PictureSources;
use InkyCard\Compose\PlainTextComposer;
use InkyCard\Layout\Measure;
use InkyCard\Layout\Measured;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Link\Verdict;
use InkyCard\MailClient\Change;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Message;
use InkyCard\MailClient\Reader;
use InkyCard\MailClient\Reading;
use InkyCard\Time\Day;

/** A card under proof: what its checks look at, each worked out when first asked for and once. */
final class Subject
{
    public readonly Card $card;

    public readonly Sheet $sheet;

    private ?string $named = null;

    private ?string $text = null;

    private ?Message $message = null;

    /** @var array<int, Measured>|null */
    private ?array $measured = null;

    /** @var array<string, Reading> */
    private array $readings = [];

    /** @var list<CardLink>|null */
    private ?array $links = null;

    /** @var list<array{Piece, Block}>|null */
    private ?array $blocks = null;

    /**
     * @param  Day  $today  where its maker is
     * @param  array<string, PictureFact>  $facts  by what a picture is baked from (its key), or its address
     * @param  array<string, Verdict>  $verdicts  by address: what checks of links found lately
     * @param  array<string, string>  $moved  address => where it passes on to
     */
    public function __construct(
        Card $card,
        public readonly Brand $brand,
        public readonly Day $today,
        private readonly PictureSources $pictures,
        private readonly array $facts = [],
        public readonly array $verdicts = [],
        public readonly array $moved = [],
    ) {
        $this->card = $card->on($today);
        $this->sheet = Sheet::of($this->card);
    }

    /** The same card after an edit, under the same proof. */
    public function after(Edit $edit): self
    {
        return new self(
            $edit->apply($this->card), $this->brand, $this->today, $this->pictures, $this->facts, $this->verdicts,
            $this->moved,
        );
    }

    /** The export with its elements named by piece. */
    public function named(): string
    {
        return $this->named ??= (new HtmlComposer($this->pictures, named: true))->compose($this->sheet);
    }

    public function html(): string
    {
        return HtmlComposer::unnamed($this->named());
    }

    public function text(): string
    {
        return $this->text ??= PlainTextComposer::compose($this->sheet);
    }

    public function measured(int $width): Measured
    {
        $this->measured ??= Measure::at($this->sheet, [Limits::PHONE_WIDTH, Limits::WIDTH]);

        return $this->measured[$width];
    }

    public function reading(string $client): Reading
    {
        $this->message ??= new Message($this->named(), $this->text());

        return $this->readings[$client] ??= Reader::read(MailClient::of($client), $this->message);
    }

    /** @return list<CardLink> */
    public function links(): array
    {
        return $this->links ??= CardLink::all($this->card);
    }

    /** @return list<Piece> shown, with something in them, that can one of these; all of them when none is named */
    public function pieces(Capability ...$capabilities): array
    {
        return $this->card->filled(...$capabilities);
    }

    /** @return list<array{Piece, Block}> what stands on the card, by piece */
    public function blocks(): array
    {
        if ($this->blocks === null) {
            $this->blocks = [];
            foreach ($this->pieces() as $piece) {
                foreach ($this->card->content($piece) as $block) {
                    $this->blocks[] = [$piece, $block];
                }
            }
        }

        return $this->blocks;
    }

    /** @return list<array{Piece, TextRun, Colour}> every stretch of text with the background it stands on */
    public function runs(): array
    {
        $runs = [];
        foreach ($this->blocks() as [$piece, $block]) {
            $behind = $block->background($this->card->styleOf($piece)->ink(InkRole::Paper));
            foreach ($block->runs() as $run) {
                $runs[] = [$piece, $run, $behind];
            }
        }

        return $runs;
    }

    /** @return list<array{Piece, PictureBlock}> pictures that are a piece's own, no marks and symbols */
    public function pictures(): array
    {
        $pictures = [];
        foreach ($this->blocks() as [$piece, $block]) {
            if ($block instanceof PictureBlock) {
                $pictures[] = [$piece, $block];
            }
        }

        return $pictures;
    }

    /**
     * What stand-ins do to the card.
     *
     * @param  list<string>  $clients
     * @param  \Closure(Change): bool  $which
     * @return array<string, string> piece => what was there as sent, or the name of the property
     */
    public function changes(array $clients, \Closure $which): array
    {
        $found = [];
        foreach ($clients as $client) {
            foreach ($this->reading($client)->changes as $change) {
                if ($which($change)) {
                    $found[$change->piece] ??= $change->what === 'style' ? $change->before : $change->what;
                }
            }
        }

        return $found;
    }

    /** @return list<string> stand-ins that turn a page dark */
    public function darkClients(): array
    {
        return array_keys(array_filter(MailClient::all(), fn (MailClient $client) => $client->isDark()));
    }

    /** An address without its protocol. */
    public static function short(string $address): string
    {
        return (string) preg_replace('~^https?://(?:www\.)?~', '', $address);
    }

    public function fact(PictureBlock $picture): ?PictureFact
    {
        return $this->facts[is_string($picture->source) ? $picture->source : $picture->source->key()] ?? null;
    }

    /** Bytes of all picture files that are known. */
    public function weight(): int
    {
        $bytes = [];
        foreach ($this->sheet->pictures() as $picture) {
            $bytes[is_string($picture->source) ? $picture->source : $picture->source->key()]
                = $this->fact($picture)->bytes ?? 0;
        }

        return array_sum($bytes);
    }
}
