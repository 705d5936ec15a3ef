<?php

declare(strict_types=1);

namespace Zolbek\Core\Mix\Chemistry;

use Zolbek\Core\Mix\Substrate\Substrate;

/**
 * What a substrate as it lies holds of food and reaction: buffer B in mmol H+ per L and pH unit, cation exchange capacity in cmol/L.
 *
 *     B = (sum p b / sum p) / yield      CEC = (sum p cec / sum p) / yield
 *
 * Source: conservation; model section 7. Check: even blend of pumice, lava and soft clay granule, settled (yield 0.9175782912): the loose mean over that yield.
 */
final readonly class CationExchange
{
    public float $bufferMmolL;
    public float $cecCmolL;

    public function __construct(Substrate $substrate)
    {
        $buffer = $cec = 0.0;
        foreach ($substrate->blend->components as $i => $component) {
            $buffer += $substrate->blend->shares[$i] * $component->buffer;
            $cec += $substrate->blend->shares[$i] * $component->cec;
        }
        $this->bufferMmolL = $buffer / $substrate->yield;
        $this->cecCmolL = $cec / $substrate->yield;
    }
}
