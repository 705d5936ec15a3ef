<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;
use App\Shelf\Models\ComponentPart;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Packing\ResidualPacking;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;

/** A premix or reclaimed mix as one lump, for lists, pages and sorting. A blend never computes with these: there a mix expands to its parts. */
final class MixFigures
{
    /** Writes them into the columns of a mix, which is not saved by this. */
    public function fill(Component $mix): Component
    {
        $portion = (new Portions())->of($mix);
        $blend = Portion::blend([[$portion, 1.0]]);
        $poured = new Substrate($blend, CompressiblePacking::POURED);
        $mass = $envelope = $solid = 0.0;
        [$largest, $most] = [$portion->contents[0][0], 0.0];
        foreach ($portion->contents as [$component, $litres]) {
            $mass += $litres * $component->bulkDensity;
            $envelope += $litres * $component->bulkDensity / $component->particleDensity;
            $solid += $litres * $component->bulkDensity / $component->solidDensity;
            [$largest, $most] = $litres > $most ? [$component, $litres] : [$largest, $most];
        }
        $byEnvelope = static fn(callable $figure): float => self::mean($portion, $figure, static fn(Material $component): float => $component->bulkDensity / $component->particleDensity);
        $byVolume = static fn(callable $figure): float => array_sum(array_map(static fn(array $content): float => $content[1] * $figure($content[0]), $portion->contents));
        $grading = $blend->grading();
        $water = min(1.0 - $solid / $envelope, $byEnvelope(static fn(Material $component): float => $component->internalWater));

        return $mix->fill([
            'kind' => $largest->kind->value ?? 'organic',
            'basis' => 'typical',
            'bulk_density' => $poured->bulkDensity,
            'particle_density' => $mass / $envelope,
            'solid_density' => $mass / $solid,
            'internal_water' => $water,
            'unavailable_water' => min($water, $byEnvelope(static fn(Material $component): float => $component->unavailableWater)),
            'internal_median_cm' => exp($byEnvelope(static fn(Material $component): float => log($component->internalMedianCm))),
            'internal_spread' => $byEnvelope(static fn(Material $component): float => $component->internalSpread),
            'sphericity' => $byEnvelope(static fn(Material $component): float => $component->sphericity),
            'sieve' => $grading->sieve(),
            'finest_mm' => max(0.0156, $grading->sizesMm[0]),
            'hydraulic_size_mm' => $poured->poreSizeMm,
            'settled_index' => $blend->settledIndex(),
            'structure_loss' => $byEnvelope(static fn(Material $component): float => $component->structureLoss),
            'ph' => Reaction::ph($blend),
            'buffer' => $byVolume(static fn(Material $component): float => $component->buffer),
            'cec' => $byVolume(static fn(Material $component): float => $component->cec),
            'crumble_rate' => $byEnvelope(static fn(Material $component): float => $component->crumbleRate),
            'decay_rate' => $byEnvelope(static fn(Material $component): float => $component->decayRate),
            'residual_packing' => ResidualPacking::of($grading->classShares(), $poured->bulkDensity, $mass / $envelope),
            'hazards' => array_values(array_unique(array_merge(...$mix->mixParts->map(static fn(ComponentPart $part): array => $part->component->hazards)->all()))),
        ]);
    }

    /** The lumps of all mixes that have a component in themselves, after it changed. */
    public function refreshContaining(Component $component, int $level = 0): void
    {
        if ($level > Portions::DEEPEST) {
            return;
        }
        $ids = ComponentPart::query()->where('component_id', $component->id)->pluck('mix_id')->all();
        if ($ids === []) {
            return;
        }
        $mixes = Component::query()->findMany($ids);
        Portions::load($mixes);
        foreach ($mixes as $mix) {
            $this->fill($mix)->save();
            $this->refreshContaining($mix, $level + 1);
        }
    }

    /**
     * @param callable(Material): float $figure
     * @param callable(Material): float $weight of one loose litre
     */
    private static function mean(Portion $portion, callable $figure, callable $weight): float
    {
        $sum = $weights = 0.0;
        foreach ($portion->contents as [$component, $litres]) {
            $sum += $litres * $weight($component) * $figure($component);
            $weights += $litres * $weight($component);
        }

        return $sum / $weights;
    }
}
