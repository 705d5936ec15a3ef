<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    private const POT_COLUMNS = ['feet_cm', 'wall', 'colour', 'light_passes', 'home_made'];

    public function up(): void
    {
        Schema::table('pots', static function (Blueprint $table): void {
            $table->double('feet_cm')->default(0);
            $table->string('wall')->default('fired_clay');
            $table->string('colour')->default('#8a5a44');
            $table->boolean('light_passes')->default(false);
            $table->boolean('home_made')->default(false);
        });

        Schema::create('plants', static function (Blueprint $table): void {
            $table->id();
            $table->string('number')->unique();
            $table->string('name');
            $table->foreignId('species_id')->nullable()->constrained('species')->restrictOnDelete();
            $table->string('plant_group');
            $table->integer('year_started')->nullable();
            foreach (['height_cm', 'canopy_cm', 'trunk_mm', 'weight_kg', 'planned_years'] as $figure) {
                $table->double($figure)->nullable();
            }
            $table->foreignId('site_id')->nullable()->constrained()->restrictOnDelete();
            foreach (['place', 'front', 'left_to', 'snooze_note'] as $text) {
                $table->string($text)->default('');
            }
            $table->string('exposure');
            $table->string('vigour');
            $table->string('health');
            $table->string('purpose');
            $table->string('origin');
            $table->string('status')->default('kept');
            $table->string('stage')->nullable();
            $table->date('stage_seen_on')->nullable();
            $table->boolean('shelter')->default(false);
            $table->foreignId('pot_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('recipe_id')->nullable()->constrained()->restrictOnDelete();
            // the mix and the pot that it stands in, with the values that they had
            $table->json('standing')->nullable();
            $table->date('potted_on')->nullable();
            $table->date('due_on')->nullable();
            // somebody's own day, whatever is computed, until it is potted
            $table->date('due_set_on')->nullable();
            $table->json('buried');
            $table->json('plan');
            $table->foreignId('parent_id')->nullable()->constrained('plants')->restrictOnDelete();
            $table->date('left_on')->nullable();
            $table->date('snoozed_until')->nullable();
            $table->text('note')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            foreach (['name', 'number', 'due_on', 'place', 'potted_on', 'health'] as $column) {
                $table->index(['archived_at', $column]);
            }
            $table->index(['archived_at', 'plant_group', 'due_on']);
            foreach (['species_id', 'pot_id', 'recipe_id', 'site_id', 'parent_id'] as $column) {
                $table->index($column);
            }
        });

        Schema::create('plant_events', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plant_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->date('happened_on');
            $table->string('person')->default('');
            $table->text('text')->default('');
            $table->json('data');
            $table->timestamps();
            $table->index(['plant_id', 'happened_on']);
            $table->index(['kind', 'happened_on']);
        });

        Schema::create('fertilisers', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('form');
            foreach (['n_percent', 'p2o5_percent', 'k2o_percent', 'label_g_l'] as $figure) {
                $table->double($figure);
            }
            $table->double('longevity_days')->nullable();
            $table->text('note')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'name']);
        });

        Schema::create('potting_days', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->date('planned_on');
            $table->string('status')->default('planned');
            foreach (['tub_l', 'scoop_l', 'spare'] as $figure) {
                $table->double($figure);
            }
            $table->json('helpers');
            $table->text('note')->default('');
            $table->timestamp('finished_at')->nullable();
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'planned_on']);
            $table->index(['status', 'planned_on']);
        });

        Schema::create('day_plants', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('potting_day_id')->constrained()->cascadeOnDelete();
            $table->foreignId('plant_id')->constrained()->restrictOnDelete();
            $table->integer('position');
            $table->foreignId('recipe_id')->constrained()->restrictOnDelete();
            $table->foreignId('pot_id')->constrained()->restrictOnDelete();
            $table->json('plan');
            $table->string('helper')->default('');
            $table->string('state')->default('planned');
            $table->json('actual');
            $table->integer('revision')->default(1);
            $table->json('stamps');
            $table->timestamp('done_at')->nullable();
            $table->timestamps();
            $table->unique(['potting_day_id', 'plant_id']);
            $table->index(['plant_id', 'state']);
            $table->index('recipe_id');
            $table->index('pot_id');
        });

        Schema::create('day_loads', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('potting_day_id')->constrained()->cascadeOnDelete();
            $table->foreignId('recipe_id')->constrained()->restrictOnDelete();
            $table->integer('number');
            $table->double('litres');
            $table->json('taken');
            $table->string('person')->default('');
            $table->timestamp('mixed_at');
            $table->unique(['potting_day_id', 'recipe_id', 'number']);
        });

        Schema::create('day_leftovers', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('potting_day_id')->constrained()->cascadeOnDelete();
            $table->foreignId('recipe_id')->constrained()->restrictOnDelete();
            foreach (['net_l', 'mixed_l', 'used_l', 'left_l', 'lost_l'] as $figure) {
                $table->double($figure);
            }
            $table->foreignId('component_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('closed_at')->index();
            $table->unique(['potting_day_id', 'recipe_id']);
        });

        Schema::create('day_purchases', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('potting_day_id')->constrained()->cascadeOnDelete();
            $table->foreignId('component_id')->constrained()->restrictOnDelete();
            $table->foreignId('lot_id')->constrained()->restrictOnDelete();
            $table->double('litres');
            $table->double('price')->nullable();
            $table->timestamps();
            $table->index('potting_day_id');
        });

        Schema::create('photos', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plant_id')->constrained()->cascadeOnDelete();
            $table->foreignId('day_plant_id')->nullable()->constrained()->nullOnDelete();
            $table->string('subject');
            $table->date('taken_on');
            $table->string('caption')->default('');
            $table->string('file')->unique();
            $table->string('mime');
            $table->integer('bytes');
            $table->integer('width');
            $table->integer('height');
            $table->timestamps();
            $table->index(['plant_id', 'taken_on']);
        });

        Schema::create('care_tasks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plant_id')->constrained()->cascadeOnDelete();
            $table->foreignId('day_plant_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind');
            $table->date('starts_on');
            $table->date('due_on');
            $table->string('ends_by')->default('date');
            $table->integer('every_days')->nullable();
            $table->date('until_on')->nullable();
            $table->json('figures');
            $table->string('note')->default('');
            $table->string('state')->default('open');
            $table->date('closed_on')->nullable();
            $table->string('reason')->default('');
            $table->timestamps();
            $table->index(['state', 'due_on']);
            $table->index(['plant_id', 'state', 'due_on']);
        });

        Schema::create('moisture_checks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plant_id')->constrained()->cascadeOnDelete();
            $table->timestamp('checked_at');
            $table->string('method');
            $table->double('reading')->nullable();
            $table->string('verdict');
            $table->double('hours_since')->nullable();
            $table->string('person')->default('');
            $table->timestamps();
            $table->index(['plant_id', 'checked_at']);
        });

        Schema::create('settings', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->json('value');
        });
    }

    public function down(): void
    {
        foreach (['settings', 'moisture_checks', 'care_tasks', 'photos', 'day_purchases', 'day_leftovers', 'day_loads', 'day_plants', 'potting_days', 'fertilisers', 'plant_events', 'plants'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('pots', static fn(Blueprint $table) => $table->dropColumn(self::POT_COLUMNS));
    }
};
