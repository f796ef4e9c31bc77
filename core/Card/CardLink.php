<?php

namespace InkyCard\Card;

use InkyCard\Card\Kind\Zone;
use InkyCard\Link\CampaignTags;
use InkyCard\Link\LinkAction;

/** One of a card's links, with everything a list of them says. */
final readonly class CardLink
{
    /**
     * @param  string  $words  what is clicked
     * @param  string  $address  as its maker gave it
     * @param  string  $href  as the card carries it, tags and all
     * @param  bool  $tells  whether its page can tell tags
     * @param  string  $key  what `tags.off` calls it: its piece, or its address where the piece has several
     */
    public function __construct(
        public Piece $piece,
        public string $words,
        public string $address,
        public string $href,
        public LinkAction $action,
        public bool $tells,
        public string $key,
    ) {
    }

    /** Whether it can be followed from here: the link of a place is ours, and leads to what is due. */
    public function leadsOn(): bool
    {
        return str_starts_with($this->address, 'http') && ! $this->piece->isHosted();
    }

    /** @return list<self> links of the pieces shown, in reading order; the same address once a piece */
    public static function all(Card $card): array
    {
        $links = [];
        foreach (Zone::cases() as $zone) {
            foreach ($card->inZone($zone) as $piece) {
                if ($piece->shown) {
                    array_push($links, ...self::of($piece, $card));
                }
            }
        }

        return $links;
    }

    /** @return list<self> */
    public static function of(Piece $piece, Card $card): array
    {
        $found = [];
        foreach ($card->untagged($piece) as $block) {
            foreach ($block->links() as $link) {
                $found[$link->href] ??= $link->words;
            }
        }
        $links = [];
        foreach ($found as $address => $words) {
            $action = LinkAction::of($address);
            $tagged = $card->follows($piece) && $card->tags?->isOn($address, $piece->id) === true;
            $links[] = new self(
                $piece, $words, $address, $tagged ? CampaignTags::on($address, $card->tagsOf($piece)) : $address,
                $action, $card->follows($piece) && $action->tellsTags(), count($found) === 1 ? $piece->id : $address,
            );
        }

        return $links;
    }
}
