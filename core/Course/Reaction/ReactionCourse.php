<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Reaction;

use Zolbek\Core\Place\Setup\ModelConstants;

/**
 * Where the reaction of a mix goes under its water, its feed and what is washed out.
 *
 *     B dpH/dt = Win (Alk - c Fw)/50.04 - c Fn - D 1000 pCO2 10^(pH - 7.82)      mmol per L of mix and year
 *     c = clamp(pH - 4.5, 0, 1): below 4.5 nitrification stops                   cap = 8.28 - (2/3) log10(pCO2 / 10^-3.4)
 *
 * B buffer of the settled mix in mmol H+ per L and pH unit, at least 2 here; Win litres given and D litres drained per L of mix and year; Alk lime of the water and
 * Fw acidity of what is fed with it, mg/L CaCO3; Fn acidity of what lies in the mix by its nitrogen, mmol H+ per L and year; pCO2 0.01 atm among roots. Solved in
 * ceil(48 t) equal steps, each the exact logistic with c of its start; all that is left in one, where c stays 0 or 1 to the end, for a logistic goes one way and
 * steps of it make one. Source: carbonate equilibrium (W. Stumm and J. J. Morgan, Aquatic Chemistry); model
 * revision (c). Check: from 6.74, three years, B 14, Win 30, Alk 60, Fn 15, D 18: 6.886345672; cap 7.346666667.
 */
final readonly class ReactionCourse
{
    public const LEAST_BUFFER = 2.0;
    public const MG_PER_MMOL = 50.04;
    private const STEPS_A_YEAR = 48;
    private const STILL = 1e-9;

    /** Beyond it exp() has no figure; what is meant lies at the cap then. */
    private const LARGEST = 600.0;

    public float $cap;

    public function __construct(
        private float $bufferMmolL,
        private float $givenLPerL,
        private float $drainedLPerL,
        private float $alkalinityMgL,
        private float $feedAcidityMgL = 0.0,
        private float $feedAcidityMmolLYear = 0.0,
        private float $pco2Atm = ModelConstants::PCO2_ATM,
    ) {
        $this->cap = self::cap($pco2Atm);
    }

    /** Above it lime of the water falls out instead. */
    public static function cap(float $pco2Atm): float
    {
        return 8.28 - 2.0 / 3.0 * log10($pco2Atm / 10.0 ** -3.4);
    }

    /** mmol of lime that a litre which runs out takes along, over 10^pH. */
    public static function takenAlong(float $pco2Atm): float
    {
        return 1000.0 * $pco2Atm * 10.0 ** -7.82;
    }

    public function phAfter(float $ph, float $years): float
    {
        $steps = max(1, (int) ceil(self::STEPS_A_YEAR * $years - 1e-9));
        $h = $years / $steps;
        $buffer = max(self::LEAST_BUFFER, $this->bufferMmolL);
        $leached = log(10.0) * $this->drainedLPerL * self::takenAlong($this->pco2Atm) / $buffer;
        $ph = min($this->cap, $ph);
        for ($step = 0; $step < $steps; ++$step) {
            $nitrifies = self::nitrifies($ph);
            $gain = log(10.0) * ($this->givenLPerL * ($this->alkalinityMgL - $nitrifies * $this->feedAcidityMgL) / self::MG_PER_MMOL - $nitrifies * $this->feedAcidityMmolLYear) / $buffer;
            if ($nitrifies === 1.0 || $nitrifies === 0.0) {
                $end = min($this->cap, self::logistic($ph, $gain, $leached, ($steps - $step) * $h));
                if (self::nitrifies($end) === $nitrifies) {
                    return $end;
                }
            }
            $ph = min($this->cap, self::logistic($ph, $gain, $leached, $h));
        }

        return $ph;
    }

    private static function nitrifies(float $ph): float
    {
        return min(1.0, max(0.0, $ph - 4.5));
    }

    private static function logistic(float $ph, float $gain, float $leached, float $years): float
    {
        $x = 10.0 ** $ph;
        if (abs($gain * $years) < self::STILL) {
            return log10($x / (1.0 + $leached * $x * $years));
        }
        $grown = exp(min(self::LARGEST, $gain * $years));

        return log10($x * $grown / (1.0 + $leached * $x * ($grown - 1.0) / $gain));
    }
}
