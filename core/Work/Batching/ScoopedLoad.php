<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Batching;

/** One load as it is scooped into the tub: its number, and what goes into it of each portion. Its litres are those that the scoops hold. */
final readonly class ScoopedLoad
{
    public float $litres;

    /** @param non-empty-list<ScoopedPart> $parts */
    public function __construct(public int $number, public array $parts)
    {
        $this->litres = array_sum(array_map(static fn(ScoopedPart $part): float => $part->litres, $parts));
    }

    public function litresOf(string $key): float
    {
        foreach ($this->parts as $part) {
            if ($part->key === $key) {
                return $part->litres;
            }
        }

        return 0.0;
    }
}
