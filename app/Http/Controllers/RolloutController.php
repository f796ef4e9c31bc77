<?php

namespace App\Http\Controllers;

use App\Jobs\RemindRollout;
use App\Jobs\SendRollout;
use App\Models\Rollout;
use App\Models\StoredPerson;
use App\Rollouts\BoardWords;
use App\Rollouts\Duties;
use App\Rollouts\RolloutBoard;
use App\Rollouts\RolloutForm;
use App\Rollouts\RolloutMail;
use App\Rollouts\RolloutMessages;
use App\Rollouts\RolloutPeople;
use App\Rollouts\RolloutQueue;
use App\Rollouts\RolloutSteps;
use App\Roster\Groups;
use App\Tray\Tray;
use App\Tray\TrayVerifier;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use InkyCard\Rollout\Step;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Moving people to their cards: who is how far, who is written to, what came back. */
final class RolloutController extends Controller
{
    private const PER_PAGE = 40;

    public function create(Request $request): View
    {
        return view('rollouts.form', ['rollout' => null, 'groups' => Groups::of($this->workspace),
            'help' => self::member($request)->mailbox()]);
    }

    public function store(Request $request): RedirectResponse
    {
        try {
            $rollout = RolloutForm::start($this->workspace, $request->all());
        } catch (Refusal $refusal) {
            return back()->withInput()->withErrors([$refusal->field() => Words::of($refusal)]);
        }

        return redirect()->route('rollout', $rollout->id);
    }

    public function show(Request $request, int $rollout): View
    {
        $rollout = Rollout::in($this->workspace, $rollout);
        $board = new RolloutBoard($rollout);
        $counts = $board->counts();
        $page = $board->page($counts['people'], self::PER_PAGE);
        $chosen = $this->chosen($board, self::string($request, 'person'));
        $others = RolloutPeople::countOthers($rollout, $counts['people']);

        return view('rollouts.show', [
            'rollout' => $rollout, 'list' => $page, 'others' => $others, 'toAsk' => $counts['to_ask'],
            'counts' => $counts, 'steps' => Step::cases(),
            'messages' => RolloutMessages::counts($rollout), 'chosen' => $chosen, 'left' => $rollout->workspace
                ->today()->until($rollout->day()),
            'refused' => $rollout->messages()->join('people', 'people.id', 'person_id')->whereIn('state', ['refused',
                'passing'])->latest('rollout_messages.at')->limit(10)->get(['name', 'kind', 'state', 'words']),
            'strangers' => DB::table('rollout_tests')->where('rollout_id', $rollout->id)->whereNull('person_id')
                ->join('tray_messages', 'tray_messages.id', 'message_id')->latest('rollout_tests.id')->limit(10)
                ->get(['tray_messages.id', 'from', 'subject']),
            'hinders' => $chosen === null || $chosen->asked_at !== null ? null : RolloutMail::hinders(
                StoredPerson::in($this->workspace, $chosen->person_id), new Duties($this->workspace),
                $chosen->waived !== '',
            ),
            'verdict' => $chosen?->test_id === null ? '' : $this->verdict($chosen),
        ]);
    }

    /** Tells, asks, reminds: those it is for, each once. */
    public function send(Request $request, int $rollout): RedirectResponse
    {
        $rollout = Rollout::in($this->workspace, $rollout);
        $kind = self::string($request, 'do');
        $back = redirect()->route('rollout', $rollout->id);
        if ($kind === 'join') {
            return $back->with('told', trans_choice('One person more is on it.|:count people more are on it.',
                RolloutPeople::join($rollout, RolloutPeople::others($rollout)->pluck('people.id'))));
        }
        $people = $this->addressed($rollout, $kind);
        $hindered = $kind === 'ask' ? $this->hindered($rollout, $people) : [];
        $people = array_values(array_diff($people, array_keys($hindered)));
        $new = RolloutQueue::put($rollout, $kind, $people, $kind === 'remind' ? 1 + (int) $rollout->people()
            ->max('reminded') : 1);
        RemindRollout::dispatch($rollout->id);
        $says = $new === 0 ? __('Nobody is written to.')
            : trans_choice('A message is on its way.|:count messages are on their way.', $new);

        return $back->with('told', $hindered === [] ? $says : $says.' '.__('Not to :who: :why.', [
            'who' => implode(', ', array_slice(array_column($hindered, 0), 0, 5)), 'why' => current($hindered)[1],
        ]));
    }

    /**
     * @param  list<string>  $people  ids
     * @return array<string, array{string, string}> of those who cannot be asked: name and why
     */
    private function hindered(Rollout $rollout, array $people): array
    {
        $hindered = [];
        $duties = new Duties($this->workspace);
        $waived = $rollout->people()->where('waived', '!=', '')->pluck('waived', 'person_id')->all();
        foreach (StoredPerson::query()->whereIn('id', $people)->lazyById(200) as $one) {
            $why = RolloutMail::hinders(
                $one->setRelation('workspace', $this->workspace), $duties, isset($waived[$one->id]),
            );
            $why === null || $hindered[$one->id] = [$one->name, $why];
        }

        return $hindered;
    }

    public function state(Request $request, int $rollout): RedirectResponse
    {
        $rollout = Rollout::in($this->workspace, $rollout);
        $to = self::string($request, 'to');
        if (in_array($to, [Rollout::RUNNING, Rollout::PAUSED, Rollout::ENDED], true)) {
            $rollout->forceFill(['state' => $to])->save();
            if ($to === Rollout::RUNNING) {
                SendRollout::dispatch($rollout->id);
                RemindRollout::dispatch($rollout->id);
            }
        }

        return redirect()->route('rollout', $rollout->id);
    }

    public function edit(int $rollout): View
    {
        return view('rollouts.form', ['rollout' => Rollout::in($this->workspace, $rollout), 'help' => '',
            'groups' => Groups::of($this->workspace)]);
    }

    public function update(Request $request, int $rollout): RedirectResponse
    {
        $rollout = Rollout::in($this->workspace, $rollout);
        try {
            RolloutForm::change($rollout, $request->all());
        } catch (Refusal $refusal) {
            return back()->withInput()->withErrors([$refusal->field() => Words::of($refusal)]);
        }

        return redirect()->route('rollout', $rollout->id)->with('told', __('Kept.'));
    }

    /** Somebody's test is right, or to be made again, with a note that is mailed; or nobody waits for them. */
    public function judge(Request $request, int $rollout, string $person): RedirectResponse
    {
        $rollout = Rollout::in($this->workspace, $rollout);
        $row = $rollout->people()->where('person_id', $person);
        abort_unless($row->exists(), 404);
        $note = mb_strimwidth(trim(self::string($request, 'note')), 0, 500, '…');
        switch (self::string($request, 'do')) {
            case 'right':
                $row->update(['right_at' => (string) now(), 'redo_at' => null]);
                break;
            case 'redo':
                if ($note === '') {
                    return back()->withErrors(['note' => __('Say what is to be made otherwise.')])->withInput();
                }
                $this->sendBack($rollout, $person, $note);
                break;
            case 'excuse':
                $row->update(['excused' => $note === '' ? __('excused') : mb_strimwidth($note, 0, 200, '…')]);
                break;
            case 'waive':
                $row->update(['waived' => $note === '' ? __('no reason given') : mb_strimwidth($note, 0, 200, '…')]);
                break;
            case 'wait':
                $row->update(['excused' => '']);
        }
        RolloutSteps::settle([$person], $rollout->id);

        return redirect()->route('rollout', [$rollout->id, 'person' => $this->after($rollout, $person)]);
    }

    private function sendBack(Rollout $rollout, string $person, string $note): void
    {
        $rollout->people()->where('person_id', $person)
            ->update(['redo_at' => (string) now(), 'right_at' => null, 'note' => $note]);
        RolloutQueue::put($rollout, 'redo', [$person], 1 + $rollout->messages()->where([
            'person_id' => $person, 'kind' => 'redo',
        ])->count());
    }

    public function file(int $rollout): StreamedResponse
    {
        $board = new RolloutBoard(Rollout::in($this->workspace, $rollout));

        return self::table('rollout.csv', ['name', 'address', 'told', 'asked', 'filled in', 'took it', 'test came',
            'verdict', 'right', 'to redo', 'note', 'excused'], fn () => $board->ordered()->cursor()->map(
                fn (\stdClass $one): array => [$one->name, $one->address, $one->told_at, $one->asked_at,
                    $one->filled_at,
                    $one->took_at, $one->tested_at, $one->verdict, $one->right_at, $one->redo_at, $one->note,
                    $one->excused],
            ));
    }

    /** @return list<string> ids of whom a kind of message is for now */
    private function addressed(Rollout $rollout, string $kind): array
    {
        $board = new RolloutBoard($rollout);
        $people = match ($kind) {
            'tell' => $board->toTell(),
            'ask' => $board->toAsk(),
            'remind' => $board->missing(),
            default => abort(404),
        };

        return array_values(array_map(strval(...), $people->pluck('person_id')->all()));
    }

    private function chosen(RolloutBoard $board, string $person): ?\stdClass
    {
        $asked = $person === '' ? null : $board->query()->where('people.id', $person)->first();

        return $asked ?? $board->tested()->first();
    }

    /** Who has a test and comes next on the board. */
    private function after(Rollout $rollout, string $person): string
    {
        $ids = (new RolloutBoard($rollout))->tested()->pluck('person_id')->all();
        $at = array_search($person, $ids, true);
        $next = $ids[is_int($at) ? $at + 1 : 0] ?? $ids[0] ?? '';

        return is_string($next) ? $next : '';
    }

    /** What was found in somebody's test: to find it takes longer than all else on the page. */
    private function verdict(\stdClass $one): string
    {
        return Cache::remember("rollout.test.$one->test_id.".App::getLocale(), now()->addDay(), function () use ($one) {
            $received = Tray::find($this->workspace, (int) $one->test_id);

            return BoardWords::test($one, $received === null ? null : TrayVerifier::of($this->workspace, $received));
        });
    }
}
