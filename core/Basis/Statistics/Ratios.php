<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Statistics;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Quantile;

/**
 * What was measured over what was computed, many times: how far off on the whole, how far apart, and which stand out.
 *
 *     l_i = ln(measured_i/computed_i);   bias = exp(mean l) - 1;   spread = exp(s) - 1, s with n - 1;   stands out: |l_i - median| > 3 * 1.4826 median|l_i - median|
 *
 * Logarithms, for twice as much and half as much are equally wrong. Source: Bland and Altman, Statistical Methods in Medical Research 8 (1999) 135-160, section 4 (ratios); the
 * limit of three scaled absolute deviations: Leys et al., Journal of Experimental Social Psychology 49 (2013) 764-766. Check: ratios 1.1, 1.2, 1.3: bias 0.1972, spread 0.0871.
 */
final readonly class Ratios
{
    private const OUT = 3.0;
    private const SCALE = 1.4826;

    /** Fewer than these say nothing of what stands out. */
    private const ENOUGH = 5;

    public int $n;
    public float $bias;

    /** Null where there is one only. */
    public ?float $spread;

    /** Standard error of the mean logarithm, so that bias lies between (1 + bias) exp(-2 e) - 1 and exp(2 e) of it; null where there is one only. */
    public ?float $error;

    /** @var list<bool> of each whether it stands out */
    public array $out;

    /**
     * @param non-empty-list<array{measured: float, computed: float}> $pairs all above 0
     *
     * @throws Refused naming the pair that is not above 0
     */
    public function __construct(array $pairs)
    {
        $logs = [];
        foreach ($pairs as $i => $pair) {
            if ($pair['measured'] <= 0.0 || $pair['computed'] <= 0.0) {
                throw Refused::because('pairs.'.$i, 'above', min($pair['measured'], $pair['computed']), ['min' => 0, 'max' => 1e12]);
            }
            $logs[] = log($pair['measured'] / $pair['computed']);
        }
        $this->n = count($logs);
        $sample = new Sample($logs);
        $this->bias = exp($sample->mean) - 1.0;
        $this->spread = $sample->deviation === null ? null : exp($sample->deviation) - 1.0;
        $this->error = $sample->error();
        $this->out = self::standsOut($logs);
    }

    /**
     * @param non-empty-list<float> $values
     *
     * @return list<bool>
     */
    public static function standsOut(array $values): array
    {
        $middle = Quantile::of($values, 0.5);
        $away = array_map(static fn(float $value): float => abs($value - $middle), $values);
        $limit = self::OUT * self::SCALE * Quantile::of($away, 0.5);

        return array_map(static fn(float $far): bool => count($values) >= self::ENOUGH && $limit > 0.0 && $far > $limit, $away);
    }
}
