<?php

namespace App\Http\Controllers;

use App\Campaigns\Recipients;
use App\Models\StoredFooter;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
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
            'list' => DB::table('recipients')->where('workspace_id', $this->workspace->id)
                ->when($find !== '', fn ($query) => $query->whereLike('data', '%'.addcslashes($find, '%_\\').'%'))
                ->orderBy('address')->paginate(self::PER_PAGE)->withQueryString(),
            'find' => $find, 'footer' => $footer,
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
            return $back->withErrors(['rows' => $refusal->getMessage()])
                ->withInput(['rows' => mb_substr(self::string($request, 'rows'), 0, 20_000)]);
        }

        return $back->with('told', trim(number_format($count).' recipients. '.implode(' ', $notes)));
    }

    public function remove(Request $request): RedirectResponse
    {
        Recipients::remove($this->workspace, self::integer($request, 'recipient'));

        return back()->with('told', 'Removed.');
    }
}
