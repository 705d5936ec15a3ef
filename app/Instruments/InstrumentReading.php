<?php

declare(strict_types=1);

namespace App\Instruments;

/** What an instrument shows at a moment. */
final readonly class InstrumentReading
{
    /**
     * @param array<array-key, float> $values by quantity: mass_g; ph and ec_ms_cm; celsius; or masses in g by sieve aperture
     * @param bool                    $stable whether it has settled and may be taken
     */
    public function __construct(public array $values, public bool $stable, public bool $batteryLow = false) {}
}
