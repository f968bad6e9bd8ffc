<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Link;
use App\Models\User;
use App\Support\Leaving;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who comes in, how often anybody may guess, and what an invitation or an old sign-in still opens. */
final class DoorsTest extends KitchenCase
{
    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
    }

    private function guess(string $address, string $password = 'not this one'): int
    {
        $this->leave();

        return $this->post('/sign-in', ['email' => $address, 'password' => $password])->status();
    }

    /** @return array<string, array{callable(int): string}> */
    public static function spellings(): array
    {
        return [
            'capitals' => [static fn (int $n): string => strtoupper(substr('maud', 0, $n % 5)).substr('maud@example.org', $n % 5)],
            'an accent' => [static fn (int $n): string => $n % 2 === 0 ? 'maud@example.org' : 'máud@example.org'],
            'wide letters' => [static fn (int $n): string => $n % 2 === 0 ? 'maud@example.org' : 'ｍaud@example.org'],
        ];
    }

    /** @param  callable(int): string  $spelt */
    #[DataProvider('spellings')]
    public function test_another_spelling_of_an_address_is_no_new_count(callable $spelt): void
    {
        $this->baker();
        $answers = array_map(fn (int $n): int => $this->guess($spelt($n)), range(1, 7));
        self::assertContains(429, $answers);
        self::assertSame(302, $this->guess('somebody@example.org'), 'nobody else is held up');
    }

    public function test_no_account_is_guessed_at_from_many_places(): void
    {
        $this->baker();
        $answers = [];
        for ($n = 1; $n <= 32; $n++) {
            $this->withServerVariables(['REMOTE_ADDR' => "192.0.2.$n"]);
            $answers[] = $this->guess('maud@example.org');
        }
        self::assertSame([429, 429], array_slice($answers, -2));
        self::assertSame([302], array_values(array_unique(array_slice($answers, 0, 29))));
    }

    public function test_links_that_are_none_hold_up_nobody_elses(): void
    {
        $baker = $this->baker();
        $path = (string) parse_url(Link::issue('reset', $baker->kitchen, $baker), PHP_URL_PATH);
        for ($n = 1; $n <= 40; $n++) {
            $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.'.(1 + intdiv($n, 20))])->post("/link/none$n");
        }
        $this->withServerVariables(['REMOTE_ADDR' => '192.0.2.99']);
        $this->post($path, ['password' => 'quince walnut lantern'])->assertRedirect('/sign-in');
        self::assertSame(302, $this->guess('maud@example.org', 'quince walnut lantern'));
    }

    public function test_the_session_of_before_a_new_password_opens_nothing(): void
    {
        $this->baker();
        $this->post('/sign-in', ['email' => 'maud@example.org', 'password' => 'plum-and-almond'])->assertRedirect('/shelf');
        $before = (string) session()->getId();
        $this->post('/you/password', ['current_password' => 'plum-and-almond', 'password' => 'quince walnut lantern'])
            ->assertRedirect('/you');
        self::assertNotSame($before, session()->getId());
        self::assertSame(0, DB::table('sessions')->where('id', $before)->count());
    }

    private function invited(User $by): Link
    {
        $this->actingAs($by)->post('/you/invite', ['role' => User::BAKER])->assertRedirect('/you');

        return $by->kitchen->invitations()->orderByDesc('id')->firstOrFail();
    }

    public function test_invitations_are_listed_withdrawn_and_end_with_who_made_them(): void
    {
        $baker = $this->baker();
        $first = $this->invited($baker);
        $this->get('/you')->assertOk()->assertSee('Invitation for somebody who')->assertSee('by maud@example.org');
        // Another kitchen's is not theirs to withdraw.
        $other = $this->baker('other@example.org');
        $this->actingAs($other)->post("/you/invitations/$first->id/withdraw")->assertRedirect('/you');
        self::assertNotNull($first->fresh());
        $this->actingAs($baker)->post("/you/invitations/$first->id/withdraw")->assertRedirect('/you');
        self::assertNull($first->fresh());
        $this->get('/you')->assertDontSee('Invitation for somebody who');

        $second = User::factory()->for($baker->kitchen)->create(['email' => 'second@example.org', 'role' => User::BAKER]);
        $mine = $this->invited($second);
        $this->invited($baker);
        $this->actingAs($baker)->post('/you/part', ['who' => $second->id])->assertRedirect('/you');
        self::assertSame(0, Link::query()->where('purpose', 'invite')->count(), 'who is parted could be back with one');
        self::assertNull($mine->fresh());

        $third = User::factory()->for($baker->kitchen)->create(['email' => 'third@example.org', 'role' => User::BAKER]);
        $this->invited($third);
        Leaving::close($third);
        self::assertSame(0, Link::query()->where('purpose', 'invite')->count());
    }

    public function test_who_founded_a_kitchen_is_parted_by_a_password_only(): void
    {
        $founder = $this->baker();
        $second = User::factory()->for($founder->kitchen)->create(['email' => 'second@example.org', 'role' => User::BAKER]);
        $this->actingAs($second)->post('/you/part', ['who' => $founder->id])->assertSessionHasErrors('part_password');
        $this->post('/you/part', ['who' => $founder->id, 'part_password' => 'wrong'])->assertSessionHasErrors('part_password');
        self::assertSame($second->kitchen_id, $founder->refresh()->kitchen_id);
        $this->actingAs($founder)->post('/you/part', ['who' => $second->id])->assertSessionHasNoErrors();
        self::assertNotSame($founder->kitchen_id, $second->refresh()->kitchen_id);
        // Of two who part from each other the later is told, and parts nobody.
        $this->actingAs($second)->post('/you/part', ['who' => $founder->id, 'part_password' => 'plum-and-almond'])
            ->assertNotFound();
        self::assertSame(1, $founder->kitchen->users()->count());
    }

    public function test_a_proxy_cannot_move_the_addresses_of_a_page(): void
    {
        $this->get('/', ['X-Forwarded-Prefix' => '/evil"><script>'])->assertOk()->assertDontSee('evil');
    }
}
