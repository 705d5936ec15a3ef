<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

use Zolbek\Core\Basis\Input\Refused;

/**
 * What can be scooped: whole scoops, as many as somebody counts, or steps of so many per cent.
 *
 * Two recipes of the same ratio are one: 2:2 is 1:1. Source: practice, scoops are whole. Check: up to 4 scoops of two components: 1:1, 1:2, 2:1, 1:3, 3:1.
 */
final readonly class Steps
{
    public const MOST_SCOOPS = 20;
    public const PER_CENT = [5, 10, 20, 25];

    /** @param non-empty-list<int> $totals how many whole parts a recipe may have in all */
    private function __construct(public array $totals) {}

    /** @throws Refused field "scoops" outside 1 to 20 */
    public static function scoopsUpTo(int $most): self
    {
        if ($most < 1 || $most > self::MOST_SCOOPS) {
            throw Refused::because('scoops', 'between', $most, ['min' => 1, 'max' => self::MOST_SCOOPS]);
        }

        return new self(range(1, $most));
    }

    /** So many parts in all. */
    public static function parts(int $total): self
    {
        return new self([self::scoopsUpTo($total)->totals[$total - 1]]);
    }

    /** @throws Refused field "per_cent" where it is none of 5, 10, 20, 25 */
    public static function perCent(int $step): self
    {
        if (! in_array($step, self::PER_CENT, true)) {
            throw Refused::because('per_cent', 'one_of', $step, ['words' => implode(', ', self::PER_CENT)]);
        }

        return self::parts(intdiv(100, $step));
    }

    /** Whether it takes recipes of one total only, which may then have a common divisor. */
    public function isOneTotal(): bool
    {
        return count($this->totals) === 1;
    }

    public function largest(): int
    {
        return max($this->totals);
    }
}
