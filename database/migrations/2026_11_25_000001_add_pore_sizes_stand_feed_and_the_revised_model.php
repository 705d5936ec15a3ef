<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Properties of graded, aggregated and fibrous materials, how plants stand and are fed, and how much rain is in a site's water. Typical components get the
 * figures of the revised model where they still have the old ones; what was made with those keeps them. Whoever had recipes is told once that verdicts changed.
 */
return new class extends Migration {
    /** Figures of typical components: what they were, and what they are. */
    private const CHANGES = [
        'composted-bark-fine-2-8-mm' => ['buffer' => [30, 40], 'decay_rate' => [0.1, 0.08]],
        'bark-mini-chip-6-12-mm' => ['buffer' => [26, 36], 'decay_rate' => [0.08, 0.06]],
        'composted-mulch-5-20-mm' => ['buffer' => [28, 36], 'decay_rate' => [0.15, 0.1], 'structure_loss' => [null, 0.15]],
        'sphagnum-peat' => ['buffer' => [18, 40], 'decay_rate' => [0.12, 0.04], 'structure_loss' => [null, 0.35]],
        'coir-pith' => ['decay_rate' => [0.1, 0.04], 'structure_loss' => [null, 0.25]],
        'long-fibre-sphagnum-moss' => ['decay_rate' => [0.25, 0.15], 'structure_loss' => [null, 0.4], 'settled_index' => [null, 4.1], 'hydraulic_spread' => [null, 0.8]],
        'garden-compost-screened-8-mm' => ['fines_weight' => [null, -0.25], 'decay_rate' => [0.35, 0.1], 'settled_index' => [null, 4.75], 'structure_loss' => [null, 0.5]],
        'composted-leaf-mould' => ['fines_weight' => [null, 0.0], 'decay_rate' => [0.3, 0.12], 'settled_index' => [null, 4.75], 'structure_loss' => [null, 0.4]],
        'composted-manure' => ['fines_weight' => [null, -0.15], 'decay_rate' => [0.4, 0.15], 'settled_index' => [null, 4.75], 'structure_loss' => [null, 0.5]],
        'bagged-potting-soil' => ['fines_weight' => [null, 0.25], 'decay_rate' => [0.2, 0.08], 'settled_index' => [null, 4.75], 'structure_loss' => [null, 0.35]],
        'rice-hull-parboiled' => ['decay_rate' => [0.18, 0.12], 'settled_index' => [null, 4.75], 'structure_loss' => [null, 0.2]],
        'loam-screened-6-mm' => ['hydraulic_size_mm' => [null, 0.8], 'settled_index' => [null, 4.75], 'hydraulic_spread' => [null, 1.2], 'structure_loss' => [null, 0.25]],
        'calcined-clay-1-4-mm' => ['internal_median_cm' => [220, 1000]],
        'absorbent-clay-granules-1-5-mm' => ['internal_median_cm' => [260, 1000]],
        'kanuma-type-acid-granule-2-6-mm' => ['crumble_rate' => [0.06, 0.04]],
    ];

    public function up(): void
    {
        Schema::table('components', static function (Blueprint $table): void {
            foreach (['fines_weight', 'settled_index', 'structure_loss', 'hydraulic_spread'] as $property) {
                $table->double($property)->nullable();
            }
        });
        Schema::table('sites', static function (Blueprint $table): void {
            $table->double('rain_share')->default(0);
            $table->double('water_ec_ms_cm')->nullable();
        });
        Schema::table('plants', static function (Blueprint $table): void {
            $table->string('stand')->default('bench');
            $table->string('feed')->default('usual');
            $table->boolean('winter_shelter')->default(false);
        });
        foreach (self::CHANGES as $key => $changes) {
            foreach ($changes as $property => [$was, $is]) {
                DB::table('components')->where('is_reference', true)->where('key', $key)->where($property, $was)->update([$property => $is]);
            }
        }
        DB::table('components')->where('is_reference', true)->where('key', 'loam-screened-6-mm')->where('name', 'Loam (screened 6 mm)')->update(['name' => 'Loam, crumbly (screened 6 mm)']);
        if (DB::table('recipes')->exists()) {
            DB::table('settings')->insert(['key' => 'model', 'value' => json_encode(['recompute' => true, 'news' => true], JSON_THROW_ON_ERROR)]);
        }
    }

    public function down(): void
    {
        Schema::table('components', static fn(Blueprint $table) => $table->dropColumn(['fines_weight', 'settled_index', 'structure_loss', 'hydraulic_spread']));
        Schema::table('sites', static fn(Blueprint $table) => $table->dropColumn(['rain_share', 'water_ec_ms_cm']));
        Schema::table('plants', static fn(Blueprint $table) => $table->dropColumn(['stand', 'feed', 'winter_shelter']));
        DB::table('settings')->where('key', 'model')->delete();
    }
};
