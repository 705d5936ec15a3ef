<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Tasks of many plants that are one round, ticked together or plant by plant. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('care_tasks', static fn(Blueprint $table) => $table->string('round', 40)->nullable()->index());
    }

    public function down(): void
    {
        Schema::table('care_tasks', static function (Blueprint $table): void {
            $table->dropIndex(['round']);
            $table->dropColumn('round');
        });
    }
};
