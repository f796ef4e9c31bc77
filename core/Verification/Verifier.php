<?php

namespace InkyCard\Verification;

use InkyCard\MailClient\MailClient;

/**
 * Finds a card in a received message, whatever mail clients made of it: by
 * its lines of words, its links and its pictures, above what is quoted and
 * within it.
 */
final class Verifier
{
    /** Share of a card's lines from which on it is there. */
    private const THERE = 0.5;

    /** Likeness from which on a line is another one changed. */
    private const ALIKE = 0.6;

    /** Lines longer than this are compared by their beginnings, bytes. */
    private const COMPARED = 250;

    /**
     * @param  ExpectedCard  $current  what should be there
     * @param  list<ExpectedCard>  $older  revisions handed over before
     */
    public static function verify(ExpectedCard $current, array $older, ReceivedMessage $message): Verified
    {
        if ($message->plain) {
            return self::plain($current, $older, $message);
        }
        $written = $message->written;
        foreach ($current->forms as $name => $form) {
            $found = self::isForm($current, $form, $written) ? self::verify($form, $older, $message) : null;
            if ($found?->verdict === 'verified') {
                return $found->inForm($name);
            }
        }
        $all = [$current, ...$older];
        $best = self::best($all, $written);
        if ($best === null) {
            $inQuote = self::best($all, $message->quoted);

            return new Verified(
                $inQuote === null ? 'absent' : 'quoted', $inQuote?->revision,
                wrongAddress: self::wrong($current, $message->from),
            );
        }
        $others = array_values(array_filter($all, fn (ExpectedCard $it) => $it !== $best));
        $found = self::found($best, $best->seen, $others, $message);

        return match (true) {
            $best !== $current => $found->as('old')->until($best->until),
            $found->isWhole() && $found->looks === [] => $found->as($found->isClean() ? 'verified' : 'noted'),
            default => self::asShown($found, $best, $others, $message),
        };
    }

    /**
     * The one that stands in what a message's writer wrote, whole or not; null for none.
     *
     * @param  list<ExpectedCard>  $all  forms of one count as others
     */
    public static function carried(array $all, ReceivedMessage $message): ?ExpectedCard
    {
        return self::best($all, $message->written, text: $message->plain);
    }

    /**
     * What is there and how it looks, held against what should be.
     *
     * @param  MessageContent  $wanted  the card as it was handed over, or as a mail client shows it
     * @param  list<ExpectedCard>  $others
     */
    private static function found(
        ExpectedCard $card,
        MessageContent $wanted,
        array $others,
        ReceivedMessage $message,
    ): Verified {
        $written = $message->written;
        [$missing, $altered] = self::lines($wanted->lines, $written);
        $links = array_values(array_filter(
            array_unique($wanted->links), fn (string $link) => ! $written->leadsTo($link),
        ));

        return new Verified(
            'altered', $card->revision, $missing, $altered, $links, self::lost($wanted, $written),
            self::alsoOlder($card, $others, $written),
            self::isTwice($wanted->lines, $written), self::wrong($card, $message->from),
            looks: $wanted->appearance()->differences($written->appearance()),
        );
    }

    /**
     * What a mail client is expected to make of the card is no harm: where one shows it just as it arrived, it is
     * verified, and else what is left of the differences is told.
     *
     * @param  list<ExpectedCard>  $others
     */
    private static function asShown(
        Verified $found,
        ExpectedCard $card,
        array $others,
        ReceivedMessage $message,
    ): Verified {
        $least = $found;
        foreach ([$found->missing, $found->altered] === [[], []] ? MailClient::all() : [] as $client) {
            if ($client->form !== 'html' || $client->quoted) {
                continue;
            }
            $one = self::found($card, $card->asShownBy($client), $others, $message);
            if ($one->isWhole() && $one->looks === []) {
                return $one->as($one->isClean() ? 'verified' : 'noted', mb_strtolower($client->label));
            }
            // Where one shows no pictures, those that were lost on the way are no harm of its: only all of it counts.
            $least = $client->pictures === 'shown' && $one->harm() < $least->harm() ? $one : $least;
        }

        return $least->as($least->isWhole() ? 'look' : 'altered');
    }

    /** Pictures attached or taken over by a proxy have other addresses: they are counted, and known by their words. */
    private static function lost(MessageContent $seen, MessageContent $written): int
    {
        $there = array_filter($written->pictures, fn (array $picture) => $picture[0] !== '');

        return max(0, count($seen->pictures) - count($there));
    }

    /** @param  list<ExpectedCard>  $older */
    private static function plain(ExpectedCard $current, array $older, ReceivedMessage $message): Verified
    {
        $wrong = self::wrong($current, $message->from);
        foreach (['plain' => $message->written, 'quoted' => $message->quoted] as $verdict => $seen) {
            $best = self::best([$current, ...$older, ...array_values($current->forms)], $seen, text: true);
            if ($best !== null) {
                [$missing, $altered] = $verdict === 'plain' ? self::lines($best->text->lines, $seen) : [[], []];

                return new Verified(
                    $verdict, $best->revision, $missing, $altered,
                    pictures: $verdict === 'plain' ? count($best->seen->pictures) : 0, wrongAddress: $wrong,
                );
            }
        }

        return new Verified('absent', null, wrongAddress: $wrong);
    }

    /** Nothing of what the form leaves out is there: else it is the whole card, with losses. */
    private static function isForm(ExpectedCard $whole, ExpectedCard $form, MessageContent $written): bool
    {
        return array_intersect(array_diff($whole->seen->lines, $form->seen->lines), $written->lines) === []
            && array_intersect(array_diff($whole->seen->links, $form->seen->links), $written->links) === []
            && count($written->pictures) <= count($form->seen->pictures);
    }

    /**
     * The revision most of whose lines are there; where others are as good, the one with most to be there, and then the
     * current one. Null when none is there.
     *
     * @param  list<ExpectedCard>  $revisions  the current one first
     */
    private static function best(array $revisions, MessageContent $seen, bool $text = false): ?ExpectedCard
    {
        $best = null;
        $most = 0.0;
        $lines = 0;
        foreach ($revisions as $revision) {
            $wanted = $text ? $revision->text->lines : $revision->seen->lines;
            $there = array_filter($wanted, $seen->has(...));
            $share = count($wanted) === 0 ? 0.0 : count($there) / count($wanted);
            if ($share < self::THERE && $share > 0) {
                // Changed lines speak for it as well, if less.
                $rest = array_filter(
                    array_diff($wanted, $there),
                    fn (string $line) => self::nearest($line, $seen->lines) !== null,
                );
                $share = (count($there) + 0.8 * count($rest)) / count($wanted);
            }
            // One that had all of another and more is seen by the more: where both stand there, it is there twice.
            $more = $share > 0.999 && $most > 0.999 && count($wanted) > $lines && ! self::isTwice($wanted, $seen);
            if ($share >= self::THERE && ($share > $most + 0.001 || $more)) {
                [$best, $most, $lines] = [$revision, $share, count($wanted)];
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $wanted
     * @return array{list<string>, list<array{string, string}>} missing; changed, as they should be and as they are
     */
    private static function lines(array $wanted, MessageContent $seen): array
    {
        $missing = $altered = [];
        // A line that is one of the card's own is no other one changed.
        $others = array_values(array_diff($seen->lines, $wanted));
        foreach ($wanted as $line) {
            if ($seen->has($line)) {
                continue;
            }
            $near = self::nearest($line, $others);
            $near === null ? $missing[] = $line : $altered[] = [$line, $near];
        }

        return [$missing, $altered];
    }

    /** @param  list<string>  $lines */
    private static function nearest(string $line, array $lines): ?string
    {
        $most = self::ALIKE;
        $near = null;
        $one = substr($line, 0, self::COMPARED);
        foreach ($lines as $other) {
            $two = substr($other, 0, self::COMPARED);
            // Two lines of very different length cannot be alike enough.
            if (min(strlen($one), strlen($two)) < $most * max(strlen($one), strlen($two))) {
                continue;
            }
            $alike = 1 - levenshtein($one, $two) / max(1, strlen($one), strlen($two));
            if ($alike > $most) {
                [$most, $near] = [$alike, $other];
            }
        }

        return $near;
    }

    /**
     * Whether lines of another revision stand there that this one has not.
     *
     * @param  list<ExpectedCard>  $others
     */
    private static function alsoOlder(ExpectedCard $best, array $others, MessageContent $seen): bool
    {
        foreach ($others as $other) {
            $own = array_diff($other->seen->lines, $best->seen->lines);
            if ($own !== []
                && count(array_filter($own, fn (string $line) => $seen->count($line) > 0)) >= max(1, count($own) / 2)) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string>  $wanted */
    private static function isTwice(array $wanted, MessageContent $seen): bool
    {
        $once = array_count_values($wanted);
        $twice = array_filter(
            array_keys($once),
            fn (int|string $line) => $seen->count((string) $line) >= 2 * $once[$line],
        );

        return count($once) > 1 && count($twice) > 0.6 * count($once);
    }

    private static function wrong(ExpectedCard $current, string $from): string
    {
        return $current->address !== '' && $from !== '' && strcasecmp($current->address, $from) !== 0 ? $from : '';
    }
}
