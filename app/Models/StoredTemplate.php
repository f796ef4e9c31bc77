<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Handover\MessageTemplate;

/**
 * A ready message of a workspace, in the order its members gave it.
 *
 * @property int $id
 * @property int $workspace_id
 * @property int $place
 * @property string $name
 * @property string $subject
 * @property string $body
 * @property ?string $removed_at
 */
final class StoredTemplate extends Model
{
    /** Messages a list to choose from holds. */
    private const CHOICE = 200;

    protected $table = 'ready_messages';

    protected $fillable = ['workspace_id', 'place', 'name', 'subject', 'body', 'removed_at'];

    /** @return Builder<self> those not removed, in order */
    public static function in(Workspace $workspace): Builder
    {
        return self::query()
            ->where('workspace_id', $workspace->id)
            ->whereNull('removed_at')
            ->orderBy('place')
            ->orderBy('id');
    }

    /**
     * Ready messages to choose from: name by number.
     *
     * @return Collection<int, string>
     */
    public static function choices(Workspace $workspace): Collection
    {
        return self::in($workspace)->limit(self::CHOICE)->toBase()->pluck('name', 'id');
    }

    public static function add(Workspace $workspace, MessageTemplate $message): self
    {
        // Two kept at once do not get one place.
        return DB::transaction(
            fn () => self::create(
                [
                    'workspace_id' => $workspace->id,
                    'place' => 1 + (int) self::query()->where('workspace_id', $workspace->id)->max('place'),
                ] + get_object_vars($message),
            ),
        );
    }

    public function message(): MessageTemplate
    {
        return MessageTemplate::of($this->name, $this->subject, $this->body);
    }

    /** Changes places with its neighbour; at the end of the list it stays. */
    public function move(Workspace $workspace, bool $up): void
    {
        DB::transaction(function () use ($workspace, $up) {
            $neighbour = self::in($workspace)
                ->reorder('place', $up ? 'desc' : 'asc')
                ->where('place', $up ? '<' : '>', $this->place)
                ->first();
            if ($neighbour !== null) {
                [$this->place, $neighbour->place] = [$neighbour->place, $this->place];
                $this->save();
                $neighbour->save();
            }
        });
    }
}
