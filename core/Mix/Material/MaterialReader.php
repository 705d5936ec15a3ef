<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Material;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Mix\Grading\Grading;
use Zolbek\Core\Mix\Packing\CompressiblePacking;

/**
 * Builds a component from outside input, or says of every figure that cannot be what it may be.
 *
 * Refused: not 0 < rb < re <= rs; not 0 <= wu <= ws <= 1 - re/rs; not 0 < psi <= 1; hi, si or hydraulic_size_mm not above 0;
 * a negative rate, buffer, CEC or mass; a sieve with no aperture, one that is no size or stands twice, or nothing on it;
 * finest_mm below 0.0156; an rb/re that the grading cannot pack to; a buffer without a pH, unless it is limed to one; fines_weight outside -0.5 to 0.5,
 * settled_index outside 4.1 to 9, structure_loss and hydraulic_spread outside 0 to 2, the last without a hydraulic size.
 */
final class MaterialReader
{
    /** Fields that the model computes from. */
    public const PROPERTIES = [
        'bulk_density', 'particle_density', 'solid_density', 'internal_water', 'unavailable_water', 'internal_median_cm',
        'internal_spread', 'sphericity', 'sieve', 'finest_mm', 'hydraulic_size_mm', 'hydraulic_spread', 'fines_weight', 'settled_index', 'structure_loss', 'ph', 'buffer', 'cec',
        'crumble_rate', 'decay_rate',
    ];

    /** Fields that go with them. */
    public const DESCRIPTION = ['key', 'name', 'kind', 'basis', 'dust_hazard', 'hazards', 'colour', 'cost', 'pack_size', 'stock'];

    /** Rounding allowed where two figures may be equal, such as internal water that fills all pores of the grain. */
    private const SLACK = 1e-9;

    /**
     * @param float|null $residualPacking of this very component, where it was found before and kept
     * @param float|null $limedToPh       pH that it is limed to before it is mixed; its own where null
     *
     * @throws Refused with every field that was refused
     */
    public static function read(mixed $input, ?float $residualPacking = null, ?float $limedToPh = null): Material
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, [...self::DESCRIPTION, ...self::PROPERTIES], $refusals);

        $key = $fields->text('key', 100);
        $name = $fields->text('name', 200, $key === '' ? 'unnamed' : $key);
        $kind = $fields->has('kind') ? $fields->oneOf('kind', MaterialKind::words()) : null;
        $densities = [
            $fields->numberAbove('bulk_density', 0, 30),
            $fields->numberAbove('particle_density', 0, 30),
            $fields->numberAbove('solid_density', 0, 30),
        ];
        self::checkDensities($densities, $refusals);
        $soaked = $fields->number('internal_water', 0, 1);
        $unavailable = $fields->number('unavailable_water', 0, 1);
        self::checkWater($soaked, $unavailable, $densities, $refusals);
        $median = $fields->numberAbove('internal_median_cm', 0, 1e7);
        $spread = $fields->numberAbove('internal_spread', 0, 20);
        $sphericity = $fields->numberAbove('sphericity', 0, 1);
        $hydraulic = $fields->optionalAbove('hydraulic_size_mm', 0, 100);
        $within = static fn(string $name, float $min, float $max): ?float => $fields->has($name) ? $fields->number($name, $min, $max) : null;
        $finesWeight = $within('fines_weight', -0.5, 0.5);
        $settled = $within('settled_index', CompressiblePacking::POURED, CompressiblePacking::PRESSED);
        $structure = $within('structure_loss', 0, 2);
        $hydraulicSpread = $within('hydraulic_spread', 0, 2);
        if ($hydraulicSpread !== null && $hydraulic === null) {
            $refusals->add(new Refusal('hydraulic_spread', 'hydraulic_spread_alone', $hydraulicSpread));
        }
        $buffer = $fields->number('buffer', 0, 1e5, 0);
        $ph = $fields->has('ph') || ($buffer > 0.0 && $limedToPh === null) ? $fields->number('ph', 0, 14) : null;
        $cec = $fields->number('cec', 0, 1e5, 0);
        $crumble = $fields->number('crumble_rate', 0, 100, 0);
        $decay = $fields->number('decay_rate', 0, 100, 0);
        $dust = $fields->flag('dust_hazard', false);
        $grading = self::grading($fields, $refusals);

        $refusals->throwIfAny();
        assert($grading !== null);

        return new Material(
            $key,
            $name,
            $kind === null ? null : MaterialKind::from($kind),
            $densities[0],
            $densities[1],
            $densities[2],
            $soaked,
            $unavailable,
            $median,
            $spread,
            $sphericity,
            $grading,
            $hydraulic,
            $limedToPh ?? $ph,
            $buffer,
            $cec,
            $crumble,
            $decay,
            $dust,
            $residualPacking,
            $finesWeight,
            $settled,
            $structure,
            $hydraulicSpread ?? 0.0,
        );
    }

    private static function grading(Fields $fields, Refusals $refusals): ?Grading
    {
        $finest = $fields->number('finest_mm', 0.0156, 32, Grading::FINEST_MM);
        $sieve = $fields->raw('sieve');
        if (! is_array($sieve)) {
            $refusals->add(new Refusal('sieve', $sieve === null ? 'required' : 'object', $sieve));

            return null;
        }
        $masses = [];
        foreach ($sieve as $aperture => $mass) {
            if ((! is_int($mass) && ! is_float($mass)) || ! is_finite((float) $mass)) {
                $refusals->add(new Refusal('sieve.'.$aperture, 'number', $mass));

                continue;
            }
            $masses[$aperture] = (float) $mass;
        }

        return count($masses) < count($sieve) || is_nan($finest)
            ? null
            : $refusals->during('', static fn(): Grading => Grading::fromSieve($masses, $finest));
    }

    /** @param array{float, float, float} $densities rb, re, rs */
    private static function checkDensities(array $densities, Refusals $refusals): void
    {
        [$bulk, $particle, $solid] = $densities;
        if ($particle <= $bulk) {
            $refusals->add(new Refusal('bulk_density', 'bulk_density_order', $bulk, ['max' => $particle]));
        }
        if ($particle > $solid) {
            $refusals->add(new Refusal('particle_density', 'particle_density_order', $particle, ['min' => $bulk, 'max' => $solid]));
        }
    }

    /** @param array{float, float, float} $densities rb, re, rs */
    private static function checkWater(float $soaked, float $unavailable, array $densities, Refusals $refusals): void
    {
        $pores = 1.0 - $densities[1] / $densities[2];
        if ($pores >= 0.0 && $soaked > $pores + self::SLACK) {
            $refusals->add(new Refusal('internal_water', 'internal_water_pores', $soaked, ['max' => $pores]));
        }
        if ($unavailable > $soaked) {
            $refusals->add(new Refusal('unavailable_water', 'unavailable_water_order', $unavailable, ['max' => $soaked]));
        }
    }
}
