<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('weather_days', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('site_id')->constrained()->cascadeOnDelete();
            $table->string('day', 10);
            $table->double('tmin');
            $table->double('tmax');
            $table->double('rain_mm');
            $table->string('source');
            $table->timestamps();
            $table->unique(['site_id', 'day']);
        });

        Schema::table('moisture_checks', static function (Blueprint $table): void {
            // what was given: null through and through
            $table->double('given_l')->nullable();
            $table->boolean('dunked')->default(false);
            // how a stick looked, and how deep
            $table->string('look')->nullable();
            $table->double('depth_cm')->nullable();
            // what the same pot weighed when it had drained after its watering
            $table->double('wet_kg')->nullable();
            // what was thought to be in it, and how sure that was, before this was said
            $table->double('thought_l')->nullable();
            $table->double('thought_sd_l')->nullable();
            $table->double('said_l')->nullable();
        });

        Schema::table('plants', static function (Blueprint $table): void {
            $table->boolean('roofed')->default(false);
            $table->string('quarters_from', 5)->nullable();
            $table->string('quarters_to', 5)->nullable();
            $table->string('quarters_exposure')->default('shade');
            $table->boolean('quarters_roofed')->default(false);
            // what it uses over what is computed, and how sure that is, as a logarithm and its spread
            $table->double('use_log')->nullable();
            $table->double('use_spread')->nullable();
            $table->string('use_found_on', 10)->nullable();
        });
    }
};
