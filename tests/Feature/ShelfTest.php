<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bake;
use App\Models\Kitchen;
use App\Models\Recipe;
use App\Models\User;
use App\Support\Leaving;

final class ShelfTest extends KitchenCase
{
    public function test_rename_duplicate_and_remove_each_have_their_undo(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->post("/shelf/$recipe->ulid/title", ['title' => 'Sunday loaf'])->assertSessionHas(
            'undo.fields.title',
            'Rye-less loaf',
        );
        $this->get('/shelf')->assertSee('Sunday loaf')->assertSee('Renamed from');
        $this->post("/shelf/$recipe->ulid/title", ['title' => ''])->assertSessionHasErrorsIn(
            "title-$recipe->ulid",
            'title',
        );
        $this->post("/shelf/$recipe->ulid/duplicate");
        $copy = Recipe::query()->where('id', '!=', $recipe->id)->sole();
        self::assertSame('Sunday loaf, copy', $copy->title);
        self::assertSame($recipe->fresh()->brief()->text, $copy->brief()->text);
        $this->post("/shelf/$recipe->ulid/remove")->assertSessionHas('undo.to', "/shelf/$recipe->ulid/restore");
        $this->get("/bench/$recipe->ulid")->assertNotFound();
        $this->post("/shelf/$recipe->ulid/restore");
        $this->get("/bench/$recipe->ulid")->assertOk()->assertSee('Sunday loaf');
    }

    public function test_a_bake_note_is_checked_kept_and_taken_out_with_undo(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $this->post("/counter/$recipe->ulid/bakes", [
            'baked_on' => '2099-01-01',
            'mark' => '9',
            'words' => 'Too early',
        ])->assertSessionHasErrors(['baked_on', 'mark']);
        self::assertSame('Too early', session()->getOldInput('words'));
        $this->post("/counter/$recipe->ulid/bakes", ['baked_on' => '2026-03-02', 'words' => '']);
        $bake = Bake::query()->sole();
        $this->post("/bakes/$bake->id/remove");
        self::assertSame(0, Bake::query()->count());
        $this->post("/bakes/$bake->id/restore");
        self::assertSame(1, Bake::query()->count());
    }

    /** The number on the Shelf is the Bench's, also after the kitchen has changed what it wants of every dessert. */
    public function test_the_shelf_follows_the_kitchen(): void
    {
        $recipe = $this->recipeOf($this->baker());
        $bench = function () use ($recipe): string {
            preg_match('~data-net="after">([\d.]+)<~', (string) $this->get("/bench/$recipe->ulid")->getContent(), $m);

            return $m[1];
        };
        foreach (
            [
                ['limit_g' => '1.0'],
                ['limit_g' => null, 'refused' => ['allulose', 'almond-flour']],
                ['body_kg' => '30', 'refused' => []],
            ] as $change
        ) {
            $this->get('/shelf')->assertSee($bench());
            $recipe->kitchen->update($change);
            $this->get('/shelf')->assertSee('>'.$bench().'<', false);
        }
    }

    public function test_no_address_of_another_kitchen_opens(): void
    {
        $theirs = $this->recipeOf($this->baker('theirs@example.org'));
        $this->post("/counter/$theirs->ulid/bakes", ['baked_on' => '2026-03-02', 'words' => 'secret']);
        $bake = Bake::query()->sole();
        $reach = function () use ($theirs, $bake): void {
            foreach (["/bench/$theirs->ulid", "/counter/$theirs->ulid"] as $path) {
                $this->get($path)->assertNotFound();
            }
            $posts = [
                "/bench/$theirs->ulid/wishes" => $this->wishes(),
                "/bench/$theirs->ulid/text" => ['text' => self::LOAF],
                "/bench/$theirs->ulid/lines/0123456789-1" => ['grams' => '1'],
                "/shelf/$theirs->ulid/title" => ['title' => 'mine'],
                "/shelf/$theirs->ulid/duplicate" => [],
                "/shelf/$theirs->ulid/remove" => [],
                "/shelf/$theirs->ulid/restore" => [],
                "/counter/$theirs->ulid/bakes" => ['baked_on' => '2026-01-01'],
                "/bakes/$bake->id/remove" => [],
                "/bakes/$bake->id/restore" => [],
            ];
            foreach ($posts as $path => $fields) {
                $status = $this->post($path, $fields)->status();
                self::assertTrue($status === 404 || $status === 302 && auth()->guest(), "$path answered $status");
            }
        };
        $mine = $this->baker('mine@example.org');
        $this->actingAs($mine);
        $reach();
        $this->get('/shelf')->assertOk()->assertDontSee('Rye-less');
        $this->get('/bench')->assertRedirect('/');
        $this->post('/sign-out');
        $reach();
        self::assertSame('Rye-less loaf', $theirs->fresh()->title);
        self::assertSame(1, Bake::query()->count());
    }

    public function test_signing_in_out_and_changing_the_password(): void
    {
        $this->baker();
        $this->get('/shelf')->assertRedirect('/sign-in');
        $this->post('/sign-in', [
            'email' => 'maud@example.org',
            'password' => 'wrong-password',
        ])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'MAUD@example.org', 'password' => 'plum-and-almond'])->assertRedirect(
            '/shelf',
        );
        $this->post('/you/password', [
            'current_password' => 'plum-and-almond',
            'password' => 'short',
        ])->assertSessionHasErrors('password');
        $this->post('/you/password', [
            'current_password' => 'nope',
            'password' => 'quince-and-hazel',
        ])->assertSessionHasErrors('current_password');
        $this->post('/you/password', [
            'current_password' => 'plum-and-almond',
            'password' => 'quince-and-hazel',
        ])->assertSessionHasNoErrors();
        $this->post('/sign-out')->assertRedirect('/');
        $this->post('/sign-in', ['email' => 'maud@example.org', 'password' => 'quince-and-hazel'])->assertRedirect();
        $this->assertAuthenticated();
        self::assertStringStartsWith('$argon2id$', User::query()->sole()->password);
    }

    public function test_guessing_passwords_is_slowed(): void
    {
        $this->baker();
        for ($i = 0; $i < 5; $i++) {
            $this->post('/sign-in', ['email' => 'maud@example.org', 'password' => "guess number $i"]);
        }
        $this->post('/sign-in', ['email' => 'maud@example.org', 'password' => 'plum-and-almond'])->assertStatus(429);
    }

    public function test_the_demo_kitchen_opens_with_one_button_and_its_limit_shows(): void
    {
        $this->artisan('db:seed', ['--force' => true])->assertExitCode(0);
        $this->artisan('db:seed', ['--force' => true])->assertExitCode(0);
        $this->post('/demo')->assertRedirect('/shelf');
        $this->get('/shelf')->assertSee('Cardamom orange loaf')->assertSee('Harrow Cottage');
        $mine = User::query()->where('email', 'like', '%@visitor.invalid')->sole();
        self::assertSame(8, $mine->kitchen->recipes()->count());
        foreach ($mine->kitchen->recipes as $recipe) {
            $this->get("/bench/$recipe->ulid")->assertOk()->assertSee('limit')->assertDontSee('to check');
        }
        $this->post('/you/password', ['current_password' => 'x', 'password' => 'quince-and-hazel'])->assertForbidden();
        // The next visitor finds it as it was, and yesterday's is swept away.
        $mine->kitchen->recipes()->firstOrFail()->update(['title' => 'Mine now']);
        $this->leave();
        $this->post('/demo');
        $this->get('/shelf')->assertDontSee('Mine now')->assertSee('Cardamom orange loaf');
        $this->travel(25)->hours();
        self::assertSame(2, Leaving::sweep());
        self::assertSame(1, Kitchen::query()->count());
    }
}
