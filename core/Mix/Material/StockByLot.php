<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

/**
 * From which delivery litres are taken: the one that was named first, then the oldest, then what stands there without a delivery. And to which they go when a count
 * finds more than was written: to those that are in use, as far as they held so much once, then to what stands there without one.
 *
 * Source: conservation of volume. Check: 30 L from deliveries of 20 and 40 takes 20 and 10.
 */
final class StockByLot
{
    private const SLACK_L = 1e-9;

    /**
     * @param list<array{id: int|null, litres: float, ...}> $deliveries oldest first; id null for what belongs to none
     *
     * @return list<array{id: int|null, litres: float}> what is taken of each; what is short is not in it
     */
    public static function take(float $litres, array $deliveries, ?int $first = null): array
    {
        usort($deliveries, static fn(array $a, array $b): int => ($b['id'] === $first && $first !== null) <=> ($a['id'] === $first && $first !== null));
        $taken = [];
        foreach ($deliveries as $delivery) {
            $part = min($litres, $delivery['litres']);
            if ($part > self::SLACK_L) {
                $taken[] = ['id' => $delivery['id'], 'litres' => $part];
                $litres -= $part;
            }
        }

        return $taken;
    }

    /**
     * @param list<array{id: int|null, litres: float, held_l: float}> $deliveries oldest first; held_l what each came with
     *
     * @return list<array{id: int|null, litres: float}> what is added to each
     */
    public static function find(float $litres, array $deliveries): array
    {
        $found = [];
        foreach ($deliveries as $delivery) {
            $part = $delivery['id'] === null || $delivery['litres'] <= self::SLACK_L ? 0.0 : min($litres, $delivery['held_l'] - $delivery['litres']);
            if ($part > self::SLACK_L) {
                $found[] = ['id' => $delivery['id'], 'litres' => $part];
                $litres -= $part;
            }
        }

        return $litres > self::SLACK_L ? [...$found, ['id' => null, 'litres' => $litres]] : $found;
    }
}
