<?php

declare(strict_types=1);

namespace App\Instruments;

use RuntimeException;

/** Why an instrument shows nothing that could be taken. */
final class InstrumentFault extends RuntimeException
{
    public const UNPLUGGED = 'unplugged';
    public const OVERLOAD = 'overload';
    public const BATTERY_EMPTY = 'battery_empty';

    /** @param self::* $fault */
    public function __construct(public readonly string $fault)
    {
        parent::__construct($fault);
    }
}
