<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What else a component is called here, and what a plant is called everywhere. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('components', static fn(Blueprint $table) => $table->json('other_names')->default('[]'));
        Schema::table('species', static fn(Blueprint $table) => $table->string('botanical', 80)->default(''));
    }

    public function down(): void
    {
        Schema::table('components', static fn(Blueprint $table) => $table->dropColumn('other_names'));
        Schema::table('species', static fn(Blueprint $table) => $table->dropColumn('botanical'));
    }
};
