<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Of a bought mix often only a range of each part is known. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('component_parts', static function (Blueprint $table): void {
            $table->double('spread')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('component_parts', static fn(Blueprint $table) => $table->dropColumn('spread'));
    }
};
