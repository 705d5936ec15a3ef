<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/** What a reading is taken with, where it need not be typed. */
enum InstrumentKind: string
{
    case Scale = 'scale';
    case SieveShaker = 'sieve_shaker';
    case ReactionPen = 'reaction_pen';
    case TemperatureProbe = 'temperature_probe';
}
