<?php

namespace App\Http\Controllers;

use App\Errands\ErrandKind;
use App\Jobs\ForgetClicks;
use App\Jobs\SweepWorkspaces;
use App\Keeping\ActionLog;
use App\Keeping\WorkspaceReading;
use App\Models\Errand;
use App\Outside\SafeHttpClient;
use App\Pictures\HostedPictures;
use App\Tray\Outgoing;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\App;
use InkyCard\Handover\SubjectHeader;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Type\CleanText;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** What a workspace is called and where it is, whether the world reaches it, what was done in it, and its end. */
final class SettingsController extends Controller
{
    private const PER_PAGE = 50;

    /** Days somebody has to change their mind. */
    public const DAYS = 30;

    /** Days clicks and requests may be kept; 0 for good. */
    private const KEEPS = [30, 90, 365, 730, 0];

    /** Bytes of the picture that tells whether this copy answers, and more than it has. */
    private const MARK = '/mark.svg';

    private const MOST = 20_000;

    private const FILES = [ErrandKind::Export, ErrandKind::Import];

    public function show(): View
    {
        return view('settings.show', [
            'zones' => \DateTimeZone::listIdentifiers(), 'address' => HostedPictures::publicBase(),
            'keeps' => self::KEEPS, 'countries' => self::countries(), 'days' => self::DAYS,
            'mailer' => (string) config('mail.default'), 'errands' => Errand::latestIn($this->workspace, self::FILES),
        ]);
    }

    public function keep(Request $request): RedirectResponse
    {
        try {
            $name = Refusal::at('/name', fn () => CleanText::of(self::string($request, 'name'), 80, 'name'));
            $name !== '' || throw Refusal::because('Say what it is called.', '/name');
            $web = self::string($request, 'web');
            $country = self::string($request, 'country');
            $this->workspace->forceFill([
                'name' => $name,
                'web' => $web === '' ? '' : Refusal::at('/web', fn () => WebAddress::parse($web)->address),
                'country' => isset(self::countries()[$country]) ? $country : $this->workspace->country,
                'zone' => Refusal::at('/zone', fn () => Clock::zone(self::string($request, 'zone'))),
            ])->save();
        } catch (Refusal $refusal) {
            return redirect()->route('settings')->withInput()->withErrors([$refusal->field() => Words::of($refusal)]);
        }

        return redirect()->route('settings')->with('told', __('Kept.'));
    }

    /** How long clicks, and requests of programs, are kept. */
    public function forget(Request $request): RedirectResponse
    {
        // Whatever is no choice of ours is kept for good.
        $days = fn (string $key): int => current(array_intersect(self::KEEPS, [self::integer($request, $key)])) ?: 0;
        $this->workspace->forceFill([
            'keep_clicks' => $days('keep_clicks'), 'keep_requests' => $days('keep_requests'),
        ])->save();
        ForgetClicks::dispatch();

        return redirect()->route('settings')->with('told', __('Kept. What is older goes within a day, for good.'));
    }

    /** Whether readers' mail clients find what they are sent to. */
    public function check(SafeHttpClient $outside): RedirectResponse
    {
        $address = HostedPictures::publicBase();
        try {
            $same = $outside->fetch($address.self::MARK, self::MOST)->found()->bytes
                === file_get_contents(public_path(self::MARK));
            $says = $same ? __(':address answers, and it is this copy.', ['address' => $address]) : __(
                'Something else answers at :address.', ['address' => $address],
            );
        } catch (Refusal $refusal) {
            $says = __(
                'Readers do not reach :address: :getMessage',
                ['address' => $address, 'getMessage' => lcfirst(Words::of($refusal))],
            );
        }

        return redirect()->route('settings')->with('told', $says);
    }

    /** A message to oneself, to see whether any leaves. */
    public function mail(Request $request): RedirectResponse
    {
        $to = self::member($request)->mailbox();
        $email = SubjectHeader::put(new Email, __('A test from Inky Card'))->from(new Address(
            (string) config('mail.from.address'), (string) config('mail.from.name'),
        ))->to(new Address($to))->text(__(
            'This message left Inky Card. If you read it in your mailbox, mail works.
',
        ));
        Outgoing::send($this->workspace, $email, (string) config('mail.from.address'), [$to]);

        return redirect()->route('tray')->with('told', __(
            'On its way to :to: what becomes of it is said here.', ['to' => $to],
        ));
    }

    public function log(Request $request): View
    {
        $only = self::only($request);

        return view('settings.log', [
            'list' => ActionLog::of($this->workspace, $only)->paginate(self::PER_PAGE)->withQueryString(),
            'only' => $only, 'members' => $this->workspace->members()->orderBy('name')->pluck('name', 'users.id'),
            'objects' => ActionLog::of($this->workspace)->reorder('object')->distinct()->pluck('object'),
        ]);
    }

    public function file(Request $request): StreamedResponse
    {
        $entries = ActionLog::of($this->workspace, self::only($request))->select(['at', 'who', 'words', 'object',
            'object_id', 'times']);

        return self::table(
            'log.csv', ['at', 'who', 'what', 'object', 'number', 'times'],
            fn (): iterable => $entries->cursor()->map(fn (\stdClass $row): array => (array) $row),
        );
    }

    /** All the workspace has made, as one file: it is written beside the pages. */
    public function export(Request $request): RedirectResponse
    {
        return redirect()->route('errand', Errand::begin(
            $this->workspace, self::member($request), ErrandKind::Export,
        ));
    }

    public function import(Request $request): RedirectResponse
    {
        set_time_limit(0);
        $file = $request->file('file');
        try {
            if (! $file instanceof UploadedFile || ! $file->isValid()) {
                throw Refusal::because(
                    'Choose the file of a workspace, a ZIP of at most 30 MB; a larger one goes in by the console.',
                );
            }
            // What is wrong with it is said beside the field, before anything begins.
            WorkspaceReading::open($file->getRealPath());
        } catch (Refusal $refusal) {
            return redirect()->route('settings')->withErrors(['file' => Words::of($refusal)]);
        }

        return redirect()->route('errand', Errand::begin(
            $this->workspace, self::member($request), ErrandKind::Import, path: $file->getRealPath(),
        ));
    }

    /** It goes in thirty days, unless somebody changes their mind. */
    public function close(Request $request): RedirectResponse
    {
        if (self::string($request, 'name') !== $this->workspace->name) {
            return redirect()->route('settings')
                ->withErrors(['closing' => __(
                    'Write its name as it stands above, so that nobody closes it by accident.',
                )]);
        }
        $this->workspace->forceFill([
            'closes_at' => now()->addDays(self::DAYS), 'answers' => $request->boolean('answers'),
        ])->save();

        SweepWorkspaces::dispatch()->delay(now()->addDays(self::DAYS)->addMinute());

        return redirect()->route('settings');
    }

    public function reopen(): RedirectResponse
    {
        $this->workspace->forceFill(['closes_at' => null, 'answers' => true])->save();

        return redirect()->route('settings')->with('told', __('It stays.'));
    }

    /** @return array{who: int, object: string, id: string} */
    private static function only(Request $request): array
    {
        return [
            'who' => self::integer($request, 'who'), 'object' => self::string($request, 'object'),
            'id' => self::string($request, 'id'),
        ];
    }

    /** @return array<string, string> ISO 3166-1 alpha-2 => name, those with a time */
    private static function countries(): array
    {
        $countries = [];
        foreach (range('A', 'Z') as $first) {
            foreach (range('A', 'Z') as $second) {
                $name = (string) \Locale::getDisplayRegion("-$first$second", App::getLocale());
                if (Clock::zoneOf($first.$second) !== 'UTC' && $name !== $first.$second) {
                    $countries[$first.$second] = $name;
                }
            }
        }
        asort($countries);

        return $countries;
    }
}
