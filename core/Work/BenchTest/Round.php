<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refused;

/** One run of a test with its readings. A round that was set aside stays on record and is left out of the mean. */
final readonly class Round
{
    /**
     * @param array<string, float>          $numbers
     * @param array<string, string>         $choices
     * @param array<array-key, float>       $retained masses in g by aperture, and in the pan
     */
    public function __construct(public array $numbers, public array $choices, public array $retained, public bool $setAside, public bool $complete) {}

    public function has(string $name): bool
    {
        return isset($this->numbers[$name]);
    }

    public function number(string $name): float
    {
        return $this->numbers[$name] ?? NAN;
    }

    /**
     * One reading as a share of another.
     *
     * @throws Refused at the part where it is more than the whole
     */
    public function share(string $part, string $whole): float
    {
        if ($this->number($part) > $this->number($whole)) {
            throw Refused::because($part, 'more_than_start', $this->number($part), ['max' => $this->number($whole)]);
        }

        return $this->number($part) / $this->number($whole);
    }
}
