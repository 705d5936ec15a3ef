<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\PlantSituation;
use App\Plants\Standing;
use App\PottingDays\Models\PottingDay;
use App\Shelf\Models\Component;
use App\Shelf\Portions;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Chemistry\CationExchange;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Work\PottingDay\DayPotNeeds;

/** What on the shelf could stand in for a component that is short, and what that would do to the mix: schema StandIns of the API. */
final readonly class StandIns
{
    private const MOST = 5;
    private const CANDIDATES = 14;
    private const NEUTRAL_PH = 7.0;

    /** Starting figures: half a unit of pH, 5 cmol of exchange, 0.2 kg/L or 8 % that goes in a year count like a twentieth of air. */
    private const WORTH = ['air' => 1.0, 'easy_share' => 1.0, 'ph' => 0.1, 'cec' => 0.01, 'bulk_density' => 0.25, 'loss_year' => 0.6];

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
                    'off' => self::off($figures, $now),
                ];
            }
        }
        usort($rows, static fn(array $a, array $b): int => $a['off'] <=> $b['off']);

        return ['component_id' => $short->id, 'recipe' => $assembly->recipes[$needs->pot->mix]->name, 'pot' => $setup->pot->depthCm, 'now' => $now, 'data' => array_slice($rows, 0, self::MOST)];
    }

    /**
     * How differently a mix behaves: air and easy water as shares, and what a step of the others is worth beside those.
     *
     * @param array<string, float|null> $a
     * @param array<string, float|null> $b
     */
    private static function off(array $a, array $b): float
    {
        $off = 0.0;
        foreach (self::WORTH as $figure => $worth) {
            $off += $worth * abs(($a[$figure] ?? self::NEUTRAL_PH) - ($b[$figure] ?? self::NEUTRAL_PH));
        }

        return $off;
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

    /** @return array{air: float, easy_share: float, water_l: float, bulk_density: float, ph: float|null, cec: float, loss_year: float} */
    private static function figures(Setup $setup): array
    {
        $water = new PotWater($setup->zone, $setup->substrate);

        return [
            'air' => $water->air, 'easy_share' => $water->easyL / $water->volumeL, 'water_l' => $water->waterL, 'bulk_density' => $setup->substrate->bulkDensity,
            'ph' => Reaction::ph($setup->substrate->blend), 'cec' => (new CationExchange($setup->substrate))->cecCmolL, 'loss_year' => self::loss($setup),
        ];
    }

    /** Share of the volume that crumbles or rots away in a year, as it comes. */
    private static function loss(Setup $setup): float
    {
        $blend = $setup->substrate->blend;
        $loss = 0.0;
        foreach ($blend->components as $component) {
            $loss += ($blend->volumeShares()[$component->key] ?? 0.0) * ($component->crumbleRate + $component->decayRate);
        }

        return $loss;
    }
}
