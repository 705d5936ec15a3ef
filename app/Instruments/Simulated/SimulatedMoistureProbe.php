<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\InstrumentReading;
use App\Instruments\MoistureProbe;

/** A moisture probe that wanders: in an airy mix its pins touch few grains. */
final class SimulatedMoistureProbe extends Simulated implements MoistureProbe
{
    public function read(): InstrumentReading
    {
        $this->mustWork();

        return new InstrumentReading(
            ['moisture_percent' => round(min(100.0, max(0.0, $this->settled()['moisture_percent'] + $this->wander('moisture_percent'))), 0)],
            $this->isSettled(),
            $this->isBatteryLow(),
        );
    }

    protected function key(): string
    {
        return 'moisture_probe';
    }

    protected function quantities(): array
    {
        return ['moisture_percent' => 24.0];
    }

    protected function limits(): array
    {
        return ['moisture_percent' => [0.0, 100.0]];
    }

    protected function settlingS(): float
    {
        return 0.5;
    }

    protected function noise(string $quantity): float
    {
        return 3.0;
    }
}
