<?php

namespace App\Models;

use App\Exceptions\StaleRevision;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Brand\Brand as Document;
use InkyCard\Brand\BrandJson;
use InkyCard\Card\Edit\FollowBrand;

/**
 * The brand of a workspace. What is changed is kept as a draft; the cards
 * follow when it is put on them.
 *
 * @property int $workspace_id
 * @property string $document JSON, inky-brand/1: what the cards go by
 * @property ?string $draft JSON, inky-brand/1
 * @property ?string $before JSON, inky-brand/1: as it was before the last change
 * @property int $number counts every change
 * @property Carbon $updated_at
 */
final class StoredBrand extends Model
{
    protected $table = 'brands';

    protected $primaryKey = 'workspace_id';

    public $incrementing = false;

    protected $fillable = ['workspace_id', 'document', 'number'];

    /** The brand of a workspace, opened with what is known of it. */
    public static function in(Workspace $workspace): self
    {
        return self::query()->find($workspace->id) ?? self::begin($workspace, []);
    }

    /** @param  array<string, mixed>  $look  keys of its document */
    public static function begin(Workspace $workspace, array $look): self
    {
        return self::query()->firstOrCreate(['workspace_id' => $workspace->id], [
            'number' => 1,
            'document' => BrandJson::encode(Document::of($look + [
                'country' => $workspace->country,
                'lines' => ['company' => $workspace->isGuests() ? '' : $workspace->name, 'web' => $workspace->web],
            ])),
        ]);
    }

    /** As the cards have it. */
    public function document(): Document
    {
        return BrandJson::decode($this->document);
    }

    /** As it will be. */
    public function drafted(): Document
    {
        return BrandJson::decode($this->draft ?? $this->document);
    }

    /** The edit that brings cards from what they have to the draft. */
    public function change(): FollowBrand
    {
        return new FollowBrand($this->document(), $this->drafted());
    }

    /**
     * Keeps a draft; the one in force as draft is none.
     *
     * @param  int  $seen  number of the state it was made on
     *
     * @throws StaleRevision
     */
    public function keep(int $seen, Document $draft): void
    {
        $json = BrandJson::encode($draft);
        if ($json !== BrandJson::encode($this->drafted())) {
            $this->move($seen, [
                'draft' => $json === BrandJson::encode($this->document()) ? null : $json,
                'before' => $this->draft ?? $this->document,
            ]);
        }
    }

    /** How it was before the last change; a second time brings the change back. @throws StaleRevision */
    public function undo(int $seen): void
    {
        if ($this->before !== null) {
            $this->keep($seen, BrandJson::decode($this->before));
        }
    }

    /** Makes a brand the one in force; inside a transaction. @throws StaleRevision */
    public function put(int $seen, Document $brand): void
    {
        $this->move($seen, ['document' => BrandJson::encode($brand), 'draft' => null, 'before' => null]);
    }

    /**
     * Compare and swap in one statement.
     *
     * @param  array<string, ?string>  $to
     *
     * @throws StaleRevision
     */
    private function move(int $seen, array $to): void
    {
        $to += ['number' => $seen + 1, 'updated_at' => (string) now()];
        if (DB::table('brands')->where(['workspace_id' => $this->workspace_id, 'number' => $seen])->update($to) === 0) {
            throw new StaleRevision;
        }
        $this->forceFill($to)->syncOriginal();
    }
}
