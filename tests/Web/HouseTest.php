<?php

namespace Tests\Web;

use App\Errands\ErrandKind;
use App\Handover\InUse;
use App\House\House;
use App\House\HousePut;
use App\House\PersonalCards;
use App\Jobs\RunErrand;
use App\Models\Errand;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Roster\Groups;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Capability;
use InkyCard\Card\Starter\Starters;
use InkyCard\Handover\Destination;
use InkyCard\House\Own;
use InkyCard\Roster\Profile;

/** Cards groups follow, and each person's of them. */
final class HouseTest extends WebTestCase
{
    private StoredCard $house;

    private int $group;

    protected function setUp(): void
    {
        parent::setUp();
        $this->house = $this->house('House', 'Quillfern', 'Gardener');
        $this->group = Groups::named($this->workspace, 'Design');
        $this->post("/people/groups/$this->group", ['do' => 'follow', 'house' => $this->house->id]);
    }

    public function test_a_card_becomes_a_house_card_with_blanks_for_what_is_personal(): void
    {
        $this->post('/people/houses', ['card' => $this->card->id])->assertRedirect();
        $by = [];
        foreach ($this->card->fresh()?->document()->pieces ?? [] as $piece) {
            $by[$piece->kind->key()] = $piece->filledBy;
        }
        $this->assertSame([FilledBy::Must, FilledBy::Us], [$by['name'], $by['company']]);
        // Once is enough, and a card that follows one can be none.
        $this->post('/people/houses', ['card' => $this->card->id]);
        $this->assertSame(2, DB::table('houses')->count());
        $ada = $this->somebody('Ada');
        $this->post("/people/houses/{$this->house->id}/put");
        $theirs = PersonalCards::of($this->workspace, $ada->id);
        $this->post('/people/houses', ['card' => $theirs?->id])
            ->assertSessionHas('told', 'This card follows a house card: copy it, and make one of the copy.');
    }

    public function test_a_house_card_begins_from_a_sample_without_anybodys_name(): void
    {
        $this->get('/people')->assertSee('Begin from a sample');
        $this->post('/people/houses', ['starter' => 'plain-answer'])->assertRedirect();
        $house = House::of($this->workspace)->last();
        $ada = $this->somebody('Ada');
        DB::table('staff_groups')->update(['house_id' => $house?->card->id]);
        $this->post("/people/houses/{$house?->card->id}/put");
        $theirs = PersonalCards::of($this->workspace, $ada->id)?->document();
        $this->assertSame('House card, Plain Answer', $house?->card->name);
        $this->assertSame('Ada', $theirs?->holder());
        // What is made up and personal is on nobody's card.
        $address = Starters::all()['plain-answer']->sample()->fact(Capability::MailAddress);
        $this->assertStringNotContainsString($address, CardJson::encode($theirs));
        $this->post('/people/houses', ['starter' => 'nobody'])->assertNotFound();
    }

    public function test_putting_it_gives_everybody_theirs_and_shows_first_whose_change(): void
    {
        [$ada, $bo] = [$this->somebody('Ada', ['role' => 'Rosarian']), $this->somebody('Bo')];
        $page = "/people/houses/{$this->house->id}";
        $this->get($page)->assertSee('2 people follow it')->assertSee('gets a card')->assertSee('no role');
        $this->get("$page/counts")->assertSee('2 people get a card')->assertSee('missing on 1 card');
        $this->assertSame(2, StoredCard::query()->count());
        $this->post("$page/put")->assertRedirect($page);
        $cards = fn (): array => array_map(
            fn (StoredPerson $person) => array_map(fn ($piece) => $piece->summary(),
                $this->theirs($person)->document()->pieces), [$ada, $bo],
        );
        $this->assertSame([['Ada', 'Rosarian', 'Quillfern'], ['Bo', '', 'Quillfern']], $cards());
        $this->assertSame(['Design'], DB::table('card_labels')->distinct()->pluck('label')->all());
        // A draft changes nobody's card until it is put.
        $card = $this->house->fresh() ?? $this->house;
        $card->edit($card->head, new FillPiece('c', ['text' => 'Quillfern Ltd']), $this->maren);
        $this->assertSame('Quillfern', $cards()[0][2]);
        $this->get($page)->assertSee('to be taken again')->assertSee('as it would be');
        $this->get("$page/counts")->assertSee('2 have to take theirs again');
        $this->get("$page/of/$ada->id")->assertOk()->assertHeader('Content-Type', 'image/webp');
        $took = $this->theirs($ada);
        InUse::by($took, Destination::of('any'));
        $this->post("$page/put");
        $this->assertSame('Quillfern Ltd', $cards()[1][2]);
        $this->get($page)->assertSee('carries an older one');
        // Taken back as one.
        $this->post("$page/undo");
        $this->assertSame('Quillfern', $cards()[1][2]);
        $this->get($page)->assertDontSee('carries an older one');
        $this->post("$page/undo")->assertSessionHas('told', 'There is nothing to take back.');
    }

    public function test_cards_follow_profiles_and_groups_and_nobody_else_edits_them(): void
    {
        $ada = $this->somebody('Ada', ['role' => 'Rosarian']);
        $this->post("/people/houses/{$this->house->id}/put");
        $this->post("/people/$ada->id", ['facts' => ['name' => 'Ada Reed', 'role' => 'Head'], 'groups' => ['Design']]);
        $card = $this->theirs($ada);
        $this->assertSame(['Ada Reed', 'Head', 'Ada Reed, House'], [$card->document()->holder(),
            $card->document()->piece('b')->summary(), $card->name]);
        $this->post("/cards/$card->id/pieces/b", ['revision' => $card->head, 'fields' => ['text' => 'Other']])
            ->assertStatus(422);
        $this->get("/cards/$card->id")->assertRedirect("/people/$ada->id");
        $this->post("/cards/$card->id/undo", ['revision' => $card->head])->assertStatus(422);
        $this->assertSame('Head', $this->theirs($ada)->document()->piece('b')->summary());
        // Somebody who joins has a card at once.
        $bo = StoredPerson::add($this->workspace->id, Profile::restore(['name' => 'Bo']));
        $this->post('/people/several', ['people' => [$bo->id], 'do' => 'join', 'group' => 'Design']);
        $this->assertSame('Bo', $this->theirs($bo)->document()->holder());
        // Two groups of different house cards: the first counts, and it is said.
        $other = $this->house('Office', 'Quillfern Office', 'Clerk');
        $office = Groups::named($this->workspace, 'Office');
        $this->post("/people/groups/$office", ['do' => 'follow', 'house' => $other->id]);
        $this->post("/people/houses/$other->id/put");
        $this->post('/people/several', ['people' => [$bo->id], 'do' => 'join', 'group' => 'Office']);
        $this->get("/people/$bo->id")->assertSee('as one of “Design”')->assertSee('which does not count');
        $this->assertSame('Quillfern', $this->theirs($bo)->document()->piece('c')->summary());
        $this->post("/people/groups/$office", ['do' => 'up']);
        $this->post('/people/several', ['people' => [$bo->id], 'do' => 'part', 'group' => 'Design']);
        $this->assertSame('Quillfern Office', $this->theirs($bo)->document()->piece('c')
            ->summary());
        $this->assertSame(['Office'],
            DB::table('card_labels')->where('card_id', $this->theirs($bo)->id)->pluck('label')->all());
    }

    public function test_what_somebody_said_themselves_survives_a_change_of_the_house_card(): void
    {
        $ada = $this->somebody('Ada', ['role' => 'Rosarian']);
        $this->post("/people/houses/{$this->house->id}/put");
        $card = $this->theirs($ada);
        $own = Own::nothing()->filling($this->house->document(), 'b', ['text' => 'Rose keeper']);
        DB::table('cards')->where('id', $card->id)->update(['own' => json_encode($own->toArray())]);
        $house = $this->house->fresh() ?? $this->house;
        $house->edit($house->head, new FillPiece('c', ['text' => 'Q']), $this->maren);
        $this->post("/people/houses/{$this->house->id}/put");
        $pieces = $this->theirs($ada)->document();
        $this->assertSame(['Rose keeper', 'Q'], [$pieces->piece('b')->summary(), $pieces->piece('c')->summary()]);
        $this->post("/people/houses/{$this->house->id}/end");
        $card = PersonalCards::of($this->workspace, $ada->id);
        $this->assertNull($card, 'follows none');
        $this->assertSame(1, StoredCard::query()->where('person_id', $ada->id)->whereNull('house_id')->count());
    }

    public function test_a_worker_that_ends_loses_nobody_and_makes_none_twice(): void
    {
        foreach (range(1, 60) as $n) {
            $this->somebody("Person $n", ['role' => "Role $n"]);
        }
        Queue::fake();
        $house = House::find($this->workspace, $this->house->id);
        $errand = HousePut::begin($house, $this->maren);
        $put = HousePut::newest($this->house->id);
        try {
            // As a kill between two bites leaves it.
            HousePut::goOn($this->workspace, (int) $put?->id, function (): void {
                throw new \RuntimeException('killed');
            });
        } catch (\RuntimeException) {
            $this->assertSame(25, StoredCard::query()->where('house_id', $this->house->id)->count());
        }
        $this->post("/people/houses/{$this->house->id}/put")
            ->assertSessionHas('told', 'It is being put on cards just now: wait until that is through.');
        (new RunErrand($errand->id))->handle();
        $this->assertSame(60, StoredCard::query()->where('house_id', $this->house->id)->distinct()->count('person_id'));
        $this->assertSame(60, StoredCard::query()->where('house_id', $this->house->id)->count());
        $this->assertSame('Put on 60 cards.', (string) $errand->refresh()->said());
        $this->assertSame(ErrandKind::PutHouse, Errand::query()->latest('id')->firstOrFail()->kind);
    }

    private function house(string $name, string $firm, string $role): StoredCard
    {
        $card = StoredCard::start($this->workspace, CardJson::read([
            'format' => 'inky-card/1', 'name' => $name, 'country' => 'GB', 'pieces' => [
                ['id' => 'a', 'kind' => 'name', 'fields' => ['text' => 'Your name'], 'filledBy' => 'must'],
                ['id' => 'b', 'kind' => 'role', 'fields' => ['text' => $role], 'filledBy' => 'must'],
                ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => $firm], 'filledBy' => 'us'],
            ],
        ]), $this->maren, 'Started');
        House::begin($card, $this->maren);

        return $card->refresh();
    }

    private function theirs(StoredPerson $person): StoredCard
    {
        return PersonalCards::of($this->workspace, $person->id) ?? $this->fail("$person->name has no card");
    }

    /** @param  array<string, mixed>  $facts */
    private function somebody(string $name, array $facts = []): StoredPerson
    {
        $person = StoredPerson::add($this->workspace->id, Profile::of(['name' => $name] + $facts, 'GB'));
        Groups::put($this->group, [$person->id]);

        return $person;
    }
}
