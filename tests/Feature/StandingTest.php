<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** What every answer carries, who is answered at all, and what is left when the database is away. */
final class StandingTest extends KitchenCase
{
    private const HEADERS = [
        'Content-Security-Policy',
        'X-Content-Type-Options',
        'X-Frame-Options',
        'Referrer-Policy',
        'Permissions-Policy',
    ];

    public function test_every_answer_carries_the_headers_also_a_refusal(): void
    {
        $this->baker();
        $answers = [
            200 => $this->get('/'),
            404 => $this->get('/nowhere'),
            302 => $this->get('/shelf'),
            405 => $this->get('/paste'),
            422 => $this->post('/paste', ['text' => '']),
        ];
        for ($i = 0; $i < 6; $i++) {
            $answers[429] = $this->post('/sign-in', ['email' => 'maud@example.org', 'password' => "guess $i"]);
        }
        foreach ($answers as $status => $answer) {
            $answer->assertStatus($status);
            foreach (self::HEADERS as $header) {
                self::assertTrue($answer->headers->has($header), "$header on $status");
            }
            self::assertSame((string) strlen((string) $answer->getContent()), $answer->headers->get('Content-Length'), "$status");
        }
        self::assertNotSame('0', $this->call('HEAD', '/')->headers->get('Content-Length'));
        self::assertFalse($this->get('/')->headers->has('Strict-Transport-Security'));
        config(['aglyca.hsts' => 3600]);
        self::assertSame('max-age=3600', $this->get('https://127.0.0.1/')->headers->get('Strict-Transport-Security'));
    }

    public function test_it_answers_to_its_own_names_only(): void
    {
        $answers = static fn (string $host): bool => array_filter(
            (array) config('aglyca.hosts'),
            static fn (string $p): bool => preg_match('{'.$p.'}i', $host) === 1,
        ) !== [];
        foreach (['127.0.0.1', 'localhost', '192.168.1.20', '10.0.0.7', '172.20.3.4', 'kitchen.local', 'pi'] as $own) {
            self::assertTrue($answers($own), $own);
        }
        foreach (
            [
                'evil.example',
                '127.0.0.1.evil.example',
                '8.8.8.8',
                '172.40.1.1',
                'kitchen.local.evil.example',
                '192.168.1.20.nip.example',
            ] as $other
        ) {
            self::assertFalse($answers($other), $other);
        }
    }

    public function test_pages_of_a_kitchen_stay_in_no_cache(): void
    {
        $recipe = $this->recipeOf($this->baker());
        foreach (['/shelf', "/bench/$recipe->ulid", '/pantry', '/you'] as $page) {
            self::assertStringContainsString(
                'no-store',
                (string) $this->get($page)->headers->get('Cache-Control'),
                $page,
            );
        }
    }

    public function test_a_shared_card_wants_its_link_letter_by_letter_and_tells_nothing_of_whom_it_is_for(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $this->post("/bench/$recipe->ulid/share");
        $token = $recipe->share()->firstOrFail()->token;
        $card = (string) $this->get("/s/$token")->assertOk()->getContent();
        $other = strtolower($token) === $token ? strtoupper($token) : strtolower($token);
        $this->get("/s/$other")->assertNotFound();
        $baker->kitchen->update(['body_kg' => '31.0']);
        self::assertSame($card, (string) $this->get("/s/$token")->getContent());
    }

    public function test_without_database_what_needs_none_is_shown_and_the_rest_says_to_try_again(): void
    {
        $real = config('database.default');
        config([
            'database.connections.gone' => [...config("database.connections.$real"), 'port' => '1'],
            'database.default' => 'gone',
        ]);
        try {
            $this->get('/almanac')->assertOk();
            $this->get('/')->assertOk();
            $this->get('/up')
                ->assertStatus(503)
                ->assertJson(['database' => false])
                ->assertHeader('Retry-After');
            $this->withUnencryptedCookie((string) config('session.cookie'), 'x')
                ->get('/shelf')
                ->assertStatus(503)
                ->assertHeader('Retry-After')
                ->assertSee('Nothing was changed');
        } finally {
            config(['database.default' => $real]);
            DB::purge('gone');
        }
        $this->get('/up')->assertOk()->assertJson(['database' => true]);
    }

    public function test_a_disk_that_is_nearly_full_takes_nothing_in_and_is_still_read(): void
    {
        $baker = $this->baker();
        config(['aglyca.reserve' => PHP_INT_MAX]);
        $this->actingAs($baker)->post('/pantry/toppings', ['topping_name' => 'Icing', 'text' => '5 g butter'])
            ->assertStatus(503)
            ->assertHeader('Retry-After')
            ->assertSee('no room left');
        $this->get('/pantry')->assertOk();
        $this->post('/sign-in', ['email' => $baker->email, 'password' => 'x'])->assertRedirect();
        // What cannot be looked at may be full.
        config(['aglyca.reserve' => 0, 'aglyca.disk' => '/no/such/folder']);
        $this->actingAs($baker)
            ->post('/pantry/toppings', ['topping_name' => 'Icing', 'text' => '5 g butter'])
            ->assertStatus(503);
        config(['aglyca.disk' => storage_path()]);
        $this->actingAs($baker)->post('/pantry/toppings', ['topping_name' => 'Glaze', 'text' => '5 g butter'])->assertRedirect();
        self::assertSame(['Glaze'], $baker->kitchen->toppings()->pluck('name')->all());
    }

    public function test_a_guest_who_only_looks_around_fills_no_table_and_their_forms_count_all_the_same(): void
    {
        $this->app['env'] = 'production';
        try {
            $page = $this->get('/');
            $cookie = $page->getCookie('aglyca_guest')?->getValue() ?? '';
            $token = substr($cookie, 0, 40);
            self::assertStringContainsString("value=\"$token\"", (string) $page->getContent());
            $this->app['session']->flush();
            $this->withCookie('aglyca_guest', $cookie)->get('/almanac')->assertOk();
            $this->app['session']->flush();
            $this->get('/day')->assertRedirect('/sign-in');
            self::assertSame(0, DB::table('sessions')->count());
            // A token that was never handed out is none.
            $this->app['session']->flush();
            $refused = $this->post('/paste', ['text' => self::LOAF, '_token' => str_repeat('x', 40)]);
            $refused->assertStatus(419)->assertSee('name="text"', false)->assertSee('Rye-less loaf');
            self::assertSame(0, DB::table('sessions')->count());
            $this->app['session']->flush();
            $this->post('/paste', ['text' => self::LOAF, '_token' => $token])->assertRedirect('/bench/draft');
            self::assertSame(1, DB::table('sessions')->count());
            $this->app['session']->flush();
            $this->postJson('/paste', ['text' => self::LOAF, '_token' => 'x'])->assertStatus(419)->assertJsonStructure(['message']);
        } finally {
            $this->app['env'] = 'testing';
        }
    }

    public function test_what_was_refused_comes_back_as_far_as_anybody_could_have_typed_it_and_no_password_does(): void
    {
        $long = str_repeat('a', 600);
        $this->post('/sign-up', ['name' => $long, 'email' => 'no address', 'password' => 'short'])->assertSessionHasErrors('email');
        self::assertSame(['name' => '', 'email' => 'no address'], array_intersect_key((array) session('_old_input'), ['name' => 1, 'email' => 1, 'password' => 1]));
        $this->actingAs($this->baker())->post('/you/leave', ['leave_password' => 'wrong'])->assertSessionHasErrors();
        self::assertArrayNotHasKey('leave_password', (array) session('_old_input'));
    }

    public function test_what_is_over_is_swept_and_nothing_else(): void
    {
        $baker = $this->baker();
        $row = static fn (string $id, ?int $user, int $hoursAgo, int $bytes): array => [
            'id' => $id,
            'user_id' => $user,
            'payload' => str_repeat('x', $bytes),
            'last_activity' => now()->subHours($hoursAgo)->getTimestamp(),
        ];
        DB::table('sessions')->insert([
            $row('guest, nothing kept', null, 3, 300),
            $row('guest, just now', null, 1, 300),
            $row('guest, with a draft', null, 3, 3000),
            $row('baker', $baker->id, 48, 300),
            $row('month', $baker->id, 24 * 31, 300),
        ]);
        Artisan::call('aglyca:sweep');
        self::assertEqualsCanonicalizing(
            ['guest, just now', 'guest, with a draft', 'baker'],
            DB::table('sessions')->pluck('id')->all(),
        );
    }

    public function test_a_stored_value_breaks_no_page_but_its_own_which_says_so(): void
    {
        $baker = $this->baker();
        $good = $this->recipeOf($baker);
        $bad = $this->recipeOf($baker, str_replace('Rye-less loaf', 'Broken loaf', self::LOAF));
        $bad->latest->update([
            'document' => [...$bad->latest->document, 'corrections' => ['0123456789-1' => 'no correction']],
        ]);
        $this->get('/shelf')->assertOk()->assertSee('Broken loaf')->assertSee('Rye-less loaf');
        $this->get("/bench/$good->ulid")->assertOk();
        $this->get('/almanac/foods/butter')->assertOk();
        $page = $this->get("/bench/$bad->ulid")
            ->assertStatus(500)
            ->assertSee('“Broken loaf” cannot be computed')
            ->assertSee('200 g sugar');
        // What a reload may cure is not offered to be thrown away.
        $page->assertDontSee("/shelf/$bad->ulid/remove")->assertSee('Try again');
        $bad->latest->update(['document' => [...$good->latest->document, 'text' => 'nothing to be read']]);
        $this->get("/bench/$bad->ulid")->assertStatus(422)->assertSee('its text cannot be read')->assertSee('nothing to be read');
        $this->post("/bench/$bad->ulid/text", ['text' => self::LOAF])->assertRedirect();
        $this->get("/bench/$bad->ulid")->assertOk();
        // Nobody else is shown it.
        $this->actingAs($this->baker('other@example.org'))->get("/bench/$bad->ulid")->assertNotFound();
    }
}
