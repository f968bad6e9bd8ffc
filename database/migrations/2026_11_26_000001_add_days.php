<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('days', function (Blueprint $table): void {
            $table->id();
            $table->ulid('ulid')->unique();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->json('document');
            $table->unsignedInteger('revision')->default(0);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['kitchen_id', 'updated_at']);
        });
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->json('places')->nullable();
            $table->string('zone', 60)->default('UTC');
        });
        Schema::table('packages', function (Blueprint $table): void {
            $table->decimal('left_g', 10, 2)->nullable();
            $table->date('opened_on')->nullable();
            $table->date('best_before')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('days');
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn(['places', 'zone']));
        Schema::table('packages', fn (Blueprint $table) => $table->dropColumn(['left_g', 'opened_on', 'best_before']));
    }
};
