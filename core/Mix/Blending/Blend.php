<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Blending;

use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Packing\CompressiblePacking;

/**
 * Components and their parts by loose volume. Parts are 0..1e6, at least one above 0; parts of 0 are left out.
 *
 * Components are kept by key, so that the order in which they are named never changes a figure.
 */
final readonly class Blend
{
    public const MOST_PARTS = 1e6;

    /** @var non-empty-list<Material> */
    public array $components;

    /** @var non-empty-list<float> loose parts p_i by volume, in the order of the components */
    public array $parts;

    public float $totalParts;

    /** @var non-empty-list<float> parts as shares of the loose volume, summing to 1, in the order of the components */
    public array $shares;

    /** @var non-empty-list<float> f_i, shares of the envelope volume p_i rb_i / re_i, summing to 1 */
    public array $envelopeShares;

    /**
     * @param list<array{Material, float}> $portions each component with its parts; a component may stand once
     *
     * @throws Refused field "<index of the portion>.parts", "<index>.component" or "" for the blend as a whole
     */
    public function __construct(array $portions)
    {
        $refusals = new Refusals();
        $byKey = [];
        foreach ($portions as $i => [$component, $parts]) {
            if (! ($parts >= 0.0 && $parts <= self::MOST_PARTS)) {
                $refusals->add(new Refusal($i.'.parts', 'between', $parts, ['min' => 0, 'max' => self::MOST_PARTS]));
            }
            if (isset($byKey[$component->key])) {
                $refusals->add(new Refusal($i.'.component', 'component_twice', $component->name));
            }
            $byKey[$component->key] = [$component, $parts];
        }
        $byKey = array_filter($byKey, static fn(array $portion): bool => $portion[1] > 0.0);
        if ($byKey === [] && ! $refusals->any()) {
            $refusals->add(new Refusal('', 'no_parts', []));
        }
        $refusals->throwIfAny();
        ksort($byKey, SORT_STRING);
        $sorted = array_values($byKey);
        assert($sorted !== []);

        $this->components = array_column($sorted, 0);
        $this->parts = array_column($sorted, 1);
        $total = array_sum($this->parts);
        $this->totalParts = $total;
        $shares = $volumes = [];
        $envelope = 0.0;
        foreach ($sorted as $i => [$component, $parts]) {
            $shares[] = $parts / $total;
            $volumes[] = $volume = $shares[$i] * $component->bulkDensity / $component->particleDensity;
            $envelope += $volume;
        }
        $envelopeShares = [];
        foreach ($volumes as $volume) {
            $envelopeShares[] = $volume / $envelope;
        }
        [$this->shares, $this->envelopeShares] = [$shares, $envelopeShares];
    }

    /** Passing curve of the whole blend: P = sum of m_i P_i, m_i = p_i rb_i as shares of the mass. */
    public function grading(): Grading
    {
        $masses = [];
        foreach ($this->components as $i => $component) {
            $masses[] = $this->shares[$i] * $component->bulkDensity;
        }
        $total = array_sum($masses);

        return Grading::blend(
            array_map(static fn(Material $component): Grading => $component->grading, $this->components),
            array_map(static fn(float $mass): float => $mass / $total, $masses),
        );
    }

    /** Share by mass that passes a size in mm; 0..1. */
    public function passingAt(float $sizeMm): float
    {
        $mass = $passing = 0.0;
        foreach ($this->components as $i => $component) {
            $each = $this->shares[$i] * $component->bulkDensity;
            $mass += $each;
            $passing += $each * $component->grading->passingAt($sizeMm);
        }

        return $passing / $mass;
    }

    /**
     * K at which it lies once it is watered in: sum f_i K_i, within 4.1 to 9. Source: model revision (a).
     * Check: six parts of fine bark, three of peat and one of perlite: 5.333430279.
     */
    public function settledIndex(): float
    {
        $index = 0.0;
        foreach ($this->components as $i => $component) {
            $index += $this->envelopeShares[$i] * $component->settledIndex;
        }

        return min(CompressiblePacking::PRESSED, max(CompressiblePacking::POURED, $index));
    }

    /**
     * Share of the envelope volume of components of which something is so, 0..1.
     *
     * @param callable(MaterialKind): bool $is
     */
    public function shareOfKind(callable $is): float
    {
        $share = 0.0;
        foreach ($this->components as $i => $component) {
            $share += $component->kind !== null && $is($component->kind) ? $this->envelopeShares[$i] : 0.0;
        }

        return $share;
    }

    /** Largest D50 of a component over the smallest: from 4 on the sizes part on shaking. */
    public function sizeRatio(): float
    {
        $middles = array_map(static fn(Material $component): float => $component->medianMm(), $this->components);

        return max($middles) / min($middles);
    }

    /** @return array<string, float> share of the loose volume, 0..1, by component key */
    public function volumeShares(): array
    {
        return array_combine(array_map(static fn(Material $component): string => $component->key, $this->components), $this->shares);
    }
}
