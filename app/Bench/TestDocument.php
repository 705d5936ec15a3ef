<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\BenchTest;
use App\Common\RefusalWords;
use App\Recipes\Models\RecipePart;
use App\Recipes\PartsForm;
use App\Shelf\Measured;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Chemistry\Reaction;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialReader;
use Zolbek\Core\Mix\Material\StandardUncertainty;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Substrate\DrainedColumn;
use Zolbek\Core\Mix\Substrate\Portion;
use Zolbek\Core\Mix\Substrate\Substrate;
use Zolbek\Core\Place\Container\RootZone;
use Zolbek\Core\Place\Container\RunThrough;
use Zolbek\Core\Work\BenchTest\Agreement;
use Zolbek\Core\Work\BenchTest\DrainedPot;
use Zolbek\Core\Work\BenchTest\Figure;
use Zolbek\Core\Work\BenchTest\MeasuredOverTypical;
use Zolbek\Core\Work\BenchTest\MeasuredProperty;
use Zolbek\Core\Work\BenchTest\MixShrink;
use Zolbek\Core\Work\BenchTest\Outcome;
use Zolbek\Core\Work\BenchTest\Readings;
use Zolbek\Core\Work\BenchTest\TestKind;

/** What the readings of a test come to so far: schema BenchResult of the API. */
final readonly class TestDocument
{
    public Readings $readings;
    public ?Outcome $outcome;
    public Refusals $refusals;

    public function __construct(private BenchTest $test)
    {
        $this->refusals = new Refusals();
        $this->readings = Readings::read($test->readings, $test->kind->plan(), $this->refusals);
        $this->outcome = $this->readings->suffice() ? ($test->kind->test())::reckon($this->readings, $this->refusals) : null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        [$changes, $trouble] = $this->outcome === null || $this->refusals->any() ? [[], null] : $this->changes($this->outcome);

        return [
            'missing' => $this->readings->missing,
            'faults' => array_map(self::fault(...), $this->refusals->all()),
            'doubts' => array_map(fn(Refusal $doubt): array => [...self::fault($doubt), 'reason' => $this->test->overrides[$doubt->rule] ?? null], $this->outcome->doubts ?? []),
            'figures' => array_map(self::figure(...), $this->outcome->figures ?? []),
            'findings' => (object) ($this->outcome->findings ?? []),
            'changes' => $changes,
            'trouble' => $trouble,
            'compared' => $this->outcome === null || $this->refusals->any() ? [] : $this->compared($this->outcome),
        ];
    }

    /**
     * What the test would replace: before and after of each property, and of the figures that growers go by.
     *
     * @return array{list<array<string, mixed>>, string|null} and why nothing can be replaced, in words
     */
    private function changes(Outcome $outcome): array
    {
        $component = $this->test->component;
        if ($component === null || $outcome->figures === []) {
            return [[], null];
        }
        try {
            $core = $this->test->lot?->toCore($component) ?? $component->toCore();
            $raw = $this->test->lot?->description($component) ?? $component->description();
            $properties = ($this->test->kind->test())::properties($outcome, $this->readings, $core);
            if ($properties === []) {
                return [[], null];
            }
            $after = MaterialReader::read(MeasuredOverTypical::lay($raw, $properties));
        } catch (Refused $refused) {
            return [[], RefusalWords::sentence($refused->refusals[0])];
        }
        $changes = [];
        foreach ($properties as $property) {
            $changes[] = $this->change($property, $core, $after);
        }

        return [[...$changes, ...self::consequences($core, $after)], null];
    }

    /** @return array<string, mixed> */
    private function change(MeasuredProperty $property, Material $before, Material $after): array
    {
        $was = match ($property->property) {
            'bulk_density' => $before->bulkDensity,
            'particle_density' => $before->particleDensity,
            'internal_water' => $before->internalWater,
            'hydraulic_size_mm' => $before->hydraulicSizeMm,
            'ph' => $before->ph,
            'crumble_rate' => $before->crumbleRate,
            'sieve' => $before->grading->quantileMm(0.5),
            default => null,
        };

        return [
            'figure' => $property->property === 'sieve' ? 'd50_mm' : $property->property,
            'before' => $was,
            'before_uncertainty' => $was === null ? null : $this->uncertaintyBefore($property->property, $was, $before),
            'after' => $property->property === 'sieve' ? $after->grading->quantileMm(0.5) : $property->value,
            'after_uncertainty' => $property->uncertainty,
            'is_property' => true,
        ];
    }

    /** That of an earlier test where there is one, else that of what the figure rests on. */
    private function uncertaintyBefore(string $property, float $value, Material $before): float
    {
        foreach (Measured::properties([...($this->test->component->measured ?? []), ...($this->test->lot->measured ?? [])]) as $measured) {
            if ($measured->property === $property) {
                return $measured->uncertainty;
            }
        }
        $basis = $this->test->component->basis ?? 'typical';

        return $property === 'ph' ? StandardUncertainty::ofPh($basis) : StandardUncertainty::of($value, $basis, $before->kind);
    }

    /** @return list<array<string, mixed>> */
    private static function consequences(Material $before, Material $after): array
    {
        $figures = static function (Material $component): array {
            $substrate = new Substrate(new Blend([[$component, 1.0]]));

            return ['theta_10' => $substrate->retention->theta(10.0), 'air_10' => $substrate->retention->air(10.0), 'flux_cm_s' => $substrate->flow->fluxCmS()];
        };
        [$was, $is] = [$figures($before), $figures($after)];

        return array_map(static fn(string $name): array => [
            'figure' => $name, 'before' => $was[$name], 'before_uncertainty' => null, 'after' => $is[$name], 'after_uncertainty' => null, 'is_property' => false,
        ], array_keys($was));
    }

    /** @return list<array<string, mixed>> measured against computed, figure by figure */
    private function compared(Outcome $outcome): array
    {
        try {
            $computed = $this->computed();
        } catch (Refused) {
            return [];
        }
        $compared = [];
        foreach ($outcome->figures as $figure) {
            $expected = $computed[$figure->name] ?? null;
            if ($expected !== null) {
                $comparison = new Agreement($figure, $expected);
                $compared[] = [
                    'figure' => $figure->name,
                    'measured' => $figure->mean,
                    'uncertainty' => $figure->uncertainty,
                    'computed' => $expected,
                    'difference' => $comparison->difference,
                    'verdict' => $comparison->verdict,
                ];
            }
        }

        return $compared;
    }

    /** @return array<string, float|null> what the model expects, by figure */
    private function computed(): array
    {
        $blend = $this->blend();
        if ($blend === null) {
            return [];
        }
        $settled = new Substrate($blend);
        $figures = ['yield_share' => $settled->yield];
        if ($this->test->kind === TestKind::DrainedPot) {
            $column = new DrainedColumn(new Substrate($blend, DrainedPot::compactionIndex($this->readings)), $this->readings->number('height_cm'));

            return ['air' => $column->air, 'water' => $column->water, 'saturated_water' => $column->saturated];
        }
        if ($this->test->kind === TestKind::RunThrough && $this->test->pot !== null) {
            $figures['run_through_s'] = (new RunThrough(new RootZone($this->test->pot->toCore()), $settled, $this->test->pot->holes()))->seconds;
        }
        $grading = $blend->grading();

        return [
            ...$figures,
            'bulk_density' => (new Substrate($blend, CompressiblePacking::POURED))->bulkDensity,
            'd50_mm' => $grading->quantileMm(0.5),
            'finer_than_1_mm' => $grading->passingAt(1.0),
            'ph' => Reaction::ph($blend),
        ];
    }

    /** What is tested, as a blend; for a run-through of a component that too. */
    public function blend(): ?Blend
    {
        if ($this->test->recipe !== null) {
            $refusals = new Refusals();
            $rows = $this->test->recipe->parts->map(static fn(RecipePart $part): array => $part->row())->all();
            $parts = PartsForm::read(array_values($rows), $refusals);
            $refusals->throwIfAny();

            return Portion::blend($parts->portions);
        }
        $component = $this->test->component;

        return $component === null ? null : new Blend([[$this->test->lot?->toCore($component) ?? $component->toCore(), 1.0]]);
    }

    /** The compaction index that a measured shrink gives the mix; null for other tests. */
    public function compactionIndex(): ?float
    {
        $shrink = $this->test->kind === TestKind::MixShrink ? $this->outcome?->figure('yield_share') : null;
        $blend = $shrink === null ? null : $this->blend();

        return $shrink === null || $blend === null ? null : MixShrink::compactionIndex($blend, $shrink->mean);
    }

    /** @return array{path: string, rule: string, message: string} */
    private static function fault(Refusal $refusal): array
    {
        return ['path' => $refusal->field, 'rule' => $refusal->rule, 'message' => RefusalWords::sentence($refusal)];
    }

    /** @return array<string, mixed> */
    private static function figure(Figure $figure): array
    {
        return [
            'name' => $figure->name,
            'mean' => $figure->mean,
            'uncertainty' => $figure->uncertainty,
            'spread' => $figure->spread,
            'n' => $figure->n,
            'rounds' => array_map(static fn(int $round): array => [
                'round' => $round,
                'value' => $figure->values[$round],
                'set_aside' => ! isset($figure->valid[$round]),
                'stands_out' => $figure->outlier === $round,
            ], array_keys($figure->values)),
        ];
    }
}
