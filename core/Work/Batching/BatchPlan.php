<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\Stock;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\Filling;
use Zolbek\Core\Place\Container\RootZone;

/**
 * What to measure out for a number of pots.
 *
 *     net settled volume per pot  = root zone - root ball kept + gaps in it - objects
 *     loose volume to mix         = net / yield(6.7) * (1 + spare)
 *     loads                       = ScoopPlan
 *     packs to buy                = ceil((scooped litres / kept share - stock) / pack)
 *
 * A drainage layer is reckoned the same way from the volume below its top. Litres; kg for masses.
 * Source: conservation of volume with the yield of Substrate. Check: ten oval trays of the even blend (yield 0.9175782912, 3.381309855 L each),
 * nothing kept, no spare: 36.8503681 L loose.
 */
final readonly class BatchPlan
{
    public float $netPerPotL;
    public float $looseL;
    public float $layerLooseL;
    public ScoopPlan $scoops;

    /** @var non-empty-list<BatchLine> */
    public array $lines;

    public float $massKg;

    /**
     * @param Substrate                        $substrate settled
     * @param array<string, Stock>             $stock     by key of the portion
     * @param list<array{Portion, float}>|null $portions  as they are scooped; the components of the blend where left out
     * @param Filling|null                     $filling   what stands in the pot, where that is known; the order's ball, gaps and objects where not
     * @param list<float>                      $smaller   volumes of smaller scoops at hand
     *
     * @throws Refused field "objects_l" when objects and root ball leave no room for mix
     */
    public function __construct(public Substrate $substrate, RootZone $zone, public BatchOrder $order, array $stock, ?array $portions = null, ?Filling $filling = null, array $smaller = [])
    {
        $ball = $order->ballShare * $zone->volumeL;
        $this->netPerPotL = $filling->newMixL ?? $zone->volumeL - $ball + $ball * $order->gapShare - $order->objectsL;
        if ($this->netPerPotL <= 1e-6) {
            throw Refused::because('objects_l', 'objects_fill_pot', $order->objectsL, ['max' => $zone->volumeL - $ball + $ball * $order->gapShare]);
        }
        $blend = $substrate->blend;
        $portions ??= array_map(static fn(Material $component, float $parts): array => [Portion::of($component), $parts], $blend->components, $blend->parts);
        $portions = array_values(array_filter($portions, static fn(array $portion): bool => $portion[1] > 0.0));
        $scooped = array_sum(array_column($portions, 1));
        $this->looseL = $scooped / $blend->totalParts * $order->pots * $this->netPerPotL / $substrate->yield * (1.0 + $order->spare);
        $layer = $zone->layer;
        $this->layerLooseL = $layer === null ? 0.0
            : $order->pots * $zone->pot->volumeL(0.0, $layer->thicknessCm) / $layer->substrate->yield * (1.0 + $order->spare);
        $parts = [];
        foreach ($portions as [$portion, $part]) {
            $parts[$portion->key] = $part;
        }
        assert($parts !== []);
        $this->scoops = new ScoopPlan($parts, $this->looseL, $this->looseL * $order->spare / (1.0 + $order->spare), $order->tubL, $order->scoopL, $smaller);
        $this->lines = $this->lines($portions, array_map(static fn(float $part): float => $part / $scooped, $parts), $layer?->substrate->blend, $stock);
        $this->massKg = array_sum(array_map(static fn(BatchLine $line): float => $line->massKg, $this->lines));
    }

    /** What the materials in this batch are worth; null where a price is missing. */
    public function cost(): ?float
    {
        return $this->sum(static fn(BatchLine $line): ?float => $line->cost);
    }

    /** What the packs to buy cost; null where a price or a pack size is missing. */
    public function packsCost(): ?float
    {
        return $this->sum(static fn(BatchLine $line): ?float => $line->packsCost);
    }

    /**
     * @param callable(BatchLine): ?float $figure
     */
    private function sum(callable $figure): ?float
    {
        $figures = array_map($figure, $this->lines);

        return in_array(null, $figures, true) ? null : array_sum($figures);
    }

    /**
     * @param list<array{Portion, float}> $portions
     * @param array<string, float>        $shares
     * @param array<string, Stock>        $stock
     *
     * @return non-empty-list<BatchLine>
     */
    private function lines(array $portions, array $shares, ?Blend $layer, array $stock): array
    {
        $layerShares = $layer?->volumeShares() ?? [];
        $mixed = array_column($portions, 0);
        $lines = [];
        foreach ([...$mixed, ...array_map(static fn(Material $component): Portion => Portion::of($component), $layer->components ?? [])] as $portion) {
            $key = $portion->key;
            $lines[$key] ??= new BatchLine($portion, ($shares[$key] ?? 0.0) * $this->looseL, $this->scoops->litresOf($key), ($layerShares[$key] ?? 0.0) * $this->layerLooseL, $stock[$key] ?? new Stock());
        }
        assert($lines !== []);

        return array_values($lines);
    }
}
