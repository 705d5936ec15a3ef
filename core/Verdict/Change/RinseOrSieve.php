<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Change;

use Zolbek\Core\Mix\Material\Material;
use Zolbek\Core\Mix\Material\MaterialKind;
use Zolbek\Core\Mix\Preparation\Screening;
use Zolbek\Core\Mix\Substrate\Portion;

/**
 * Rinsing a component of its fines, or sieving its coarsest grains out; what is prepared already is left as it is, and what is fine throughout is never rinsed.
 *
 * Source: practice; a grain is too coarse at a fifth of the pot's depth. Check: in a tray of 6.5 cm that is 13 mm.
 */
final class RinseOrSieve implements Way
{
    private const RINSE_MM = [0.5, 1.0, 2.0];
    private const LEAST_SHARE = 0.02;

    public static function from(AsItStands $at): iterable
    {
        $oversizeMm = $at->setup->pot->depthCm * 10.0 / 5.0;
        foreach ($at->setup->portions as [$portion, $parts]) {
            $component = $portion->keptShare === 1.0 && $parts > 0.0 ? AsItStands::alone($portion) : null;
            if ($component === null) {
                continue;
            }
            foreach (self::rinses($component) as $i => $mm) {
                yield static fn(): Change => new Change(ChangeKind::Rinse, $at->setup->withParts(self::screened($portion, $mm, INF), $parts), 1.0 + 0.5 * $i, $mm, $portion->key);
            }
            if ($component->grading->passingAt($oversizeMm) < 1.0 - self::LEAST_SHARE) {
                yield static fn(): Change => new Change(ChangeKind::SieveOut, $at->setup->withParts(self::screened($portion, 0.0, $oversizeMm), $parts), 1.5, $oversizeMm, $portion->key);
            }
        }
    }

    /** @return array<int, float> sizes at which rinsing a material takes something away, mm */
    public static function rinses(Material $component): array
    {
        $isFine = in_array($component->kind, [MaterialKind::Organic, MaterialKind::Soil], true);

        return $isFine ? [] : array_filter(self::RINSE_MM, static fn(float $mm): bool => $component->grading->passingAt($mm) > self::LEAST_SHARE);
    }

    private static function screened(Portion $portion, float $loMm, float $hiMm): Portion
    {
        return $portion->changed(static function (Material $component) use ($loMm, $hiMm): array {
            $screening = Screening::between($component, $loMm, $hiMm);

            return [$screening->component->with(key: $component->key.'#prepared'), $screening->keptShare];
        }, isLoss: true);
    }
}
