<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/**
 * A component's properties with measured ones laid over them. What was only assumed gives way where it contradicts what was measured:
 *
 *     rs = max(rs, re);  ws = min(ws, 1 - re/rs);  wu = min(wu, ws);  re raised above a measured rb is left to be refused
 *
 * Source: limits of model section 1. Check: pumice with a measured re of 1.2 kg/L keeps rs 2.35 and its ws of 0.35.
 */
final class MeasuredOverTypical
{
    /**
     * @param array<string, mixed>     $typical    properties in the exchange format
     * @param list<MeasuredProperty>   $measured
     *
     * @return array<string, mixed>
     */
    public static function lay(array $typical, array $measured): array
    {
        $laid = $typical;
        foreach ($measured as $property) {
            $laid[$property->property] = $property->sieve ?? $property->value;
        }
        $isMeasured = array_flip(array_map(static fn(MeasuredProperty $property): string => $property->property, $measured));
        [$particle, $solid, $soaked, $unavailable] = array_map(
            static fn(string $name): float => is_numeric($laid[$name] ?? null) ? (float) $laid[$name] : NAN,
            ['particle_density', 'solid_density', 'internal_water', 'unavailable_water'],
        );
        if ($particle > $solid) {
            $laid['solid_density'] = $solid = $particle;
        }
        if (! isset($isMeasured['internal_water']) && $soaked > 1.0 - $particle / $solid) {
            $laid['internal_water'] = $soaked = 1.0 - $particle / $solid;
        }
        if ($unavailable > $soaked) {
            $laid['unavailable_water'] = $soaked;
        }

        return $laid;
    }
}
