<?php

namespace InkyCard\Card\Edit;

use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileText;
use InkyCard\Refusal;

/** One thing done to the links of a piece that shows profiles: each stands in it as a line, by which it is named. */
final readonly class ChangeLinks implements Edit
{
    /**
     * @param  \Closure(list<string>, array<string, string>, string): array<string, mixed>  $change  lines, marks and
     *                                                                                               country to fields
     */
    private function __construct(private string $id, private \Closure $change, private string $words)
    {
    }

    /** Those recognised in a text, behind what is there. */
    public static function add(string $id, mixed $text): self
    {
        return new self($id, function (array $links, array $marks, string $country) use ($text): array {
            $found = array_column(ProfileText::sort($text, $country)['links'], 'as');
            $line = $found === [] ? [ProfileText::line($text, $country)] : $found;

            return ['links' => array_values(array_unique([...$links, ...$line]))];
        }, 'Profile links added');
    }

    public static function remove(string $id, string $line): self
    {
        return new self($id, fn (array $links) => [
            'links' => array_values(array_diff(self::with($links, $line), [$line])),
        ], 'A profile link taken off');
    }

    /** @param  int  $to  its place among the others, from 0 */
    public static function place(string $id, string $line, int $to): self
    {
        return new self($id, function (array $links) use ($line, $to): array {
            $others = array_values(array_diff(self::with($links, $line), [$line]));
            array_splice($others, max(0, min($to, count($others))), 0, [$line]);

            return ['links' => $others];
        }, 'Profile links put in another order');
    }

    /** @param  int  $by  places down; negative goes up */
    public static function move(string $id, string $line, int $by): self
    {
        return new self($id, fn (array $links) => (self::place($id, $line,
            (int) array_search($line, self::with($links, $line), true) + $by)->change)($links, [], ''),
            'Profile links put in another order');
    }

    /** @param  string  $name  what it is called on the card; empty for what its network is called */
    public static function name(string $id, string $line, string $name): self
    {
        return new self($id, function (array $links, array $marks) use ($line, $name): array {
            $new = self::named($line, trim($name));
            $at = array_search($line, self::with($links, $line), true);

            return [
                'links' => array_replace($links, [$at => $new]),
                'marks' => isset($marks[$line]) ? [$new => $marks[$line]] + $marks : $marks,
            ];
        }, 'A profile link named');
    }

    /** @param  string  $mark  a pictogram or picture; empty for its kind's own */
    public static function mark(string $id, string $line, string $mark): self
    {
        return new self($id, fn (array $links, array $marks) => [
            'links' => self::with($links, $line), 'marks' => [$line => $mark] + $marks,
        ], 'A profile link given a mark');
    }

    public function apply(Card $card): Card
    {
        $piece = $this->piece($card);
        $fields = ($this->change)($piece->lines('links'), $piece->pairs('marks'), $card->country);

        return (new FillPiece($this->id, $fields))->apply($card);
    }

    public function words(Card $before): string
    {
        return $this->words;
    }

    private function piece(Card $card): Piece
    {
        $piece = $card->piece($this->id);

        return $piece->can(Capability::Profiles) ? $piece : throw Refusal::because('This piece shows no profiles.');
    }

    /**
     * @param  list<string>  $links
     * @return list<string>
     *
     * @throws Refusal when the line is not among them
     */
    private static function with(array $links, string $line): array
    {
        return in_array($line, $links, true) ? $links
            : throw Refusal::because('This link is no longer in the row.', '/fields/links');
    }

    /** @throws Refusal */
    private static function named(string $line, string $name): string
    {
        $address = ProfileDirectory::read($line)->address;
        if ($address === '' || preg_match('/^[^:\/.]{0,40}$/uD', $name) !== 1) {
            throw Refusal::because(
                $address === '' ? 'This one is shown by its name on the network.'
                    : 'A name has at most 40 letters, and no colon, slash or full stop.',
                '/fields/links',
            );
        }

        return $name === '' ? $address : ProfileDirectory::line(ProfileDirectory::read("$name: $address"));
    }
}
