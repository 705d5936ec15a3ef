<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pots are listed by how soon they are dry; for those that are there it is found at the next start. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('plants', static function (Blueprint $table): void {
            $table->double('dries_h')->nullable();
            $table->index(['archived_at', 'dries_h']);
        });
        if (DB::table('plants')->whereNotNull('standing')->exists()) {
            $kept = DB::table('settings')->where('key', 'model')->value('value');
            $value = is_string($kept) ? (array) json_decode($kept, true) : [];
            DB::table('settings')->updateOrInsert(['key' => 'model'], ['value' => json_encode(['recompute' => true] + $value, JSON_THROW_ON_ERROR)]);
        }
    }

    public function down(): void
    {
        Schema::table('plants', static function (Blueprint $table): void {
            $table->dropIndex(['archived_at', 'dries_h']);
            $table->dropColumn('dries_h');
        });
    }
};
