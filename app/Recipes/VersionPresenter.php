<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Common\Same;
use App\Recipes\Models\RecipeVersion;

/** Versions of a recipe as the API shows them, each with what changed against the one before: schema RecipeVersion. */
final class VersionPresenter
{
    /**
     * @param array<int, RecipeVersion> $versions newest first
     *
     * @return list<array<string, mixed>>
     */
    public static function all(array $versions): array
    {
        $versions = array_values($versions);

        return array_map(static fn(RecipeVersion $version, int $i): array => [
            'number' => $version->number,
            'plant_group' => $version->plant_group,
            'parts' => $version->parts,
            'reason' => $version->reason,
            'made_at' => $version->made_at->toIso8601String(),
            'changes' => isset($versions[$i + 1]) ? self::changes($versions[$i + 1], $version) : [],
        ], $versions, array_keys($versions));
    }

    /** @return list<array{name: string, from: float|null, to: float|null, prepared: bool}> */
    private static function changes(RecipeVersion $before, RecipeVersion $after): array
    {
        [$was, $is] = [array_column($before->parts, null, 'component_id'), array_column($after->parts, null, 'component_id')];
        $changes = [];
        foreach ($was + $is as $id => $part) {
            $prepared = isset($was[$id], $is[$id]) && ! Same::values($was[$id]['preparation'], $is[$id]['preparation']);
            if (! Same::values($was[$id]['parts'] ?? null, $is[$id]['parts'] ?? null) || $prepared) {
                $changes[] = ['name' => $part['name'], 'from' => isset($was[$id]) ? (float) $was[$id]['parts'] : null, 'to' => isset($is[$id]) ? (float) $is[$id]['parts'] : null, 'prepared' => $prepared];
            }
        }

        return $changes;
    }
}
