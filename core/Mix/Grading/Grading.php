<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Grading;

use Zolbek\Core\Basis\Input\Refused;

/**
 * A grading curve: the share by mass P(d) of the grains that pass size d, piecewise linear in ln d.
 *
 * P = 0 below the first point and 1 above the last. Grains of one component share one density, so that its shares by
 * mass and by envelope volume agree.
 *
 * Source: usage of sieve analysis; a straight line in the logarithm of size between sieves.
 * Check: sieve {8: 1, 5.6: 18, 4: 38, 2.8: 28, 2: 11, 1: 3, pan: 1} has D10 = 2.402902764, D50 = 4.255771616,
 * D90 = 6.693280212 mm.
 */
final readonly class Grading
{
    /** Size taken as the finest of the pan where nothing better is known, mm. */
    public const FINEST_MM = 0.0625;

    /** Differences below this count as rounding when a quantile is read. */
    private const SLACK = 1e-12;

    /** @var list<float> ln of the sizes in mm, ascending */
    public array $lnSizes;

    /** @var list<float> share passing at each of the sizes, ascending from 0 to 1 */
    public array $passing;

    /**
     * @param non-empty-list<float> $sizesMm strictly ascending
     * @param non-empty-list<float> $passing one for each size, ascending from 0 to 1
     * @param list<float>|null      $lnSizes ln of the sizes, where it is known already
     */
    private function __construct(public array $sizesMm, array $passing, ?array $lnSizes = null)
    {
        $this->passing = $passing;
        $this->lnSizes = $lnSizes ?? array_map(log(...), $sizesMm);
    }

    /**
     * From masses retained on each aperture and in the pan.
     *
     * At each aperture P = (pan + all that is retained below it) / total. P = 0 at $finestMm, or at a quarter of the
     * smallest aperture where $finestMm is not below that aperture / 1.25. P = 1 at twice the coarsest aperture if
     * that retains anything.
     *
     * @param array<array-key, float> $sieve mass (any unit) by aperture in mm, and by "pan"
     *
     * @throws Refused field "sieve" or "sieve.<aperture>" when there is no aperture, one is not a size or stands twice, a
     *                 mass is negative, or all are 0; field "finest_mm" when it is below 0.0156 mm
     */
    public static function fromSieve(array $sieve, float $finestMm = self::FINEST_MM): self
    {
        if (! ($finestMm >= 0.0156 && $finestMm <= 32.0)) {
            throw Refused::because('finest_mm', 'between', $finestMm, ['min' => 0.0156, 'max' => 32]);
        }
        $retained = self::byAperture($sieve);
        $pan = (float) ($sieve['pan'] ?? 0.0);
        $total = $pan + array_sum($retained);
        if ($total <= 0.0) {
            throw Refused::because('sieve', 'sieve_empty', $sieve);
        }

        $apertures = array_map(floatval(...), array_keys($retained));
        $smallest = $apertures[0];
        $sizes = [$finestMm < $smallest / 1.25 ? $finestMm : $smallest / 4.0];
        $passing = [0.0];
        $below = $pan;
        foreach (array_values($retained) as $i => $mass) {
            $sizes[] = $apertures[$i];
            $passing[] = $below / $total;
            $below += $mass;
        }
        if ($mass > 0.0) {
            $sizes[] = 2.0 * $apertures[count($apertures) - 1];
            $passing[] = 1.0;
        } else {
            $passing[count($passing) - 1] = 1.0;
        }

        return new self($sizes, $passing);
    }

    /**
     * From shares of the size classes: linear in ln d within each class.
     *
     * @param non-empty-list<float> $classShares 22, summing to 1
     */
    public static function fromClassShares(array $classShares): self
    {
        $passing = [0.0];
        foreach ($classShares as $k => $share) {
            $passing[] = min(1.0, $passing[$k] + $share);
        }
        $passing[count($passing) - 1] = 1.0;

        return new self(SizeClasses::EDGES_MM, $passing);
    }

    /**
     * From a curve that is known already.
     *
     * @param list<float> $sizesMm rising
     * @param list<float> $passing 0 to 1, not falling
     *
     * @throws Refused field "sizes_mm" where they are no curve
     */
    public static function fromCurve(array $sizesMm, array $passing): self
    {
        if ($passing === [] || count($sizesMm) !== count($passing) || count($sizesMm) < 2) {
            throw Refused::because('sizes_mm', 'list', $sizesMm);
        }

        return new self($sizesMm, $passing);
    }

    /**
     * The sieve masses of this grading with another share passing one size; what is coarser keeps its proportions.
     *
     * P'(s) = share, P'(d) = share + (1 - share) (P(d) - P(s)) / (1 - P(s)) for d above s.
     *
     * @return array<array-key, float> shares of the mass by aperture, and "pan"
     *
     * @throws Refused field "sieve_mm" when nothing is coarser than that size
     */
    public function withPassing(float $sizeMm, float $share): array
    {
        $before = $this->passingAt($sizeMm);
        if (1.0 - $before <= self::SLACK) {
            throw Refused::because('sieve_mm', 'sieve_passes_all', $sizeMm);
        }
        $sieve = ['pan' => $share];
        [$aperture, $below] = [$sizeMm, $share];
        foreach ($this->sizesMm as $i => $size) {
            if ($size > $sizeMm) {
                $passing = $share + (1.0 - $share) * ($this->passing[$i] - $before) / (1.0 - $before);
                $sieve[(string) $aperture] = max(0.0, $passing - $below);
                [$aperture, $below] = [$size, $passing];
            }
        }
        $sieve[(string) $aperture] = 0.0;

        return $sieve;
    }

    /**
     * This grading with all that is coarser than a size cut down to between half that size and it, evenly in ln d.
     *
     * P'(d) = P(d) + (1 - P(s)) ln(2 d / s) / ln 2 from s/2 to s, 1 from s on.
     */
    public function cutAt(float $sizeMm): self
    {
        $over = 1.0 - $this->passingAt($sizeMm);
        if ($over <= 0.0) {
            return $this;
        }
        $half = $sizeMm / 2.0;
        $at = [...array_filter($this->sizesMm, static fn(float $size): bool => $size < $sizeMm), $half, $sizeMm];
        $sizes = array_values(array_unique($at));
        sort($sizes);

        return new self($sizes, array_map(
            fn(float $size): float => $size >= $sizeMm ? 1.0 : $this->passingAt($size) + $over * max(0.0, log($size / $half) / M_LN2),
            $sizes,
        ));
    }

    /**
     * As masses on sieves at every point of the curve; fromSieve(sieve(), finest size) gives this grading back.
     *
     * @return array<array-key, float> shares of the mass by aperture, and "pan"
     */
    public function sieve(): array
    {
        $sieve = ['pan' => $this->passing[1]];
        for ($i = 1, $last = count($this->sizesMm) - 1; $i <= $last; ++$i) {
            $sieve[(string) $this->sizesMm[$i]] = $i === $last ? 0.0 : $this->passing[$i + 1] - $this->passing[$i];
        }

        return $sieve;
    }

    /** The same grading with what passes its smallest sieve reaching down to another size, mm. */
    public function panAt(float $finestMm): self
    {
        $sizes = [$finestMm, ...array_slice($this->sizesMm, 1)];

        return new self($sizes, $this->passing);
    }

    /**
     * What is left of this grading between two sizes, renormalised.
     *
     * @param float $loMm what passes this size is lost; 0 for none
     * @param float $hiMm what this size retains is lost; INF for none
     *
     * @throws Refused field "screening" when nothing is left
     */
    public function between(float $loMm, float $hiMm): self
    {
        $from = $this->passingAt($loMm);
        $kept = $this->passingAt($hiMm) - $from;
        if ($kept <= self::SLACK) {
            throw Refused::because('screening', 'nothing_kept', null, ['lo' => $loMm, 'hi' => is_finite($hiMm) ? $hiMm : null]);
        }
        $sizes = $passing = [];
        foreach ($this->sizesMm as $i => $size) {
            if ($size > $loMm && $size < $hiMm) {
                $sizes[] = $size;
                $passing[] = min(1.0, max(0.0, ($this->passing[$i] - $from) / $kept));
            }
        }
        if ($loMm > $this->sizesMm[0]) {
            array_unshift($sizes, $loMm);
            array_unshift($passing, 0.0);
        }
        if ($hiMm < $this->sizesMm[count($this->sizesMm) - 1]) {
            $sizes[] = $hiMm;
            $passing[] = 1.0;
        }

        /** @var non-empty-list<float> $sizes */
        /** @var non-empty-list<float> $passing */
        return new self($sizes, $passing);
    }

    /**
     * Share of each of the 22 size classes, summing to 1; what lies beyond the first or last edge goes to the first or last class.
     *
     * @return non-empty-list<float>
     */
    public function classShares(): array
    {
        $shares = [];
        $below = 0.0;
        for ($k = 0; $k < SizeClasses::COUNT; ++$k) {
            $upTo = $k === SizeClasses::COUNT - 1 ? 1.0 : $this->passingAt(SizeClasses::EDGES_MM[$k + 1]);
            $shares[] = max(0.0, $upTo - $below);
            $below = $upTo;
        }

        return $shares;
    }

    /** Share by mass that passes a size in mm; 0..1. */
    public function passingAt(float $sizeMm): float
    {
        $last = count($this->sizesMm) - 1;
        if ($sizeMm <= $this->sizesMm[0]) {
            return $sizeMm < $this->sizesMm[0] ? 0.0 : $this->passing[0];
        }
        if ($sizeMm >= $this->sizesMm[$last]) {
            return 1.0;
        }
        $i = 1;
        while ($this->sizesMm[$i] < $sizeMm) {
            ++$i;
        }
        $along = (log($sizeMm) - $this->lnSizes[$i - 1]) / ($this->lnSizes[$i] - $this->lnSizes[$i - 1]);

        return $this->passing[$i - 1] + $along * ($this->passing[$i] - $this->passing[$i - 1]);
    }

    /**
     * Passing curve of several gradings by their shares of the mass, read at the sizes of all their points.
     *
     * @param non-empty-list<self>  $gradings
     * @param non-empty-list<float> $massShares one for each grading, summing to 1
     */
    public static function blend(array $gradings, array $massShares): self
    {
        $at = [];
        foreach ($gradings as $grading) {
            foreach ($grading->sizesMm as $size) {
                $at[] = $size;
            }
        }
        sort($at);
        $sizes = [];
        foreach ($at as $i => $size) {
            if ($i === 0 || $size > $at[$i - 1]) {
                $sizes[] = $size;
            }
        }
        $lnSizes = array_map(log(...), $sizes);
        $passing = array_fill(0, count($sizes), 0.0);
        foreach ($gradings as $g => $grading) {
            $share = $massShares[$g];
            $last = count($grading->sizesMm) - 1;
            $i = 1;
            foreach ($sizes as $n => $size) {
                if ($size <= $grading->sizesMm[0]) {
                    continue;
                }
                while ($i < $last && $grading->sizesMm[$i] < $size) {
                    ++$i;
                }
                $along = ($lnSizes[$n] - $grading->lnSizes[$i - 1]) / ($grading->lnSizes[$i] - $grading->lnSizes[$i - 1]);
                $passing[$n] += $share * ($along >= 1.0 ? $grading->passing[$i] : $grading->passing[$i - 1] + $along * ($grading->passing[$i] - $grading->passing[$i - 1]));
            }
        }

        assert($sizes !== [] && $passing !== [] && array_is_list($passing));

        return new self($sizes, $passing, $lnSizes);
    }

    /** The smallest size D_q in mm that a share $q (0..1) of the mass passes. */
    public function quantileMm(float $q): float
    {
        $i = 0;
        $last = count($this->sizesMm) - 1;
        while ($i < $last && $this->passing[$i] < $q - self::SLACK) {
            ++$i;
        }
        if ($i === 0) {
            return $this->sizesMm[0];
        }
        $along = min(1.0, ($q - $this->passing[$i - 1]) / ($this->passing[$i] - $this->passing[$i - 1]));

        return exp($this->lnSizes[$i - 1] + $along * ($this->lnSizes[$i] - $this->lnSizes[$i - 1]));
    }

    /** Uniformity Cu = D60 / D10. */
    public function uniformity(): float
    {
        return $this->quantileMm(0.6) / $this->quantileMm(0.1);
    }

    /** Curvature Cc = D30^2 / (D10 D60). */
    public function curvature(): float
    {
        return $this->quantileMm(0.3) ** 2 / ($this->quantileMm(0.1) * $this->quantileMm(0.6));
    }

    /**
     * @param array<array-key, float> $sieve
     *
     * @return non-empty-array<numeric-string|int, float> mass by aperture, ascending by aperture
     */
    private static function byAperture(array $sieve): array
    {
        $retained = [];
        foreach ($sieve as $aperture => $mass) {
            if (! is_finite($mass) || $mass < 0.0) {
                throw Refused::because('sieve.'.$aperture, 'between', $mass, ['min' => 0, 'max' => 1e9]);
            }
            if ($aperture === 'pan') {
                continue;
            }
            $size = is_numeric($aperture) ? (float) $aperture : NAN;
            if (! ($size > 0.0 && $size <= 1000.0)) {
                throw Refused::because('sieve.'.$aperture, 'aperture', $aperture);
            }
            $key = (string) $size;
            if (isset($retained[$key])) {
                throw Refused::because('sieve.'.$aperture, 'aperture_twice', $aperture);
            }
            $retained[$key] = $mass;
        }
        if ($retained === []) {
            throw Refused::because('sieve', 'sieve_no_aperture', $sieve);
        }
        ksort($retained, SORT_NUMERIC);

        return $retained;
    }
}
