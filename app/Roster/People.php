<?php

namespace App\Roster;

use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Card as Document;
use InkyCard\Card\Kind\Capability;
use InkyCard\Roster\Person;
use InkyCard\Roster\Profile;

/** The people whose cards a workspace makes. */
final class People
{
    private const MAX_NAME = 160;

    /**
     * Who holds a card. A new name with the old address is a rename, and a new address with the old name somebody who
     * moved; where both are new it is somebody else, and so are two of one name with an address each.
     */
    public static function holder(StoredCard $card, Document $document): Person
    {
        $name = mb_strimwidth($document->holder(), 0, self::MAX_NAME);
        $address = mb_strtolower($document->fact(Capability::MailAddress));
        $known = $card->person_id === null ? null : DB::table('people')->where('id', $card->person_id)->first();
        // A form of the card may leave the address out; and who has a card by a house card is known by their profile.
        $address = $address === '' ? (string) ($known->address ?? '') : $address;
        if ($known !== null && ($card->house_id !== null || $known->name === $name || $known->address === $address)) {
            if ($card->house_id === null && ($known->name !== $name || $known->address !== $address)) {
                StoredPerson::query()->where('id', $known->id)->firstOrFail()->calledNow($name, $address);
            }

            return new Person($known->id, $name);
        }
        $id = self::named($card->workspace_id, $name, $address) ?? self::add($card->workspace_id, $name, $address);
        DB::table('cards')->where('id', $card->id)->update(['person_id' => $id]);
        $card->person_id = $id;

        return new Person($id, $name);
    }

    /** What somebody is called; empty for nobody of this workspace. */
    public static function name(Workspace $workspace, string $id): string
    {
        $name = $id === '' ? null : DB::table('people')->where(['workspace_id' => $workspace->id,
            'id' => $id])->value('name');

        return is_string($name) ? $name : '';
    }

    /** Somebody of this name at this address; without an address nobody is known to be the same. */
    private static function named(int $workspace, string $name, string $address): ?string
    {
        $id = $address === '' ? null : DB::table('people')
            ->where(['workspace_id' => $workspace, 'name' => $name, 'address' => $address])
            ->value('id');

        return is_string($id) ? $id : null;
    }

    private static function add(int $workspace, string $name, string $address): string
    {
        return StoredPerson::add($workspace, Profile::restore([
            'name' => $name, 'addresses' => $address === '' ? [] : [$address],
        ]))->id;
    }
}
