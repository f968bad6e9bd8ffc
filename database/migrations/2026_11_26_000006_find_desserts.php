<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What the Shelf is searched by; filled whenever a dessert is shown with its number.
        Schema::table('recipes', function (Blueprint $table): void {
            $table->string('kind', 60)->default('');
            $table->decimal('net_g', 8, 2)->nullable();
            $table->index(['kitchen_id', 'deleted_at', 'kind']);
        });
    }

    public function down(): void
    {
        Schema::table('recipes', function (Blueprint $table): void {
            $table->dropIndex(['kitchen_id', 'deleted_at', 'kind']);
            $table->dropColumn(['kind', 'net_g']);
        });
    }
};
