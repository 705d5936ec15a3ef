<?php

declare(strict_types=1);

namespace App\Plants;

use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Blending\Blend;
use Zolbek\Core\Mix\Material\KeptMaterial;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Substrate\NurserySoil;
use Zolbek\Core\Mix\Substrate\Substrate;

/** What a root ball is of, figure by figure: the mix that the plant stood in, as it has aged, or a typical soil of where it came from. */
final readonly class KeptSoil
{
    public const AS_STOOD = 'as_stood';

    /**
     * @param string                                                          $of         AS_STOOD, or one of NurserySoil
     * @param string                                                          $mix        name of the mix that it stood in, else nothing
     * @param non-empty-list<array{kept: array<string, mixed>, parts: float}> $components see KeptMaterial
     */
    private function __construct(public string $of, public string $mix, public array $components, private ?float $compactionIndex, public float $years, private ?float $frostCycles, private ?float $meanC) {}

    public static function stood(StandsIn $standing, float $years = 0.0, ?AgeingClimate $climate = null): self
    {
        return new self(self::AS_STOOD, $standing->recipeName, $standing->components, $standing->compactionIndex, round(2.0 * $years) / 2.0, $climate?->frostCycles, $climate?->meanC);
    }

    public static function typical(NurserySoil $soil): self
    {
        $blend = $soil->substrate()->blend;

        return new self($soil->value, '', array_map(static fn(Material $component, float $parts): array => ['kept' => KeptMaterial::keep($component), 'parts' => $parts], $blend->components, $blend->parts), null, 0.0, null, null);
    }

    /** @param array<string, mixed> $kept */
    public static function fromKept(array $kept): self
    {
        return new self($kept['of'], $kept['mix'], $kept['components'], $kept['compaction_index'], $kept['years'], $kept['frost_cycles'], $kept['mean_c']);
    }

    /** @return array<string, mixed> */
    public function toKept(): array
    {
        return ['of' => $this->of, 'mix' => $this->mix, 'components' => $this->components, 'compaction_index' => $this->compactionIndex, 'years' => $this->years, 'frost_cycles' => $this->frostCycles, 'mean_c' => $this->meanC];
    }

    /** What lies alike has the same. */
    public function key(): string
    {
        return md5(serialize([$this->components, $this->compactionIndex, $this->years, $this->years > 0.0 ? [round($this->frostCycles ?? 0.0, 2), $this->meanC] : null]));
    }

    /** As it was new. */
    public function blend(): Blend
    {
        return new Blend(array_map(static fn(array $part): array => [KeptMaterial::read($part['kept']), $part['parts']], $this->components));
    }

    public function substrate(): Substrate
    {
        return new Substrate($this->blend(), $this->compactionIndex, $this->years, $this->years > 0.0 && $this->meanC !== null ? new AgeingClimate($this->frostCycles ?? 0.0, $this->meanC) : null);
    }
}
