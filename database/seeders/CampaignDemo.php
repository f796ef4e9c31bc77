<?php

namespace Database\Seeders;

use App\Campaigns\FooterPage;
use App\Campaigns\LeftAlone;
use App\Campaigns\Recipients;
use App\Campaigns\Series;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Models\StoredPicture;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use InkyCard\Time\Day;

/** Three campaigns around today: one keeps last year's footer, one is running, one is planned; and 60 recipients. */
final readonly class CampaignDemo
{
    private const FIRST = ['Ida', 'Aron', 'Bettina', 'Cosmo', 'Delphine', 'Emrys', 'Fay', 'Gideon', 'Hedda', 'Ivo',
        'Jessamy', 'Kit', 'Lorna', 'Moss', 'Nell', 'Orla', 'Piet', 'Quentin', 'Rosalind', 'Silas'];

    private const LAST = ['Marshfield', 'Alder', 'Whinney', 'Thornby', 'Larkrise', 'Pennock', 'Quayle', 'Summers'];

    private const CITIES = ['Eddersby', 'Saltmarch', 'Nether Wick', 'Brindle', 'Upper Holm'];

    /** Those that are hard on a footer. */
    private const HARD = [
        ['Wilhelmina-Constance', 'Featherstonehaugh', 'Barton-under-Needlewood'], ['', '', ''],
        ['Ελένη', 'Παπαδοπούλου', 'Αθήνα'], ['Tom & Jerry <Ltd>', 'O’Brien', 'Saltmarch'],
    ];

    public function __construct(private Workspace $studio)
    {
    }

    public function run(): void
    {
        Recipients::bring($this->studio, $this->recipients());
        LeftAlone::add($this->studio->id, ['moss.summers@reader.example'], 'left');
        $card = StoredCard::query()->where('workspace_id', $this->studio->id)->whereLike('name', 'Maren %')->sole();
        $footer = StoredFooter::start($this->studio, StoredCard::in($this->studio, $card->id) ?? $card, [
            'name' => 'Quillfern footer', 'countries' => ['GB', 'DE', 'US'],
            'why' => 'You get this because you asked for the planting list on {{asked_on|one of our open days}}, '
                .'{{first_name|dear reader}}.',
            'firm' => 'Quillfern Garden Studio Ltd, 1 Old Forge Yard, Eddersby', 'registration' => 'Registered in '
                .'Eddersby, no. 0711984',
            'preferences' => ['words' => 'Choose what you get',
                'address' => 'https://quillfern.example/choose?for={{recipient_id}}'],
        ] + FooterPage::begin($this->studio, $card));
        $footer->giveOut($footer->sender($this->studio));
        $this->letter($card, $footer);
        $today = Day::at(now($this->studio->clock()));
        $series = new Series($this->studio, $today);
        $keep = fn (string $name, int $starts, int $recipients, string $messages): int => $series->keep([
            'name' => $name, 'footer' => $footer->id, 'starts' => $today->plus($starts)->iso,
            'recipients' => (string) $recipients, 'messages' => $messages,
        ]);
        $keep('Bare-root list', -45, 618, "0 The list is out\n14 What sold first\n47 Hedges, lifted to order\n61 "
            ."Before the frost\n89 The last of it");
        DB::table('campaign_messages')->update(['put_at' => now()->subDays(45)]);
        // The studio moved.
        $moved = $footer->footer()->with(['firm' => 'Quillfern Garden Studio Ltd, 4 Mallow Lane, Eddersby']);
        $footer->keep($footer->number, $moved);
        $footer->giveOut($footer->sender($this->studio));
        $keep('Open garden day', -26, 1204, "0 Come and walk it with us\n7 Still a place on Saturday\n21 What you saw"
            ."\n35 What to plant of it\n63 The same at home");
        $keep('Water check', 45, 340, "0 Where your water goes\n3 A drawing of it\n10 A time for a visit");
    }

    private function letter(StoredCard $card, StoredFooter $footer): void
    {
        $picture = StoredPicture::query()->where('workspace_id', $this->studio->id)->whereLike('name', 'spring%')
            ->first();
        StoredLetter::start($this->studio, $card, $footer, [
            'subject' => 'The bare-root list is out', 'preview' => 'Hedges and fruit, lifted to order',
            'body' => "# The list is out\n\nDear {{first_name|reader}},\n\nHedges and fruit trees are lifted **to "
                ."order** again, and go out from [the second week of January](https://quillfern.example/bare-root).\n\n"
                ."- Hornbeam and beech, by the metre\n- Apples on three stocks\n- Pears that like a wall\n\n> Nothing "
                ."died. Nothing!\n\nWe plant them too, if you would rather not.",
            'picture' => $picture?->ref() ?? '', 'ratio' => $picture?->ratio() ?? 0.2, 'alt' => 'A garden in spring',
            'call' => ['words' => 'Choose yours',
                'address' => 'https://quillfern.example/bare-root?for={{recipient_id}}'],
        ]);
    }

    private function recipients(): string
    {
        $rows = [];
        for ($n = 0; $n < 56; $n++) {
            [$first, $last] = [self::FIRST[$n % 20], self::LAST[($n * 3 + intdiv($n, 20)) % 8]];
            $rows[] = [$first, $last, self::CITIES[$n % 5], strtolower("$first.$last")];
        }
        foreach (self::HARD as $n => [$first, $last, $city]) {
            $rows[] = [$first, $last, $city, "hard-$n"];
        }
        $lines = ['email,first_name,last_name,city,asked_on,recipient_id,unsubscribe_url,view_url'];
        foreach ($rows as $n => [$first, $last, $city, $name]) {
            $asked = $first === '' ? '' : ($n % 28 + 1).' May';
            $lines[] = implode(',', array_map(fn (string $cell): string => '"'.str_replace('"', '""', $cell).'"', [
                "$name@reader.example", $first, $last, $city, $asked, "r$n", "https://sender.example/out/r$n",
                "https://sender.example/view/r$n",
            ]));
        }

        return implode("\n", $lines);
    }
}
