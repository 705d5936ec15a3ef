<?php

declare(strict_types=1);

namespace App\Instruments;

/** A probe that shows celsius. */
interface TemperatureProbe extends Instrument {}
