<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\InstrumentReading;
use App\Instruments\IrrigationController;
use Illuminate\Support\Carbon;

/** A controller that keeps programs and shuts a valve when its time is over; unplugged it takes nothing. */
final class SimulatedController extends Simulated implements IrrigationController
{
    public function read(): InstrumentReading
    {
        $this->mustWork();
        $open = array_filter($this->state()['open'] ?? [], static fn(float $until): bool => $until > self::clock());

        return new InstrumentReading(['valves_open' => (float) count($open)], true, $this->isBatteryLow());
    }

    public function valve(int $valve): array
    {
        $this->mustWork();
        $program = $this->state()['programs'][$valve] ?? null;
        $until = $this->state()['open'][$valve] ?? 0.0;

        return ['every_h' => $program['every_h'] ?? null, 'minutes' => $program['minutes'] ?? null, 'open_until' => $until > self::clock() ? Carbon::createFromTimestamp($until)->toIso8601String() : null];
    }

    public function program(int $valve, float $everyH, float $minutes): void
    {
        $this->mustWork();
        $state = $this->state();
        $state['programs'][$valve] = ['every_h' => $everyH, 'minutes' => $minutes];
        $this->keep($state);
    }

    public function open(int $valve, float $minutes): void
    {
        $this->mustWork();
        $state = $this->state();
        $state['open'][$valve] = self::clock() + 60.0 * $minutes;
        $this->keep($state);
    }

    protected function key(): string
    {
        return 'irrigation_controller';
    }
}
