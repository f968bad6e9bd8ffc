<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->timestamp('counts_said_at')->nullable()->after('convention');
        });
        // Whoever counts otherwise than all kitchens began to has said so.
        DB::table('kitchens')->where('convention', '<>', 'low-carb')->update(['counts_said_at' => now()]);
    }

    public function down(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->dropColumn('counts_said_at');
        });
    }
};
