<?php

namespace InkyCard\Card;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Arrangement\Slot;
use InkyCard\Card\Content\Block;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\CardContext;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Style\Fill;
use InkyCard\Card\Style\Panel;
use InkyCard\Card\Style\Style;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

// PHP compiles it away where it need not look for one of this namespace: asked at every composing.
use function count;

/** An e-mail signature being designed. Edits return a new card. */
final readonly class Card
{
    public const MAX_PIECES = 80;

    private const MAX_NAME = 80;

    private const RIGHT_TO_LEFT = ['ar', 'fa', 'he', 'ur', 'yi', 'ps', 'sd', 'ug', 'dv', 'ckb'];

    /** Base direction of its language. */
    private string $direction;

    /** @var array<string, Panel> slot => what stands behind it; none for a slot that is on the paper */
    private array $panels;

    /** @var array<string, CardContext> what pieces have to know of it, by the slot they stand in */
    private array $contexts;

    /**
     * @param  string  $name  what its maker calls it; never on the card itself
     * @param  string  $lang  language of its words, BCP 47
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @param  list<Piece>  $pieces  in reading order within each zone
     * @param  array<string, mixed>  $unknown  keys of the document this version does not know, kept as they came
     * @param  ?Tagging  $tags  campaign tags on its links; null for none
     * @param  bool  $counted  clicks of its links are counted
     * @param  ?Day  $today  what ended before it is not on the card; null where days do not matter
     * @param  array<string, Form>  $forms  sort of message => its form there
     */
    private function __construct(
        public string $name,
        public string $lang,
        public string $country,
        public Arrangement $arrangement,
        public Style $style,
        public array $pieces,
        public array $unknown,
        public ?Tagging $tags,
        public bool $counted,
        public ?Day $today,
        public array $forms,
    ) {
        $this->direction = in_array(strtok(strtolower($lang), '-'), self::RIGHT_TO_LEFT, true) ? 'rtl' : 'ltr';
        $this->panels = self::behind($arrangement, $style);
        $context = new CardContext($style, $this->named()?->fact() ?? '', $lang, $country);
        $this->contexts = ['' => $context] + array_map(
            fn (Panel $panel) => $context->in($style->on($style->fill($panel) ?? $style->ink(InkRole::Paper))),
            array_filter($this->panels, fn (Panel $panel) => ! in_array($panel->fill, [Fill::None, Fill::Paper], true)),
        );
    }

    /**
     * @param  list<Piece>  $pieces
     * @param  array<string, mixed>  $unknown
     * @param  array<string, Form>  $forms
     *
     * @throws Refusal
     */
    public static function of(
        mixed $name,
        mixed $lang,
        mixed $country,
        Arrangement $arrangement,
        Style $style,
        array $pieces,
        array $unknown = [],
        ?Tagging $tags = null,
        bool $counted = false,
        ?Day $today = null,
        array $forms = [],
    ): self {
        $name = Refusal::at('/name', fn () => CleanText::of($name, self::MAX_NAME, 'card name'));
        if ($name === '') {
            throw Refusal::because('Give the card a name.', '/name');
        }
        if (! is_string($lang) || ! preg_match('/^[a-z]{2,3}(-[A-Za-z0-9]{2,8}){0,3}$/D', $lang)) {
            throw Refusal::because('The language is a tag such as en or en-GB.', '/lang');
        }
        if (! is_string($country) || ! preg_match('/^[A-Z]{2}$/D', $country)) {
            throw Refusal::because('The country is two capital letters, such as GB.', '/country');
        }
        self::mustFit($pieces);

        return new self(
            $name, $lang, $country, $arrangement, $style, $pieces, $unknown, $tags, $counted, $today, $forms,
        );
    }

    /**
     * @param  list<Piece>  $pieces
     *
     * @throws Refusal for too many, and for two of one id
     */
    private static function mustFit(array $pieces): void
    {
        if (count($pieces) > self::MAX_PIECES) {
            throw Refusal::because(
                'A card holds at most :max_pieces pieces.', '/pieces', ['max_pieces' => self::MAX_PIECES],
            );
        }
        $ids = [];
        foreach ($pieces as $index => $piece) {
            if (isset($ids[$piece->id])) {
                throw Refusal::because('Two pieces have the id :id.', "/pieces/$index/id", ['id' => $piece->id]);
            }
            $ids[$piece->id] = true;
        }
    }

    /**
     * @param  array<string, mixed>  $changes  property => value
     *
     * @throws Refusal
     */
    public function with(array $changes): self
    {
        return self::of(...[
            ...array_diff_key(get_object_vars($this), ['contexts' => 0, 'direction' => 0, 'panels' => 0]), ...$changes,
        ]);
    }

    /** As it goes under one sort of message (Form::FOR); as it is where it has no form of its own for that. */
    public function inForm(string $for): self
    {
        $form = $this->forms[$for] ?? null;

        return $form === null ? $this : $this->with([
            'forms' => [], 'arrangement' => $form->arrangement ?? $this->arrangement,
            'pieces' => array_map(
                fn (Piece $piece) => in_array($piece->id, $form->without, true) ? $piece->with(['shown' => false])
                    : $piece,
                $this->pieces,
            ),
        ]);
    }

    /** As readers get it on a day. */
    public function on(Day $today): self
    {
        return $this->with(['today' => $today]);
    }

    /** Whether its last day is over. */
    public function hasEnded(Piece $piece): bool
    {
        return $this->today !== null && $piece->due()?->isOver($this->today) === true;
    }

    /** Whether its first day is still to come. */
    public function isAhead(Piece $piece): bool
    {
        return $this->today !== null && $piece->due()?->isAhead($this->today) === true;
    }

    /** The last day it is as it is on that day; null where that is for good. */
    public function rightUntil(Day $today): ?Day
    {
        $next = null;
        foreach ($this->filled() as $piece) {
            $last = $this->shows($piece) && $piece->lacking() === [] ? $piece->due()?->holdsUntil($today) : null;
            $next = $last !== null && ($next === null || $last->isBefore($next)) ? $last : $next;
        }

        return $next;
    }

    /** @return list<Piece> that come, or go, on a day */
    public function changingOn(Day $day): array
    {
        return array_values(array_filter($this->filled(), fn (Piece $piece) => $this->shows($piece)
            && ($piece->due()?->from == $day || $piece->due()?->until == $day->plus(-1))));
    }

    /** Why a piece that is shown is not on the card, in a sentence; empty where it is, or where nothing is in it. */
    public function absence(Piece $piece): string
    {
        $lacking = $piece->lacking();

        return match (true) {
            $lacking !== [] => 'Not on the card yet: “'.$lacking[0]->label.'” is empty.',
            $this->isAhead($piece) => 'Not on the card yet: its first day is '.$piece->due()?->from?->words().'.',
            $this->hasEnded($piece) => 'No longer on the card: its last day was '
                .$piece->due()?->until?->words().'.',
            default => '',
        };
    }

    /** @throws Refusal when there is no such piece */
    public function piece(string $id): Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }
        throw Refusal::because('This piece is no longer on the card.');
    }

    /** The card with one piece put in the place of the one with its id. */
    public function replacing(Piece $changed): self
    {
        return $this->with(['pieces' => array_map(
            fn (Piece $piece) => $piece->id === $changed->id ? $changed : $piece,
            $this->pieces,
        )]);
    }

    /** @return list<Piece> in order, hidden ones too */
    public function inZone(Zone $zone): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece) => $piece->zone === $zone));
    }

    /** @return list<Piece> shown pieces that still hold a starter's made-up value */
    public function samples(): array
    {
        return array_values(array_filter($this->filled(), fn (Piece $piece) => $piece->samples() !== []));
    }

    /** Whether readers see a piece: it is shown, and the arrangement has a place for it. */
    public function shows(Piece $piece): bool
    {
        return $piece->shown && isset($this->arrangement->zones[$piece->zone->value]);
    }

    /** Base direction of its language, for the `dir` attribute. */
    public function direction(): string
    {
        return $this->direction;
    }

    /** The piece its holder's name stands in; null when none is shown. */
    public function named(): ?Piece
    {
        foreach ($this->pieces as $piece) {
            if ($piece->shown && $piece->can(Capability::Holder)) {
                return $piece;
            }
        }

        return null;
    }

    /** @return list<Piece> shown, with something in them, that can one of these; all of them when none is named */
    public function filled(Capability ...$capabilities): array
    {
        return array_values(array_filter($this->pieces, fn (Piece $piece) => $piece->shown && ! $piece->isBlank()
            && ($capabilities === [] || array_filter($capabilities, $piece->can(...)) !== [])));
    }

    /** @return list<Piece> those on the card that ask the reader to do something */
    public function calls(): array
    {
        return array_values(array_filter(
            $this->filled(Capability::Call),
            fn (Piece $piece) => $this->shows($piece) && $this->untagged($piece) !== [],
        ));
    }

    /** What the first of them says; empty when there is none. */
    public function fact(Capability $capability): string
    {
        return ($this->filled($capability)[0] ?? null)?->fact() ?? '';
    }

    /** @return list<Block> what a piece puts on the card; the links of one that carries campaign tags with them */
    public function content(Piece $piece): array
    {
        $blocks = $this->untagged($piece);

        return $this->tags === null || ! $this->follows($piece)
            ? $blocks
            : $this->tags->on($blocks, $piece->id, fn () => $this->tagsOf($piece));
    }

    /** @return list<Block> the same with its links as its maker gave them */
    public function untagged(Piece $piece): array
    {
        $absent = (! $piece->complete && $piece->lacking() !== [])
            || ($this->today !== null && ($this->hasEnded($piece) || $this->isAhead($piece)));

        return $absent ? [] : $piece->kind->content($piece, $this->contextOf($piece));
    }

    /** The style a piece is shown in: that of the card, its inks those that read on what stands behind it. */
    public function styleOf(Piece $piece): Style
    {
        return $this->contextOf($piece)->style;
    }

    /** What a piece is called beside what it says, in the card's language. */
    public function word(Piece $piece): string
    {
        return $this->contexts['']->word($piece->kind->key()) ?? $piece->kind->label();
    }

    /** What stands behind a slot of its arrangement. */
    public function panel(Slot $slot): ?Panel
    {
        return $this->panels[$slot->name] ?? null;
    }

    /** @return array<string, Panel> slot => what stands behind it, in reading order */
    public function panels(): array
    {
        return $this->panels;
    }

    /** @return array<string, Panel> */
    private static function behind(Arrangement $arrangement, Style $style): array
    {
        $panels = [];
        foreach ($arrangement->rows as $row) {
            foreach ($row->slots as $slot) {
                $panel = $style->panels->at($slot->name) ?? ($slot->band ? Panel::band() : null);
                if ($panel !== null) {
                    $panels[$slot->name] = $panel;
                }
            }
        }

        return $panels;
    }

    private function contextOf(Piece $piece): CardContext
    {
        if (count($this->contexts) === 1) {
            return $this->contexts[''];
        }

        return $this->contexts[$this->slotOf($piece)->name ?? ''] ?? $this->contexts[''];
    }

    /** Where in its arrangement a piece stands; null where there is no place for it. */
    public function slotOf(Piece $piece): ?Slot
    {
        return $this->arrangement->slotOf(
            $piece->zone, $piece->can(Capability::Contact), $piece->can(Capability::Firm),
        );
    }

    /**
     * Whether its links may be tagged and counted: those of a notice lead straight on, unless it says otherwise; that
     * of a place is counted where it leads on from.
     */
    public function follows(Piece $piece): bool
    {
        return ! $piece->isHosted()
            && (! $piece->can(Capability::Notice) || $piece->text('follow') !== '');
    }

    /** @return array<string, string> `utm_source` and so on => value, for links of a piece; empty for none */
    public function tagsOf(Piece $piece): array
    {
        return $this->tags === null ? [] : $this->tags->tags->filled([
            '{person}' => $this->holder(),
            '{piece}' => $this->nameOf($piece),
            '{card}' => $this->name,
            '{campaign}' => $this->tags->campaign,
        ]);
    }

    /** The piece's kind; with its id when the card has an older one of the kind, so that moving pieces renames none. */
    private function nameOf(Piece $piece): string
    {
        $kind = $piece->kind->key();
        foreach ($this->pieces as $other) {
            if ($other->kind->key() === $kind && strnatcmp($other->id, $piece->id) < 0) {
                return "$kind-$piece->id";
            }
        }

        return $kind;
    }

    /** What its holder is called on it; empty when no name is filled in and shown. */
    public function holder(): string
    {
        return $this->contexts['']->holder;
    }
}
