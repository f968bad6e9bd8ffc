<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->decimal('body_kg', 5, 1)->nullable();
            $table->string('currency', 4)->default('');
        });
        Schema::create('toppings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->text('text');
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });
        Schema::create('shares', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->unique()->constrained()->cascadeOnDelete();
            $table->char('token', 40)->unique();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('shares');
        Schema::dropIfExists('toppings');
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn(['body_kg', 'currency']));
    }
};
