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
            $table->unsignedBigInteger('parent_id')->nullable();
            $table->json('tries')->nullable();
        });
        Schema::table('recipes', fn (Blueprint $table) => $table->unsignedBigInteger('house_version_id')->nullable());
        Schema::table('kitchens', fn (Blueprint $table) => $table->string('heats', 12)->default(''));
        Schema::create('photos', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->mediumText('jpeg_base64');
            $table->timestamps();
        });
        Schema::create('observations', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bake_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('what', 80);
            $table->double('value');
            $table->timestamps();
            $table->index(['kitchen_id', 'what']);
        });
        Schema::create('curves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('recipe_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->date('eaten_on');
            $table->json('points');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('boxes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('bake_id')->constrained()->cascadeOnDelete();
            $table->string('place', 10);
            $table->unsignedSmallInteger('pieces_left');
            $table->date('good_until')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        foreach (['boxes', 'curves', 'observations', 'photos'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('recipes', fn (Blueprint $table) => $table->dropColumn('house_version_id'));
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn('heats'));
        Schema::table('versions', fn (Blueprint $table) => $table->dropColumn(['parent_id', 'tries']));
    }
};
