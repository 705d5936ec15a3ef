<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A delivery can be held, what a litre of a leftover and a pot cost is kept. Uses and counts of a whole component once left its deliveries as they were: where those
 * hold more than there is, they are brought down to it, the oldest first, and the ledger says so.
 */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('lots', static function (Blueprint $table): void {
            $table->timestamp('held_at')->nullable();
            $table->string('held_note')->default('');
        });
        Schema::table('components', static fn(Blueprint $table) => $table->double('price_per_l')->nullable());
        Schema::table('pots', static fn(Blueprint $table) => $table->double('price')->nullable());
        $over = DB::table('components')->joinSub(DB::table('lots')->groupBy('component_id')->selectRaw('component_id, sum(stock_l) as in_lots'), 'held', 'held.component_id', '=', 'components.id')
            ->whereRaw('held.in_lots > components.stock_l + 1e-6')->get(['components.id', 'components.stock_l', 'held.in_lots']);
        foreach ($over as $component) {
            $this->bringDown($component->id, $component->stock_l, $component->in_lots - $component->stock_l);
        }
    }

    private function bringDown(int $componentId, float $stock, float $over): void
    {
        foreach (DB::table('lots')->where('component_id', $componentId)->where('stock_l', '>', 0)->orderBy('delivered_on')->orderBy('id')->get() as $lot) {
            $less = min($over, $lot->stock_l);
            if ($less > 1e-9) {
                DB::table('lots')->where('id', $lot->id)->update(['stock_l' => $lot->stock_l - $less]);
                foreach ([[$lot->id, -$less, $stock - $less], [null, $less, $stock]] as [$id, $litres, $after]) {
                    DB::table('stock_movements')->insert(['component_id' => $componentId, 'lot_id' => $id, 'kind' => 'count', 'litres' => $litres, 'stock_after_l' => $after, 'note' => '', 'moved_at' => date('Y-m-d H:i:s')]);
                }
                $over -= $less;
            }
        }
    }

    public function down(): void
    {
        Schema::table('pots', static fn(Blueprint $table) => $table->dropColumn('price'));
        Schema::table('components', static fn(Blueprint $table) => $table->dropColumn('price_per_l'));
        Schema::table('lots', static fn(Blueprint $table) => $table->dropColumn(['held_at', 'held_note']));
    }
};
