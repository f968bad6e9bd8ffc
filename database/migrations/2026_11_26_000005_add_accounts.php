<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('recipes', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->default(0);
            $table->unsignedInteger('straight_from')->default(0);
        });
        Schema::table('kitchens', function (Blueprint $table): void {
            $table->timestamp('closed_at')->nullable()->index();
            $table->boolean('is_demo')->default(false)->index();
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->string('role', 10)->default('baker');
            $table->timestamp('closed_at')->nullable()->index();
        });
        Schema::create('links', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('purpose', 10);
            $table->char('token_hash', 64)->unique();
            $table->string('says', 190)->default('');
            $table->timestamp('good_until')->index();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('links');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['role', 'closed_at']));
        Schema::table('kitchens', fn (Blueprint $table) => $table->dropColumn(['closed_at', 'is_demo']));
        Schema::table('recipes', fn (Blueprint $table) => $table->dropColumn(['revision', 'straight_from']));
    }
};
