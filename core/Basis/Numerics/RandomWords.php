<?php

declare(strict_types=1);

namespace Zolbek\Core\Basis\Numerics;

/**
 * A stream of random words of 32 bits, the same every time for a seed and a run.
 *
 *     key = (seed + 1000003 run) mod 2^31;  x = (key * 2654435761 + 2463534242) mod 2^32, never 0;  the first 20 words are thrown away
 *     word: x ^= x << 13; x ^= x >> 17; x ^= x << 5, in 32 bits;  u = (word + 0.5)/2^32, never 0 or 1
 *
 * Source: G. Marsaglia, Xorshift RNGs, Journal of Statistical Software 8 (2003) 14. Check: seed 2027, run 3 begins 1087166086, 2576550536.
 */
final class RandomWords
{
    public const MOST_SEED = 2_147_483_647;
    public const MOST_RUN = 1_000_000;
    private const START = 2_463_534_242;
    private const WARM_UP = 20;
    private const WORD = 0xFFFFFFFF;
    private const RANGE = 4_294_967_296.0;

    private int $x;

    /**
     * @param int $seed 0 to 2^31 - 1
     * @param int $run  0 to 10^6
     */
    public function __construct(int $seed, int $run = 0)
    {
        $key = ($seed + 1_000_003 * $run) % 2_147_483_648;
        $x = ($key * 2_654_435_761 + self::START) % 4_294_967_296;
        $this->x = $x === 0 ? self::START : $x;
        for ($i = 0; $i < self::WARM_UP; ++$i) {
            $this->word();
        }
    }

    public function word(): int
    {
        $x = $this->x;
        $x ^= ($x << 13) & self::WORD;
        $x ^= $x >> 17;

        return $this->x = $x ^ (($x << 5) & self::WORD);
    }

    /** Above 0 and below 1. */
    public function uniform(): float
    {
        return ($this->word() + 0.5) / self::RANGE;
    }
}
