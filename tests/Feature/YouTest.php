<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mail\LinkMail;
use App\Models\Kitchen;
use App\Models\Link;
use App\Models\User;
use App\Rules\GoodPassword;
use App\Support\Leaving;
use App\Support\SignIns;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Validator;

/** One's own sign-in, who else keeps a kitchen, and leaving. */
final class YouTest extends KitchenCase
{
    private function signedIn(User $user, string $id): void
    {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $user->id,
            'ip_address' => '192.0.2.1',
            'user_agent' => 'Windows',
            'payload' => '',
            'last_activity' => time(),
        ]);
    }

    public function test_a_new_password_and_signing_out_others_end_every_other_sign_in_at_once(): void
    {
        Mail::fake();
        $baker = $this->baker();
        $other = $this->baker('other@example.org');
        foreach (
            [
                '/you/sign-ins/others' => [],
                '/you/password' => ['current_password' => 'plum-and-almond', 'password' => 'quince walnut lantern'],
            ] as $path => $form
        ) {
            $this->signedIn($baker, "a$path");
            $this->signedIn($baker, "b$path");
            $this->signedIn($other, "c$path");
            $remembered = $baker->refresh()->remember_token;
            $this->actingAs($baker)->post($path, $form)->assertRedirect('/you');
            self::assertSame(0, DB::table('sessions')->whereIn('id', ["a$path", "b$path"])->count(), $path);
            self::assertNotSame($remembered, $baker->refresh()->remember_token);
        }
        // Its owner is told of the new password, and nobody else.
        Mail::assertSentCount(1);
        Mail::assertSent(LinkMail::class, static fn (LinkMail $m): bool => $m->hasTo('maud@example.org') &&
            $m->envelope()->subject === 'Your password for Aglyca has changed');
        self::assertSame(2, DB::table('sessions')->where('user_id', $other->id)->where('id', 'like', 'c/%')->count());
        $this->leave();
        $this->post('/sign-in', [
            'email' => 'maud@example.org',
            'password' => 'plum-and-almond',
        ])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'maud@example.org', 'password' => 'quince walnut lantern'])->assertRedirect(
            '/shelf',
        );
    }

    public function test_one_device_is_signed_out_and_no_other(): void
    {
        $baker = $this->baker();
        $this->signedIn($baker, 'lost');
        $this->signedIn($baker, 'kept');
        $this->actingAs($baker)
            ->get('/you')
            ->assertOk()
            ->assertSee('A Windows computer')
            ->assertDontSee('"lost"', false);
        $this->post('/you/sign-ins', ['which' => SignIns::name('lost')])->assertRedirect('/you');
        self::assertSame(['kept'], DB::table('sessions')->whereIn('id', ['kept', 'lost'])->pluck('id')->all());
    }

    public function test_a_forgotten_password_is_set_anew_by_a_link_once_and_the_answer_tells_nothing(): void
    {
        Mail::fake();
        $baker = $this->baker();
        $this->signedIn($baker, 'old');
        $said = [];
        foreach (['maud@example.org', 'nobody@example.org'] as $email) {
            $said[] = $this->post('/sign-in/forgotten', ['email' => $email])
                ->assertRedirect('/sign-in/forgotten')
                ->getSession()
                ->get('said');
        }
        self::assertSame($said[0], $said[1]);
        Mail::assertSentCount(1);
        $link = '';
        Mail::assertSent(LinkMail::class, function (LinkMail $mail) use (&$link): bool {
            return preg_match('~/link/\w{48}~', $mail->render(), $m) === 1 &&
                $mail->hasTo('maud@example.org') &&
                ($link = $m[0]) !== '';
        });
        $this->get($link)->assertOk()->assertSee('A new password');
        $this->post($link, ['password' => 'password1234'])->assertSessionHasErrors('password');
        $this->post($link, ['password' => 'quince walnut lantern'])->assertRedirect('/sign-in');
        Mail::assertSentCount(2);
        $this->post($link, ['password' => 'another walnut lantern'])->assertRedirect($link);
        Mail::assertSentCount(2);
        $this->get($link)->assertSee('This link is over');
        self::assertSame(0, DB::table('sessions')->where('id', 'old')->count());
        $this->post('/sign-in', ['email' => 'maud@example.org', 'password' => 'quince walnut lantern'])->assertRedirect(
            '/shelf',
        );
    }

    public function test_a_mail_names_the_site_as_it_was_set_up_whatever_the_request_says(): void
    {
        Mail::fake();
        $this->baker();
        config(['app.url' => 'https://kitchen.example']);
        $this->post('http://10.66.6.6/sign-in/forgotten', ['email' => 'maud@example.org']);
        Mail::assertSent(
            LinkMail::class,
            static fn (LinkMail $mail): bool => str_contains($mail->render(), 'https://kitchen.example/link/') &&
                ! str_contains($mail->render(), '10.66.6.6'),
        );
    }

    public function test_links_run_out(): void
    {
        $baker = $this->baker();
        $link = (string) parse_url(Link::issue('reset', $baker->kitchen, $baker), PHP_URL_PATH);
        $this->travel(61)->minutes();
        $this->post($link, ['password' => 'quince walnut lantern'])->assertRedirect($link);
        self::assertTrue(password_verify('plum-and-almond', $baker->refresh()->password));
    }

    public function test_an_address_changes_when_its_link_is_opened(): void
    {
        Mail::fake();
        $baker = $this->baker();
        $this->actingAs($baker)
            ->post('/you/address', ['email' => 'New@example.org', 'address_password' => 'wrong'])
            ->assertSessionHasErrors('address_password');
        $this->post('/you/address', ['email' => 'New@example.org', 'address_password' => 'plum-and-almond']);
        self::assertSame('maud@example.org', $baker->refresh()->email);
        $link = '';
        Mail::assertSent(LinkMail::class, function (LinkMail $mail) use (&$link): bool {
            return preg_match('~/link/\w{48}~', $mail->render(), $m) === 1 &&
                $mail->hasTo('new@example.org') &&
                ($link = $m[0]) !== '';
        });
        $this->post($link)->assertRedirect();
        self::assertSame('new@example.org', $baker->refresh()->email);
        Mail::assertSent(LinkMail::class, static fn (LinkMail $mail): bool => $mail->hasTo('maud@example.org'));
    }

    public function test_bad_passwords_are_refused(): void
    {
        $rule = new GoodPassword(['maud@example.org', 'Harrow Cottage']);
        $passes = static fn (string $p): bool => Validator::make(['p' => $p], ['p' => $rule])->passes();
        foreach (
            [
                'short',
                'password1234',
                'PASSWORD1234',
                'aaaaaaaaaaaaaaaa',
                'maud-maud-maud',
                'my harrow cottage key',
                'qwertyuiop12',
                str_repeat('longer ', 200),
            ] as $bad
        ) {
            self::assertFalse($passes($bad), $bad);
        }
        foreach (['quince walnut lantern', str_repeat('Größe und süß ', 20)] as $good) {
            self::assertTrue($passes($good), $good);
        }
        // Of a long one every letter counts.
        $user = $this->baker();
        $user->update(['password' => str_repeat('walnut quince ', 8).'a']);
        self::assertFalse(password_verify(str_repeat('walnut quince ', 8).'b', $user->password));
    }

    public function test_who_leaves_is_gone_at_once_can_come_back_and_is_removed_for_good(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $this->post("/bench/$recipe->ulid/share");
        $shared = '/s/'.$recipe->share()->firstOrFail()->token;
        $this->get($shared)->assertOk();
        $this->post('/you/leave', ['leave_password' => 'plum-and-almond'])->assertRedirect('/');
        $this->leave();
        $this->get($shared)->assertNotFound();
        $in = ['email' => 'maud@example.org', 'password' => 'plum-and-almond'];
        $this->post('/sign-in', $in)->assertSessionHasErrors('back');
        $this->get('/shelf')->assertRedirect('/sign-in');
        $this->post('/sign-in', [...$in, 'back' => '1'])->assertRedirect('/shelf');
        $this->get($shared)->assertOk();
        $this->post('/you/leave', ['leave_password' => 'plum-and-almond']);
        $this->leave();
        $this->travel(13)->days();
        self::assertSame(0, Leaving::sweep());
        $this->travel(2)->days();
        self::assertSame(1, Leaving::sweep());
        foreach (['users', 'kitchens', 'recipes', 'versions', 'shares'] as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
    }

    public function test_two_keep_one_kitchen_one_reads_in_it_and_they_part_again(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $token = fn (string $role): string => (string) parse_url(
            (string) $this->actingAs($baker)
                ->post('/you/invite', ['role' => $role])
                ->getSession()
                ->get('link'),
            PHP_URL_PATH,
        );
        [$asReader, $asBaker] = [$token('reader'), $token('baker')];
        $this->leave();
        $this->post($asReader, ['email' => 'reads@example.org', 'password' => 'quince walnut lantern'])->assertRedirect(
            '/shelf',
        );
        $reader = User::query()->where('email', 'reads@example.org')->sole();
        $this->actingAs($reader)->get("/bench/$recipe->ulid")->assertOk();
        $this->post("/bench/$recipe->ulid/wishes", $this->wishes(['pieces' => '3']))->assertForbidden();
        $this->post('/you/invite', ['role' => 'baker'])->assertForbidden();
        $this->post('/you/password', [
            'current_password' => 'quince walnut lantern',
            'password' => 'medlar hazel bucket',
        ])->assertRedirect('/you');
        // Somebody with an empty kitchen moves; with something in it, nobody does.
        $full = $this->baker('full@example.org');
        $this->recipeOf($full);
        $this->actingAs($full)->post($asBaker)->assertForbidden();
        $moves = $this->baker('moves@example.org');
        $this->actingAs($moves)->post($asBaker)->assertRedirect('/shelf');
        self::assertSame($baker->kitchen_id, $moves->refresh()->kitchen_id);
        $this->actingAs($moves)
            ->post("/bench/$recipe->ulid/wishes", $this->wishes(['pieces' => '4']))
            ->assertRedirect();
        $this->actingAs($baker)
            ->post('/you/part', ['who' => $full->id])
            ->assertNotFound();
        $this->post('/you/part', ['who' => $moves->id])->assertRedirect('/you');
        self::assertNotSame($baker->kitchen_id, $moves->refresh()->kitchen_id);
        $this->actingAs($moves)->get("/bench/$recipe->ulid")->assertNotFound();
        self::assertSame(3, Kitchen::query()->count());
    }

    public function test_who_only_read_in_a_kitchen_that_closes_goes_on_apart(): void
    {
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $reader = User::factory()->reader()->for($baker->kitchen)->create(['email' => 'reads@example.org']);
        Leaving::close($baker);
        $this->actingAs($reader->refresh())->get("/bench/$recipe->ulid")->assertNotFound();
        $this->travel(15)->days();
        Leaving::sweep();
        self::assertSame(['reads@example.org'], User::query()->pluck('email')->all());
    }
}
