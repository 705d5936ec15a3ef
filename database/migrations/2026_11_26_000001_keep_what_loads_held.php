<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a load held in scoops, what was found to be more than was mixed, and when a batch was mixed and from what. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('day_loads', static fn(Blueprint $table) => $table->json('parts')->nullable());
        Schema::table('day_leftovers', static fn(Blueprint $table) => $table->double('more_l')->default(0));
        Schema::table('batches', static function (Blueprint $table): void {
            $table->timestamp('mixed_at')->nullable();
            $table->string('mixed_by')->default('');
            $table->json('taken')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('batches', static fn(Blueprint $table) => $table->dropColumn(['mixed_at', 'mixed_by', 'taken']));
        Schema::table('day_leftovers', static fn(Blueprint $table) => $table->dropColumn('more_l'));
        Schema::table('day_loads', static fn(Blueprint $table) => $table->dropColumn('parts'));
    }
};
