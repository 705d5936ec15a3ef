<?php

declare(strict_types=1);

namespace App\Instruments;

/** A pen that shows ph and ec_ms_cm of what it is dipped into. */
interface ReactionPen extends Instrument {}
