<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kitchens', function (Blueprint $table): void {
            $table->id();
            $table->string('name', 80);
            $table->decimal('limit_g', 5, 1)->nullable();
            $table->string('convention', 20)->default('low-carb');
            $table->timestamps();
        });
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained();
            $table->string('email', 190)->unique();
            $table->string('password');
            $table->boolean('is_demo')->default(false);
            $table->rememberToken();
            $table->timestamps();
        });
        Schema::create('sessions', function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->foreignId('user_id')->nullable()->index();
            $table->string('ip_address', 45)->nullable();
            $table->text('user_agent')->nullable();
            $table->longText('payload');
            $table->integer('last_activity')->index();
        });
        Schema::create('recipes', function (Blueprint $table): void {
            $table->id();
            $table->ulid('ulid')->unique();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->string('title', 160);
            $table->timestamp('opened_at')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['kitchen_id', 'deleted_at', 'opened_at']);
        });
        Schema::create('versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->json('document');
            $table->timestamps();
            $table->unique(['recipe_id', 'number']);
        });
        Schema::create('bakes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->foreignId('version_id')->constrained()->cascadeOnDelete();
            $table->date('baked_on');
            $table->unsignedTinyInteger('mark')->nullable();
            $table->text('words');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['recipe_id', 'baked_on']);
        });
    }

    public function down(): void
    {
        foreach (['bakes', 'versions', 'recipes', 'sessions', 'users', 'kitchens'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
