<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        // who stood in a recipe: by what is kept of each potting, and of what it stood in before
        DB::statement("create index plant_events_recipe on plant_events (json_extract(data, '$.standing.recipe_id')) where kind = 'potted'");
        DB::statement("create index plant_events_recipe_before on plant_events (json_extract(data, '$.before.recipe_id')) where kind = 'potted'");
        Schema::table('plants', static function (Blueprint $table): void {
            $table->index(['recipe_id', 'potted_on']);
        });

        Schema::create('growth_measures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plant_id')->constrained()->cascadeOnDelete();
            $table->date('measured_on');
            $table->double('height_cm')->nullable();
            $table->double('trunk_mm')->nullable();
            $table->double('canopy_cm')->nullable();
            $table->string('health')->nullable();
            $table->foreignId('photo_id')->nullable()->constrained()->nullOnDelete();
            $table->string('person')->default('');
            $table->string('note')->default('');
            $table->json('before');
            $table->timestamps();
            $table->index(['plant_id', 'measured_on']);
        });

        Schema::create('trials', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->text('question');
            $table->string('varies');
            $table->json('arms');
            $table->string('measure');
            $table->string('unit')->default('');
            $table->boolean('from_start')->default(false);
            $table->json('days');
            $table->string('blocking');
            $table->boolean('blinded')->default(false);
            $table->integer('seed')->nullable();
            $table->string('state')->default('planned');
            $table->date('begun_on')->nullable();
            $table->date('ended_on')->nullable();
            $table->date('opened_on')->nullable();
            $table->string('opened_by')->default('');
            $table->json('result')->nullable();
            $table->text('conclusion');
            $table->integer('revision')->default(1);
            $table->json('changed')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'name']);
        });

        Schema::create('trial_plants', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trial_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plant_id')->constrained()->restrictOnDelete();
            $table->string('block')->default('');
            $table->integer('arm')->nullable();
            $table->date('lost_on')->nullable();
            $table->string('lost_why')->default('');
            $table->unique(['trial_id', 'plant_id']);
            $table->index('plant_id');
        });

        Schema::create('trial_values', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('trial_plant_id')->constrained()->cascadeOnDelete();
            $table->date('measured_on');
            $table->double('value');
            $table->string('person')->default('');
            $table->unique(['trial_plant_id', 'measured_on']);
        });

        Schema::create('calibrations', static function (Blueprint $table): void {
            $table->id();
            $table->timestamp('made_at');
            $table->string('person')->default('');
            $table->json('factors');
            $table->json('tests');
            $table->boolean('in_use')->default(false);
            $table->json('switched');
            $table->timestamps();
        });

        Schema::create('trainer_answers', static function (Blueprint $table): void {
            $table->id();
            $table->string('person')->default('');
            $table->integer('pot');
            $table->string('asked');
            $table->string('given');
            $table->string('right');
            $table->double('points');
            $table->timestamp('answered_at');
            $table->index(['person', 'answered_at']);
        });
    }
};
