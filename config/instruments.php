<?php

declare(strict_types=1);

use App\Instruments\Simulated\SimulatedController;
use App\Instruments\Simulated\SimulatedMoistureProbe;
use App\Instruments\Simulated\SimulatedPen;
use App\Instruments\Simulated\SimulatedProbe;
use App\Instruments\Simulated\SimulatedScale;
use App\Instruments\Simulated\SimulatedShaker;
use App\Instruments\Simulated\SimulatedStation;

// Which class reads which instrument. A real one takes the place of a simulated one here; see docs/instruments.md.
return [
    'scale' => SimulatedScale::class,
    'sieve_shaker' => SimulatedShaker::class,
    'reaction_pen' => SimulatedPen::class,
    'temperature_probe' => SimulatedProbe::class,
    'moisture_probe' => SimulatedMoistureProbe::class,
    'irrigation_controller' => SimulatedController::class,
    'weather_station' => SimulatedStation::class,
];
