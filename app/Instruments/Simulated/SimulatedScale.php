<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\BenchScale;
use App\Instruments\InstrumentFault;
use App\Instruments\InstrumentReading;

/** A bench scale up to 6 kg that shows tenths of a gram, settles in about two seconds and drifts a little until it is tared again. */
final class SimulatedScale extends Simulated implements BenchScale
{
    public const CAPACITY_G = 6000.0;
    private const DRIFT_G_PER_HOUR = 0.6;
    private const DRIFT_MOST_G = 1.2;
    private const STEP_G = 0.1;

    public function read(): InstrumentReading
    {
        $this->mustWork();
        $state = $this->state();
        $mass = $this->settled()['mass_g'];
        if ($mass > self::CAPACITY_G) {
            throw new InstrumentFault(InstrumentFault::OVERLOAD);
        }
        $tared = $state['tared_at'] ?? self::clock();
        $drift = min(self::DRIFT_MOST_G, (self::clock() - $tared) / 3600.0 * self::DRIFT_G_PER_HOUR);
        $shown = $mass + $drift + $this->wander('mass_g') - ($state['tare_g'] ?? 0.0);

        return new InstrumentReading(['mass_g' => round($shown / self::STEP_G) * self::STEP_G], $this->isSettled(), $this->isBatteryLow());
    }

    public function tare(): void
    {
        $this->mustWork();
        $this->keep([...$this->state(), 'tare_g' => $this->settled()['mass_g'], 'tared_at' => self::clock()]);
    }

    protected function key(): string
    {
        return 'scale';
    }

    protected function quantities(): array
    {
        return ['mass_g' => 0.0];
    }

    protected function limits(): array
    {
        return ['mass_g' => [0.0, 20_000.0]];
    }

    protected function settlingS(): float
    {
        return 0.25;
    }

    protected function noise(string $quantity): float
    {
        return 0.05;
    }
}
