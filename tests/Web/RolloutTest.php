<?php

namespace Tests\Web;

use App\House\House;
use App\House\PersonalCards;
use App\House\PersonPage;
use App\Jobs\RemindRollout;
use App\Jobs\SendRollout;
use App\Models\Rollout;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Pictures\HostedPictures;
use App\Rollouts\BoardWords;
use App\Rollouts\RolloutMessages;
use App\Rollouts\RolloutQueue;
use App\Rollouts\RolloutSteps;
use App\Roster\Groups;
use App\Tray\Tray;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use InkyCard\Brand\Brand;
use InkyCard\Brand\BrandJson;
use InkyCard\Card\CardJson;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Roster\Profile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Mime\Email;

/** Moving people to their cards. */
final class RolloutTest extends WebTestCase
{
    private int $group;

    private StoredCard $house;

    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'tray', 'mail.from.address' => 'studio@quillfern.example']);
        Carbon::setTestNow('2027-03-01 10:00:00');
        $this->house = StoredCard::start($this->workspace, CardJson::read([
            'format' => 'inky-card/1', 'name' => 'House', 'country' => 'GB', 'pieces' => [
                ['id' => 'n', 'kind' => 'name', 'fields' => [], 'filledBy' => 'must'],
                ['id' => 'e', 'kind' => 'email', 'fields' => [], 'filledBy' => 'must'],
                ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => 'Quillfern Garden Studio'],
                    'filledBy' => 'us'],
            ],
        ]), $this->maren, 'Started');
        House::begin($this->house, $this->maren);
        $this->group = Groups::named($this->workspace, 'All');
        DB::table('staff_groups')->update(['house_id' => $this->house->id]);
        DB::table('houses')->update(['put' => 1]);
    }

    public function test_who_comes_later_is_taken_on_by_hand_or_on_their_first_day(): void
    {
        $this->somebody('Ada');
        $rollout = $this->begun();
        $this->somebody('Bo');
        $this->get("/people/rollouts/$rollout->id")->assertSee('Take 1 more on');
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'join'])
            ->assertSessionHas('told', 'One person more is on it.');
        $this->get("/people/rollouts/$rollout->id")->assertDontSee('more on<', false)->assertSee('Bo');
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask']);
        $cy = $this->somebody('Cy');
        $cy->keep(Profile::of(['first_day' => '2027-03-08'] + $cy->known()->toArray(), 'GB'));
        RemindRollout::due($rollout);
        $this->assertSame(0, $rollout->messages()->where('person_id', $cy->id)->count());
        Carbon::setTestNow('2027-03-08 10:00:00');
        RemindRollout::due($rollout->refresh());
        $this->assertSame(['ask'], $rollout->messages()->where('person_id', $cy->id)->pluck('kind')->all());
    }

    public function test_people_are_told_asked_and_reminded_each_once(): void
    {
        [$ada, $bo] = [$this->somebody('Ada'), $this->somebody('Bo')];
        $this->somebody('Cy', '');
        $rollout = $this->begun();
        $this->get("/people/rollouts/$rollout->id")->assertSee('Tell 3 beforehand')->assertSee('Ask 3');
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'tell']);
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'tell']);
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask'])
            ->assertSessionHas('told', '2 messages are on their way. Not to Cy: no mail address.');
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask']);
        $this->assertSame(4, $this->written());
        $this->assertEqualsCanonicalizing(['sent' => 4, 'refused' => 1], RolloutMessages::counts($rollout));
        $raw = quoted_printable_decode((string) DB::table('tray_messages')->where('subject', 'like', '%by%')
            ->value('raw'));
        $this->assertStringContainsString('/mine/', $raw);
        $this->assertStringContainsString('Reply-To: help@quillfern.example', $raw);
        // The card itself below it, and its page to be pressed.
        $this->assertMatchesRegularExpression('~<a href="https://\S+/mine/\w{40}"~', $raw);
        $this->assertMatchesRegularExpression('~<table.*>Ada<.*Quillfern Garden Studio~s', $raw);
        $this->assertStringNotContainsString('A film', $raw);
        $this->get((string) parse_url((string) PersonPage::of($ada->id)?->url(), PHP_URL_PATH))
            ->assertSee('Questions')->assertSee('help@quillfern.example');
        $this->get(parse_url((string) PersonPage::of($ada->id)?->url(), PHP_URL_PATH).'/take')
            ->assertSee('mailto:tests@quillfern.example?subject=Spring%20cards', false);
        $this->get("/people/rollouts/$rollout->id")->assertSee('asked')->assertSee('Remind 2')
            ->assertSee('Not delivered');
        // By itself: three days on, by day, and then no more that day.
        foreach (['2027-03-02 10:00' => 0, '2027-03-04 03:00' => 0, '2027-03-04 09:30' => 2, '2027-03-04 12:00' => 0,
            '2027-03-06 10:00' => 0, '2027-03-08 10:00' => 2] as $at => $sent) {
            Carbon::setTestNow($at);
            $before = $this->written();
            (new RemindRollout($rollout->id))->handle();
            $this->assertSame($sent, $this->written() - $before, $at);
        }
        // Who is through, or nobody waits for, is left alone.
        $this->arrives($ada, $ada);
        $this->post("/people/rollouts/$rollout->id/of/$bo->id", ['do' => 'excuse', 'note' => 'on leave']);
        Carbon::setTestNow('2027-03-11 10:00');
        $before = $this->written();
        (new RemindRollout($rollout->id))->handle();
        $this->assertSame(0, $this->written() - $before);
        $this->get("/people/rollouts/$rollout->id")->assertSee('on leave')->assertSee('1 verified');
        $csv = $this->get("/people/rollouts/$rollout->id/file")->streamedContent();
        $this->assertStringContainsString('Ada,ada@quillfern.example', $csv);
    }

    public function test_one_job_looks_after_a_rollout_and_begins_again_with_it(): void
    {
        $this->somebody('Ada');
        $rollout = $this->begun();
        Queue::fake();
        foreach (['tell', 'ask', 'remind'] as $do) {
            $this->post("/people/rollouts/$rollout->id/send", ['do' => $do])->assertRedirect();
        }
        Queue::assertPushed(RemindRollout::class, 1);
        $this->travel(1)->hours();
        $this->post("/people/rollouts/$rollout->id/state", ['to' => 'ended']);
        $this->post("/people/rollouts/$rollout->id/state", ['to' => 'running']);
        Queue::assertPushed(RemindRollout::class, 2);
        Queue::assertPushed(SendRollout::class, fn (SendRollout $job): bool => $job->tries === 0 && $job->backoff > 0);
    }

    public function test_who_is_still_to_come_is_asked_on_their_first_day(): void
    {
        $this->somebody('Ada');
        $bo = $this->somebody('Bo');
        $bo->keep(Profile::restore(['first_day' => '2027-03-05'] + $bo->known()->toArray()));
        $rollout = $this->begun();
        $this->get("/people/rollouts/$rollout->id")->assertSee('Ask 1')->assertSee('starts');
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask']);
        $asked = fn (): bool => $rollout->people()->where('person_id', $bo->id)->value('asked_at') !== null;
        foreach (['2027-03-04 16:00' => false, '2027-03-05 07:00' => false, '2027-03-05 09:30' => true] as $at => $is) {
            Carbon::setTestNow($at);
            (new RemindRollout($rollout->id))->handle();
            $this->assertSame($is, $asked(), $at);
        }
    }

    public function test_whoever_has_left_is_written_to_no_more(): void
    {
        [$ada, $bo, $cy] = [$this->somebody('Ada'), $this->somebody('Bo'), $this->somebody('Cy')];
        $rollout = $this->begun();
        $this->post("/people/rollouts/$rollout->id/of/$cy->id", ['do' => 'excuse', 'note' => 'on leave']);
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask']);
        $ada->keep(Profile::restore(['last_day' => '2027-03-03'] + $ada->known()->toArray()));
        $this->get("/people/rollouts/$rollout->id")->assertSee('Remind 2');
        Carbon::setTestNow('2027-03-04 10:00');
        $this->get("/people/rollouts/$rollout->id")->assertSee('Remind 1')->assertSee('left 3 Mar');
        // A day is over where the firm is: not yet there when it is here, and there before it is here.
        Carbon::setTestNow('2027-03-04 07:00');
        $this->workspace->forceFill(['zone' => 'America/Los_Angeles'])->save();
        $this->get("/people/rollouts/$rollout->id")->assertDontSee('left 3 Mar');
        Carbon::setTestNow('2027-03-03 12:00');
        $this->workspace->forceFill(['zone' => 'Pacific/Auckland'])->save();
        $this->get("/people/rollouts/$rollout->id")->assertSee('left 3 Mar');
        $this->workspace->forceFill(['zone' => 'Europe/London'])->save();
        Carbon::setTestNow('2027-03-04 10:00');
        $this->assertSame(['Bo <bo@quillfern.example>'], BoardWords::missing($rollout));
        (new RemindRollout($rollout->id))->handle();
        $this->assertSame([$bo->id], $rollout->messages()->where('kind', 'remind')->pluck('person_id')->all());
        // What still waited for them is not sent either.
        RolloutQueue::put($rollout, 'redo', [$ada->id]);
        $this->assertSame('Their last day is over.', $rollout->messages()->where('kind', 'redo')->value('words'));
        // Nor is anybody asked, or told, who has left before.
        $bo->keep(Profile::restore(['last_day' => '2027-03-03'] + $bo->known()->toArray()));
        $rollout->people()->where('person_id', $bo->id)->update(['asked_at' => null, 'told_at' => null]);
        RolloutSteps::settle([$bo->id]);
        $this->get("/people/rollouts/$rollout->id")->assertDontSee('Ask 1')->assertDontSee('Tell 1');
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'tell']);
        $this->assertSame(0, $rollout->messages()->where('kind', 'tell')->count());
    }

    public function test_a_worker_that_ends_asks_nobody_twice_and_loses_nobody(): void
    {
        foreach (range(1, 130) as $n) {
            $this->somebody("Person $n", "p$n@quillfern.example", card: false);
        }
        $rollout = $this->begun();
        Queue::fake();
        RolloutQueue::put($rollout, 'tell', StoredPerson::query()->pluck('id'));
        // A bite that was written and another cut off before it was.
        DB::beginTransaction();
        (new SendRollout($rollout->id))->handle();
        DB::rollBack();
        $this->assertSame(0, $this->written());
        $this->post("/people/rollouts/$rollout->id/state", ['to' => 'paused']);
        (new SendRollout($rollout->id))->handle();
        $this->assertSame(0, $this->written(), 'paused');
        $this->post("/people/rollouts/$rollout->id/state", ['to' => 'running']);
        (new SendRollout($rollout->id))->handle();
        (new SendRollout($rollout->id))->handle();
        $this->assertSame([130, 130], [$this->written(), DB::table('tray_messages')->distinct()->count('to')]);
    }

    /** @return iterable<string, array{\Closure(self, StoredPerson, StoredPerson): void, string, string}> */
    public static function messages(): iterable
    {
        yield 'with the tag' => [fn (self $t, $ada) => $t->arrives($ada, $ada), 'verified', 'verified'];
        yield 'without it' => [fn (self $t, $ada) => $t->arrives($ada, $ada, 'Hello'), 'verified', 'verified'];
        yield 'altered' => [fn (self $t, $ada) => $t->arrives($ada, $ada,
            change: fn (string $html): string => str_replace(
                'Garden Studio', 'Ltd', $html)), 'altered', 'to be looked at'];
        yield 'somebody else’s card' => [fn (self $t, $ada, $bo) => $t->arrives($ada, $bo), 'other', 'the card of Bo'];
        yield 'no card' => [fn (self $t, $ada) => $t->arrives($ada, $ada, change: fn (): string => '<p>Hello</p>'),
            'absent', 'to be looked at'];
    }

    /** @param  \Closure(self, StoredPerson, StoredPerson): void  $send */
    #[DataProvider('messages')]
    public function test_tests_come_back(\Closure $send, string $verdict, string $says): void
    {
        [$ada, $bo] = [$this->somebody('Ada'), $this->somebody('Bo')];
        $rollout = $this->begun();
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask']);
        $send($this, $ada, $bo);
        $this->assertSame($verdict, $rollout->people()->where('person_id', $ada->id)->value('verdict'));
        $this->get("/people/rollouts/$rollout->id?person=$ada->id")->assertSee($says)->assertSee('As it arrived');
        $this->assertSame('', $rollout->people()->where('person_id', $bo->id)->value('verdict'));
    }

    public function test_a_strangers_is_kept_apart_and_another_message_is_none(): void
    {
        $ada = $this->somebody('Ada');
        $rollout = $this->begun();
        $this->arrives($ada, $ada, from: 'stranger@elsewhere.example');
        $this->arrives($ada, $ada, 'Lunch?', change: fn (): string => '<p>Hello</p>');
        $this->assertSame([null], DB::table('rollout_tests')->pluck('person_id')->all());
        $this->get("/people/rollouts/$rollout->id")->assertSee('From nobody on the list')
            ->assertSee('stranger@elsewhere.example');
    }

    public function test_tests_come_in_a_zip_or_by_a_pipe(): void
    {
        [$ada, $bo] = [$this->somebody('Ada'), $this->somebody('Bo')];
        $rollout = $this->begun();
        $message = fn (StoredPerson $one): string => (new Email)->from($one->address)->to('tests@quillfern.example')
            ->subject('Spring cards')->html('<p>Mine</p>')->toString();
        $path = (string) tempnam(sys_get_temp_dir(), 'inky');
        $zip = new \ZipArchive;
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('tests/ada.eml', $message($ada));
        $zip->addFromString('__MACOSX/._ada.eml', 'no message');
        $zip->addFromString('bo.mbox', "From bo Mon Mar  1 10:00:00 2027\n".$message($bo));
        $zip->close();
        $this->assertCount(2, Tray::drop($this->workspace, (string) file_get_contents($path)));
        $this->assertSame(2, $rollout->people()->whereNotNull('tested_at')->count());
        unlink($path);
        $this->assertSame(65, $this->artisan('inky:receive', ['workspace' => 'Nobody’s']));
    }

    public function test_a_test_is_right_or_sent_back_with_a_note(): void
    {
        $ada = $this->somebody('Ada');
        $rollout = $this->begun();
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask']);
        $this->arrives($ada, $ada, change: fn (string $html): string => str_replace('Studio', 'Shop', $html));
        $of = "/people/rollouts/$rollout->id/of/$ada->id";
        $this->post($of, ['do' => 'redo'])->assertSessionHasErrors('note');
        $this->post($of, ['do' => 'redo', 'note' => 'Paste it with its looks.'])->assertRedirect();
        $this->get("/people/rollouts/$rollout->id")->assertSee('to redo')->assertSee('1 to redo');
        $this->assertStringContainsString('Paste it with its looks.', quoted_printable_decode((string) DB::table(
            'tray_messages')->latest('id')->value('raw')));
        // Another test: what was said of the first counts no longer.
        $this->arrives($ada, $ada, change: fn (string $html): string => str_replace('Studio', 'Shed', $html));
        $this->assertNull($rollout->people()->value('redo_at'));
        $this->post($of, ['do' => 'right'])->assertRedirect("/people/rollouts/$rollout->id?person=$ada->id");
        $this->get("/people/rollouts/$rollout->id")->assertSee('1 verified');
        $this->post("/people/rollouts/$rollout->id/of/".str_repeat('0', 26), ['do' => 'right'])->assertNotFound();
    }

    public function test_who_lacks_a_licence_is_not_asked_unless_a_reason_is_given(): void
    {
        StoredBrand::in($this->workspace)->forceFill(['document' => BrandJson::encode(Brand::of([
            'rules' => [['trade' => 'Gardeners', 'role' => '', 'licence' => true]],
        ]))])->save();
        $ada = $this->somebody('Ada');
        $rollout = $this->begun();
        $page = "/people/rollouts/$rollout->id";
        $this->post("$page/send", ['do' => 'ask'])
            ->assertSessionHas('told', 'Nobody is written to. Not to Ada: no licence.');
        $this->get("$page?person=$ada->id")->assertSee('Cannot be asked yet: no licence.');
        $this->get('/people/duties')->assertSee('Ada')->assertSee('missing');
        $this->assertStringContainsString('Ada,ada@quillfern.example,missing',
            $this->get('/people/duties.csv')->streamedContent());
        $this->post("$page/of/$ada->id", ['do' => 'waive', 'note' => 'Exam in May']);
        $this->post("$page/send", ['do' => 'ask']);
        $this->assertSame(1, $this->written());
        $this->get("$page?person=$ada->id")->assertSee('Exam in May');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no name' => [['name' => ''], 'name'];
        yield 'a tag of a letter' => [['tag' => 'a'], 'tag'];
        yield 'a day that is over' => [['deadline' => '2027-02-28'], 'deadline'];
        yield 'no day' => [['deadline' => 'soon'], 'deadline'];
        yield 'no address' => [['tests_to' => 'tests'], 'tests_to'];
        yield 'a film nowhere' => [['film' => 'no film'], 'film'];
        yield 'a group of nobody' => [['group' => '999'], 'group'];
        yield 'arrays' => [['name' => ['a']], 'name'];
    }

    /** @param  array<string, mixed>  $with */
    #[DataProvider('bad')]
    public function test_what_is_wrong_is_said_beside_its_field(array $with, string $field): void
    {
        $this->somebody('Ada');
        $this->post('/people/rollouts', $with + self::facts())->assertSessionHasErrors($field);
        $this->assertSame(0, Rollout::query()->count());
    }

    public function test_what_is_said_can_be_changed(): void
    {
        $this->somebody('Ada');
        $rollout = $this->begun();
        $words = array_map(fn (array $one): array => ['subject' => $one[0], 'body' => $one[1]], Rollout::WORDINGS);
        $words['ask'] = ['subject' => 'Card, [name]', 'body' => "Open [page]\n"];
        $this->get("/people/rollouts/$rollout->id/words")->assertSee('[tag]: your new mail signature');
        $this->post("/people/rollouts/$rollout->id/words", ['wordings' => $words] + self::facts())
            ->assertSessionHasNoErrors();
        $this->post("/people/rollouts/$rollout->id/send", ['do' => 'ask']);
        $this->assertSame('Card, Ada', DB::table('tray_messages')->value('subject'));
        $words['ask']['body'] = 'Nothing to open';
        $this->post("/people/rollouts/$rollout->id/words", ['wordings' => $words] + self::facts())
            ->assertSessionHasErrors('body');
    }

    /** @return array<string, string> */
    private static function facts(): array
    {
        return ['name' => 'Spring cards', 'tag' => 'Spring cards', 'deadline' => '2027-03-31', 'every' => '3',
            'tests_to' => 'tests@quillfern.example', 'help' => 'help@quillfern.example', 'film' => ''];
    }

    private function begun(): Rollout
    {
        $this->post('/people/rollouts', self::facts())->assertSessionHasNoErrors();

        return Rollout::query()->sole();
    }

    private function written(): int
    {
        return DB::table('tray_messages')->where('from', 'studio@quillfern.example')->count();
    }

    private function somebody(string $name, ?string $address = null, bool $card = true): StoredPerson
    {
        $address ??= mb_strtolower($name).'@quillfern.example';
        $person = StoredPerson::add($this->workspace->id, Profile::of(array_filter(['name' => $name,
            'addresses' => $address]), 'GB'));
        if ($card) {
            Groups::put($this->group, [$person->id]);
            PersonalCards::follow($this->workspace, [$person->id], $this->maren);
        }

        return $person;
    }

    /** @param  ?\Closure(string): string  $change */
    private function arrives(
        StoredPerson $sender, StoredPerson $holder, string $subject = 'spring CARDS test', ?\Closure $change = null,
        ?string $from = null,
    ): void {
        $card = PersonalCards::of($this->workspace, $holder->id) ?? $this->fail('no card');
        $html = (new HtmlComposer(HostedPictures::forExport()))->compose(Sheet::of($card->document()));
        Tray::keep($this->workspace->id, (new Email)->from($from ?? $sender->address)->to('tests@quillfern.example')
            ->subject($subject)->html('<p>Here it is.</p>'.($change === null ? $html : $change($html)))->toString(),
            'dropped');
    }
}
