<?php

namespace InkyCard\Card;

use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Kind\Field;
use InkyCard\Card\Kind\Filled;
use InkyCard\Card\Kind\Kind;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Style\Tuning;
use InkyCard\Time\Window;

// PHP compiles it away where it need not look for one of this namespace: asked at every composing.
use function is_string;

/** One element of a card. */
final readonly class Piece implements Filled
{
    /** It has all its kind needs: asked at every composing. */
    public bool $complete;

    /**
     * @param  string  $id  unique on its card
     * @param  array<string, mixed>  $fields  as its kind accepts them, plus keys this version does not know
     * @param  array<string, mixed>  $madeUp  field => what a starter made up for it, a text or lines
     * @param  FilledBy  $filledBy  matters on a card shared by a team
     * @param  ?string  $joined  separator when it follows the previous piece on the same line; null for a line of its
     *                           own
     * @param  ?Window  $window  the days it is on the card; null for all of them
     * @param  array<string, mixed>  $unknown  keys of the document this version does not know, kept as they came
     */
    public function __construct(
        public string $id,
        public Kind $kind,
        public Zone $zone,
        public array $fields,
        public bool $shown,
        public array $madeUp,
        public ?string $joined,
        public FilledBy $filledBy,
        public Tuning $tuning,
        public ?Window $window = null,
        public array $unknown = [],
    ) {
        $this->complete = self::isComplete($kind, $fields);
    }

    /**
     * The same piece with some properties changed.
     *
     * @param  array<string, mixed>  $changes  property => value
     */
    public function with(array $changes): self
    {
        return new self(...[...array_diff_key(get_object_vars($this), ['complete' => 0]), ...$changes]);
    }

    /** @return list<string> fields that still say what a starter made up, or one line of it */
    public function samples(): array
    {
        return array_keys(array_filter($this->madeUp, function (mixed $madeUp, string $field): bool {
            $value = $this->fields[$field] ?? '';

            return is_array($value) && is_array($madeUp)
                ? array_intersect($value, $madeUp) !== []
                : $value !== '' && self::source($value) === self::source($madeUp);
        }, ARRAY_FILTER_USE_BOTH));
    }

    /** A picture is the same whatever part of it is shown. */
    private static function source(mixed $value): mixed
    {
        return is_string($value) && str_starts_with($value, 'sample:') ? strtok($value, '#') : $value;
    }

    /** The same with what a starter made up still in it, and nothing else held to be made up. */
    public function pruned(): self
    {
        return $this->with(['madeUp' => array_intersect_key($this->madeUp, array_flip($this->samples()))]);
    }

    /**
     * What it says of somebody or something, not how it is shown.
     *
     * @param  array<string, mixed>  $fields  as its kind accepts them
     * @return array<string, mixed> field => value; those with nothing in them left out
     */
    public static function facts(Kind $kind, array $fields): array
    {
        $facts = [];
        foreach ($kind->fields() as $field) {
            $value = $fields[$field->name] ?? '';
            if ($field->says() && $value !== '' && $value !== []) {
                $facts[$field->name] = $value;
            }
        }

        return $facts;
    }

    /**
     * The same without its look; what is worked out of what it says goes with that.
     *
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed> empty for kinds that say nothing, such as lines
     */
    public static function said(Kind $kind, array $fields): array
    {
        $looks = array_filter($kind->fields(), fn (Field $field): bool => ! $field->says());

        return count($looks) === count($kind->fields()) ? []
            : array_diff_key($fields, array_flip(array_column($looks, 'name')));
    }

    /** @return list<Field> without which it is not on the card, while others are filled */
    public function lacking(): array
    {
        if ($this->complete) {
            return [];
        }
        $facts = self::facts($this->kind, $this->fields);
        $needs = $facts === [] ? [] : array_diff($this->kind->needs(), array_keys($facts));

        return array_values(array_filter(
            $this->kind->fields(), fn (Field $field) => in_array($field->name, $needs, true),
        ));
    }

    /** @param  array<string, mixed>  $fields */
    private static function isComplete(Kind $kind, array $fields): bool
    {
        foreach ($kind->needs() as $field) {
            $value = $fields[$field] ?? '';
            if ($value === '' || $value === []) {
                return false;
            }
        }

        return true;
    }

    /** A text field's value; empty when absent. */
    public function text(string $field): string
    {
        $value = $this->fields[$field] ?? '';

        return is_string($value) ? $value : (is_scalar($value) ? (string) $value : '');
    }

    public function lines(string $field): array
    {
        $lines = [];
        $value = $this->fields[$field] ?? [];
        foreach (is_array($value) ? $value : [] as $line) {
            if (is_string($line)) {
                $lines[] = $line;
            }
        }

        return $lines;
    }

    public function pairs(string $field): array
    {
        $pairs = [];
        foreach ((array) ($this->fields[$field] ?? []) as $name => $one) {
            if (is_string($one) && is_string($name)) {
                $pairs[$name] = $one;
            }
        }

        return $pairs;
    }

    public function tuning(): Tuning
    {
        return $this->tuning;
    }

    /** The days it is on the card: its own, no longer than what it says holds; null for all of them. */
    public function due(): ?Window
    {
        $holds = $this->kind->window($this)?->until;
        $end = $holds === null ? null : Window::until($holds);

        return $this->window === null ? $end : $this->window->endingWith($end);
    }

    /** Whether its kind is something to the rest of the application. */
    public function can(Capability $capability): bool
    {
        return $this->kind->can($capability);
    }

    /** Whether what it shows and leads to is settled on the day a message is opened. */
    public function isHosted(): bool
    {
        return $this->kind->isHosted($this);
    }

    /** What it says, by its kind's main field. */
    public function fact(): string
    {
        return $this->text($this->kind->mainField());
    }

    /** Nothing filled in: the piece leaves no trace on the card. */
    public function isBlank(): bool
    {
        return $this->summary() === '';
    }

    public function summary(): string
    {
        return $this->kind->summary($this);
    }
}
