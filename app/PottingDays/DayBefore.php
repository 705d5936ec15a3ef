<?php

declare(strict_types=1);

namespace App\PottingDays;

use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Plant\PlantGroup;
use Zolbek\Core\Place\Site\Surface;

/**
 * What is to be done the day before: moss that soaks overnight, what repels water damped, cement soaked, balls watered or left dry by what the plant is, pots and tub brought.
 * Schema DayBefore of the API.
 */
final class DayBefore
{
    /** They repel water when they have dried. */
    private const REPELS = [MaterialKind::Bark, MaterialKind::Organic];

    /** Their balls are lifted dry: wet roots rot where they are cut. */
    private const DRY = [PlantGroup::Desert->value, PlantGroup::Mediterranean->value];

    /** @return array<string, mixed> */
    public static function of(Assembly $assembly): array
    {
        $mossCm2 = 0.0;
        $mossL = $water = $leaveDry = $pots = [];
        foreach ($assembly->day->entries as $entry) {
            $needs = $entry->state === 'planned' ? $assembly->sums->pots[$entry->id] ?? null : null;
            if ($needs === null) {
                continue;
            }
            $plan = $entry->plan;
            $plant = $entry->plant;
            $mossCm2 += $plan->surface === Surface::Moss ? $entry->count * $needs->surfaceCm2 : 0.0;
            if ($needs->pot->wallKey !== null) {
                $mossL[$needs->pot->wallKey] = ($mossL[$needs->pot->wallKey] ?? 0.0) + $entry->count * $needs->wallL;
            }
            if ($plan->ball !== null && in_array($plant->plant_group, self::DRY, true)) {
                $leaveDry[] = $plant->number;
            } elseif ($plan->ball !== null) {
                $water[] = $plant->number;
            }
            if ($plant->pot_id !== $entry->pot_id) {
                $pots[$entry->pot_id] = [$entry->pot, ($pots[$entry->pot_id][1] ?? 0) + $entry->count];
            }
        }
        $repels = [];
        foreach ($assembly->sums->mixes as $recipeId => $mix) {
            foreach ($assembly->recipes[$recipeId]->parts as $part) {
                if ($mix->scoops->loads !== [] && in_array(MaterialKind::tryFrom((string) $part->component->kind), self::REPELS, true)) {
                    $repels[$part->component->name] = ($repels[$part->component->name] ?? 0.0) + ($mix->grossL[$part->component->key] ?? 0.0);
                }
            }
        }
        $litres = static fn(array $sums, callable $name): array => array_map(static fn(string $key, float $sum): array => ['name' => $name($key), 'litres' => $sum], array_keys($sums), array_values($sums));

        return [
            'moss_cm2' => $mossCm2, 'moss' => $litres($mossL, static fn(string $key): string => $assembly->component($key)->name), 'repels' => $litres($repels, static fn(string $name): string => $name),
            'water' => $water, 'leave_dry' => $leaveDry,
            'pots' => array_values(array_map(static fn(array $each): array => ['name' => $each[0]->name, 'place' => $each[0]->place, 'count' => $each[1], 'cement' => $each[0]->wall === 'cement'], $pots)),
        ];
    }
}
