<?php

declare(strict_types=1);

namespace App\Instruments;

/** A scale that shows mass_g of what is on the pan, less the tare. */
interface BenchScale extends Instrument
{
    /** @throws InstrumentFault */
    public function tare(): void;
}
