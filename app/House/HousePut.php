<?php

namespace App\House;

use App\Errands\ErrandKind;
use App\Models\Errand;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\House\HouseCard;
use InkyCard\Refusal;

/** A house card put: everybody who follows it gets it, in bites, and all of it can be taken back as one. */
final class HousePut
{
    public const MAKING = 'making';

    public const MADE = 'made';

    public const UNDOING = 'undoing';

    public const UNDONE = 'undone';

    private const BITE = 25;

    /** @throws Refusal where one is on its way */
    public static function begin(House $house, User $user): Errand
    {
        self::mustRest($house);
        $id = DB::transaction(function () use ($house, $user): int {
            DB::table('houses')->where('card_id', $house->card->id)->update([
                'put' => $house->card->head, 'put_at' => (string) now(),
            ]);

            return DB::table('house_puts')->insertGetId([
                'card_id' => $house->card->id, 'user_id' => $user->id, 'from' => $house->put,
                'to' => $house->card->head, 'state' => self::MAKING, 'at' => (string) now(),
            ]);
        });

        return Errand::begin($house->card->workspace, $user, ErrandKind::PutHouse, [
            'put' => $id, 'house' => $house->card->id,
        ]);
    }

    /** Takes the newest back. @throws Refusal where there is none, or one is on its way */
    public static function beginUndo(House $house, User $user): Errand
    {
        self::mustRest($house);
        $put = self::newest($house->card->id);
        if ($put === null || $put->state !== self::MADE || $put->from === null) {
            throw Refusal::because('There is nothing to take back.');
        }
        DB::transaction(function () use ($house, $put): void {
            DB::table('houses')->where('card_id', $house->card->id)->update(['put' => $put->from]);
            DB::table('house_puts')->where('id', $put->id)->update([
                'state' => self::UNDOING, 'undone_at' => (string) now(), 'reached' => '',
            ]);
        });

        return Errand::begin($house->card->workspace, $user, ErrandKind::PutHouse, [
            'put' => $put->id, 'house' => $house->card->id,
        ]);
    }

    public static function newest(int $card): ?\stdClass
    {
        return DB::table('house_puts')->where('card_id', $card)->where('state', '!=', self::UNDONE)->latest('id')
            ->first();
    }

    /**
     * Goes on with one from where it has come to.
     *
     * @param  \Closure(int, int): void  $reached
     * @return \stdClass the put as it is then
     */
    public static function goOn(Workspace $workspace, int $id, \Closure $reached): \stdClass
    {
        $put = DB::table('house_puts')->where('id', $id)->first() ?? abort(404);
        $house = House::find($workspace, (int) $put->card_id);
        $user = User::query()->where('id', $put->user_id)->first();
        if ($put->state === self::MAKING) {
            self::make($house, $put, $user, $reached);
        } elseif ($put->state === self::UNDOING) {
            self::unmake($house, $put, $user, $reached);
        }

        return DB::table('house_puts')->where('id', $id)->sole();
    }

    /** @param  \Closure(int, int): void  $reached */
    private static function make(House $house, \stdClass $put, ?User $user, \Closure $reached): void
    {
        $by = $house->at((int) $put->to) ?? throw new \LogicException('No revision is put.');
        [$total, $seen] = [$house->followers()->count(), 0];
        $at = (string) $put->reached;
        while (true) {
            $people = $house->followers()->where('people.id', '>', $at)->orderBy('people.id')->limit(self::BITE)->get();
            $at = (string) $people->last()?->id;
            if ($people->isEmpty()) {
                break;
            }
            DB::transaction(fn () => self::write($house, $by, $people, $user, (int) $put->id));
            $reached($seen += $people->count(), $total);
        }
        DB::table('house_puts')->where('id', $put->id)->update(['state' => self::MADE]);
    }

    /** @param  Collection<int, StoredPerson>  $people */
    private static function write(House $house, HouseCard $by, Collection $people, ?User $user, int $put): void
    {
        $written = array_values(array_filter(
            $people->map(fn (StoredPerson $person) => PersonalCards::write($house, $by, $person, $user))->all(),
        ));
        DB::table('house_put_cards')->insertOrIgnore(array_map(fn (array $one): array => [
            'put_id' => $put, 'card_id' => $one[0], 'from' => $one[1], 'to' => $one[2],
        ], $written));
        DB::table('house_puts')->where('id', $put)->update([
            'reached' => $people->last()?->id, 'changed' => DB::raw('changed + '.count($written)),
        ]);
    }

    /** @param  \Closure(int, int): void  $reached */
    private static function unmake(House $house, \stdClass $put, ?User $user, \Closure $reached): void
    {
        $before = $house->at((int) $put->from) ?? throw new \LogicException('No revision was put.');
        $cards = DB::table('house_put_cards')->where('put_id', $put->id)->orderBy('card_id')->get();
        foreach ($cards->chunk(self::BITE) as $index => $some) {
            DB::transaction(function () use ($some, $house, $before, $user): void {
                foreach ($some as $one) {
                    self::back($house, $before, $one, $user);
                }
            });
            $reached(min($cards->count(), ($index + 1) * self::BITE), $cards->count());
        }
        DB::table('house_puts')->where('id', $put->id)->update(['state' => self::UNDONE]);
    }

    /** One card: off again where it was begun, else as the house card was, with what its holder has said since. */
    private static function back(House $house, HouseCard $before, \stdClass $one, ?User $user): void
    {
        $card = StoredCard::in($house->card->workspace, (int) $one->card_id);
        $person = $card === null || $card->person_id === null ? null
            : $house->followers()->where('people.id', $card->person_id)->first();
        match (true) {
            $card === null => null,
            $one->from === null => StoredCard::archive($house->card->workspace, [$card->id]),
            $person !== null => PersonalCards::write($house, $before, $person, $user),
            default => null,
        };
    }

    /** @throws Refusal */
    private static function mustRest(House $house): void
    {
        $put = self::newest($house->card->id);
        if ($put !== null && in_array($put->state, [self::MAKING, self::UNDOING], true)) {
            throw Refusal::because('It is being put on cards just now: wait until that is through.');
        }
    }
}
