<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

/**
 * From which delivery litres are taken: the one that was named first, then the oldest, then what stands there without a delivery.
 *
 * Source: conservation of volume. Check: 30 L from deliveries of 20 and 40 takes 20 and 10.
 */
final class StockByLot
{
    /**
     * @param list<array{id: int|null, litres: float}> $deliveries oldest first; id null for what belongs to none
     *
     * @return list<array{id: int|null, litres: float}> what is taken of each; what is short is not in it
     */
    public static function take(float $litres, array $deliveries, ?int $first = null): array
    {
        usort($deliveries, static fn(array $a, array $b): int => ($b['id'] === $first && $first !== null) <=> ($a['id'] === $first && $first !== null));
        $taken = [];
        foreach ($deliveries as $delivery) {
            $part = min($litres, $delivery['litres']);
            if ($part > 1e-9) {
                $taken[] = ['id' => $delivery['id'], 'litres' => $part];
                $litres -= $part;
            }
        }

        return $taken;
    }
}
