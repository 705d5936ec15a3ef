<?php

declare(strict_types=1);

namespace App\Batches;

use Zolbek\Core\Verdict\Fit\Judge;

/** What a saved batch was worked out to be, as the API tells it now: figures that were not kept then are told from those that were, and none is worked out anew. */
final class KeptResult
{
    /**
     * @param array<string, mixed> $result
     * @param array<string, mixed> $inputs
     *
     * @return array<string, mixed> schema BatchPlan
     */
    public static function of(array $result, array $inputs): array
    {
        $result = ['two_to_lift' => $result['wet_pot_kg'] > Judge::LIFT_ONE_KG, ...$result];

        return isset($result['load_plan']) ? $result : self::ofEqualLoads($result, $inputs);
    }

    /**
     * Batches were once told as loads that are all alike, in half scoops.
     *
     * @param array<string, mixed> $result
     * @param array<string, mixed> $inputs
     *
     * @return array<string, mixed>
     */
    private static function ofEqualLoads(array $result, array $inputs): array
    {
        $mixed = array_values(array_filter($result['lines'], static fn(array $line): bool => $line['scoops_per_load'] !== null));
        $scoopL = $result['scoop_l'];
        $lines = array_map(static fn(array $line): array => [
            'component_id' => $line['component_id'], 'scoops' => $line['scoops_per_load'], 'scoop_l' => $scoopL, 'ml' => 0, 'litres' => $line['scoops_per_load'] * $scoopL,
        ], $mixed);
        $load = ['litres' => array_sum(array_column($lines, 'litres')), 'lines' => $lines];
        $tooSmall = $result['too_small_for_scoop'];
        $result['load_plan'] = array_map(static fn(int $number): array => ['number' => $number, ...$load], range(1, $result['loads']));
        $result['warnings'] = array_values(array_map(
            static fn(array $line): array => ['code' => 'too_small', 'part' => $line['component_id']],
            array_filter($mixed, static fn(array $line): bool => in_array($line['name'], $tooSmall, true)),
        ));
        $result['lines'] = array_map(static function (array $line): array {
            $line['deviation_share'] = $line['true_share'] === null || $line['share'] <= 0.0 ? null : $line['true_share'] / $line['share'] - 1.0;
            $line['scooped_l'] = $line['mix_l'];
            unset($line['scoops_per_load']);

            return $line;
        }, $result['lines']);
        $result['scooped_l'] = $result['loose_l'];
        $result['tub_l'] = $inputs['order']['tub_l'];
        unset($result['load_l'], $result['too_small_for_scoop']);

        return $result;
    }
}
