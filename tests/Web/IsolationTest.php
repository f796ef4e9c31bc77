<?php

namespace Tests\Web;

use App\Api\AccessToken;
use App\Banners\CardLabels;
use App\Campaigns\Recipients;
use App\Campaigns\Series;
use App\Clicks\CountedLinks;
use App\Errands\ErrandKind;
use App\Handover\HouseNotes;
use App\House\House;
use App\Models\BulkChange;
use App\Models\Errand;
use App\Models\StaffImport;
use App\Models\StoredBanner;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Models\StoredTemplate;
use App\Models\StoredWindow;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\Library;
use App\Placements\Placements;
use App\Rollouts\RolloutForm;
use App\Roster\Groups;
use App\Roster\People;
use App\Tray\Tray;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use InkyCard\Banner\Audience;
use InkyCard\Banner\PlaceWindow;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\SwapPicture;
use InkyCard\Card\Situation;
use InkyCard\Handover\Destination;
use InkyCard\Handover\HouseNote;
use InkyCard\Handover\MessageTemplate;
use InkyCard\Time\Day;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * What belongs to one workspace is not there for another, whatever route somebody takes and whatever is in its query.
 */
final class IsolationTest extends WebTestCase
{
    /** Stands in everything the first workspace has. */
    private const SECRET = 'Ravenscroft';

    /** Tables that hold what belongs to a workspace, or to its cards. */
    private const TABLES = [
        'cards', 'card_revisions', 'pictures', 'placements', 'ready_messages', 'house_notes', 'tray_messages',
        'people', 'tracked_links', 'clicks', 'brands', 'sweeps', 'banners', 'place_windows', 'card_labels', 'own_days',
        'quotations', 'feeds', 'places', 'card_uses', 'footers', 'footer_revisions', 'recipients', 'campaigns',
        'campaign_messages', 'letters', 'left_alone',
        'memberships', 'invitations', 'personal_access_tokens', 'hooks', 'errands', 'person_addresses',
        'staff_groups', 'group_people',
        'staff_imports', 'staff_import_rows', 'houses', 'house_puts', 'house_put_cards',
        'person_pages', 'rollouts', 'rollout_people', 'rollout_messages', 'rollout_tests',
    ];

    /** @var array<string, int|string> parameter => what the first workspace has there */
    private array $ids;

    private string $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->fillFirst();
        $this->actingAs($this->stranger());
    }

    public function test_every_route_keeps_one_workspace_from_another(): void
    {
        $before = $this->snapshot();
        $tried = 0;
        $elsewhere = Workspace::query()->where('name', 'Elsewhere')->sole();
        $other = User::query()->where('email', 'other@elsewhere.example')->sole();
        foreach ($this->routesInside() as [$method, $route]) {
            $uri = $this->address($route);
            $all = $this->everything();
            $isForPrograms = in_array('auth:sanctum', $route->gatherMiddleware(), true);
            $isForPrograms && $this->asProgram($other, $elsewhere);
            foreach ([$all, array_diff_key($all, ['card' => 0]), []] as $given) {
                $answer = $isForPrograms ? $this->json($method, $uri, $given) : $this->call($method, $uri, $given);
                $said = "$method $uri ".implode(' ', array_keys($given));
                $this->assertLessThan(500, $answer->getStatusCode(), $said);
                $this->assertStringNotContainsString(self::SECRET, self::content($answer), $said);
                $own = 'card|picture|message|ready|sweep|banner|window|quotation|footer|campaign|letter|'
                    .'recipient|workspace|member|invitation|token|hook|errand|person|import|group|house|rollout';
                if (preg_match("/\{(?:$own)\}/", $route->uri()) === 1) {
                    $this->assertSame(404, $answer->getStatusCode(), $said);
                }
            }
            $this->assertSame($before, $this->snapshot(), "$method $uri changed what is not its own");
            $this->flushSession();
            $this->actingAs($other);
            $tried++;
        }
        $this->assertGreaterThan(90, $tried);
    }

    /** Frames, pictures and files a page asks for on the side leave the session alone: their routes say so. */
    public function test_what_pages_ask_for_on_the_side_only_reads_the_session(): void
    {
        $this->actingAs($this->maren);
        $asked = [];
        foreach ($this->routesInside() as [$method, $route]) {
            if ($method === 'GET') {
                preg_match_all(
                    '~<(?:iframe|img)\b[^>]*?\bsrc="([^"]+)"~',
                    self::content($this->get($this->address($route))),
                    $found,
                );
                $asked += array_flip($found[1]);
            }
        }
        $names = [];
        foreach (array_keys($asked) as $address) {
            $path = (string) parse_url(html_entity_decode((string) $address), PHP_URL_PATH);
            if (! str_starts_with($path, '/') || is_file(public_path($path))) {
                continue;
            }
            $route = Routes::getRoutes()->match(request()->create($path));
            if (in_array('web', $route->gatherMiddleware(), true)) {
                $names[(string) $route->getName()] = in_array('reads', $route->gatherMiddleware(), true);
            }
        }
        $this->assertSame([], array_keys($names, false, true));
        $this->assertGreaterThan(5, count($names));
    }

    private function fillFirst(): void
    {
        $secret = self::SECRET;
        $this->card->edit(1, new FillPiece('p2', ['text' => "Maren $secret"]), $this->maren);
        $this->card->edit(2, new CountClicks(true), $this->maren);
        DB::table('cards')->where('id', $this->card->id)->update(['name' => "$secret card"]);
        $picture = app(Library::class)->add($this->workspace, self::jpeg(), "$secret.jpg");
        $template = StoredTemplate::add($this->workspace, MessageTemplate::of("$secret letter", $secret, $secret));
        HouseNotes::put($this->workspace->id, Destination::of('any'), HouseNote::of('', $secret), false);
        Placements::put($this->card, 'maren@quillfern.example', ...Situation::cases());
        CountedLinks::sheet($this->card, $this->card->document());
        $link = DB::table('tracked_links')->value('id');
        DB::table('clicks')->insert(['tracked_link_id' => $link, 'at' => (string) now(), 'visitor' => 'a']);
        $message = Tray::keep(
            $this->workspace->id, "From: a@b.example\r\nSubject: $secret\r\n\r\n$secret\r\n", 'dropped',
        );
        $outgoing = DB::table('outgoing_messages')->insertGetId([
            'workspace_id' => $this->workspace->id, 'from' => 'a@b.example', 'to' => 'c@d.example',
            'subject' => $secret, 'raw' => $secret, 'state' => 'refused', 'words' => $secret,
            'created_at' => (string) now(),
        ]);
        $change = BulkChange::over($this->workspace, new SwapPicture('sample:a', 'sample:b', 1, 1), $secret,
            $this->maren);
        $this->person = People::holder($this->card->refresh(), $this->card->document())->id;
        $banner = StoredBanner::start($this->workspace, ['headline' => $secret, 'line' => $secret]);
        $window = StoredWindow::keep($this->workspace, new PlaceWindow(
            '', (string) $banner->id, 1_900_000_000, 1_900_900_000, Audience::labels([$secret]),
        ));
        CardLabels::put([$this->card->id], [$secret]);
        $day = DB::table('own_days')->insertGetId([
            'workspace_id' => $this->workspace->id, 'name' => $secret, 'day' => '02-03',
        ]);
        $quotation = DB::table('quotations')->insertGetId([
            'workspace_id' => $this->workspace->id, 'topic' => $secret, 'text' => $secret, 'by' => $secret,
            'address' => '',
        ]);
        DB::table('card_uses')->insert(['card_id' => $this->card->id, 'kind' => 'destination', 'name' => 'message',
            'revision' => 1, 'at' => now(), 'carried' => '{"p9":[7,"x"]}']);
        $footer = StoredFooter::start($this->workspace, $this->card, ['name' => $secret, 'why' => $secret]);
        $footer->giveOut($footer->sender($this->workspace));
        Recipients::bring($this->workspace, "email,name\nravenscroft@reader.example,$secret\n");
        $campaign = (new Series($this->workspace, Day::parse('2027-01-01')))->keep([
            'name' => $secret, 'footer' => $footer->id, 'starts' => '2027-01-02', 'messages' => "0 $secret",
        ]);
        $group = Groups::named($this->workspace, $secret);
        Groups::put($group, [$this->person]);
        $list = (string) tempnam(sys_get_temp_dir(), 'inky');
        file_put_contents($list, "Name,E-mail\n$secret,$secret@x.example\n");
        $import = StaffImport::begin($this->workspace, $this->maren, $list, $secret);
        $import->settle(['name', 'addresses'], true, $this->maren);
        unlink($list);
        $house = House::begin(StoredCard::start(
            $this->workspace, $this->card->document(), $this->maren, $secret,
        ), $this->maren);
        $this->ids = [
            'letter' => StoredLetter::start($this->workspace, $this->card, null, ['subject' => $secret])->id,
            'recipient' => DB::table('recipients')->value('id'), 'workspace' => $this->workspace->id,
            'member' => $this->maren->id,
            'invitation' => DB::table('invitations')->insertGetId(['workspace_id' => $this->workspace->id,
                'email' => "$secret@reader.example", 'role' => 'maker', 'sent_at' => (string) now()]),
            'token' => (int) AccessToken::grant($this->maren, $this->workspace, $secret, AccessToken::ABILITIES, 1),
            'hook' => DB::table('hooks')->insertGetId(['workspace_id' => $this->workspace->id,
                'address' => "https://$secret.example/", 'secret' => $secret, 'events' => 'card.changed',
                'created_at' => (string) now()]),
            'house' => $house->card->id, 'rollout' => RolloutForm::start($this->workspace, [
                'name' => $secret, 'tag' => $secret, 'deadline' => '2099-01-01', 'tests_to' => 't@x.example',
            ])->id,
            'person' => $this->person, 'group' => $group, 'import' => $import->id,
            'errand' => Errand::begin($this->workspace, $this->maren, ErrandKind::Export)->id,
            'destination' => 'any', 'situation' => 'new', 'email' => 'maren@quillfern.example',
            'quotation' => $quotation, 'footer' => $footer->id, 'campaign' => $campaign,
            'card' => $this->card->id, 'picture' => $picture->id, 'ready' => $template->id, 'message' => $message,
            'sweep' => $change->id, 'piece' => 'p2', 'client' => 'word-desktop', 'to' => 'any', 'number' => 1,
            'starter' => 'skerry', 'brought' => str_repeat('a', 24), 'hash' => $picture->hash, 'part' => 'lines',
            'side' => 'arrived', 'how' => 'remove', 'form' => 'reply', 'sketch' => 'skerry.plain',
            'outgoing' => $outgoing, 'kind' => 'phone', 'banner' => $banner->id,
            'window' => $window->id, 'other' => $window->id, 'day' => $day, 'format' => 'csv',
        ];
    }

    private function stranger(): User
    {
        $other = User::create(['name' => 'Other', 'email' => 'other@elsewhere.example',
            'password' => 'another-gate-9']);
        $elsewhere = Workspace::create(['name' => 'Elsewhere', 'web' => 'https://elsewhere.example',
            'country' => 'GB']);
        $elsewhere->members()->attach($other);
        StoredCard::start($elsewhere, CardJson::read(['format' => CardJson::FORMAT, 'name' => 'Own']), $other,
            'Started');

        return $other;
    }

    /** @return list<Route> those of members */
    private static function table(): array
    {
        return array_values(array_filter(
            Routes::getRoutes()->getRoutes(),
            fn (Route $route) => in_array('workspace', $route->gatherMiddleware(),
                true) && $route->uri() !== 'sign-out',
        ));
    }

    /** @return iterable<array{string, Route}> */
    private function routesInside(): iterable
    {
        foreach (self::table() as $route) {
            foreach (array_diff($route->methods(), ['HEAD']) as $method) {
                yield [$method, $route];
            }
        }
    }

    private function address(Route $route): string
    {
        return '/'.preg_replace_callback(
            '/\{(\w+)\}/',
            fn (array $name) => (string) ($this->ids[$name[1]] ?? $this->fail("no {$name[1]} for {$route->uri()}")),
            $route->uri(),
        );
    }

    /** @return array<string, mixed> every number of the first workspace, under every name a form gives one */
    private function everything(): array
    {
        $card = $this->ids['card'];

        return [
            'card' => $card, 'cards' => [$card], 'to' => 'any', 'recipient' => $this->ids['recipient'],
            'letters' => [1 => $this->ids['letter']], 'person' => $this->person,
            'q' => mb_strtolower(self::SECRET),
            'find' => mb_strtolower(self::SECRET), 'pick' => $this->ids['picture'], 'picture' => $this->ids['picture'],
            'of' => $this->ids['message'], 'ready' => $this->ids['ready'], 'revision' => 3, 'way' => 'reply',
            'address' => 'maren@quillfern.example', 'situation' => 'new', 'do' => 'archive', 'remove' => '1',
            'piece' => 'p2', 'from' => $card, 'days' => '30', 'by' => 'person', 'format' => 'vcard-4',
        ];
    }

    /** @param  TestResponse<Response>  $answer */
    private static function content(TestResponse $answer): string
    {
        return $answer->baseResponse instanceof StreamedResponse
            ? $answer->streamedContent()
            : (string) $answer->getContent();
    }

    private function snapshot(): string
    {
        $rows = [];
        foreach (self::TABLES as $table) {
            $columns = DB::getSchemaBuilder()->getColumnListing($table);
            $query = DB::table($table);
            match (true) {
                in_array('workspace_id', $columns, true) => $query->where('workspace_id', $this->workspace->id),
                in_array('card_id', $columns, true) => $query->where('card_id', $this->card->id),
                default => $query,
            };
            $rows[$table] = $query->get()->all();
        }

        return md5((string) json_encode($rows));
    }
}
