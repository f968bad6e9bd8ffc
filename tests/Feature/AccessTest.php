<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Bake;
use App\Models\Day;
use App\Models\Package;
use App\Models\Run;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Router;

/** Every address there is, tried by somebody whom it does not concern; a new one is tried without being named here. */
final class AccessTest extends KitchenCase
{
    /** @return array<string, Route> by method and address: those that name something of a kitchen */
    private function addresses(): array
    {
        $found = [];
        foreach (Router::getRoutes()->getRoutes() as $route) {
            if (
                preg_match(
                    '~\{(?:dessert|recipe|bake|package|topping|name|day|run|photo|box|curve)\}~',
                    $route->uri(),
                ) === 1 &&
                ! str_starts_with($route->uri(), 'almanac')
            ) {
                $found[$route->methods()[0].' '.$route->uri()] = $route;
            }
        }
        self::assertGreaterThan(35, count($found));

        return $found;
    }

    public function test_nothing_of_another_kitchen_answers(): void
    {
        $theirs = $this->recipeOf($this->baker('theirs@example.org'));
        $this->post("/counter/$theirs->ulid/bakes", ['baked_on' => '2026-03-02', 'words' => 'secret']);
        $this->post('/pantry', [
            'name' => 'Their bag',
            'food' => 'Almond flour',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => ['carbohydrate' => '4'],
            'is_default' => '1',
        ]);
        $this->post('/pantry/toppings', ['topping_name' => 'Theirs', 'text' => '5 g butter']);
        $theirs->kitchen->rememberedNames()->create(['name' => 'dust', 'typed' => 'dust', 'food' => 'sugar']);
        $is = [
            'dessert' => $theirs->ulid,
            'recipe' => $theirs->ulid,
            'bake' => Bake::query()->sole()->id,
            'package' => Package::query()->sole()->id,
            'topping' => $theirs->kitchen->toppings()->sole()->id,
            'name' => $theirs->kitchen->rememberedNames()->sole()->id,
            'key' => '0123456789-1',
            'row' => 'r0123456789-1',
            'part' => 'method',
            'side' => 'swapped',
            'form' => 'csv',
            'step' => '0123456789',
        ];
        $is['day'] = Day::begin($theirs->kitchen, [
            'desserts' => [$theirs->ulid],
            'mode' => 'ready',
            'at' => 29_000_000,
        ])->ulid;
        $is['run'] = Run::begin($theirs)->ulid;
        $is['photo'] = Bake::query()
            ->sole()
            ->photos()
            ->create(['width' => 1, 'height' => 1, 'jpeg_base64' => 'eA=='])->id;
        $is['box'] = Bake::query()
            ->sole()
            ->boxes()
            ->create(['place' => 'tin', 'pieces_left' => 3])->id;
        $is['curve'] = $theirs->kitchen
            ->curves()
            ->create(['name' => 'x', 'eaten_on' => '2026-01-01', 'points' => [[0, 5], [30, 6]]])->id;
        $before = $this->stateOf($theirs->kitchen_id);
        $mine = $this->baker('mine@example.org');
        foreach ([$mine, null] as $who) {
            $this->leave();
            foreach ($this->addresses() as $name => $route) {
                $path =
                    '/'.
                    preg_replace_callback(
                        '~\{(\w+)\}~',
                        static fn (array $m): string => (string) $is[$m[1]],
                        $route->uri(),
                    );
                if ($who !== null) {
                    $this->actingAs($who);
                }
                $status = $this->call(
                    $route->methods()[0],
                    $path,
                    $this->wishes([
                        'title' => 'mine',
                        'text' => self::LOAF,
                        'words' => 'x',
                        'baked_on' => '2026-01-01',
                    ]),
                )->status();
                self::assertTrue(
                    $status === 404 || ($who === null && $status === 302),
                    "$name answered $status to ".($who === null ? 'a guest' : 'another kitchen'),
                );
            }
        }
        self::assertSame($before, $this->stateOf($theirs->kitchen_id), 'and nothing of it has changed');
    }

    private function stateOf(int $kitchen): string
    {
        $tables = [];
        foreach (
            [
                'recipes' => 'kitchen_id',
                'packages' => 'kitchen_id',
                'toppings' => 'kitchen_id',
                'days' => 'kitchen_id',
                'remembered_names' => 'kitchen_id',
            ] as $table => $column
        ) {
            $tables[$table] = $this->app
                ->make('db')
                ->table($table)
                ->where($column, $kitchen)
                ->orderBy('id')
                ->get()
                ->all();
        }
        foreach (
            ['versions', 'bakes', 'shares', 'runs', 'run_events', 'photos', 'boxes', 'curves', 'observations'] as $table
        ) {
            $tables[$table] = $this->app->make('db')->table($table)->orderBy('id')->get()->all();
        }

        return (string) json_encode($tables);
    }

    /** Whatever is sent to whatever address, the answer is a page with a sentence and never a fault of ours. */
    public function test_odd_input_is_never_a_fault_of_ours(): void
    {
        $fields = [
            'text',
            'title',
            'pieces',
            'sweetness',
            'sweetener',
            'school',
            'convention',
            'cooler',
            'without',
            'families',
            'corners',
            'shares',
            'component',
            'food',
            'slot',
            'grams',
            'package',
            'way',
            'count',
            'across',
            'along',
            'scoop',
            'each',
            'of',
            'rest',
            'masses',
            'weighed_mixed',
            'weighed_baked',
            'spread',
            'amount',
            'unit',
            'line',
            'percent',
            'toppings',
            'eaten',
            'by',
            'factor',
            'have',
            'to_shape',
            'to_length',
            'to_width',
            'to_depth',
            'from_length',
            'with',
            'paper',
            'copies',
            'baked',
            'topping_name',
            'name',
            'law',
            'serving_g',
            'printed',
            'polyol',
            'price',
            'size_g',
            'limit_g',
            'body_kg',
            'currency',
            'words',
            'mark',
            'baked_on',
            'allow',
            'desserts',
            'mode',
            'day',
            'time',
            'zone',
            'key',
            'at',
            'done',
            'sheets',
            'bakers',
            'shelves',
            'events',
            'after',
            'judged',
            'minutes',
            'heat_c',
            'mass_g',
            'height_cm',
            'readings',
            'eaten_on',
            'what',
            'cause',
            'version',
            'beside',
            'bake',
            'find',
            'from',
            'to',
            'place',
            'pieces_left',
            'good_until',
            'dessert',
            'left_g',
            'opened_on',
            'best_before',
            'a',
            'b',
            'side',
            'for',
            'sheet',
            'part',
            'email',
            'kitchen',
            'password',
            'current_password',
        ];
        $odd = [
            'an array' => ['x' => ['y' => 'z']],
            'a very long word' => str_repeat('a', 3_000),
            'signs' => "\u{202e}<b>%00'\"\\;--",
            'a huge number' => '9'.str_repeat('9', 400),
            'no number' => 'NaN',
            'zero' => '0',
            'nothing' => null,
            'not UTF-8' => "\xff\xfe",
        ];
        $baker = $this->baker();
        $recipe = $this->recipeOf($baker);
        $day = Day::begin($recipe->kitchen, ['desserts' => [$recipe->ulid], 'mode' => 'ready', 'at' => 29_000_000]);
        $run = Run::begin($recipe);
        $key = app(\Aglyca\Core\Kernel::class)->read($recipe->brief())->lines[0]->key;
        foreach (Router::getRoutes()->getRoutes() as $route) {
            if (
                str_starts_with($route->uri(), '_') ||
                in_array($route->uri(), ['up', 'sign-out'], true) ||
                str_starts_with($route->uri(), 'storage')
            ) {
                continue;
            }
            $path =
                '/'.
                preg_replace_callback(
                    '~\{(\w+)\}~',
                    static fn (array $m): string => [
                        'piece' => $recipe->ulid,
                        'day' => $day->ulid,
                        'run' => $run->ulid,
                        'recipe' => $recipe->ulid,
                        'key' => $key,
                        'side' => 'swapped',
                        'form' => 'txt',
                        'token' => str_repeat('a', 40),
                        'name' => 'units',
                        'step' => '0123456789',
                    ][$m[1]] ?? '1',
                    $route->uri(),
                );
            foreach ($route->methods()[0] === 'GET' ? array_slice($odd, 0, 3) : $odd as $what => $value) {
                $this->actingAs($baker);
                $status = $this->call(
                    $route->methods()[0],
                    $path,
                    $value === null ? [] : array_fill_keys($fields, $value),
                )->getStatusCode();
                self::assertLessThan(500, $status, $route->methods()[0]." $path with $what");
            }
            $recipe->restore();
        }
        $this->get("/bench/$recipe->ulid")->assertOk();
        $this->get('/shelf')->assertOk();
    }

    public function test_every_page_carries_the_policy_and_no_inline_script_or_style(): void
    {
        $recipe = $this->recipeOf($this->baker());
        foreach (
            [
                '/',
                '/shelf',
                '/pantry',
                '/kitchen',
                '/almanac',
                '/almanac/tables/scoops',
                "/bench/$recipe->ulid",
                "/bench/$recipe->ulid/account",
                "/bench/$recipe->ulid/pieces",
                "/bench/$recipe->ulid/scale",
                "/bench/$recipe->ulid/compare",
                "/bench/$recipe->ulid/card",
                "/bench/$recipe->ulid/tin",
                "/counter/$recipe->ulid",
                '/nowhere',
            ] as $path
        ) {
            $response = $this->get($path);
            self::assertStringContainsString(
                "default-src 'self'",
                (string) $response->headers->get('Content-Security-Policy'),
                $path,
            );
            self::assertStringNotContainsString('unsafe', (string) $response->headers->get('Content-Security-Policy'));
            $response->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY');
            $html = (string) $response->getContent();
            self::assertDoesNotMatchRegularExpression(
                '~<script(?![^>]*\bsrc=)|\sstyle="|\son\w+="|javascript:|https?://(?!127\.0\.0\.1|localhost|www\.w3\.org)~i',
                $html,
                $path,
            );
        }
    }

    public function test_what_a_baker_types_is_never_taken_for_markup(): void
    {
        $nasty = '<script>alert(1)</script>"><img src=x onerror=alert(1)>';
        $recipe = $this->recipeOf(
            $this->baker(),
            "$nasty\nMakes 10 slices\n200 g sugar\n100 g $nasty\n\nFor the $nasty:\n50 g butter\n\nMethod\n$nasty",
        );
        $this->post("/shelf/$recipe->ulid/title", ['title' => $nasty]);
        $this->post('/kitchen', ['name' => $nasty, 'convention' => 'low-carb', 'currency' => '<b>']);
        $this->post("/counter/$recipe->ulid/bakes", ['baked_on' => '2026-03-02', 'words' => $nasty]);
        $this->post('/pantry', [
            'name' => $nasty,
            'food' => '',
            'law' => 'eu-uk',
            'serving_g' => '100',
            'printed' => ['carbohydrate' => '4'],
        ]);
        $this->post('/pantry/toppings', ['topping_name' => $nasty, 'text' => '5 g butter']);
        foreach (
            [
                '/shelf',
                '/pantry',
                '/kitchen',
                "/bench/$recipe->ulid",
                "/bench/$recipe->ulid/account?for=".urlencode($nasty).'&line=0',
                "/bench/$recipe->ulid/pieces",
                "/bench/$recipe->ulid/compare",
                "/bench/$recipe->ulid/card",
                "/bench/$recipe->ulid/tin?baked=".urlencode($nasty),
                "/counter/$recipe->ulid",
                "/bench/$recipe->ulid/table",
            ] as $path
        ) {
            $html = (string) $this->get($path)->assertOk()->getContent();
            self::assertStringNotContainsString('<script>alert', $html, $path);
            self::assertStringNotContainsString('<img src=x', $html, $path);
        }
        self::assertStringStartsWith('%PDF-', (string) $this->get("/bench/$recipe->ulid/card.pdf")->getContent());
    }
}
