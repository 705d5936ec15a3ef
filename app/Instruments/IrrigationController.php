<?php

declare(strict_types=1);

namespace App\Instruments;

use Zolbek\Core\Basis\Input\Refused;

/** A controller of valves: it keeps a program for each, and opens one for some minutes. Nothing is switched but by a person's tap. */
interface IrrigationController extends Instrument
{
    /**
     * What it has for a valve, and whether that is open.
     *
     * @return array{every_h: float|null, minutes: float|null, open_until: string|null}
     *
     * @throws InstrumentFault
     */
    public function valve(int $valve): array;

    /**
     * Takes a program, which runs from then on.
     *
     * @throws InstrumentFault
     * @throws Refused where it cannot be
     */
    public function program(int $valve, float $everyH, float $minutes): void;

    /**
     * Opens a valve for some minutes, or shuts it with none.
     *
     * @throws InstrumentFault
     */
    public function open(int $valve, float $minutes): void;
}
