<?php

declare(strict_types=1);

namespace App\PottingDays;

/** Litres of lists of components, as they were taken from the shelf or scooped, summed up by component. */
final class Taken
{
    /**
     * @param iterable<list<array{component_id: int, litres: float, ...}>> $lists
     *
     * @return array<int, float> by id of the component
     */
    public static function of(iterable $lists): array
    {
        $sums = [];
        foreach ($lists as $taken) {
            foreach ($taken as $part) {
                $sums[$part['component_id']] = ($sums[$part['component_id']] ?? 0.0) + $part['litres'];
            }
        }

        return $sums;
    }
}
