<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', static function (Blueprint $table): void {
            $table->string('measures', 10)->default('');
            $table->string('first', 10)->default('');
            $table->string('scale', 4)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn(['measures', 'first', 'scale']));
    }
};
