<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A layer that roots on its mother: since when, in what, and how it looked. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('plants', static fn(Blueprint $table) => $table->json('air_layer')->nullable());
    }

    public function down(): void
    {
        Schema::table('plants', static fn(Blueprint $table) => $table->dropColumn('air_layer'));
    }
};
