<?php

declare(strict_types=1);

namespace Zolbek\Core\Place\Climate;

/** Means of one month: temperatures in degC, rain in mm a month, and where known humidity in %, wind at 2 m in m/s, hours of sun a day and days with rain. */
final readonly class MonthClimate
{
    public float $meanC;

    public function __construct(
        public float $tMin,
        public float $tMax,
        public float $rainMm,
        public ?float $humidity = null,
        public ?float $windMS = null,
        public ?float $sunHours = null,
        public ?float $wetDays = null,
    ) {
        $this->meanC = ($tMin + $tMax) / 2.0;
    }
}
