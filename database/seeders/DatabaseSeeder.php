<?php

namespace Database\Seeders;

use App\Auth\Role;
use App\Clicks\CountedLinks;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use App\Models\StoredTemplate;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\BannerPress;
use App\Pictures\Library;
use App\Pictures\Rasterizer;
use App\Placements\Placements;
use App\Tray\Composer;
use App\Tray\MimeMessage;
use App\Tray\Tray;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use InkyCard\Brand\Brand as BrandDocument;
use InkyCard\Brand\BrandJson;
use InkyCard\Card\CardJson;
use InkyCard\Card\Situation;
use InkyCard\Handover\Destination;
use InkyCard\Handover\MessageTemplate;
use Symfony\Component\Mime\Email;

/** The demo: Quillfern Garden Studio, a made-up practice in the made-up town of Eddersby. Nothing in it is real. */
final class DatabaseSeeder extends Seeder
{
    public const EMAIL = 'maren@quillfern.example';

    public const PASSWORD = 'quillfern-demo';

    /** Drawings become pictures of this width, px: two to one for the widest on any card. */
    private const WIDTH = 960;

    public function run(Library $library, Rasterizer $rasterizer): void
    {
        $studio = Workspace::create([
            'name' => 'Quillfern Garden Studio',
            'web' => 'https://quillfern.example',
            'country' => 'GB',
        ]);
        $maren = User::create(['name' => 'Maren Oakhollow', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $tobiah = User::create([
            'name' => 'Tobiah Reedmace',
            'email' => 'tobiah@quillfern.example',
            'password' => self::PASSWORD,
        ]);
        $isolde = User::create([
            'name' => 'Isolde Farrowby',
            'email' => 'isolde@quillfern.example',
            'password' => self::PASSWORD,
        ]);
        $studio->members()->attach([
            $maren->id => ['role' => Role::Owner->value], $tobiah->id => ['role' => Role::Maker->value],
            $isolde->id => ['role' => Role::Coordinator->value],
        ]);

        /**
         * @var array{brand: array<string, mixed>, base: array<string, mixed>, cards: list<array<string, mixed>>} $demo
         */
        $demo = json_decode(
            (string) file_get_contents(database_path('demo/cards.json')), true, 32, JSON_THROW_ON_ERROR,
        );
        $logo = fn (string $name): array => self::measured(
            self::named(
                $library->add($studio, (string) file_get_contents(database_path("demo/logos/$name.svg")), "$name.svg"),
                'Quillfern Garden Studio',
            ),
        );
        StoredBrand::query()->create([
            'workspace_id' => $studio->id,
            'number' => 1,
            'document' => BrandJson::encode(
                BrandDocument::of(
                    $demo['brand'] + ['logos' => ['light' => $logo('quillfern'), 'dark' => $logo('quillfern-dark')]],
                ),
            ),
        ]);
        /** @var list<array{name: string, subject: string, body: string}> $ready */
        $ready = json_decode(
            (string) file_get_contents(database_path('demo/ready.json')), true, 8, JSON_THROW_ON_ERROR,
        );
        $directions = Destination::of('any')->directions('[address of its page]');
        foreach (
            [
                ...$ready,
                [
                    'name' => 'Your card: directions for colleagues',
                    'subject' => 'Your new card, please by [date]',
                    'body' => "Dear [name],\n\nfrom [date] all of us write with the same card. $directions\n\nAsk me "
                        .'when you are stuck.',
                ],
            ] as $message
        ) {
            StoredTemplate::add($studio, MessageTemplate::of(...$message));
        }
        foreach ($demo['cards'] as $card) {
            foreach ($card['pieces'] as &$piece) {
                if (isset($piece['drawing'])) {
                    $svg = (string) file_get_contents(database_path("demo/{$piece['drawing']}.svg"));
                    $holder = array_column($card['pieces'], null, 'kind')['name']['fields']['text'] ?? '';
                    $piece['fields']['picture'] = self::named(
                        $library->add($studio, $rasterizer->png($svg, self::WIDTH), basename($piece['drawing']).'.png'),
                        $piece['fields']['alt'] ?? "Portrait of $holder",
                    )->ref();
                    unset($piece['drawing']);
                }
            }
            $started = StoredCard::start(
                $studio, CardJson::read(BannerDemo::placed($card) + $demo['base']), $maren, 'Demo loaded',
            );
            if ($started->document()->counted) {
                $this->click($started, $started->id);
            }
            $address = array_column($card['pieces'], null, 'kind')['email']['fields']['address'] ?? '';
            if ($address !== '') {
                Placements::put($started, $address, Situation::NewMail);
            }
        }
        (new BannerDemo($studio))->run(app(BannerPress::class));
        (new CampaignDemo($studio))->run();
        $this->messages($studio);
        (new PeopleDemo($studio, $maren))->run();
    }

    /** What the stand-in mailbox of the demo has received: a card as handed over, an answer, one that lost something. */
    private function messages(Workspace $studio): void
    {
        config(['mail.default' => 'tray']);
        $composer = app(Composer::class);
        /** @var list<array<string, string>> $messages */
        $messages = json_decode(
            (string) file_get_contents(database_path('demo/messages.json')), true, 8, JSON_THROW_ON_ERROR,
        );
        foreach ($messages as $message) {
            $earlier = ($message['way'] ?? 'new') === 'new' ? null : Tray::find($studio, $this->newest($studio));
            $composer->send($studio, $message, $earlier);
            if (isset($message['loses'])) {
                // As a mail program would have sent it that keeps less.
                $row = DB::table('tray_messages')->where('id', $this->newest($studio));
                $raw = MimeMessage::foreign((string) $row->value('raw'));
                $html = str_replace($message['loses'], $message['puts'] ?? '', $raw->html());
                $row->delete();
                Tray::keep($studio->id, (new Email)->from($message['from'])->to($message['to'])
                    ->subject($message['subject'])->date(now())
                    ->text($raw->text())->html($html)->toString(), 'dropped');
            }
            $id = $this->newest($studio);
            Tray::verify($studio, $id, Tray::find($studio, $id) ?? throw new \LogicException('No message was kept.'));
        }
    }

    private function newest(Workspace $studio): int
    {
        return (int) DB::table('tray_messages')->where('workspace_id', $studio->id)->max('id');
    }

    /**
     * Ninety days of made-up clicks, the same every time: more on weekdays, more since the autumn offer, machines
     * among them.
     */
    private function click(StoredCard $card, int $seed): void
    {
        CountedLinks::sheet($card, $card->document());
        $weights = [
            'button' => 5, 'booking' => 5, 'banner' => 4, 'offer' => 4, 'web' => 3, 'textlink' => 3, 'profiles' => 2,
        ];
        $links = DB::table('tracked_links')
            ->where('card_id', $card->id)
            ->get(['id', 'kind']);
        mt_srand($seed);
        $rows = [];
        foreach (range(89, 0) as $back) {
            $day = now()->subDays($back);
            foreach ($links as $link) {
                $most = ($weights[$link->kind] ?? 1) * ($day->isWeekend() ? 0.4 : 1) * ($back < 35 ? 1.6 : 1);
                for (
                    $clicks = ((mt_rand(0, (int) round($most * 10)) / 10) * mt_rand(0, 10)) / 10;
                    $clicks >= 0.5;
                    $clicks--
                ) {
                    $rows[] = [
                        'tracked_link_id' => $link->id,
                        'at' => $day
                            ->copy()
                            ->setTime(mt_rand(7, 20), mt_rand(0, 59), mt_rand(0, 59))
                            ->min(now())
                            ->toDateTimeString(),
                        'visitor' => sprintf('%016x', mt_rand(1, 400)),
                        'filtered' => mt_rand(0, 7) === 0 ? 'program' : null,
                    ];
                }
            }
        }
        foreach (array_chunk($rows, 500) as $chunk) {
            DB::table('clicks')->insert($chunk);
        }
    }

    private static function named(StoredPicture $picture, string $alt): StoredPicture
    {
        $picture->forceFill(['alt' => $alt, 'rights' => 'Drawn for the demo'])->save();

        return $picture;
    }

    /** @return array{picture: string, ratio: float} */
    private static function measured(StoredPicture $picture): array
    {
        return ['picture' => $picture->ref(), 'ratio' => $picture->height / $picture->width];
    }
}
