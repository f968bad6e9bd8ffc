<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A notebook is counted and sorted without a look at the words of its bakes. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('bakes', function (Blueprint $table): void {
            $table->index(['recipe_id', 'deleted_at', 'baked_on']);
        });
    }

    public function down(): void
    {
        Schema::table('bakes', function (Blueprint $table): void {
            $table->dropIndex(['recipe_id', 'deleted_at', 'baked_on']);
        });
    }
};
