<?php

namespace App\Banners;

use App\Clicks\Token;
use App\Pictures\HostedPictures;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use InkyCard\Card\Card;
use InkyCard\Card\Kind\Capability;

/** Hosted places: the addresses they are reached at, which stay, and the answers kept for them meanwhile. */
final class HostedPlaces
{
    /** Answers hold for so long at most, seconds: what is changed by hand reaches readers after that. */
    public const HOLDS = 3600;

    /** The card with their addresses on its places; a copy has its own. */
    public static function addressed(Card $card, int $number): Card
    {
        foreach ($card->pieces as $piece) {
            $place = "$number/$piece->id";
            if ($piece->can(Capability::Place) && $piece->text('place') !== $place) {
                $card = $card->replacing($piece->with(['fields' => [
                    'place' => $place, 'address' => HostedPictures::publicBase().'/to/'.Token::ofPlace($place),
                ] + $piece->fields]));
            }
        }

        return $card;
    }

    /** Notes what a card's places are like: they answer for good, even once they are off the card. */
    public static function note(int $workspace, int $number, Card $card): void
    {
        foreach ($card->pieces as $piece) {
            if ($piece->can(Capability::Place)) {
                DB::table('places')->upsert([
                    'workspace_id' => $workspace, 'card_id' => $number, 'piece' => $piece->id,
                    'width' => (int) $piece->text('width'), 'height' => (int) $piece->text('height'),
                    'gap' => $piece->text('gap'), 'created_at' => now(), 'updated_at' => now(),
                ], ['card_id', 'piece'], ['width', 'height', 'gap', 'updated_at']);
                self::forget();
            }
        }
    }

    /** @return list<array{int, int}> sizes of the places of a workspace, CSS px */
    public static function sizes(int $workspace): array
    {
        return array_values(DB::table('places')->where('workspace_id', $workspace)->distinct()->get(['width', 'height'])
            ->map(fn (\stdClass $row) => [(int) $row->width, (int) $row->height])->all());
    }

    /**
     * Keeps an answer beside the application, where its server finds it without asking (server.php).
     *
     * @param  string  $path  of the address, such as /b/…
     * @param  array{file: string, type: string, tag: string, until: int}  $answer
     */
    public static function hold(string $path, array $answer): void
    {
        rescue(function () use ($path, $answer): void {
            File::ensureDirectoryExists(self::folder());
            File::replace(self::folder().'/'.hash('sha256', $path).'.json', (string) json_encode($answer));
        }, report: false);
    }

    /** What was kept no longer holds: something was changed by hand. */
    public static function forget(): void
    {
        rescue(fn () => File::isDirectory(self::folder()) && File::cleanDirectory(self::folder()), report: false);
    }

    private static function folder(): string
    {
        return storage_path('framework/places');
    }
}
