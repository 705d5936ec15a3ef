<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

/** Another place for a part of each year: from a day of the year on, up to the one before another, round the year's end. */
final readonly class Quarters
{
    /**
     * @param int $from 1 to 365
     * @param int $to   1 to 365, not itself
     */
    public function __construct(public int $from, public int $to, public PotStand $stand) {}

    public function holds(int $dayOfYear): bool
    {
        return $this->from <= $this->to ? $dayOfYear >= $this->from && $dayOfYear < $this->to : $dayOfYear >= $this->from || $dayOfYear < $this->to;
    }
}
