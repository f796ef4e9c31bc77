<?php

namespace Database\Seeders;

use App\Models\Card;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\Library;
use App\Pictures\Rasterizer;
use Illuminate\Database\Seeder;
use InkyCard\Card\CardJson;

/** The demo: Quillfern Garden Studio, a made-up practice in the made-up town of Eddersby. Nothing in it is real. */
final class DatabaseSeeder extends Seeder
{
    public const EMAIL = 'maren@quillfern.example';

    public const PASSWORD = 'quillfern-demo';

    /** Drawings become pictures of this width, px: two to one for the widest on any card. */
    private const WIDTH = 960;

    public function run(Library $library, Rasterizer $rasterizer): void
    {
        $studio = Workspace::create(['name' => 'Quillfern Garden Studio', 'web' => 'https://quillfern.example', 'country' => 'GB']);
        $maren = User::create(['name' => 'Maren Oakhollow', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $tobiah = User::create(['name' => 'Tobiah Reedmace', 'email' => 'tobiah@quillfern.example', 'password' => self::PASSWORD]);
        $studio->members()->attach([$maren->id, $tobiah->id]);

        /** @var array{base: array<string, mixed>, cards: list<array<string, mixed>>} $demo */
        $demo = json_decode((string) file_get_contents(database_path('demo/cards.json')), true, 32, JSON_THROW_ON_ERROR);
        foreach ($demo['cards'] as $card) {
            foreach ($card['pieces'] as &$piece) {
                if (isset($piece['drawing'])) {
                    $svg = (string) file_get_contents(database_path("demo/{$piece['drawing']}.svg"));
                    $piece['fields']['picture'] = $library->add($studio, $rasterizer->png($svg, self::WIDTH), basename($piece['drawing']).'.png')->ref();
                    unset($piece['drawing']);
                }
            }
            Card::start($studio, CardJson::read($card + $demo['base']), $maren, 'Demo loaded');
        }
    }
}
