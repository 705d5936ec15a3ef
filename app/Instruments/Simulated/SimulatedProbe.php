<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\InstrumentReading;
use App\Instruments\TemperatureProbe;

/** A temperature probe that creeps towards what it stands in. */
final class SimulatedProbe extends Simulated implements TemperatureProbe
{
    public function read(): InstrumentReading
    {
        $this->mustWork();

        return new InstrumentReading(['celsius' => round($this->settled()['celsius'] + $this->wander('celsius'), 1)], $this->isSettled(), $this->isBatteryLow());
    }

    protected function key(): string
    {
        return 'temperature_probe';
    }

    protected function quantities(): array
    {
        return ['celsius' => 18.0];
    }

    protected function limits(): array
    {
        return ['celsius' => [-20.0, 80.0]];
    }

    protected function settlingS(): float
    {
        return 1.2;
    }

    protected function noise(string $quantity): float
    {
        return 0.08;
    }
}
