<?php

namespace Database\Seeders;

use App\Handover\Parcels;
use App\House\House;
use App\House\HousePut;
use App\House\PersonalCards;
use App\House\PersonPage;
use App\Jobs\RunErrand;
use App\Models\Rollout;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\User;
use App\Models\Workspace;
use App\Rollouts\RolloutForm;
use App\Rollouts\RolloutSteps;
use App\Rollouts\RolloutTests;
use App\Roster\Groups;
use App\Tray\Tray;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Edit\AssignPiece;
use InkyCard\Card\Edit\CopyFor;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Capability;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;
use Symfony\Component\Mime\Email;

/** Nine people in two groups with a house card each, and a rollout half done: somebody at every stage. */
final readonly class PeopleDemo
{
    private const TAG = 'Spring cards';

    /** Address before the @ => group, steps done, and what is changed in the test that came. */
    private const STAGES = [
        'maren' => ['Design', 6, ''], 'tobiah' => ['Design', 6, ''], 'juniper' => ['Design', 5, 'Garden designer'],
        'hollis' => ['Design', 4, ''], 'wren' => ['Design', 0, ''], 'ansel' => ['Design', 2, ''],
        'isolde' => ['Office', 6, ''], 'perrin' => ['Office', 3, ''], 'fenella' => ['Office', 1, ''],
    ];

    public function __construct(private Workspace $studio, private User $by)
    {
    }

    public function run(): void
    {
        $people = $this->people();
        $houses = ['Design' => $this->house('House card, design', 4),
            'Office' => $this->house('House card, office', 6)];
        foreach ($houses as $group => $card) {
            $id = Groups::named($this->studio, $group);
            Groups::put($id, array_map(
                fn (string $name): string => $people[$name]->id,
                array_keys(array_filter(self::STAGES, fn (array $one): bool => $one[0] === $group)),
            ));
            DB::table('staff_groups')->where('id', $id)->update(['house_id' => $card->id]);
            // At once: no worker is there yet.
            (new RunErrand(HousePut::begin(House::find($this->studio, $card->id), $this->by)->id))->handle();
        }
        // Made before today: what somebody works on comes first.
        DB::table('cards')->where('workspace_id', $this->studio->id)
            ->where(fn ($query) => $query->whereNotNull('house_id')
                ->orWhereIn('id', array_map(fn (StoredCard $card): int => $card->id, $houses)))
            ->update(['updated_at' => (string) now()->subDays(6)]);
        $this->rollout($people);
    }

    /** @return array<string, StoredPerson> by what stands before the @ of their address */
    private function people(): array
    {
        $people = [];
        foreach (StoredCard::allIn($this->studio) as $card) {
            $document = $card->document();
            $address = $document->fact(Capability::MailAddress);
            if ($address === '' || isset($people[strstr($address, '@', true)])) {
                continue;
            }
            $facts = ['addresses' => [$address]];
            foreach ($document->pieces as $piece) {
                $fact = $piece->kind->knownBy($piece);
                $value = $piece->fields[$piece->kind->mainField()] ?? $piece->fields['picture'] ?? '';
                if ($fact !== null && ! isset($facts[$fact->value]) && ($fact !== ProfileFact::Profiles)) {
                    $facts[$fact->value] = $piece->fields['picture'] ?? $value;
                }
                $piece->kind->key() === 'phone' && $facts['mobile'] = $piece->text('number');
            }
            $people[(string) strstr($address, '@', true)] = $this->person(Profile::restore(array_filter($facts)));
        }
        $this->dated($people['wren'], ['first_day' => now()->addDays(6)->toDateString()]);
        $this->dated($people['fenella'], ['last_day' => now()->addDays(20)->toDateString()]);

        return $people;
    }

    /** Whose clicks were counted is on the list already. */
    private function person(Profile $profile): StoredPerson
    {
        $known = StoredPerson::query()->where(['workspace_id' => $this->studio->id, 'name' => $profile->name()])
            ->first();
        $known?->keep($profile);

        return $known ?? StoredPerson::add($this->studio->id, $profile);
    }

    /** @param  array<string, string>  $days */
    private function dated(StoredPerson $person, array $days): void
    {
        $person->keep(Profile::restore($days + $person->known()->toArray()));
    }

    private function house(string $name, int $of): StoredCard
    {
        $from = StoredCard::in($this->studio, $of) ?? throw new \LogicException("No card $of.");
        $card = StoredCard::start($this->studio, (new CopyFor('', '', $name))->apply($from->document()), $this->by,
            'Demo loaded');
        House::begin($card, $this->by);
        foreach ($card->document()->pieces as $piece) {
            if ($piece->can(Capability::Profiles)) {
                $card->edit($card->head, new AssignPiece($piece->id, FilledBy::Free), $this->by);
            }
        }

        return $card;
    }

    /** @param  array<string, StoredPerson>  $people */
    private function rollout(array $people): void
    {
        $rollout = RolloutForm::start($this->studio, [
            'name' => self::TAG, 'tag' => self::TAG, 'deadline' => now()->addDays(5)->toDateString(), 'every' => 3,
            'tests_to' => 'tests@quillfern.example', 'help' => 'isolde@quillfern.example',
        ]);
        $rollout->forceFill(['created_at' => now()->subDays(6)])->save();
        foreach (self::STAGES as $name => [, $steps, $changed]) {
            $this->stage($rollout, $people[$name], $steps, $changed);
        }
        $this->test($people['juniper'], 'a.stranger@elsewhere.example', '');
    }

    private function stage(Rollout $rollout, StoredPerson $person, int $steps, string $changed): void
    {
        $ago = fn (int $days): string => (string) now()->subDays($days);
        $rollout->people()->where('person_id', $person->id)->update([
            'told_at' => $steps > 0 ? $ago(6) : null, 'asked_at' => $steps > 1 ? $ago(3) : null,
            'written_at' => $steps > 0 ? $ago($steps > 1 ? 3 : 6) : null,
        ]);
        if ($steps > 1) {
            PersonPage::address($person);
            DB::table('person_pages')->where('person_id', $person->id)->update([
                'opened_at' => $ago(3), 'filled_at' => $steps > 2 ? $ago(2) : null, 'took_at' => $steps > 3
                    ? $ago(2) : null,
            ]);
        }
        RolloutSteps::settle([$person->id], $rollout->id);
        $steps > 4 && RolloutTests::look($this->studio, $this->test($person, $person->address, $changed));
    }

    /** @return int number of the message in the tray */
    private function test(StoredPerson $person, string $from, string $changed): int
    {
        $card = PersonalCards::of($this->studio, $person->id)
            ?? throw new \LogicException("$person->name has no card.");
        $html = app(Parcels::class)->parcel($card->document(), $card)->html();
        $tag = $person->name === 'Isolde Farrowby' ? 'My test' : self::TAG;

        return Tray::keep($this->studio->id, (new Email)->from($from)->to('tests@quillfern.example')->subject($tag)
            ->date(now()->subDay())->html('<p>Here is mine.</p>'.($changed === '' ? $html
                : str_replace($changed, 'Gardens', $html)))->toString(), 'dropped');
    }
}
