<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Kitchen;
use App\Models\Recipe;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;

abstract class KitchenCase extends TestCase
{
    use RefreshDatabase;

    protected const LOAF = "Rye-less loaf\nMakes 10 slices\n200 g sugar\n250 g flour\n3 eggs\n120 g butter\n\nMethod\nMix.\nBake at 180 °C for 40 minutes.";

    public function createApplication(): Application
    {
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        self::assertSame(
            'aglyca_test',
            $app->make('config')->get('database.connections.mariadb.database'),
            'tests empty their database: it must be their own',
        );

        return $app;
    }

    /** Each request has its own kitchen's core, as it does on a server. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $this->app->forgetScopedInstances();
        $this->app->make('auth')->user()?->unsetRelations();
        foreach ($this->app->make('router')->getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }

        return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
    }

    /** As somebody who is not signed in, from here on. */
    protected function leave(): void
    {
        $this->app->make('auth')->forgetGuards();
        $this->flushSession();
    }

    protected function baker(string $email = 'maud@example.org'): User
    {
        return User::factory()
            ->for(Kitchen::factory()->state(['name' => "Kitchen of $email"]))
            ->create(['email' => $email]);
    }

    protected function recipeOf(User $baker, string $text = self::LOAF): Recipe
    {
        $path = (string) parse_url(
            (string) $this->actingAs($baker)
                ->post('/paste', ['text' => $text])
                ->headers->get('Location'),
            PHP_URL_PATH,
        );

        return Recipe::query()->where('ulid', basename($path))->firstOrFail();
    }

    /** @return array<string, mixed> the wishes form as the page sends it */
    protected function wishes(array $changes = []): array
    {
        return [
            ...[
                'sweetener' => 'allulose-erythritol',
                'school' => 'almond-coconut',
                'sweetness' => '90',
                'pieces' => '10',
                'convention' => 'low-carb',
            ],
            ...$changes,
        ];
    }
}
