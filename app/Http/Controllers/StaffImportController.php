<?php

namespace App\Http\Controllers;

use App\Errands\ErrandKind;
use App\Models\Errand;
use App\Models\StaffImport;
use App\Roster\StaffFile;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use InkyCard\Refusal;
use InkyCard\StaffList\Column;
use InkyCard\StaffList\Outcome;

/** A list of staff on its way in: its columns, what will happen, what did. */
final class StaffImportController extends Controller
{
    private const PER_PAGE = 50;

    /** Rows of it shown over its columns. */
    private const SHOWN = 8;

    public function store(Request $request): RedirectResponse
    {
        set_time_limit(0);
        $path = (string) tempnam(sys_get_temp_dir(), 'inky');
        try {
            $name = self::brought($request, $path);
            $import = StaffImport::begin($this->workspace, self::member($request), $path, $name);
        } catch (Refusal $refusal) {
            return redirect()->to(route('people').'#bring')->withErrors(['file' => Words::of($refusal)])
                ->withInput(['rows' => mb_substr(self::string($request, 'rows'), 0, 20_000)]);
        } finally {
            @unlink($path);
        }

        return redirect()->route('staff-import', $import->id);
    }

    public function show(Request $request, int $import): View
    {
        $import = StaffImport::in($this->workspace, $import);
        $errand = $this->errand($import);
        $isSettling = $import->state === StaffImport::READ
            || ($import->state === StaffImport::PLANNED && $request->has('columns'));
        if ($isSettling && $errand?->isOnItsWay() !== true) {
            return view('people.columns', [
                'import' => $import, 'columns' => Column::cases(), 'errand' => $errand,
                'rows' => array_slice($import->sample, $import->headed ? 1 : 0, self::SHOWN),
            ]);
        }
        $only = Outcome::tryFrom(self::string($request, 'only'));
        $notes = self::string($request, 'only') === 'notes';

        return view('people.plan', [
            'import' => $import, 'outcomes' => Outcome::cases(), 'only' => $notes ? 'notes' : $only->value ?? '',
            'errand' => $errand,
            'list' => $import->rows()->when($only !== null, fn ($query) => $query->where('outcome', $only->value ?? ''))
                ->when($notes, fn ($query) => $query->whereLike('data', '%"notes":%'))->orderBy('number')
                ->paginate(self::PER_PAGE)->withQueryString(),
        ]);
    }

    public function settle(Request $request, int $import): RedirectResponse
    {
        $import = StaffImport::in($this->workspace, $import);
        abort_unless(in_array($import->state, [StaffImport::READ, StaffImport::PLANNED], true), 409);
        try {
            $import->settle(array_map(
                fn (mixed $column): string => is_string($column) ? $column : '',
                array_values($request->array('columns')),
            ), $request->boolean('headed'), self::member($request));
        } catch (Refusal $refusal) {
            return redirect()->route('staff-import', [$import->id, 'columns' => 1])->withInput()
                ->withErrors(['columns' => Words::of($refusal)]);
        }

        return redirect()->route('staff-import', $import->id);
    }

    public function bring(Request $request, int $import): RedirectResponse
    {
        return $this->go($request, $import, StaffImport::PLANNED, ErrandKind::BringStaff);
    }

    public function undo(Request $request, int $import): RedirectResponse
    {
        return $this->go($request, $import, StaffImport::BROUGHT, ErrandKind::UndoStaff);
    }

    /** Once, however often it is asked for. */
    private function go(Request $request, int $id, string $from, ErrandKind $kind): RedirectResponse
    {
        $import = StaffImport::in($this->workspace, $id);
        if ($import->state === $from && $this->errand($import)?->isOnItsWay() !== true) {
            Errand::begin($this->workspace, self::member($request), $kind, ['import' => $import->id]);
        }

        return redirect()->route('staff-import', $import->id);
    }

    /** What is being done with it, or was last. */
    private function errand(StaffImport $import): ?Errand
    {
        return Errand::query()->where(['workspace_id' => $this->workspace->id, 'data->import' => $import->id])
            ->whereIn('kind', [ErrandKind::PlanStaff, ErrandKind::BringStaff, ErrandKind::UndoStaff])->latest('id')
            ->first();
    }

    /**
     * What was brought, a file or pasted rows, put at a path.
     *
     * @return string its name
     *
     * @throws Refusal
     */
    private static function brought(Request $request, string $path): string
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            if (! $file->isValid()) {
                throw Refusal::because('A list has at most 20 MB: bring it in parts.', '/file');
            }
            copy($file->getRealPath(), $path);

            return mb_scrub($file->getClientOriginalName());
        }
        $rows = self::string($request, 'rows');
        if (trim($rows) === '') {
            throw Refusal::because('Choose a file, or paste rows.', '/file');
        }
        if (strlen($rows) > StaffFile::MOST) {
            throw Refusal::because('A list has at most 20 MB: bring it in parts.', '/file');
        }
        file_put_contents($path, $rows);

        return __('Pasted rows');
    }
}
