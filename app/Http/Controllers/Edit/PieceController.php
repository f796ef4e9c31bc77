<?php

namespace App\Http\Controllers\Edit;

use App\Models\StoredPicture;
use App\Outside\SafeHttpClient;
use App\Pictures\FilmStills;
use App\Pictures\Library;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use InkyCard\Card\Edit;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Piece;
use InkyCard\Picture\Framing;
use InkyCard\Picture\PictureRef;
use InkyCard\Refusal;
use InkyCard\Time\Window;
use Symfony\Component\HttpFoundation\Response;

/** What one piece says, and how. */
final class PieceController extends AbstractEditController
{
    public function fill(Request $request, int $card, string $piece): Response
    {
        // A picture comes as a file; which of the library's it is, and its proportion, is not for the form to say.
        $fields = Arr::except($request->array('fields'), ['picture', 'ratio', 'dropped', 'rewritten', 'given']);
        $make = function () use ($request, $card, $piece, $fields): Edit\FillPiece {
            // What it was before is asked for where a picture comes alone: typing is to be answered at once.
            if ($request->hasFile('upload') || $request->hasAny(['pick', 'from'])) {
                $before = $this->card($card)->document()->piece($piece);
                [$picture, $film] = $this->picture($request, $before);
                $fields = self::withPicture($fields + $film, $picture, $before);
            } elseif ($request->has('part')) {
                $fields = $this->cropped($this->card($card)->document()->piece($piece), $request->array('part'));
            }

            return new Edit\FillPiece($piece, $fields);
        };

        return $this->change(
            $request, $card, $piece, $make, $request->has('fields.follows') && ! $request->has('burst'), $fields,
        );
    }

    /**
     * One that came with the request, stands at an address it names, or was chosen from the library; with what the
     * page of a film says of it.
     *
     * @return array{StoredPicture, array<string, string>} fields by name
     *
     * @throws Refusal
     */
    private function picture(Request $request, Piece $before): array
    {
        // Asked for here, and not by the route: words alone, a key at a time, need none of both.
        $library = app(Library::class);
        if ($request->has('from')) {
            return Refusal::at('/fields/picture', function () use ($request, $library, $before): array {
                $from = trim(self::string($request, 'from'));
                $film = $before->can(Capability::Film)
                    ? app(FilmStills::class)->at($from, $before->text('address'), $before->text('alt')) : [];

                return [
                    $library->takeIn($this->workspace, app(SafeHttpClient::class), $film['still'] ?? $from),
                    array_diff_key($film, ['still' => 0]),
                ];
            });
        }
        if (! $request->hasFile('upload')) {
            return [$this->workspace->pictures()->find(self::integer($request, 'pick'))
                ?? throw Refusal::because('This picture is no longer in the library.', '/fields/picture'), []];
        }

        return [Refusal::at('/fields/picture', fn (): StoredPicture => $library->addFor(
            $before, $this->workspace, ...self::uploaded($request->file('upload')),
        )), []];
    }

    /**
     * Another part of the picture it shows, on this card alone (need C09).
     *
     * @param  array<array-key, mixed>  $part
     * @return array{picture: string, ratio: float}
     *
     * @throws Refusal
     */
    private function cropped(Piece $before, array $part): array
    {
        $source = PictureRef::source($before->text('picture'));
        $picture = StoredPicture::named($this->workspace, $source)
            ?? throw Refusal::because('Only a picture of the library can be cropped.', '/fields/picture');
        $framing = Refusal::at('/fields/picture', fn () => Framing::of($part));

        return [
            'picture' => PictureRef::framed($source, $framing),
            'ratio' => $framing->ratio($picture->width, $picture->height),
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private static function withPicture(array $fields, StoredPicture $picture, Piece $before): array
    {
        // Its words, asked for once, where the piece has none of its own.
        $wordless = ($fields['alt'] ?? '') === '' && $before->text('alt') === '';

        return ['picture' => $picture->ref(), 'ratio' => $picture->ratio()]
            + ($wordless && $picture->alt !== '' ? ['alt' => $picture->alt] : []) + $fields;
    }

    public function keepSample(Request $request, int $card, string $piece): Response
    {
        return $this->change($request, $card, $piece, fn () => new Edit\KeepSample($piece), whole: true);
    }

    public function tune(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request, $card, $piece, fn () => Edit\TunePiece::fromForm($piece, $request->array('tuning')),
            whole: $request->has('tuning.joined'),
        );
    }

    /** One thing done to the links of a piece; which of them is part of the address. */
    public function links(Request $request, int $card, string $piece, string $how): Response
    {
        $link = (string) $request->query('link');
        $make = fn (): Edit\ChangeLinks => match ($how) {
            'add' => Edit\ChangeLinks::add($piece, self::named($request)),
            'remove' => Edit\ChangeLinks::remove($piece, $link),
            'up' => Edit\ChangeLinks::move($piece, $link, -1),
            'down' => Edit\ChangeLinks::move($piece, $link, 1),
            'place' => Edit\ChangeLinks::place($piece, $link, self::integer($request, 'to')),
            'name' => Edit\ChangeLinks::name($piece, $link, self::string($request, 'name')),
            default => Edit\ChangeLinks::mark($piece, $link, self::string($request, 'mark')),
        };

        return $this->change($request, $card, $piece, $make, typed: ['links' => $request->input('text')]);
    }

    /** What was pasted; a name alone, where its network was chosen from the list, with that before it. */
    private static function named(Request $request): mixed
    {
        $text = $request->input('text');
        $network = self::string($request, 'network');

        return is_string($text) && $network !== '' && trim($text) !== '' && ! str_contains($text, '/')
            ? "$network: $text" : $text;
    }

    /** The days it is on the card. */
    public function days(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request, $card, $piece,
            fn () => new Edit\TimePiece($piece, Refusal::at(
                '/window', fn () => Window::parse($request->input('from'), $request->input('until')),
            )),
        );
    }

    public function assign(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request,
            $card,
            $piece,
            fn () => new Edit\AssignPiece(
                $piece,
                FilledBy::tryFrom(self::string($request, 'by'))
                    ?? throw Refusal::because(
                        'A piece is filled by us, by each person, has to be by each, or is free.', '/tuning/by',
                    ),
            ),
            whole: true,
        );
    }
}
