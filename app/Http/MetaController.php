<?php

declare(strict_types=1);

namespace App\Http;

use App\Shelf\Models\Component;
use Illuminate\Http\JsonResponse;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Place\Container\PotShape;
use Zolbek\Core\Place\Plant\PlantGroup;

/** What a client needs to know before it asks: the words of the model and the targets of the plant groups. */
final readonly class MetaController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'currency' => config('app.currency'),
            'kinds' => MaterialKind::words(),
            'hazards' => Component::HAZARDS,
            'shapes' => array_map(static fn(PotShape $shape): array => ['shape' => $shape->value, 'measures' => $shape->measures()], PotShape::cases()),
            'plant_groups' => array_map(static fn(PlantGroup $group): array => [
                'group' => $group->value,
                'air' => [$group->air()->low, $group->air()->high],
                'ph' => [$group->ph()->low, $group->ph()->high],
                'tension_limit_cm' => $group->tensionLimitCm(),
                'years' => $group->replaceYears(),
            ], PlantGroup::cases()),
        ]);
    }
}
