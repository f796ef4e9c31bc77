<?php

namespace Tests\Web;

use App\Api\AccessToken;
use App\Auth\Ability;
use App\Models\StoredCard;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use InkyCard\Card\CardJson;
use PHPUnit\Framework\Assert;
use Tests\Core\Samples;

abstract class WebTestCase extends TestCase
{
    use RefreshDatabase;

    /** Commands run as they are: nothing here is asked back. */
    public $mockConsoleOutput = false;

    protected Workspace $workspace;

    protected User $maren;

    protected StoredCard $card;

    protected function setUp(): void
    {
        parent::setUp();
        Assert::assertSame(
            ':memory:',
            config('database.connections.sqlite.database'),
            'tests must never reach the real database',
        );
        Storage::fake('pictures');
        Storage::fake('errands');
        $this->workspace = Workspace::create([
            'name' => 'Quillfern',
            'web' => 'https://quillfern.example',
            'country' => 'GB',
        ]);
        $this->maren = User::create([
            'name' => 'Maren Oakhollow',
            'email' => 'maren@quillfern.example',
            'password' => 'garden-gate-9',
        ]);
        $this->workspace->members()->attach($this->maren);
        $this->card = StoredCard::start($this->workspace, Samples::card(), $this->maren, 'Started');
        $this->actingAs($this->maren);
    }

    /**
     * Pages as they are read: a line's end within words is a space, but in what is preformatted and in fields.
     *
     * @param  \Illuminate\Http\Response  $response
     * @param  \Illuminate\Http\Request  $request
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\Response>
     */
    protected function createTestResponse($response, $request)
    {
        $html = $response->getContent();
        if (is_string($html) && str_starts_with((string) $response->headers->get('Content-Type'), 'text/html')) {
            $kept = '~(<(?:textarea|pre)\b.*?</(?:textarea|pre)>|\bvalue="[^"]*")~s';
            $parts = preg_split($kept, $html, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];
            foreach ($parts as $index => $part) {
                $parts[$index] = $index % 2 === 1 ? $part : preg_replace('/\s*\n\s*/', ' ', (string) $part);
            }
            $response->setContent(implode('', $parts));
        }

        return parent::createTestResponse($response, $request);
    }

    /** From here on a program asks, with a token of somebody's that may do all a token can. */
    protected function asProgram(User $user, Workspace $workspace, Ability ...$abilities): static
    {
        $this->app->make('auth')->forgetGuards();

        return $this->withToken(AccessToken::grant(
            $user, $workspace, 'Test', array_values($abilities) ?: AccessToken::ABILITIES, 1,
        ));
    }

    /** @return string path of the newest link in the tray, or of one so many messages back */
    protected function link(int $back = 0): string
    {
        $raw = (string) DB::table('tray_messages')->orderByDesc('id')->skip($back)->value('raw');
        preg_match('~https?://\S+~', quoted_printable_decode($raw), $link);
        $parts = (array) parse_url($link[0] ?? '');

        return ($parts['path'] ?? '').'?'.($parts['query'] ?? '');
    }

    /** A JPEG of so many pixels. */
    protected static function jpeg(int $width = 300, int $height = 300): string
    {
        $image = imagecreatetruecolor(max(1, $width), max(1, $height));
        imagefilledellipse($image, intdiv($width, 2), intdiv($height, 2), $width, $height, 0x88AA44);
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }

    protected function stored(): string
    {
        return CardJson::encode($this->card->refresh()->fresh()?->document() ?? Samples::card());
    }
}
