<?php

namespace App\Pictures;

use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use LogicException;

/** All kept picture files, against what the database knows of them. */
final class Stock
{
    /** Files younger than this may be on their way, seconds. */
    private const SETTLED = 3600;

    public function __construct(private readonly Bakery $bakery)
    {
    }

    /**
     * @return array{originals: int, originals_missing: list<string>, variants: int,
     *     variants_baked_again: int, variants_lost: list<string>, orphans_removed: int}
     */
    public function check(): array
    {
        $disk = Library::disk();
        $missing = $lost = [];
        $again = 0;
        $known = [];
        foreach (DB::table('pictures')->orderBy('id')->select(['id', 'hash', 'extension', 'name'])->cursor() as $row) {
            $known[$path = Library::path($row->hash, $row->extension)] = true;
            if (! $disk->exists($path) || hash('sha256', (string) $disk->get($path)) !== $row->hash) {
                $missing[] = "$row->name ($path)";
            }
        }
        $originals = count($known);
        foreach (
            DB::table('picture_variants')
                ->orderBy('id')
                ->select(['hash', 'extension', 'recipe'])
                ->cursor() as $row
        ) {
            $known[($path = (new Variant($row->hash, $row->extension, 0))->path())] = true;
            if ($disk->exists($path) && hash('sha256', (string) $disk->get($path)) === $row->hash) {
                continue;
            }
            try {
                $disk->delete($path);
                $this->bakery->file($row->hash, $row->extension) === null ? $lost[] = $path : $again++;
            } catch (Refusal|LogicException) {
                $lost[] = $path;
            }
        }

        return [
            'originals' => $originals, 'originals_missing' => $missing,
            'variants' => count($known) - $originals, 'variants_baked_again' => $again, 'variants_lost' => $lost,
            'orphans_removed' => $this->sweepUp($known),
        ];
    }

    /** @param  array<string, true>  $known */
    private function sweepUp(array $known): int
    {
        $disk = Library::disk();
        $removed = 0;
        foreach ($disk->allFiles() as $path) {
            if (isset($known[$path]) || preg_match('#^(originals|variants)/#', $path) !== 1
                || $disk->lastModified($path) > time() - self::SETTLED) {
                continue;
            }
            // Pictures that came inside a card document are in no list, but in the document.
            $hash = basename($path);
            if (
                str_starts_with($path, 'originals/')
                && preg_match('/^([0-9a-f]{64})\.\w+$/D', $hash, $match)
                && DB::table('card_revisions')
                    ->whereLike('document', "%$match[1]%")
                    ->exists()
            ) {
                continue;
            }
            $disk->delete($path);
            $removed++;
        }

        return $removed;
    }
}
