<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\PottingDays\Models\DayPlant;
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
    private const DRY = [PlantGroup::Desert, PlantGroup::Mediterranean];

    /** @return array<string, mixed> */
    public static function of(Assembly $assembly): array
    {
        $open = $assembly->day->entries->filter(static fn(DayPlant $entry): bool => $entry->state === 'planned' && isset($assembly->sums->pots[$entry->id]));
        $mossCm2 = 0.0;
        $mossL = [];
        foreach ($open as $entry) {
            $needs = $assembly->sums->pots[$entry->id];
            $mossCm2 += $entry->plan->surface === Surface::Moss ? $entry->count * $needs->surfaceCm2 : 0.0;
            $key = $needs->pot->wallKey;
            if ($key !== null) {
                $name = $assembly->component($key)->name;
                $mossL[$name] = ($mossL[$name] ?? 0.0) + $entry->count * $needs->wallL;
            }
        }
        $names = static fn(callable $is): array => array_values($open->filter($is)->map(static fn(DayPlant $entry): string => $entry->plant->number)->all());
        $isDry = static fn(DayPlant $entry): bool => in_array(PlantGroup::from($entry->plant->plant_group), self::DRY, true);
        $repels = [];
        foreach ($assembly->sums->mixes as $recipeId => $mix) {
            foreach ($assembly->recipes[$recipeId]->parts as $part) {
                if ($mix->scoops->loads !== [] && in_array(MaterialKind::tryFrom((string) $part->component->kind), self::REPELS, true)) {
                    $repels[$part->component->name] = ($repels[$part->component->name] ?? 0.0) + ($mix->grossL[$part->component->key] ?? 0.0);
                }
            }
        }
        $moving = $open->filter(static fn(DayPlant $entry): bool => $entry->plant->pot_id !== $entry->pot_id);
        $pots = [];
        foreach ($moving->groupBy('pot_id') as $ofPot) {
            $pot = $ofPot->firstOrFail()->pot;
            $pots[] = ['name' => $pot->name, 'place' => $pot->place, 'count' => DayPlant::manyOf($ofPot), 'cement' => $pot->wall === 'cement'];
        }
        $litres = static fn(array $sums): array => array_map(static fn(string $name, float $sum): array => ['name' => $name, 'litres' => $sum], array_keys($sums), array_values($sums));

        return [
            'moss_cm2' => $mossCm2, 'moss' => $litres($mossL), 'repels' => $litres($repels),
            'water' => $names(static fn(DayPlant $entry): bool => $entry->plan->ball !== null && ! $isDry($entry)), 'leave_dry' => $names(static fn(DayPlant $entry): bool => $entry->plan->ball !== null && $isDry($entry)),
            'pots' => $pots,
        ];
    }
}
