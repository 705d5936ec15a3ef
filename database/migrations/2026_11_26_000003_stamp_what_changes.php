<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Each record that forms change counts its changes, and keeps of each field at which of them, when and by whom it changed last. */
return new class extends Migration {
    private const TABLES = ['components', 'plants', 'pots', 'potting_days', 'recipes', 'sites', 'species'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static function (Blueprint $columns): void {
                $columns->integer('revision')->default(1);
                $columns->json('changed')->nullable();
            });
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::table($table, static fn(Blueprint $columns) => $columns->dropColumn(['revision', 'changed']));
        }
    }
};
