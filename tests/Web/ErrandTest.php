<?php

namespace Tests\Web;

use App\Errands\ErrandKind;
use App\Jobs\RunErrand;
use App\Keeping\WorkspaceFile;
use App\Models\Errand;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;

/** What takes long is done beside the pages. */
final class ErrandTest extends WebTestCase
{
    public function test_it_can_be_looked_at_while_it_is_on_its_way_and_is_done_once(): void
    {
        Queue::fake();
        $errand = Errand::begin($this->workspace, $this->maren, ErrandKind::Export);
        Queue::assertPushed(RunErrand::class, 1);
        $this->get(route('errand', $errand))->assertSee('begins soon')->assertSee('can be left');
        $errand->reached(20, 1200);
        $this->get(route('errand.progress', $errand))->assertSee('20 of 1,200')->assertSee('every 1s');
        $this->get(route('errand.file', $errand))->assertNotFound();
        // Somebody is at it: another leaves it alone, until there is no sign of life.
        (new RunErrand($errand->id))->handle();
        $this->assertSame(Errand::WAITS, $errand->refresh()->state);
        $this->travel(2)->minutes();
        (new RunErrand($errand->id))->handle();
        $this->assertSame(Errand::READY, $errand->refresh()->state);
        $file = $errand->file;
        (new RunErrand($errand->id))->handle();
        $this->assertSame($file, $errand->refresh()->file);
        $this->travel(Errand::DAYS + 1)->days();
        Errand::begin($this->workspace, $this->maren, ErrandKind::Export);
        $this->assertNull(Errand::query()->find($errand->id));
        Storage::disk('errands')->assertMissing((string) $file);
    }

    public function test_what_cannot_be_done_says_why(): void
    {
        Queue::fake();
        $path = (string) tempnam(sys_get_temp_dir(), 'inky');
        file_put_contents($path, 'no ZIP');
        $errand = Errand::begin($this->workspace, $this->maren, ErrandKind::Import, path: $path);
        (new RunErrand($errand->id))->handle();
        $this->get(route('errand', $errand))->assertSee('field-error')->assertSee('no workspace');
        unlink($path);
        WorkspaceFile::write($this->workspace, $path);
        $errand = Errand::begin($this->workspace, $this->maren, ErrandKind::Import, path: $path);
        Storage::disk('errands')->delete((string) $errand->file);
        (new RunErrand($errand->id))->handle();
        $this->get(route('errand', $errand))->assertSee('It could not be done');
        unlink($path);
    }
}
