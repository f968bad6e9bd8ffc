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
        Schema::create('runs', function (Blueprint $table): void {
            $table->id();
            $table->ulid('ulid')->unique();
            $table->foreignId('kitchen_id')->constrained()->cascadeOnDelete();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->foreignId('version_id')->constrained()->cascadeOnDelete();
            $table->foreignId('bake_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->index(['kitchen_id', 'bake_id']);
        });
        Schema::create('run_events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->string('sent_as', 40);
            $table->string('kind', 20);
            $table->json('data');
            $table->unsignedBigInteger('at_ms');
            // Once, however often a device hands it in.
            $table->unique(['run_id', 'sent_as']);
        });
        Schema::table('bakes', function (Blueprint $table): void {
            $table->json('doing')->nullable();
            $table->json('judgement')->nullable();
            $table->decimal('mass_g', 8, 1)->nullable();
            $table->decimal('height_cm', 5, 1)->nullable();
            $table->decimal('pieces', 6, 1)->nullable();
            $table->decimal('minutes', 6, 1)->nullable();
            $table->decimal('heat_c', 5, 1)->nullable();
        });
        DB::unprepared(<<<'SQL'
            CREATE TRIGGER versions_stay BEFORE UPDATE ON versions FOR EACH ROW
            IF NOT (NEW.document <=> OLD.document) AND EXISTS (SELECT 1 FROM bakes WHERE version_id = OLD.id) THEN
                SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'A version that was baked is never changed';
            END IF
            SQL);
    }

    public function down(): void
    {
        DB::unprepared('DROP TRIGGER IF EXISTS versions_stay');
        Schema::dropIfExists('run_events');
        Schema::dropIfExists('runs');
        Schema::table(
            'bakes',
            fn (Blueprint $table) => $table->dropColumn([
                'doing',
                'judgement',
                'mass_g',
                'height_cm',
                'pieces',
                'minutes',
                'heat_c',
            ]),
        );
    }
};
