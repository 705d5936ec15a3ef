<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

/** One line of a recipe in words: what is named, how much, in which unit as it was written ("" for none), whether the amount is a fraction of something, and how far off it may be where a range was written, as a share of it. */
final readonly class WrittenAmount
{
    public function __construct(public string $words, public float $amount, public string $unit, public bool $isFraction, public float $doubt = 0.0) {}
}
