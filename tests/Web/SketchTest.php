<?php

namespace Tests\Web;

use App\Models\StoredCard;
use InkyCard\Sketch\Sketches;

/** Sketches on their page: offered, kept to, taken, taken back. */
final class SketchTest extends WebTestCase
{
    public function test_facts_are_sketched_and_a_design_is_taken_in_one_step(): void
    {
        $this->post('/cards', ['starter' => 'sketches'])->assertRedirect();
        $card = StoredCard::query()->latest('id')->firstOrFail();
        $facts = $card->document();
        $page = (string) $this->get("/cards/$card->id/sketches")->assertOk()->getContent();
        preg_match_all('/name="sketch" value="([^"]+)"/', $page, $keys);
        $this->assertCount(Sketches::SHOWN, $keys[1]);
        $this->assertSame(1, preg_match('/<img src="([^"]+drawing[^"]*)"/', $page, $drawing));
        $this->assertStringStartsWith(
            'RIFF', (string) $this->get(html_entity_decode($drawing[1] ?? ''))->assertOk()->getContent(),
        );
        $this->post("/cards/$card->id/sketch", ['sketch' => $keys[1][3], 'revision' => $card->head])
            ->assertRedirect(route('bench', ['card' => $card->id, 'piece' => '']));
        $taken = StoredCard::query()->findOrFail($card->id)->document();
        $this->assertSame($facts->holder(), $taken->holder());
        $this->assertNotSame($facts->style->toArray(), $taken->style->toArray());
        $this->post("/cards/$card->id/undo", ['revision' => 2]);
        $this->assertEquals(
            $facts, StoredCard::query()->findOrFail($card->id)->document());
        $this->get("/cards/$card->id/sketches?keep[]=arrangement&keep[]=odd&from=24")->assertOk();
        $this->get("/cards/$card->id/sketches/odd.plain/drawing")->assertNotFound();
        $this->withHeader('HX-Request', 'true')
            ->post("/cards/$card->id/sketch", ['sketch' => 'odd', 'revision' => $card->head])
            ->assertStatus(422)->assertSee('There is no such sketch any more.');
    }
}
