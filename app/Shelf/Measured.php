<?php

declare(strict_types=1);

namespace App\Shelf;

use Zolbek\Core\Work\BenchTest\MeasuredProperty;

/**
 * What tests found of a component or a delivery, as it is kept with it.
 *
 * @phpstan-type Kept array{properties?: array<string, array{value: float|int, uncertainty: float|int, n: int, on: string, sieve?: array<mixed>|null}>, findings?: array<string, array{value: string, on: string}>}
 */
final class Measured
{
    /**
     * @param Kept $kept
     *
     * @return list<MeasuredProperty>
     */
    public static function properties(array $kept): array
    {
        $properties = [];
        foreach ($kept['properties'] ?? [] as $name => $found) {
            $properties[] = new MeasuredProperty($name, (float) $found['value'], (float) $found['uncertainty'], (int) $found['n'], $found['sieve'] ?? null);
        }

        return $properties;
    }

    /**
     * @param list<MeasuredProperty> $properties
     * @param array<string, string>  $dates    day of the last test by property or finding
     * @param array<string, string>  $findings
     *
     * @return Kept
     */
    public static function keep(array $properties, array $findings, array $dates): array
    {
        $kept = [];
        foreach ($properties as $property) {
            $kept['properties'][$property->property] = [
                'value' => $property->value,
                'uncertainty' => $property->uncertainty,
                'n' => $property->n,
                'on' => $dates[$property->property],
                ...($property->sieve === null ? [] : ['sieve' => $property->sieve]),
            ];
        }
        foreach ($findings as $name => $value) {
            $kept['findings'][$name] = ['value' => $value, 'on' => $dates[$name]];
        }

        return $kept;
    }
}
