<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('components', static function (Blueprint $table): void {
            $table->id();
            $table->string('key')->unique();
            $table->string('name')->unique();
            $table->string('kind')->index();
            $table->boolean('is_reference')->default(false);
            $table->string('basis')->default('typical');
            foreach (['bulk_density', 'particle_density', 'solid_density', 'internal_water', 'unavailable_water', 'internal_median_cm', 'internal_spread', 'sphericity'] as $property) {
                $table->double($property);
            }
            $table->json('sieve');
            foreach (['finest_mm', 'hydraulic_size_mm', 'ph'] as $property) {
                $table->double($property)->nullable();
            }
            $table->double('residual_packing');
            foreach (['buffer', 'cec', 'crumble_rate', 'decay_rate'] as $property) {
                $table->double($property)->default(0);
            }
            $table->json('hazards');
            $table->string('colour');
            $table->double('stock_l')->default(0);
            $table->double('pack_l')->nullable();
            $table->double('pack_price')->nullable();
            $table->text('note')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'name']);
            $table->index(['archived_at', 'stock_l']);
        });

        Schema::create('pots', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('shape');
            $table->double('depth');
            $table->json('measures');
            $table->boolean('drying_sides')->default(false);
            $table->integer('hole_count');
            $table->double('hole_diameter_cm')->nullable();
            $table->double('hole_open_share')->default(1);
            $table->double('mesh_mm')->nullable();
            $table->double('weight_kg')->default(0);
            $table->integer('owned')->default(1);
            $table->string('place')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'name']);
        });

        Schema::create('recipes', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('plant_group');
            $table->text('note')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'name']);
        });

        Schema::create('recipe_parts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->foreignId('component_id')->constrained()->restrictOnDelete();
            $table->double('parts');
            $table->integer('position');
            $table->unique(['recipe_id', 'component_id']);
            $table->index('component_id');
        });

        Schema::create('batches', static function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->foreignId('recipe_id')->nullable()->constrained()->nullOnDelete();
            $table->string('pot_name');
            $table->integer('pots');
            $table->double('loose_l');
            $table->json('inputs');
            $table->json('result');
            $table->text('note')->default('');
            $table->timestamp('made_at')->index();
            $table->timestamps();
        });

        // which components a batch was made of; what they then were stands in the batch itself
        Schema::create('batch_component', static function (Blueprint $table): void {
            $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
            $table->foreignId('component_id')->constrained()->restrictOnDelete();
            $table->primary(['batch_id', 'component_id']);
            $table->index('component_id');
        });
    }

    public function down(): void
    {
        foreach (['batch_component', 'batches', 'recipe_parts', 'recipes', 'pots', 'components'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
