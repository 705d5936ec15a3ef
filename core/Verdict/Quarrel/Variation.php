<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Quarrel;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Place\Container\PotWater;
use Zolbek\Core\Place\Setup\Setup;
use Zolbek\Core\Verdict\Fit\Assessment;
use Zolbek\Core\Verdict\Fit\Criterion;

/** The same pot as another school would fill it, and what that comes to beside this one. Null where it cannot be. */
final readonly class Variation
{
    public function __construct(private Occasion $at) {}

    /** Share of the mix that is organic, by loose volume. */
    public function organic(): float
    {
        return $this->shareOf(self::isOrganic(...));
    }

    public static function isOrganic(Material $component): bool
    {
        return in_array($component->kind, [MaterialKind::Bark, MaterialKind::Organic], true);
    }

    /** @return array<string, float|null> years and interval of this mix and of another one */
    public function pair(Setup $other, ?Assessment $then = null): array
    {
        $then ??= new Assessment($other);

        return [
            'years' => $this->at->now->find(Criterion::Years)->value ?? null,
            'other_years' => $then->find(Criterion::Years)->value ?? null,
            'interval_h' => $this->at->now->water?->hottestIntervalH(),
            'other_interval_h' => $then->water?->hottestIntervalH(),
            'air' => Variation::air($this->at->setup),
            'other_air' => Variation::air($other),
        ];
    }

    /** @param callable(Material): bool $is */
    public function shareOf(callable $is): float
    {
        $blend = $this->at->now->setup->substrate->blend;
        $share = 0.0;
        foreach ($blend->components as $i => $component) {
            $share += $is($component) ? $blend->shares[$i] : 0.0;
        }

        return $share;
    }

    /**
     * The mix with only those components that are kept; null where none or all would be.
     *
     * @param callable(Material): bool $keeps
     */
    public function only(callable $keeps): ?Setup
    {
        $blend = $this->at->setup->substrate->blend;
        $portions = [];
        foreach ($blend->components as $i => $component) {
            if ($keeps($component)) {
                $portions[] = [Portion::of($component), $blend->shares[$i]];
            }
        }

        return $portions === [] || count($portions) === count($blend->components) ? null : Variation::tried(fn(): Setup => $this->at->setup->withPortions($portions));
    }

    /** The mix with a share of another component in it. */
    public function plus(string $standIn, float $share): ?Setup
    {
        $component = $this->at->standIns[$standIn] ?? null;
        $total = array_sum(array_column($this->at->setup->portions, 1));

        return $component === null ? null : Variation::tried(fn(): Setup => $this->at->setup->withParts(Portion::of($component), $total * $share / (1.0 - $share)));
    }

    /**
     * The mix with one material in place of others.
     *
     * @param callable(Material): bool $is
     */
    public function swapped(callable $is, string $standIn): ?Setup
    {
        $by = $this->at->standIns[$standIn];
        $blend = $this->at->setup->substrate->blend;
        $parts = [];
        foreach ($blend->components as $i => $component) {
            $now = $is($component) ? $by : $component;
            $parts[$now->key] = [Portion::of($now), ($parts[$now->key][1] ?? 0.0) + $blend->shares[$i]];
        }

        return Variation::tried(fn(): Setup => $this->at->setup->withPortions(array_values($parts)));
    }

    public static function air(Setup $setup): float
    {
        return (new PotWater($setup->zone, $setup->substrate))->air;
    }

    /** @param callable(): ?Setup $make */
    public static function tried(callable $make): ?Setup
    {
        try {
            return $make();
        } catch (Refused) {
            return null;
        }
    }
}
