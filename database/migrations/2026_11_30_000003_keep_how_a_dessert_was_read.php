<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // JSON is text to MariaDB; a method of 60,000 characters with its places is longer than a TEXT.
        Schema::table('versions', fn (Blueprint $table) => $table->longText('reading')->nullable());
    }

    public function down(): void
    {
        Schema::table('versions', fn (Blueprint $table) => $table->dropColumn('reading'));
    }
};
