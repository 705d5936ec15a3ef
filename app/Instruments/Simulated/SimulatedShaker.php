<?php

declare(strict_types=1);

namespace App\Instruments\Simulated;

use App\Instruments\InstrumentFault;
use App\Instruments\InstrumentReading;
use App\Instruments\SieveShaker;
use App\Shelf\Models\Component;
use Zolbek\Core\Basis\Input\Refused;

/** A sieve tower that parts its sample as the grading of a component of the shelf says, loses a little as dust, and takes some seconds to shake. */
final class SimulatedShaker extends Simulated implements SieveShaker
{
    private const MOST_G = 2000.0;
    private const SHAKING_S = 2.0;
    private const LOST = 0.004;
    private const UNEVEN = 0.03;

    public function shake(array $aperturesMm): void
    {
        $this->mustWork();
        $state = $this->state();
        if ($state['now']['mass_g'] > self::MOST_G) {
            throw new InstrumentFault(InstrumentFault::OVERLOAD);
        }
        $component = Component::query()->find((int) $state['now']['component_id']);
        if ($component === null) {
            throw Refused::because('component_id', 'component_missing', (int) $state['now']['component_id']);
        }
        $grading = $component->toCore()->grading;
        rsort($aperturesMm);
        $shares = [];
        $above = 1.0;
        foreach ($aperturesMm as $aperture) {
            $passing = $grading->passingAt($aperture);
            $shares[(string) $aperture] = ($above - $passing) * (1.0 + self::UNEVEN * $this->wander('share'));
            $above = $passing;
        }
        $shares['pan'] = $above;
        $mass = $state['now']['mass_g'] * (1.0 - self::LOST) / array_sum($shares);
        $this->keep([...$state, 'retained' => array_map(static fn(float $share): float => round(max(0.0, $share * $mass), 1), $shares), 'shaken_at' => self::clock()]);
    }

    public function read(): InstrumentReading
    {
        $this->mustWork();
        $state = $this->state();
        $isDone = isset($state['shaken_at']) && self::clock() - $state['shaken_at'] >= self::SHAKING_S;

        return new InstrumentReading($isDone ? $state['retained'] : [], $isDone, $this->isBatteryLow());
    }

    protected function key(): string
    {
        return 'sieve_shaker';
    }

    protected function quantities(): array
    {
        return ['component_id' => 1.0, 'mass_g' => 200.0];
    }

    protected function limits(): array
    {
        return ['component_id' => [1.0, 1e9], 'mass_g' => [0.0, 5000.0]];
    }

    protected function settlingS(): float
    {
        return 0.1;
    }

    protected function noise(string $quantity): float
    {
        return 1.0;
    }
}
