<?php

namespace App\Http\Controllers;

use App\Campaigns\LeftAlone;
use App\Campaigns\Recipients;
use App\Models\StoredFooter;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use InkyCard\Refusal;

/** People messages go to. */
final class RecipientController extends Controller
{
    private const PER_PAGE = 50;

    public function index(Request $request): View
    {
        $find = self::string($request, 'find');
        $footer = StoredFooter::in($this->workspace)->find(self::integer($request, 'footer'));

        return view('campaigns.recipients', [
            'list' => Recipients::in($this->workspace)
                ->leftJoin('left_alone', fn (JoinClause $join) => $join
                    ->whereColumn('left_alone.workspace_id', 'recipients.workspace_id')
                    ->whereColumn('left_alone.address', 'recipients.address'))
                ->when($find !== '', fn ($query) => $query->whereLike('data', '%'.addcslashes($find, '%_\\').'%'))
                ->orderBy('recipients.address')->select(['recipients.*', 'why', 'since'])
                ->paginate(self::PER_PAGE)->withQueryString(),
            'find' => $find, 'footer' => $footer, 'ways' => LeftAlone::WHY,
        ]);
    }

    public function bring(Request $request): RedirectResponse
    {
        $back = redirect()->route('footer', self::integer($request, 'footer'));
        try {
            $table = $request->hasFile('file') ? self::uploaded($request->file('file'))[0]
                : self::string($request, 'rows');
            [$count, $notes] = Recipients::bring($this->workspace, $table);
        } catch (Refusal $refusal) {
            return $back->withErrors(['rows' => Words::of($refusal)])
                ->withInput(['rows' => mb_substr(self::string($request, 'rows'), 0, 20_000)]);
        }

        return $back->with('told', trim(number_format($count).' recipients. '.implode(' ', $notes)));
    }

    public function remove(Request $request): RedirectResponse
    {
        $id = self::integer($request, 'recipient');
        abort_unless(Recipients::remove($this->workspace, $id), 404);

        return back()->with(['told' => __('Removed.'), 'back' => route('recipients.restore', $id)]);
    }

    public function restore(int $recipient): RedirectResponse
    {
        abort_unless(Recipients::remove($this->workspace, $recipient, back: true), 404);

        return back();
    }

    /** Writes to one no more, or again. */
    public function leave(Request $request): RedirectResponse
    {
        $address = (string) Recipients::in($this->workspace)->where('id', self::integer($request, 'recipient'))
            ->value('address');
        abort_if($address === '', 404);
        $request->boolean('again') ? LeftAlone::lift($this->workspace->id, $address)
            : LeftAlone::add($this->workspace->id, [$address], 'hand');

        return back()->with('told', $request->boolean('again') ? __(
            ':address is written to again.', ['address' => $address],
        )
            : __(':address is written to no more.', ['address' => $address]));
    }
}
