<?php

declare(strict_types=1);

use App\Support\StandingReadings;
use Illuminate\Database\Migrations\Migration;

return new class extends Migration
{
    public function up(): void
    {
        [$count, $isOlder] = app(StandingReadings::class)->keep();
        if ($count > 0) {
            echo "Readings kept of $count versions, by ".($isOlder
                ? 'the code that made them.'
                : 'the code of today: the older one is not in the repository.'), "\n";
        }
    }

    public function down(): void {}
};
