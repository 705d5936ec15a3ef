<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A load keeps how many litres lie in the tub for one that was scooped; a fertiliser has a price, and what its label allows on top of the mix. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('day_loads', static fn(Blueprint $table) => $table->double('poured_yield')->default(1.0));
        Schema::table('fertilisers', static function (Blueprint $table): void {
            $table->double('surface_g_l')->nullable();
            $table->double('price_per_kg')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('day_loads', static fn(Blueprint $table) => $table->dropColumn('poured_yield'));
        Schema::table('fertilisers', static fn(Blueprint $table) => $table->dropColumn(['surface_g_l', 'price_per_kg']));
    }
};
