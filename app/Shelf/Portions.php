<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Shelf\Models\Component;
use App\Shelf\Models\ComponentPart;
use App\Shelf\Models\Lot;
use Illuminate\Database\Eloquent\Collection;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Ageing\Reclaimed;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;
use Zolbek\Core\Mix\Preparation\Preparation;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Mix\Substrate\Portion;

/** Components of the shelf as portions of a blend: premixes and reclaimed mixes expanded, deliveries and preparation taken into account. */
final class Portions
{
    /** How deep mixes may stand in mixes. */
    public const DEEPEST = 6;

    /** @var array<string, Component> records by the keys of the components in portions */
    private array $records = [];

    /**
     * The parts of all mixes among the components, and of those in them: one query for each level.
     *
     * @param iterable<Component> $components
     */
    public static function load(iterable $components): void
    {
        for ($level = 0; $level <= self::DEEPEST + 1; ++$level) {
            $mixes = array_values(array_filter([...$components], static fn(Component $component): bool => $component->isMix()));
            if ($mixes === []) {
                return;
            }
            (new Collection($mixes))->loadMissing('mixParts.component');
            $components = [];
            foreach ($mixes as $mix) {
                foreach ($mix->mixParts as $part) {
                    $components[] = $part->component;
                }
            }
        }
    }

    /**
     * @throws Refused where preparation leaves nothing
     */
    public function of(Component $component, ?Lot $lot = null, ?Preparation $preparation = null): Portion
    {
        $core = $lot === null ? null : $lot->toCore($component)->with(key: $component->key.'#'.$lot->id);
        $portion = $component->isMix() ? $this->mix($component) : Portion::of($core ?? $component->toCore(), $component->key);
        if ($preparation?->changesMix() === true) {
            // the same material stays apart where it goes into the mix unprepared as well
            $portion = $portion->changed(static function (Material $content) use ($preparation): array {
                [$prepared, $kept] = $preparation->of($content);

                return [$prepared->with(key: $content->key.'#prepared'), $kept];
            }, isLoss: true);
        }
        $this->records[$portion->key] ??= $component;
        foreach ($portion->contents as [$content]) {
            $this->records[$content->key] ??= $this->records[(string) preg_replace('/[~>@#].*$/', '', $content->key)] ?? $component;
        }

        return $portion;
    }

    public function record(string $key): ?Component
    {
        return $this->records[$key] ?? null;
    }

    private function mix(Component $mix): Portion
    {
        $parts = $mix->mixParts->map(fn(ComponentPart $part): array => [$this->of($part->component), $part->parts])->all();
        assert($parts !== []);
        $portion = Portion::mixed($mix->key, array_values($parts), array_values($mix->mixParts->map(static fn(ComponentPart $part): float => $part->spread ?? 0.0)->all()));
        if ($mix->source === 'reclaimed') {
            $portion = $portion->changed(static fn(Material $component): array => Reclaimed::of($component, $mix->reclaimed_years ?? 0.0));
            if ($mix->sieved_mm !== null) {
                $portion = $portion->changed(static function (Material $component) use ($mix): array {
                    $screening = $component->grading->passingAt((float) $mix->sieved_mm) < 1.0 ? Screening::between($component, (float) $mix->sieved_mm) : null;

                    return $screening === null ? [$component, 0.0] : [$screening->component->with(key: $component->key.'>'.$mix->sieved_mm), $screening->keptShare];
                });
            }
        }

        return self::asMeasured($portion, $mix);
    }

    /** A mix whose own sieve, pores or pH were measured: every component of it takes them. */
    private static function asMeasured(Portion $portion, Component $mix): Portion
    {
        $found = $mix->measured['properties'] ?? [];
        $sieve = isset($found['sieve']['sieve']) ? Grading::fromSieve($found['sieve']['sieve']) : null;
        if ($sieve === null && ! isset($found['hydraulic_size_mm']) && ! isset($found['ph'])) {
            return $portion;
        }

        return $portion->changed(static function (Material $component) use ($found, $sieve, $mix): array {
            $packing = $sieve === null ? null : CompressiblePacking::uniform($component->residualPacking, $sieve->classShares(), CompressiblePacking::POURED);

            return [$component->with(
                key: $component->key.'@'.$mix->id,
                grading: $sieve,
                bulkDensity: $packing === null ? null : $component->particleDensity * $packing,
                hydraulicSizeMm: $found['hydraulic_size_mm']['value'] ?? null,
                ph: $found['ph']['value'] ?? null,
            ), 1.0];
        });
    }
}
