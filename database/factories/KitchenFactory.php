<?php

declare(strict_types=1);

namespace Database\Factories;

use Aglyca\Core\Account\Convention;
use App\Models\Kitchen;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Kitchen> */
final class KitchenFactory extends Factory
{
    protected $model = Kitchen::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Lark Lane', 'convention' => Convention::LowCarb->value];
    }
}
