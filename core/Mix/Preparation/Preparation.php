<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Preparation;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Packing\CompressiblePacking;

/**
 * What is done to a component before it is mixed: oversize cut down, screened between two sieves, dust rinsed out, wetted, limed to a pH.
 *
 *     cut     grains coarser than a size become grains between half that size and it; nothing is lost
 *     screen  keeps P(hi) - P(lo) of the mass;  rinse  keeps what is coarser than a size
 *
 * After each the loose density is re phi(beta, kept grading, 4.1). Wetting changes no figure: water is that after a thorough soak anyway. What is limed enters with
 * that pH and keeps its buffer; what has no buffer stays as it is. The dose is told by Correction.
 * Source: model sections 2 and 11. Check: pumice 3-6 mm screened at 2.8 mm keeps 1 - P(2.8).
 */
final readonly class Preparation
{
    public const FIELDS = ['cut_mm', 'screen_lo_mm', 'screen_hi_mm', 'rinse_mm', 'wet', 'limed_to_ph'];
    public const WET = ['none', 'damp', 'soak'];

    private function __construct(
        public ?float $cutMm,
        public ?float $screenLoMm,
        public ?float $screenHiMm,
        public ?float $rinseMm,
        public string $wet,
        public ?float $limedToPh = null,
    ) {}

    public static function read(mixed $input, Refusals $refusals, string $path): self
    {
        $fields = Fields::of($input, self::FIELDS, $refusals, $path);
        $size = static fn(string $name): ?float => $fields->has($name) ? $fields->number($name, 0.02, 100) : null;
        $preparation = new self($size('cut_mm'), $size('screen_lo_mm'), $size('screen_hi_mm'), $size('rinse_mm'), $fields->oneOf('wet', self::WET, 'none') ?? 'none', $fields->has('limed_to_ph') ? $fields->number('limed_to_ph', 3, 9) : null);
        if ($preparation->screenLoMm !== null && $preparation->screenHiMm !== null && $preparation->screenLoMm >= $preparation->screenHiMm) {
            $refusals->add(new Refusal($path.'.screen_hi_mm', 'screens_order', $preparation->screenHiMm, ['min' => $preparation->screenLoMm]));
        }

        return $preparation;
    }

    /** Whether it changes what lies in the pot. */
    public function changesMix(): bool
    {
        return $this->limedToPh !== null || $this->cutMm !== null || $this->screenLoMm !== null || $this->screenHiMm !== null || $this->rinseMm !== null;
    }

    /**
     * The component as it is mixed, and the share of the mass that is kept.
     *
     * @return array{Material, float}
     *
     * @throws Refused field "screening" when nothing would be left
     */
    public function of(Material $component): array
    {
        $kept = 1.0;
        if ($this->cutMm !== null) {
            $cut = $component->grading->cutAt($this->cutMm);
            $packing = CompressiblePacking::uniform($component->residualPacking, $cut->classShares(), CompressiblePacking::POURED);
            $component = $component->with(grading: $cut, bulkDensity: $component->particleDensity * $packing);
        }
        if ($this->screenLoMm !== null || $this->screenHiMm !== null) {
            $screening = Screening::between($component, $this->screenLoMm ?? 0.0, $this->screenHiMm ?? INF);
            [$component, $kept] = [$screening->component, $kept * $screening->keptShare];
        }
        if ($this->rinseMm !== null) {
            $screening = Screening::between($component, $this->rinseMm);
            [$component, $kept] = [$screening->component, $kept * $screening->keptShare];
        }

        if ($this->limedToPh !== null && $component->buffer > 0.0) {
            $component = $component->with(ph: $this->limedToPh);
        }

        return [$component, $kept];
    }

    /** @return array<string, float|string> in the exchange format, without what is not done */
    public function toArray(): array
    {
        return array_filter([
            'cut_mm' => $this->cutMm,
            'screen_lo_mm' => $this->screenLoMm,
            'screen_hi_mm' => $this->screenHiMm,
            'rinse_mm' => $this->rinseMm,
            'wet' => $this->wet === 'none' ? null : $this->wet,
            'limed_to_ph' => $this->limedToPh,
        ], static fn(float|string|null $value): bool => $value !== null);
    }
}
