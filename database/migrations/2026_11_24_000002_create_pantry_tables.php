<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('packages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('food', 60);
            $table->string('name', 120);
            $table->string('law', 10);
            $table->decimal('serving_g', 8, 2);
            $table->json('printed');
            $table->string('polyol', 20)->default('');
            $table->decimal('price', 9, 2)->nullable();
            $table->decimal('size_g', 10, 2)->nullable();
            $table->boolean('is_default')->default(false);
            $table->timestamps();
            $table->softDeletes();
            $table->index(['kitchen_id', 'food']);
        });
        Schema::create('remembered_names', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('name', 190);
            $table->string('typed', 190);
            $table->string('food', 60);
            $table->timestamps();
            $table->unique(['kitchen_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('remembered_names');
        Schema::dropIfExists('packages');
    }
};
