<?php

namespace Tests\Web;

use App\Auth\Ability;
use App\House\House;
use App\House\PersonalCards;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Models\Workspace;
use App\Roster\Groups;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use InkyCard\Card\CardJson;
use InkyCard\Directory\Attributes;
use InkyCard\Directory\Patch;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;

/** A directory that keeps people and groups in step. */
final class ScimTest extends WebTestCase
{
    private const BJENSEN = [
        'schemas' => [Attributes::USER], 'userName' => 'bjensen@quillfern.example', 'externalId' => 'bjensen',
        'name' => ['formatted' => 'Ms. Barbara J Jensen III', 'familyName' => 'Jensen', 'givenName' => 'Barbara'],
        'emails' => [['value' => 'bjensen@quillfern.example', 'type' => 'work', 'primary' => true]],
        'phoneNumbers' => [['value' => 'tel:+44-1632-960155', 'type' => 'mobile']], 'title' => 'Tour guide',
        Attributes::ENTERPRISE => ['employeeNumber' => '701984', 'department' => 'Tours'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2027-03-01 10:00:00');
        DB::table('people')->delete();
        $this->asProgram($this->maren, $this->workspace, Ability::People);
    }

    public function test_somebody_comes_is_changed_let_go_and_let_in_again(): void
    {
        $made = $this->asked('post', '/Users', self::BJENSEN)->assertCreated()->assertHeader('Content-Type',
            'application/scim+json');
        $id = $made->json('id');
        $made->assertHeader('Location', route('scim.user', $id))->assertJson([
            'userName' => 'bjensen@quillfern.example', 'externalId' => 'bjensen', 'active' => true,
            'name' => ['formatted' => 'Ms. Barbara J Jensen III', 'familyName' => 'Jensen'],
            'meta' => ['resourceType' => 'User', 'created' => '2027-03-01T10:00:00Z'],
        ]);
        $this->assertSame($made->json(), $this->asked('get', "/Users/$id")->assertOk()->json());
        $person = StoredPerson::in($this->workspace, $id);
        $this->assertSame(['Tour guide', 'Tours', '+44 1632 960155', 'bjensen@quillfern.example'],
            array_map($person->fact(...), ['role', 'department', 'mobile', 'addresses']));
        $patched = $this->patched("/Users/$id", [
            ['op' => 'Replace', 'path' => 'title', 'value' => 'Head of tours'],
            ['op' => 'Add', 'path' => 'phoneNumbers[type eq "work"].value', 'value' => '01632 960100'],
            ['op' => 'Replace', 'path' => 'name.familyName', 'value' => 'Marlpit'],
        ])->assertOk();
        $this->assertSame(['Barbara Marlpit', 'Head of tours', '+44 1632 960100'], [
            $patched->json('name.formatted'), $patched->json('title'), $patched->json('phoneNumbers.0.value'),
        ]);
        $this->patched("/Users/$id", [['op' => 'replace', 'value' => ['active' => 'False']]])
            ->assertJson(['active' => false]);
        $this->assertSame('2027-03-01', $person->refresh()->last_day);
        $this->patched("/Users/$id", [['op' => 'replace', 'path' => 'active', 'value' => true]])
            ->assertJson(['active' => true]);
        $this->assertNull($person->refresh()->last_day);
        $this->asked('delete', "/Users/$id")->assertNoContent();
        $this->asked('get', "/Users/$id")->assertNotFound()->assertJson(['status' => '404']);
        $this->assertNotNull($person->refresh()->removed_at);
        $this->asked('post', '/Users', self::BJENSEN)->assertCreated();
        $this->assertEqualsCanonicalizing(['began a person', 'changed a person', 'removed a person'],
            DB::table('log_entries')->distinct()->pluck('words')->all());
    }

    public function test_what_the_directory_never_told_stays_and_what_it_tells_no_more_goes(): void
    {
        $id = $this->asked('post', '/Users', self::BJENSEN)->json('id');
        $person = StoredPerson::in($this->workspace, $id);
        $person->keep(Profile::of(['licence' => 'TG 12', 'fax' => '01632 960199'] + $person->known()->toArray(), 'GB'));
        $this->asked('put', "/Users/$id", array_diff_key(self::BJENSEN, ['title' => 1, 'externalId' => 1]))->assertOk()
            ->assertJsonMissing(['title'])->assertJson(['externalId' => 'bjensen']);
        $known = $person->refresh()->known()->toArray();
        $this->assertArrayNotHasKey('role', $known);
        $this->assertSame(['TG 12', '+44 1632 960199'], [$known['licence'], $known['fax']]);
        $this->patched("/Users/$id", [['op' => 'remove', 'path' => 'phoneNumbers[type eq "fax"]']]);
        $this->assertArrayNotHasKey('fax', $person->refresh()->known()->toArray());
        // Of several addresses one is the work's: those beside it are not written over.
        $person->keep(Profile::of(['addresses' => ['bjensen@quillfern.example', 'babs@quillfern.example']]
            + $person->known()->toArray(), 'GB'));
        $this->patched("/Users/$id", [
            ['op' => 'replace', 'path' => 'emails[type eq "work"].value', 'value' => 'barbara@quillfern.example'],
        ])->assertOk();
        $this->assertSame(['barbara@quillfern.example', 'babs@quillfern.example'],
            $person->refresh()->known()->lines(ProfileFact::Addresses));
        $this->patched("/Users/$id", [['op' => 'add', 'path' => 'emails', 'value' => [
            ['value' => 'bj@quillfern.example', 'type' => 'work', 'primary' => true],
        ]]])->assertOk();
        $this->assertSame('bj@quillfern.example', $person->refresh()->known()->lines(ProfileFact::Addresses)[0]);
    }

    public function test_somebody_there_is_already_is_taken_over_by_their_address(): void
    {
        $known = StoredPerson::add($this->workspace->id, Profile::of([
            'name' => 'Babs', 'addresses' => ['bjensen@quillfern.example'], 'licence' => 'TG 12',
        ], 'GB'));
        $this->assertSame($known->id, $this->listed('userName eq "BJensen@quillfern.example"')->json('Resources.0.id'));
        $made = $this->asked('post', '/Users', self::BJENSEN)->assertCreated();
        $this->assertSame($known->id, $made->json('id'));
        $this->assertSame('TG 12', $known->refresh()->fact('licence'));
        $this->asked('post', '/Users', self::BJENSEN)->assertConflict()->assertJson(['scimType' => 'uniqueness']);
        $this->asked('post', '/Users', ['userName' => 'other'] + self::BJENSEN)->assertConflict();
        $this->assertSame(1, DB::table('people')->count());
    }

    public function test_lists_are_found_by_filter_and_paged(): void
    {
        foreach (range(1, 7) as $number) {
            $this->asked('post', '/Users', ['userName' => "u$number@quillfern.example", 'externalId' => "E$number",
                'displayName' => 'Ada Number', 'title' => $number % 2 === 0 ? 'Even' : 'Odd'])->assertCreated();
        }
        $this->listed('externalId eq "E3"')->assertJson(['totalResults' => 1,
            'Resources' => [['userName' => 'u3@quillfern.example']]]);
        $this->asked('put', '/Users/'.$this->listed('externalId eq "E4"')->json('Resources.0.id'), [
            'userName' => 'u4@quillfern.example', 'displayName' => 'Ada Number', 'title' => 'Even',
            'emails' => [['value' => 'Four@quillfern.example']],
        ])->assertOk();
        $this->assertSame(['u4@quillfern.example'], array_column(
            $this->listed('emails.value eq "four@Quillfern.example"')->json('Resources'), 'userName',
        ));
        $this->assertSame(3, $this->listed('title eq "even" and not (userName sw "x")')->json('totalResults'));
        $page = $this->asked('get', '/Users?startIndex=3&count=2&attributes=userName');
        $page->assertJson(['totalResults' => 7, 'startIndex' => 3, 'itemsPerPage' => 2]);
        $this->assertSame(['schemas', 'id', 'userName'], array_keys($page->json('Resources.1')));
        $this->assertSame(['u6@quillfern.example'], array_column($this->asked(
            'get', '/Users?count=1&startIndex=3&filter='.rawurlencode('title eq "Even"'),
        )->json('Resources'), 'userName'));
        $this->assertSame([7, []], [$this->asked('get', '/Users?count=0')->json('totalResults'),
            $this->asked('get', '/Users?count=0')->json('Resources')]);
        $this->assertCount(7, $this->asked('get', '/Users?startIndex=-4&count=9999')->json('Resources'));
        $this->listed('userName is "a"')->assertBadRequest()
            ->assertJson(['scimType' => 'invalidFilter', 'status' => '400']);
    }

    public function test_groups_have_people_whose_cards_follow(): void
    {
        $house = StoredCard::start($this->workspace, CardJson::read([
            'format' => 'inky-card/1', 'name' => 'House', 'country' => 'GB', 'pieces' => [
                ['id' => 'n', 'kind' => 'name', 'fields' => [], 'filledBy' => 'person'],
                ['id' => 'r', 'kind' => 'role', 'fields' => [], 'filledBy' => 'person'],
            ],
        ]), $this->maren, 'Started');
        House::begin($house, $this->maren);
        $tours = Groups::named($this->workspace, 'Tours');
        DB::table('staff_groups')->update(['house_id' => $house->id]);
        DB::table('houses')->update(['put' => 1]);
        $id = $this->asked('post', '/Users', self::BJENSEN)->json('id');
        $made = $this->asked('post', '/Groups', ['displayName' => 'tours', 'externalId' => 'G1',
            'members' => [['value' => $id, 'display' => 'whoever']]])->assertCreated();
        $this->assertSame([(string) $tours, $id], [$made->json('id'), $made->json('members.0.value')]);
        $card = PersonalCards::of($this->workspace, $id);
        $this->assertStringContainsString('Tour guide', (string) $card?->revision()->document);
        $this->patched("/Users/$id", [['op' => 'replace', 'path' => 'title', 'value' => 'Head of tours']])
            ->assertJson(['groups' => [['value' => (string) $tours, 'display' => 'tours']]]);
        $this->assertStringContainsString('Head of tours',
            (string) PersonalCards::of($this->workspace, $id)?->revision()->document);
        $other = $this->asked('post', '/Users', ['userName' => 'ada@quillfern.example'])->json('id');
        $this->patched("/Groups/$tours", [
            ['op' => 'Add', 'path' => 'members', 'value' => [['value' => $other]]],
            ['op' => 'remove', 'path' => "members[value eq \"$id\"]"],
            ['op' => 'replace', 'value' => ['displayName' => 'Guides']],
        ])->assertNoContent();
        $this->assertSame([$other], array_column($this->asked('get', "/Groups/$tours")->json('members'), 'value'));
        $this->asked('get', "/Groups/$tours?excludedAttributes=members")->assertJsonMissing(['members'])
            ->assertJson(['displayName' => 'Guides', 'externalId' => 'G1']);
        $this->asked('get', '/Groups?filter='.rawurlencode('displayName eq "guides"'))
            ->assertJson(['totalResults' => 1]);
        $this->asked('post', '/Groups', ['displayName' => 'Guides'])->assertConflict();
        $this->patched("/Groups/$tours", [['op' => 'add', 'path' => 'members', 'value' => [['value' => 'nobody']]]])
            ->assertBadRequest()->assertJson(['scimType' => 'invalidValue']);
        $this->asked('put', "/Groups/$tours", ['displayName' => 'Guides'])->assertOk()->assertJsonMissing(['members']);
        $this->asked('delete', "/Groups/$tours")->assertNoContent();
        $this->assertSame(2, DB::table('people')->whereNull('removed_at')->count());
    }

    public function test_what_is_not_acceptable_says_why_and_keeps_nothing(): void
    {
        foreach ([
            [[], 'invalidSyntax'], [['title' => 'x'], 'invalidValue'],
            [['userName' => 'a', 'emails' => [['value' => 'no address']]], 'invalidValue'],
            [['userName' => 'a', 'emails' => 'x'], 'invalidValue'], [['userName' => ['a']], 'invalidValue'],
            [['userName' => 'a', 'active' => 'maybe'], 'invalidValue'],
            [['userName' => 'a', 'phoneNumbers' => [['value' => '12']]], 'invalidValue'],
            [['userName' => 'a', 'name' => ['formatted' => '<b>x</b>']], 'invalidValue'],
        ] as [$user, $type]) {
            $this->asked('post', '/Users', $user)->assertBadRequest()->assertJson(['scimType' => $type]);
        }
        $this->assertSame(0, DB::table('people')->count());
        $this->call('POST', '/scim/v2/Users', server: ['CONTENT_TYPE' => 'application/scim+json',
            'HTTP_ACCEPT' => 'application/scim+json'], content: str_repeat('[', 5_000))->assertBadRequest();
        $other = Workspace::create(['name' => 'Other', 'web' => '', 'country' => 'GB']);
        $theirs = StoredPerson::add($other->id, Profile::of(['name' => 'Theirs'], 'GB'));
        $this->asked('get', "/Users/$theirs->id")->assertNotFound();
        $this->asked('delete', "/Users/$theirs->id")->assertNotFound();
        $this->asked('get', '/Users/nobody')->assertNotFound()->assertJson(['schemas' => [
            'urn:ietf:params:scim:api:messages:2.0:Error',
        ]]);
        $this->asked('get', '/ServiceProviderConfig')->assertJson(['patch' => ['supported' => true]]);
        $this->asked('get', '/Schemas')->assertJson(['totalResults' => 3]);
        $this->asked('get', '/ResourceTypes')->assertJson(['totalResults' => 2]);
        $this->asProgram($this->maren, $this->workspace, Ability::See);
        $this->asked('get', '/Users')->assertForbidden()->assertJson(['status' => '403']);
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function listed(string $filter): TestResponse
    {
        return $this->asked('get', '/Users?filter='.rawurlencode($filter));
    }

    /**
     * @param  list<array<string, mixed>>  $operations
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function patched(string $path, array $operations): TestResponse
    {
        return $this->asked('patch', $path, ['schemas' => [Patch::SCHEMA], 'Operations' => $operations]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Illuminate\Http\Response>
     */
    private function asked(string $method, string $path, array $body = []): TestResponse
    {
        return $this->json($method, "/scim/v2$path", $body, ['Content-Type' => 'application/scim+json']);
    }
}
