<?php

declare(strict_types=1);

namespace App\Instruments;

/** A probe that shows moisture_percent of the mix between its pins: of little use where much of that is air. */
interface MoistureProbe extends Instrument {}
