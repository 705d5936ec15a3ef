<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::table('components', static function (Blueprint $table): void {
            $table->double('low_l')->nullable();
            // what bench tests found, laid over the figures above; packing is that of both together
            $table->json('measured')->default('{}');
            $table->double('measured_packing')->nullable();
            // material, premix or reclaimed
            $table->string('source')->default('material');
            $table->double('reclaimed_years')->nullable();
            $table->double('sieved_mm')->nullable();
            $table->index(['archived_at', 'low_l', 'stock_l']);
        });
        Schema::create('component_parts', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('mix_id')->constrained('components')->cascadeOnDelete();
            $table->foreignId('component_id')->constrained()->restrictOnDelete();
            $table->double('parts');
            $table->integer('position');
            $table->unique(['mix_id', 'component_id']);
            $table->index('component_id');
        });
        Schema::create('lots', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('component_id')->constrained()->restrictOnDelete();
            $table->string('name');
            $table->date('delivered_on');
            $table->double('quantity_l');
            $table->double('stock_l')->default(0);
            $table->double('price')->nullable();
            $table->json('measured')->default('{}');
            $table->double('measured_packing')->nullable();
            $table->text('note')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
            $table->unique(['component_id', 'name']);
            $table->index(['component_id', 'archived_at', 'delivered_on']);
        });
        Schema::create('stock_movements', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('component_id')->constrained()->restrictOnDelete();
            $table->foreignId('lot_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('kind');
            $table->double('litres');
            $table->double('stock_after_l');
            $table->text('note')->default('');
            $table->timestamp('moved_at');
            $table->index(['component_id', 'moved_at']);
            $table->index('lot_id');
        });
        Schema::table('batch_component', static function (Blueprint $table): void {
            $table->foreignId('lot_id')->nullable()->constrained()->restrictOnDelete();
            $table->index('lot_id');
        });
        Schema::table('recipes', static function (Blueprint $table): void {
            // that of a measured mix shrink
            $table->double('compaction_index')->nullable();
        });
        Schema::table('recipe_parts', static function (Blueprint $table): void {
            $table->json('preparation')->nullable();
        });
        Schema::create('bench_tests', static function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('status')->default('running');
            $table->foreignId('component_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('lot_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('recipe_id')->nullable()->constrained()->restrictOnDelete();
            $table->foreignId('pot_id')->nullable()->constrained()->restrictOnDelete();
            $table->string('name');
            $table->string('person')->default('');
            $table->integer('step')->default(0);
            $table->timestamp('waiting_since')->nullable();
            $table->json('readings');
            $table->json('overrides');
            $table->json('result')->nullable();
            $table->boolean('in_use')->default(false);
            $table->text('note')->default('');
            $table->timestamp('started_at');
            $table->timestamp('finished_at')->nullable();
            $table->timestamps();
            $table->index(['status', 'started_at']);
            $table->index(['component_id', 'status']);
            $table->index(['lot_id', 'status']);
            $table->index(['recipe_id', 'status']);
        });
        Schema::create('vessels', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->string('kind');
            $table->double('volume_l');
            $table->double('water_g')->nullable();
            $table->string('note')->default('');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('sieve_sets', static function (Blueprint $table): void {
            $table->id();
            $table->string('name')->unique();
            $table->json('apertures');
            $table->timestamp('archived_at')->nullable();
            $table->timestamps();
        });
        Schema::create('instruments', static function (Blueprint $table): void {
            $table->string('key')->primary();
            $table->json('state');
        });
    }

    public function down(): void
    {
        foreach (['instruments', 'sieve_sets', 'vessels', 'bench_tests'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('recipe_parts', static fn(Blueprint $table) => $table->dropColumn('preparation'));
        Schema::table('recipes', static fn(Blueprint $table) => $table->dropColumn('compaction_index'));
        Schema::table('batch_component', static function (Blueprint $table): void {
            $table->dropIndex(['lot_id']);
            $table->dropConstrainedForeignId('lot_id');
        });
        foreach (['stock_movements', 'lots', 'component_parts'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('components', static function (Blueprint $table): void {
            $table->dropIndex(['archived_at', 'low_l', 'stock_l']);
            $table->dropColumn(['low_l', 'measured', 'measured_packing', 'source', 'reclaimed_years', 'sieved_mm']);
        });
    }
};
