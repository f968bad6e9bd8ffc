<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Database\Seeder;

/** What a new installation begins with: the demo kitchen, where one is wanted. */
final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        $this->call(HarrowCottageSeeder::class);
    }
}
