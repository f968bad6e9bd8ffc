<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('versions', function (Blueprint $table): void {
            $table->json('past')->nullable();
            $table->json('future')->nullable();
        });
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->json('refused')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('versions', fn (Blueprint $table) => $table->dropColumn(['past', 'future']));
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn('refused'));
    }
};
