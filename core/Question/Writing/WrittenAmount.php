<?php

declare(strict_types=1);

namespace Zolbek\Core\Question\Writing;

/** One line of a recipe in words: what is named, how much, in which unit as it was written ("" for none), and whether the amount is a fraction of something. */
final readonly class WrittenAmount
{
    public function __construct(public string $words, public float $amount, public string $unit, public bool $isFraction) {}
}
