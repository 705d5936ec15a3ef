<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Two migrations were changed after they had been in use: what a database from before lacks is added here. Where nothing is lacking this does nothing. */
return new class extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('plants', 'due_set_on')) {
            Schema::table('plants', static fn(Blueprint $table) => $table->date('due_set_on')->nullable());
        }
        if (! Schema::hasIndex('plants', ['archived_at', 'health'])) {
            Schema::table('plants', static fn(Blueprint $table) => $table->index(['archived_at', 'health']));
        }
        if (! Schema::hasColumn('sites', 'water_ec_ms_cm')) {
            Schema::table('sites', static fn(Blueprint $table) => $table->double('water_ec_ms_cm')->nullable());
        }
        if (! Schema::hasIndex('recipe_parts', ['component_id'])) {
            Schema::table('recipe_parts', static fn(Blueprint $table) => $table->index('component_id'));
        }
    }

    /** Healing is not undone. */
    public function down(): void {}
};
