<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Setup\Supply;

/**
 * How many pots to fill and how the mixing is done.
 *
 * ballShare is the share of the root zone that the kept root ball takes, gapShare the share of the ball's volume that new mix fills
 * (untouched 0, edges teased 0.10, combed 0.25, washed bare 0.45), objectsL litres in each pot that take no mix, spare the share mixed on top.
 */
final readonly class BatchOrder
{
    public const FIELDS = ['pots', 'ball_share', 'gap_share', 'objects_l', 'spare', 'tub_l', 'scoop_l'];

    public const DEFAULT_SPARE = Supply::SPARE;

    private function __construct(
        public int $pots,
        public float $ballShare,
        public float $gapShare,
        public float $objectsL,
        public float $spare,
        public float $tubL,
        public float $scoopL,
    ) {}

    /**
     * @throws Refused naming the field and what it may be
     */
    public static function read(mixed $input): self
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $tub = $fields->number('tub_l', 0.01, 10_000);
        $order = new self(
            $fields->integer('pots', 1, 10_000),
            $fields->number('ball_share', 0, 0.95, 0),
            $fields->number('gap_share', 0, 1, 0),
            $fields->number('objects_l', 0, 10_000, 0),
            $fields->number('spare', 0, 1, self::DEFAULT_SPARE),
            $tub,
            $fields->number('scoop_l', 0.001, is_nan($tub) ? 10_000 : $tub),
        );
        $refusals->throwIfAny();

        return $order;
    }
}
