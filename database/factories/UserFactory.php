<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Kitchen;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    /** Each its own, for the addresses of users are unique. */
    private static int $made = 0;

    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'kitchen_id' => Kitchen::factory(),
            'email' => 'baker'.++self::$made.'@example.org',
            'password' => 'plum-and-almond',
            'is_demo' => false,
        ];
    }

    /** Somebody who may look at everything and change nothing. */
    public function reader(): self
    {
        return $this->state(['role' => User::READER]);
    }
}
