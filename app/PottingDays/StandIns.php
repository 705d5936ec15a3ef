<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/** What on the shelf could stand in for a component that is short, and what that would do to the mix: schema StandIns of the API. */
final readonly class StandIns
{
    private const MOST = 5;
    private const CANDIDATES = 14;

    public function __construct(private PlantSituation $situations, private Standing $standings) {}

    /** @return array<string, mixed> */
    public function of(PottingDay $day, Component $short): array
    {
        $assembly = Assembly::of($day->load('entries'), $this->situations, $this->standings);
        $needs = $this->largest($assembly, $short);
        $needed = $assembly->sums->needsL[$short->key] ?? 0.0;
        if ($needs === null) {
            return ['component_id' => $short->id, 'recipe' => null, 'pot' => null, 'now' => null, 'data' => []];
        }
        $setup = $needs->pot->setup;
        $query = Component::query();
        $query->whereNull('archived_at');
        $query->where('stock_l', '>=', max(0.5, $needed - $short->stock_l));
        $query->whereKeyNot($short->id);
        $query->orderByRaw('kind = ? desc', [$short->kind]);
        $query->orderByDesc('stock_l');
        $query->limit(self::CANDIDATES);
        $candidates = $query->get();
        Portions::load($candidates);
        $now = self::figures($setup);
        $rows = [];
        foreach ($candidates as $candidate) {
            $with = $this->replaced($setup, $short, $candidate);
            if ($with !== null) {
                $figures = self::figures($with);
                $rows[] = [
                    'component_id' => $candidate->id, 'name' => $candidate->name, 'kind' => $candidate->kind, 'colour' => $candidate->colour, 'stock_l' => $candidate->stock_l, ...$figures,
                    'off' => abs($figures['air'] - $now['air']) + abs($figures['easy_share'] - $now['easy_share']) + 0.05 * abs(($figures['ph'] ?? 7.0) - ($now['ph'] ?? 7.0)),
                ];
            }
        }
        usort($rows, static fn(array $a, array $b): int => $a['off'] <=> $b['off']);

        return ['component_id' => $short->id, 'recipe' => $assembly->recipes[$needs->pot->mix]->name, 'pot' => $setup->pot->depthCm, 'now' => $now, 'data' => array_slice($rows, 0, self::MOST)];
    }

    /** The pot that takes most of a mix with the component in it. */
    private function largest(Assembly $assembly, Component $short): ?DayPotNeeds
    {
        $found = null;
        foreach ($assembly->sums->pots as $needs) {
            $has = array_filter($needs->pot->setup->portions, static fn(array $portion): bool => $portion[0]->key === $short->key) !== [];
            if ($has && ($found === null || $needs->baseL > $found->baseL)) {
                $found = $needs;
            }
        }

        return $found;
    }

    private function replaced(Setup $setup, Component $short, Component $by): ?Setup
    {
        try {
            $portion = (new Portions())->of($by);
            $parts = [];
            foreach ($setup->portions as [$each, $amount]) {
                $into = $each->key === $short->key ? $portion : $each;
                $parts[$into->key] = [$into, ($parts[$into->key][1] ?? 0.0) + $amount];
            }

            return $setup->with(portions: array_values($parts));
        } catch (Refused) {
            return null;
        }
    }

    /** @return array{air: float, easy_share: float, water_l: float, bulk_density: float, ph: float|null} */
    private static function figures(Setup $setup): array
    {
        $water = new PotWater($setup->zone, $setup->substrate);

        return [
            'air' => $water->air, 'easy_share' => $water->easyL / $water->volumeL, 'water_l' => $water->waterL, 'bulk_density' => $setup->substrate->bulkDensity,
            'ph' => Reaction::ph($setup->substrate->blend),
        ];
    }
}
