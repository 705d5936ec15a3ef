<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/**
 * The inside of a pot: its cross-section A(z) in cm2 at z cm above the inner floor.
 *
 * Every linear measure runs linearly from base to top, so that A is a quadratic in z for all shapes:
 *
 *     round        pi/4 d^2                     rectangular  l w            oval  pi/4 l w
 *     polygon      n/4 tan(pi/n) f^2, f across flats, n sides
 *     bowl         pi (2 R z - z^2), R = (D^2/4 + H^2) / (2 H), rim diameter D, depth H <= D/2
 *     measured     1000 V / depth, from the litres of water that fill it
 *
 * Lengths in cm, volumes in L. Source: geometry. Check: oval tray 34 x 26 over 30 x 22, 6.5 cm deep, filled to 0.8 cm
 * below the rim, holds 3.381309855 L.
 */
final readonly class Container
{
    public const SHORTEST_CM = 0.01;
    public const LONGEST_CM = 500.0;
    private const USUAL_HEADSPACE_CM = 0.8;

    /**
     * @param array<string, float>        $measures by name, as PotShape::measures() lists them
     * @param array{float, float, float} $section  A(z) = s0 + s1 z + s2 z^2, cm2
     */
    private function __construct(
        public PotShape $shape,
        public float $depthCm,
        public array $measures,
        private array $section,
    ) {}

    /**
     * @param mixed $input object with "shape", "depth" and the measures of that shape
     *
     * @throws Refused naming the field and what it may be
     */
    public static function read(mixed $input): self
    {
        $refusals = new Refusals();
        $word = is_array($input) && is_string($input['shape'] ?? null) ? $input['shape'] : '';
        $shape = PotShape::tryFrom($word);
        $measures = $shape?->measures() ?? array_unique(array_merge(...array_map(static fn(PotShape $s): array => $s->measures(), PotShape::cases())));
        $fields = Fields::of($input, ['shape', 'depth', 'drying_sides', ...array_values($measures)], $refusals);
        if ($shape === null) {
            $fields->oneOf('shape', PotShape::words());
            $refusals->throwIfAny();
        }
        assert($shape !== null);

        $depth = $fields->number('depth', self::SHORTEST_CM, self::LONGEST_CM);
        $fields->flag('drying_sides', false);
        $values = [];
        foreach ($shape->measures() as $name) {
            $values[$name] = match ($name) {
                'sides' => (float) $fields->integer('sides', 3, 100),
                'volume_l' => $fields->number('volume_l', 1e-6, 100_000),
                default => $fields->number($name, self::SHORTEST_CM, self::LONGEST_CM),
            };
        }
        if ($shape === PotShape::Bowl && $depth > $values['top'] / 2.0) {
            $refusals->add(new Refusal('depth', 'bowl_depth', $depth, ['max' => $values['top'] / 2.0]));
        }
        $refusals->throwIfAny();

        return new self($shape, $depth, $values, self::section($shape, $depth, $values));
    }

    /** The same pot cut or built to another depth, its walls at the same slope. */
    public function withDepth(float $depthCm): self
    {
        $measures = $this->measures;
        foreach (['top' => 'base', 'top_length' => 'base_length', 'top_width' => 'base_width'] as $top => $base) {
            if (isset($measures[$top], $measures[$base])) {
                $measures[$top] = $measures[$base] + ($measures[$top] - $measures[$base]) * $depthCm / $this->depthCm;
            }
        }
        if ($this->shape === PotShape::Measured) {
            $measures['volume_l'] *= $depthCm / $this->depthCm;
        }
        if (isset($measures['sides'])) {
            $measures['sides'] = (int) $measures['sides'];
        }

        return self::read(['shape' => $this->shape->value, 'depth' => $depthCm, ...$measures]);
    }

    /** The same form with every length so many times as large. */
    public function enlarged(float $times): self
    {
        $measures = [];
        foreach ($this->measures as $name => $value) {
            $measures[$name] = match ($name) {
                'sides' => (int) $value,
                'volume_l' => $value * $times ** 3,
                default => $value * $times,
            };
        }

        return self::read(['shape' => $this->shape->value, 'depth' => $this->depthCm * $times, ...$measures]);
    }

    /** Free rim that is usually left for water, cm; less in a pot that has little depth. Source: practice. Check: a pot of 5 cm leaves 0.5. */
    public function usualHeadspaceCm(): float
    {
        return min(self::USUAL_HEADSPACE_CM, $this->depthCm / 10.0);
    }

    /** A(z), cm2. */
    public function areaCm2(float $z): float
    {
        return $this->section[0] + ($this->section[1] + $this->section[2] * $z) * $z;
    }

    /** Wall up to a height in cm, as that of a round pot of the same sections, by Simpson's rule; cm2. Check: a straight pot of diameter 10, 10 cm high: 100 pi. */
    public function wallCm2(float $heightCm): float
    {
        $around = fn(float $z): float => 2.0 * sqrt(M_PI * max(0.0, $this->areaCm2($z)));

        return $heightCm * ($around(0.0) + 4.0 * $around($heightCm / 2.0) + $around($heightCm)) / 6.0;
    }

    /** Litres between two heights above the floor. */
    public function volumeL(float $from, float $to): float
    {
        [$s0, $s1, $s2] = $this->section;
        $upTo = static fn(float $z): float => (($s2 / 3.0 * $z + $s1 / 2.0) * $z + $s0) * $z;

        return ($upTo($to) - $upTo($from)) / 1000.0;
    }

    /** Inner width in cm at a height, seen from the broad side. */
    public function widthCm(float $z): float
    {
        $along = $z / $this->depthCm;
        $m = $this->measures;

        return match ($this->shape) {
            PotShape::Round, PotShape::Polygon => $m['base'] + ($m['top'] - $m['base']) * $along,
            PotShape::Rectangular, PotShape::Oval => $m['base_length'] + ($m['top_length'] - $m['base_length']) * $along,
            PotShape::Bowl, PotShape::Measured => 2.0 * sqrt(max(0.0, $this->areaCm2($z)) / M_PI),
        };
    }

    /** Inner width in cm at a height, seen from the narrow side. */
    public function breadthCm(float $z): float
    {
        $m = $this->measures;

        return match ($this->shape) {
            PotShape::Rectangular, PotShape::Oval => $m['base_width'] + ($m['top_width'] - $m['base_width']) * $z / $this->depthCm,
            default => $this->widthCm($z),
        };
    }

    /** Floor that holes take a share of, cm2; of a bowl the plan at 1 cm. */
    public function floorCm2(): float
    {
        return $this->areaCm2($this->shape === PotShape::Bowl ? min(1.0, $this->depthCm) : 0.0);
    }

    /**
     * @param array<string, float> $m
     *
     * @return array{float, float, float}
     */
    private static function section(PotShape $shape, float $depth, array $m): array
    {
        if ($shape === PotShape::Bowl) {
            $radius = ($m['top'] ** 2 / 4.0 + $depth ** 2) / (2.0 * $depth);

            return [0.0, 2.0 * M_PI * $radius, -M_PI];
        }
        if ($shape === PotShape::Measured) {
            return [1000.0 * $m['volume_l'] / $depth, 0.0, 0.0];
        }
        [$factor, $base, $top] = match ($shape) {
            PotShape::Round => [M_PI / 4.0, [$m['base'], $m['base']], [$m['top'], $m['top']]],
            PotShape::Polygon => [$m['sides'] / 4.0 * tan(M_PI / $m['sides']), [$m['base'], $m['base']], [$m['top'], $m['top']]],
            PotShape::Oval => [M_PI / 4.0, [$m['base_length'], $m['base_width']], [$m['top_length'], $m['top_width']]],
            PotShape::Rectangular => [1.0, [$m['base_length'], $m['base_width']], [$m['top_length'], $m['top_width']]],
        };
        $slopes = [($top[0] - $base[0]) / $depth, ($top[1] - $base[1]) / $depth];

        return [
            $factor * $base[0] * $base[1],
            $factor * ($base[0] * $slopes[1] + $base[1] * $slopes[0]),
            $factor * $slopes[0] * $slopes[1],
        ];
    }
}
