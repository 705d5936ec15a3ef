<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Verdict\Fit\Rating;

/** What is known of a mix but for its years: word and fit, which years can only lower, and what lists are made by. See Glance. */
final readonly class Glimpse
{
    /**
     * @param bool  $isGoodThroughout whether every figure lies in its band
     * @param float $air              share of bulk volume
     * @param float $reachL           litres within the plant's reach; those given up to 50 cm where nobody said where it stands
     * @param float $wetKg            of the finished pot
     * @param float $scoopedL         litres to scoop for one pot
     */
    public function __construct(
        public Rating $rating,
        public float $fit,
        public bool $isGoodThroughout,
        public float $air,
        public float $reachL,
        public float $wetKg,
        public float $scoopedL,
    ) {}
}
