<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\MaterialReader;

/**
 * The migration before this one was changed after it had been in use: a database from before lacks what it made later. Where nothing is lacking this does nothing.
 */
return new class extends Migration {
    public function up(): void
    {
        if (! Schema::hasColumn('components', 'residual_packing')) {
            Schema::table('components', static fn(Blueprint $table) => $table->double('residual_packing')->default(0.5));
            foreach (DB::table('components')->get() as $row) {
                DB::table('components')->where('id', $row->id)->update(['residual_packing' => self::packing((array) $row)]);
            }
        }
        if (! Schema::hasTable('batch_component')) {
            Schema::create('batch_component', static function (Blueprint $table): void {
                $table->foreignId('batch_id')->constrained()->cascadeOnDelete();
                $table->foreignId('component_id')->constrained()->restrictOnDelete();
                $table->primary(['batch_id', 'component_id']);
                $table->index('component_id');
            });
            foreach (DB::table('batches')->get(['id', 'inputs']) as $batch) {
                $keys = array_column(json_decode($batch->inputs, true, 64, JSON_THROW_ON_ERROR)['components'] ?? [], 'key');
                foreach (DB::table('components')->whereIn('key', $keys)->pluck('id') as $id) {
                    DB::table('batch_component')->insert(['batch_id' => $batch->id, 'component_id' => $id]);
                }
            }
        }
    }

    /** Healing is not undone. */
    public function down(): void {}

    /** @param array<string, mixed> $row */
    private static function packing(array $row): float
    {
        $raw = ['key' => $row['key'], 'name' => $row['name'], 'kind' => $row['kind']];
        foreach (MaterialReader::PROPERTIES as $property) {
            if (($row[$property] ?? null) !== null) {
                $raw[$property] = $property === 'sieve' ? json_decode($row[$property], true, 16, JSON_THROW_ON_ERROR) : (float) $row[$property];
            }
        }
        try {
            return MaterialReader::read($raw)->residualPacking;
        } catch (Refused) {
            return 0.5;
        }
    }
};
