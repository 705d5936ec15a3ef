<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('irrigation_zones', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->double('rate_l_h');
            $table->double('uniformity');
            $table->string('note')->default('');
            $table->integer('revision')->default(1);
            $table->json('changed')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });

        Schema::create('irrigation_zone_pots', static function (Blueprint $table): void {
            $table->foreignId('irrigation_zone_id')->constrained()->cascadeOnDelete();
            // a pot hangs on one line
            $table->foreignId('plant_id')->unique()->constrained()->cascadeOnDelete();
            $table->integer('emitters')->default(1);
        });
    }
};
