<?php

declare(strict_types=1);

namespace App\Instruments;

/** A sieve tower that shakes a sample and weighs what stays on each sieve: values are masses in g by aperture, and "pan". */
interface SieveShaker extends Instrument
{
    /**
     * Starts shaking on these sieves.
     *
     * @param non-empty-list<float> $aperturesMm
     *
     * @throws InstrumentFault
     */
    public function shake(array $aperturesMm): void;
}
