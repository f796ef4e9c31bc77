<?php

namespace App\Http\Controllers;

use App\Handover\Parcels;
use App\Http\Middleware\ContentPolicy;
use App\Models\StoredCard;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use InkyCard\Card\Card as Document;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Handover\Artifact;
use InkyCard\Layout\Sheet;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Message;
use InkyCard\MailClient\Reader;
use InkyCard\Picture\Intake;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\StreamedResponse;

abstract class Controller
{
    public function __construct(protected readonly Workspace $workspace)
    {
    }

    /** A text of the request; whatever else somebody put in its place counts as nothing. */
    protected static function string(Request $request, string $key): string
    {
        $text = $request->input($key);

        return is_string($text) && mb_check_encoding($text, 'UTF-8') ? $text : '';
    }

    protected static function member(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(403);
    }

    /** Number of the state an edit was made on; 0, which nothing is at, when the request does not say. */
    protected static function integer(Request $request, string $key = 'revision'): int
    {
        $given = $request->input($key);
        $given = is_scalar($given) ? (string) $given : '';

        return ctype_digit($given) && strlen($given) < 10 ? (int) $given : 0;
    }

    /** A card as it would be sent, alone in a frame. */
    protected static function rendering(Document $document): Response
    {
        return response()
            ->view('bench.sheet', [
                'html' => (new HtmlComposer(HostedPictures::forScreen()))->compose(Sheet::of($document)),
            ])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /** Somebody else was faster: said in the maker, and nothing is kept. @param  string  $page  its address */
    protected static function stale(Request $request, string $page): Response|RedirectResponse
    {
        $says = __('It was changed elsewhere meanwhile, so this was not kept: reload the page before you go on.');

        return $request->hasHeader('HX-Request') ? response(view('stale', ['says' => $says]), 409)
            : redirect()->to($page)->with('told', $says);
    }

    /** A message as the readers of a stand-in see it, alone in a frame. */
    protected static function asRead(Message $message, MailClient $client): Response
    {
        $reading = Reader::read($client, $message);

        return response()
            ->view('proof.reading', [
                'html' => $reading->html(), 'page' => $reading->page->hex, 'ink' => $reading->ink->hex,
                'client' => $client, 'outlined' => false, 'marked' => [],
            ])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /**
     * HTML alone in a frame: as it is sent, or as the stand-in asked for shows it.
     *
     * @param  int  $margin  around it, CSS px
     */
    protected static function framed(Request $request, string $html, int $margin): Response
    {
        $client = MailClient::all()[self::string($request, 'as')] ?? null;

        return $client !== null ? self::asRead(new Message($html), $client)
            : response()->view('bench.sheet', ['html' => "<div style=\"padding:{$margin}px\">$html</div>"])
                ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /**
     * Rows as comma-separated values (RFC 4180), UTF-8 with its mark, so that spreadsheets read names right.
     *
     * @param  list<string>  $columns
     * @param  \Closure(): iterable<array-key, array<mixed>>  $rows  row by row, as long as it takes
     */
    protected static function table(string $name, array $columns, \Closure $rows): StreamedResponse
    {
        return response()->streamDownload(function () use ($columns, $rows): void {
            // Nothing but the reader's line sets its length.
            set_time_limit(0);
            $out = fopen('php://output', 'w') ?: throw new \RuntimeException('No way out.');
            fwrite($out, "\u{FEFF}");
            $put = fn (array $row) => fputcsv($out, array_map(self::harmless(...), $row), ',', '"', '', "\r\n");
            $put($columns);
            foreach ($rows() as $row) {
                $put(array_values($row));
            }
            fclose($out);
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }

    /** A value a spreadsheet would take for a formula gets an apostrophe before it. */
    private static function harmless(mixed $value): string
    {
        $text = is_scalar($value) ? (string) $value : '';

        return preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'$text" : $text;
    }

    /** An artifact to be saved. */
    protected static function download(Artifact $artifact): Response
    {
        [$name, $type, $bytes] = Parcels::packed($artifact);

        return response($bytes, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => sprintf(
                "attachment; filename=\"%s\"; filename*=UTF-8''%s",
                Str::ascii($name),
                rawurlencode($name),
            ),
        ]);
    }

    /**
     * A file somebody sent.
     *
     * @param  string  $none  what is said where there is none
     * @param  int  $most  bytes
     * @param  ?Refusal  $heavy  what is said of one over that; null for what is said of pictures
     * @return array{string, string} bytes and name
     *
     * @throws Refusal
     */
    protected static function uploaded(
        mixed $file,
        string $none = 'Choose one picture at a time.',
        int $most = Intake::MAX_BYTES,
        ?Refusal $heavy = null,
    ): array {
        if (! ($file instanceof UploadedFile)) {
            throw Refusal::because($none);
        }
        // One over the server's own limit has no size of its own.
        if ($file->getError() === UPLOAD_ERR_INI_SIZE || $file->getSize() > $most) {
            throw $heavy ?? Intake::tooHeavy();
        }
        if (! $file->isValid()) {
            throw Refusal::because('The file did not arrive whole: choose it again.');
        }

        return [(string) $file->get(), $file->getClientOriginalName()];
    }

    /** A card of the workspace; others do not exist here. */
    protected function card(int $id): StoredCard
    {
        return StoredCard::in($this->workspace, $id) ?? abort(404);
    }
}
