<?php

namespace App\Models;

use App\Banners\HeldAnswers;
use App\Banners\PlanRows;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Refusal;

/**
 * A window of a workspace's plan as it is kept.
 *
 * @property int $id
 * @property int $workspace_id
 * @property int $banner_id
 * @property int $begins seconds since 1970 (UTC)
 * @property int $ends
 * @property string $audience JSON
 * @property int $priority
 * @property int $share
 * @property bool $by_days
 * @property ?Carbon $removed_at
 */
final class StoredWindow extends Model
{
    protected $table = 'place_windows';

    protected $guarded = [];

    protected $attributes = ['by_days' => false];

    protected function casts(): array
    {
        return ['removed_at' => 'datetime', 'begins' => 'integer', 'ends' => 'integer'];
    }

    /** @return Builder<self> those not removed */
    public static function in(Workspace $workspace): Builder
    {
        return self::query()->where('workspace_id', $workspace->id)->whereNull('removed_at');
    }

    public function window(): PlaceWindow
    {
        return PlanRows::window((object) $this->getAttributes());
    }

    /**
     * Keeps a window, a new one or in the place of one.
     *
     * @throws Refusal where its banner has another then for some of the same cards
     */
    public static function keep(Workspace $workspace, PlaceWindow $window, ?self $stored = null): self
    {
        foreach (self::in($workspace)->where('banner_id', (int) $window->banner)->get() as $other) {
            if ($other->id !== $stored?->id && $other->window()->meets($window)) {
                throw Refusal::because(
                    'This banner has a window then already for some of these cards: stretch that one, or end it first.',
                    '/from',
                );
            }
        }
        $stored ??= new self(['workspace_id' => $workspace->id]);
        $stored->fill([
            'banner_id' => (int) $window->banner, 'begins' => $window->from, 'ends' => $window->until,
            'audience' => PlanRows::json($window->audience), 'priority' => $window->priority,
            'share' => $window->share, 'by_days' => $window->byDays,
        ])->save();
        HeldAnswers::forget();

        return $stored;
    }

    public function put(bool $away): void
    {
        $this->forceFill(['removed_at' => $away ? now() : null])->save();
        HeldAnswers::forget();
    }
}
