<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A plant can be a group of so many alike, a pot has holes for wire beside its outlets, and what is in the tub already is ticked where everybody sees it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('plants', static fn(Blueprint $table) => $table->unsignedInteger('count')->nullable());
        Schema::table('day_plants', static fn(Blueprint $table) => $table->unsignedInteger('count')->default(1));
        Schema::table('pots', static fn(Blueprint $table) => $table->unsignedInteger('tie_holes')->default(0));
        Schema::table('potting_days', static fn(Blueprint $table) => $table->json('ticks')->default('{}'));
    }

    public function down(): void
    {
        Schema::table('plants', static fn(Blueprint $table) => $table->dropColumn('count'));
        Schema::table('day_plants', static fn(Blueprint $table) => $table->dropColumn('count'));
        Schema::table('pots', static fn(Blueprint $table) => $table->dropColumn('tie_holes'));
        Schema::table('potting_days', static fn(Blueprint $table) => $table->dropColumn('ticks'));
    }
};
