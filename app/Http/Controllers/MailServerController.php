<?php

namespace App\Http\Controllers;

use App\Stamping\StampedDays;
use App\Stamping\Stamping;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use InkyCard\Refusal;

/** Cards put in by the firm's own mail server: whether, how, and what became of its messages. */
final class MailServerController extends Controller
{
    /** Bytes of a message somebody tries it with. */
    private const MOST = 10_000_000;

    public function show(): View
    {
        return view('people.mail-server', [
            'days' => StampedDays::of($this->workspace), 'filter' => base_path('bin/stamp'),
            // As each server's file quotes a name with spaces in it.
            'serves' => self::serves(), 'postfix' => "{ {$this->workspace->name} }",
            'exim' => '"'.addcslashes($this->workspace->name, '"\\$').'"',
        ]);
    }

    public function keep(Request $request): RedirectResponse
    {
        $on = $request->boolean('stamping');
        $this->workspace->forceFill([
            'stamping' => $on, 'stamp_pictures' => $request->boolean('stamp_pictures'),
        ])->save();

        return redirect()->route('people.mail-server')->with('told', $on
            ? __('On. Messages your mail server hands in get their senders’ cards.')
            : __('Off. Messages your mail server hands in go on as they came.'));
    }

    /** A message as it would go on. */
    public function attempt(Request $request, Stamping $stamping): RedirectResponse|Response
    {
        try {
            $bytes = self::message($request->file('message'));
        } catch (Refusal $refusal) {
            return redirect()->route('people.mail-server')->withErrors(['message' => Words::of($refusal)]);
        }
        $as = clone $this->workspace;
        $as->stamping = true;
        $stamped = $stamping->stamp($as, $bytes);
        if ($stamped->bytes === $bytes) {
            return redirect()->route('people.mail-server')->with('told', __(
                'It would go on as it came: such messages :why.', ['why' => $stamped->outcome->words()],
            ));
        }

        return response($stamped->bytes, headers: [
            'Content-Type' => 'message/rfc822', 'Content-Disposition' => 'attachment; filename="with-card.eml"',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    /** @throws Refusal */
    private static function message(mixed $file): string
    {
        $bytes = $file instanceof UploadedFile && $file->isValid() && $file->getSize() <= self::MOST
            ? (string) $file->getContent() : '';

        return $bytes !== '' ? $bytes
            : throw Refusal::because('Choose a message saved as a file (.eml), of 10 MB at most.');
    }

    /** Whether the service answers where the filter looks for it. */
    private static function serves(): bool
    {
        $service = @stream_socket_client('unix://'.storage_path('stamp.sock'), timeout: 0.2);

        return $service !== false && fclose($service);
    }
}
