<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\InstrumentReading;
use App\Instruments\ReactionPen;

/** A pH and EC pen that takes some seconds to settle after it is dipped. */
final class SimulatedPen extends Simulated implements ReactionPen
{
    public function read(): InstrumentReading
    {
        $this->mustWork();
        $settled = $this->settled();

        return new InstrumentReading([
            'ph' => round(min(14.0, max(0.0, $settled['ph'] + $this->wander('ph'))), 2),
            'ec_ms_cm' => round(max(0.0, $settled['ec_ms_cm'] + $this->wander('ec_ms_cm')), 3),
        ], $this->isSettled(), $this->isBatteryLow());
    }

    protected function key(): string
    {
        return 'reaction_pen';
    }

    protected function quantities(): array
    {
        return ['ph' => 7.0, 'ec_ms_cm' => 0.3];
    }

    protected function limits(): array
    {
        return ['ph' => [0.0, 14.0], 'ec_ms_cm' => [0.0, 20.0]];
    }

    protected function settlingS(): float
    {
        return 0.7;
    }

    protected function noise(string $quantity): float
    {
        return $quantity === 'ph' ? 0.02 : 0.005;
    }
}
