<?php

namespace App\Errands;

use App\Jobs\FollowPeople;
use App\Models\Errand;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\Library;
use InkyCard\Picture\Intake;
use InkyCard\Refusal;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use InkyCard\Said;
use InkyCard\StaffList\PortraitMatch;
use ZipArchive;

/** Portraits in a ZIP, each to whom its name says it is of. */
final class PortraitWork implements Work
{
    /** Files of a ZIP; names that are listed. */
    private const MOST = 5000;

    private const NAMED = 8;

    public function do(Errand $errand): void
    {
        $workspace = Workspace::query()->where('id', $errand->workspace_id)->firstOrFail();
        [$set, $left] = $errand->withFile(fn (string $path): array => self::set($workspace, $path, $errand));
        FollowPeople::of($workspace, $set, User::query()->where('id', $errand->user_id)->first());
        $errand->done(Said::of($left === [] ? ':count portraits are set.'
            : ':count portraits are set. Nobody was found for, or they cannot be read: :files.', [
                'count' => count($set), 'files' => implode(', ', array_slice($left, 0, self::NAMED))
                    .(count($left) > self::NAMED ? ' …' : ''),
            ]));
    }

    /**
     * @return array{list<string>, list<string>} people who got one, files nobody was found for
     *
     * @throws Refusal
     */
    private static function set(Workspace $workspace, string $path, Errand $errand): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST) {
            throw Refusal::because('Bring a ZIP of at most :most pictures.', values: ['most' => self::MOST]);
        }
        $match = new PortraitMatch(self::people($workspace));
        [$set, $left] = [[], []];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $errand->reached($index, $zip->numFiles);
            $is = $zip->statIndex($index) ?: ['name' => '', 'size' => 0];
            if ($is['size'] === 0 || preg_match('~(?:^|/)(?:\.|__MACOSX)~', $is['name']) === 1) {
                continue;
            }
            $id = $is['size'] > Intake::MAX_BYTES ? null : $match->find($is['name']);
            if ($id !== null && self::keep($workspace, $id, (string) $zip->getFromIndex($index), $is['name'])) {
                $set[] = $id;
            } else {
                $left[] = basename($is['name']);
            }
        }

        return [$set, $left];
    }

    private static function keep(Workspace $workspace, string $id, string $bytes, string $name): bool
    {
        try {
            $picture = app(Library::class)->add($workspace, $bytes, basename($name));
        } catch (Refusal) {
            return false;
        }
        $person = StoredPerson::in($workspace, $id);
        $person->keep(Profile::restore(['portrait' => "picture:$picture->hash"] + $person->known()->toArray()));

        return true;
    }

    /** @return iterable<array{id: string, name: string, addresses: list<string>}> */
    private static function people(Workspace $workspace): iterable
    {
        $all = StoredPerson::query()->where('workspace_id', $workspace->id)->whereNull('removed_at');
        foreach ($all->lazyById(500) as $one) {
            yield ['id' => $one->id, 'name' => $one->name, 'addresses' => $one->known()->lines(ProfileFact::Addresses)];
        }
    }
}
