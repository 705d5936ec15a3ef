<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\WaterRound;

use Zolbek\Core\Course\Water\PotLitres;

/**
 * What is thought to be in a pot, how much its plant uses over what is computed, and how sure both are: an extended Kalman filter of two states.
 *
 *     after a thorough watering   W = W(0), t = ln phi = 0, P11 = (0.08 (W(0) - W(limit)))^2, P12 = 0, P22 = 0.35^2
 *     entering g                  need = W(0) - W, r = eta need.  g >= r or through: P11 = (1 - eta)^2 P11 + (0.08 need)^2, P12 *= 1 - eta;  else P11 += (0.2 g)^2
 *     a day's use, U = D1 e^t     n = W after U, b = min(n, W(limit)) - Wx, F = b/(min(W, W(limit)) - Wx), j = -U b/room, used = W - n;
 *                                 P11 = F^2 P11 + 2 F j P12 + j^2 P22 + (0.2 used)^2 + (0.005 (W(0) - Wx))^2, P12 = F P12 + j P22, P22 += 0.01^2
 *     a reading z of variance R   S = P11 + R, v = z - W, W += P11/S v within Wx..W(0), t += P12/S v within +-ln 4, P22 -= P12^2/S, P12 and P11 *= 1 - P11/S
 *                                 |v| > 3 sqrt(S): it is used, and looked at again
 *
 * Litres. Variances judged; W(0), W(limit) and the curve are taken as true, what is wrong in them ends up in phi. Source: R. E. Kalman, Journal of Basic Engineering 82
 * (1960) 35-45; the season model, section 5. Check: W(0) 1, W(limit) 0.6, Wx 0.2, full, 0.2 L used: 0.8 L, P11 0.00754, P12 -0.0245.
 */
final readonly class PotState
{
    public const PHI_SPREAD = 0.35;
    private const MOST_FOLD = 4.0;
    private const FILLED = 0.08;
    private const DOUBTFUL = 0.3;
    private const FAR = 3.0;

    /**
     * @param float $waterL    W
     * @param float $logPhi    t
     * @param float $varL2     P11
     * @param float $covL      P12
     * @param float $varPhi    P22
     * @param bool  $lookAgain whether the last reading lay further off than it should
     */
    public function __construct(public float $waterL, public float $logPhi, public float $varL2, public float $covL, public float $varPhi, public bool $lookAgain = false) {}

    /** After a thorough watering, with what is known of its use. */
    public static function full(PotLitres $pot, float $logPhi = 0.0, float $phiSpread = self::PHI_SPREAD): self
    {
        return new self($pot->fullL, $logPhi, (self::FILLED * $pot->easyL()) ** 2, 0.0, $phiSpread ** 2);
    }

    /** What the plant uses over what is computed. */
    public function phi(): float
    {
        return exp($this->logPhi);
    }

    /** Standard deviation of the litres. */
    public function spreadL(): float
    {
        return sqrt($this->varL2);
    }

    /** Doubtful: to be looked at first. */
    public function isDoubtful(PotLitres $pot): bool
    {
        return $this->spreadL() > self::DOUBTFUL * $pot->easyL();
    }

    /**
     * Water that comes in: a round, or rain.
     *
     * @param float|null $litres null through and through
     */
    public function entering(PotLitres $pot, ?float $litres, bool $dunked = false): self
    {
        $eta = $pot->refill($this->waterL, $dunked);
        $need = $pot->fullL - $this->waterL;
        $stays = $eta * $need;
        if ($litres === null || $litres >= $stays) {
            return new self($this->waterL + $stays, $this->logPhi, (1.0 - $eta) ** 2 * $this->varL2 + (self::FILLED * $need) ** 2, $this->covL * (1.0 - $eta), $this->varPhi, $this->lookAgain);
        }

        return new self($this->waterL + $litres, $this->logPhi, $this->varL2 + (0.2 * $litres) ** 2, $this->covL, $this->varPhi, $this->lookAgain);
    }

    /**
     * @param float $demandL D1 of a day, at phi = 1
     * @param float $share   of the day that goes by, where it is cut; what is not known of it is shared out alike
     */
    public function day(PotLitres $pot, float $demandL, float $share = 1.0): self
    {
        if ($share <= 0.0) {
            return $this;
        }
        $wanted = $demandL * $share * $this->phi();
        $next = $pot->after($this->waterL, $wanted);
        $below = min($next, $pot->limitL) - $pot->lockedL;
        $keeps = $below / max(1e-9, min($this->waterL, $pot->limitL) - $pot->lockedL);
        $slope = -$wanted * $below / $pot->roomL;
        $used = $this->waterL - $next;

        return new self(
            $next,
            $this->logPhi,
            $keeps ** 2 * $this->varL2 + 2.0 * $keeps * $slope * $this->covL + $slope ** 2 * $this->varPhi + (0.2 * $used) ** 2 / $share + $share * (0.005 * ($pot->fullL - $pot->lockedL)) ** 2,
            $keeps * $this->covL + $slope * $this->varPhi,
            $this->varPhi + $share * 0.01 ** 2,
            $this->lookAgain,
        );
    }

    public function reading(PotLitres $pot, WaterReading $reading): self
    {
        $sum = $this->varL2 + $reading->variance;
        [$gain, $gainPhi] = [$this->varL2 / $sum, $this->covL / $sum];
        $off = $reading->waterL - $this->waterL;
        $most = log(self::MOST_FOLD);

        return new self(
            $pot->held($this->waterL + $gain * $off),
            max(-$most, min($most, $this->logPhi + $gainPhi * $off)),
            $this->varL2 * (1.0 - $gain),
            $this->covL * (1.0 - $gain),
            $this->varPhi - $gainPhi * $this->covL,
            abs($off) > self::FAR * sqrt($sum),
        );
    }
}
