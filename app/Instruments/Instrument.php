<?php

declare(strict_types=1);

namespace App\Instruments;

/** Anything at the bench that can be read. */
interface Instrument
{
    /** @throws InstrumentFault when it is unplugged, overloaded or its battery is empty */
    public function read(): InstrumentReading;
}
