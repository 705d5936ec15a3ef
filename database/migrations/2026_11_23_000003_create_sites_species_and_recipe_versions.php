<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('sites', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->double('latitude');
            $table->double('altitude_m')->default(0);
            $table->double('alkalinity_mg_l')->default(0);
            $table->json('months');
            $table->string('last_frost')->nullable();
            $table->string('first_frost')->nullable();
            $table->text('note')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'name']);
        });

        Schema::create('species', static function (Blueprint $table): void {
            $table->id();
            $table->string('key')->unique();
            $table->string('name')->unique();
            $table->string('plant_group')->index();
            $table->string('leaf');
            $table->boolean('evergreen');
            $table->boolean('unidentified')->default(false);
            $table->boolean('is_reference')->default(false);
            $table->string('vigour')->default('middling');
            foreach (['air_low', 'air_high', 'ph_low', 'ph_high', 'tension_limit_cm', 'years_young', 'years_old'] as $figure) {
                $table->double($figure)->nullable();
            }
            $table->text('reason')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->index(['archived_at', 'name']);
        });

        Schema::table('recipes', static function (Blueprint $table): void {
            $table->json('tags')->default('[]');
            $table->integer('version')->default(1);
        });

        // what a recipe was at each change; parts keep the names that their components had
        Schema::create('recipe_versions', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('recipe_id')->constrained()->cascadeOnDelete();
            $table->integer('number');
            $table->string('plant_group');
            $table->json('parts');
            $table->text('reason')->default('');
            $table->timestamp('made_at');
            $table->unique(['recipe_id', 'number']);
        });

        Schema::table('batches', static function (Blueprint $table): void {
            $table->integer('recipe_version')->nullable();
        });

        foreach (DB::table('recipes')->get() as $recipe) {
            $parts = DB::table('recipe_parts')->join('components', 'components.id', '=', 'recipe_parts.component_id')
                ->where('recipe_id', $recipe->id)->orderBy('position')
                ->get(['component_id', 'components.key', 'components.name', 'components.kind', 'components.colour', 'parts', 'preparation']);
            DB::table('recipe_versions')->insert([
                'recipe_id' => $recipe->id,
                'number' => 1,
                'plant_group' => $recipe->plant_group,
                'parts' => json_encode($parts->map(static fn(object $part): array => [...(array) $part, 'preparation' => $part->preparation === null ? null : json_decode($part->preparation, true)])->all(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                'made_at' => $recipe->updated_at ?? $recipe->created_at,
            ]);
        }
        DB::table('batches')->whereNotNull('recipe_id')->update(['recipe_version' => 1]);
    }

    public function down(): void
    {
        Schema::table('batches', static fn(Blueprint $table) => $table->dropColumn('recipe_version'));
        Schema::dropIfExists('recipe_versions');
        Schema::table('recipes', static fn(Blueprint $table) => $table->dropColumn(['tags', 'version']));
        Schema::dropIfExists('species');
        Schema::dropIfExists('sites');
    }
};
