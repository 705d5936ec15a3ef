<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The diary asks each record for its newest. */
return new class extends Migration {
    private const COLUMNS = ['batches' => 'mixed_at', 'day_loads' => 'mixed_at', 'stock_movements' => 'moved_at', 'bench_tests' => 'finished_at', 'moisture_checks' => 'checked_at', 'plant_events' => 'happened_on'];

    public function up(): void
    {
        foreach (self::COLUMNS as $table => $column) {
            Schema::table($table, static fn(Blueprint $blueprint) => $blueprint->index($column));
        }
    }

    public function down(): void
    {
        foreach (self::COLUMNS as $table => $column) {
            Schema::table($table, static fn(Blueprint $blueprint) => $blueprint->dropIndex([$column]));
        }
    }
};
