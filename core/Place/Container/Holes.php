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
    private const MOST = 10_000;

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
        $count = $fields->integer('count', 0, self::MOST);
        $holes = [$count, $fields->number('diameter_cm', self::LEAST_DIAMETER_CM, 100, $count === 0 ? 1.0 : null), $fields->number('open_share', self::LEAST_OPEN_SHARE, 1, 1.0)];
        $refusals->throwIfAny();

        return new self(...$holes);
    }

    public static function of(int $count, float $diameterCm, float $openShare): self
    {
        return self::read(['count' => $count, 'diameter_cm' => $diameterCm, 'open_share' => $openShare]);
    }

    /**
     * The floor of a net, a basket or a bag of cloth: so many openings as leave so much of it open.
     *
     *     n = floor area * open share / (pi/4 d^2), at most 10,000; of finer ones as many that are wider
     *
     * Source: geometry. Check: 100 cm2, openings of 0.5 cm, 40 % open: 203 of them.
     */
    public static function net(Container $pot, float $openingCm, float $openShare): self
    {
        $openCm2 = $pot->floorCm2() * $openShare;
        $each = M_PI / 4.0 * $openingCm ** 2;
        $count = (int) max(1.0, min(self::MOST, floor($openCm2 / $each)));
        // finer openings than can be counted are taken as fewer that let as much through
        $diameter = $count < self::MOST ? $openingCm : sqrt($openCm2 / $count * 4.0 / M_PI);

        return self::of($count, $diameter, 1.0);
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
