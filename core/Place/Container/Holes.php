<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Container;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/**
 * Round drainage holes: how many, of what diameter in cm, and what share a mesh leaves open (above 0, to 1).
 *
 *     open area = n pi (d/2)^2 open_share, cm2
 *
 * Source: geometry. Check: 2 holes of 2.2 cm, open share 0.6: 4.561592533 cm2.
 */
final readonly class Holes
{
    public const LEAST_DIAMETER_CM = 0.01;
    public const LEAST_OPEN_SHARE = 1e-4;

    private function __construct(public int $count, public float $diameterCm, public float $openShare) {}

    /**
     * @param mixed $input object with "count", "diameter_cm" and "open_share"
     *
     * @throws Refused naming the field and what it may be
     */
    public static function read(mixed $input): self
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['count', 'diameter_cm', 'open_share'], $refusals);
        $count = $fields->integer('count', 0, 10_000);
        $holes = [$count, $fields->number('diameter_cm', self::LEAST_DIAMETER_CM, 100, $count === 0 ? 1.0 : null), $fields->number('open_share', self::LEAST_OPEN_SHARE, 1, 1.0)];
        $refusals->throwIfAny();

        return new self(...$holes);
    }

    public static function of(int $count, float $diameterCm, float $openShare): self
    {
        return self::read(['count' => $count, 'diameter_cm' => $diameterCm, 'open_share' => $openShare]);
    }

    public function radiusCm(): float
    {
        return $this->diameterCm / 2.0;
    }

    /** Area that water can leave by, cm2. */
    public function openAreaCm2(): float
    {
        return $this->count * M_PI * $this->radiusCm() ** 2 * $this->openShare;
    }
}
