<?php

declare(strict_types=1);

namespace App\Instruments;

use Zolbek\Core\Place\Climate\Climate;

/** A station that keeps days of weather, and foretells the next ones. Days as `{date, tmin, tmax, rain_mm}`, degC and mm. */
interface WeatherStation extends Instrument
{
    /**
     * Days that are over.
     *
     * @param int $from the first, see Zolbek\Core\Place\Weather\Date
     * @param int $to   the last
     *
     * @return list<array{date: string, tmin: float, tmax: float, rain_mm: float}> oldest first; fewer where it did not measure
     *
     * @throws InstrumentFault when it is silent
     */
    public function days(Climate $climate, int $from, int $to): array;

    /**
     * What it foretells.
     *
     * @param int $from the first day, today
     *
     * @return list<array{date: string, tmin: float, tmax: float, rain_mm: float}> in order
     *
     * @throws InstrumentFault when it is silent
     */
    public function forecast(Climate $climate, int $from): array;
}
