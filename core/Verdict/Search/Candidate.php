<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** A recipe that was judged and not ruled out: its parts by place on the shelf, what was seen of it at a glance, what its mix costs for one pot, and whether all of it lies there. */
final readonly class Candidate
{
    /** Place and parts of each, a byte each: there may be a hundred thousand of these at a time. */
    private string $code;

    /**
     * @param non-empty-array<int, int> $parts whole parts by place of the ingredient, below 256 both
     * @param float|null                $cost  null where a price is not known
     */
    public function __construct(array $parts, public Glimpse $glimpse, public ?float $cost, public bool $isInStock)
    {
        $code = '';
        foreach ($parts as $place => $each) {
            $code .= chr($place).chr($each);
        }
        $this->code = $code;
    }

    /** @return non-empty-array<int, int> whole parts by place of the ingredient */
    public function parts(): array
    {
        $parts = [];
        for ($at = 0; $at < strlen($this->code); $at += 2) {
            $parts[ord($this->code[$at])] = ord($this->code[$at + 1]);
        }

        return $parts;
    }

    /** How many components it has. */
    public function count(): int
    {
        return intdiv(strlen($this->code), 2);
    }

    /** @return array<int, float> shares of what is scooped, by place of the ingredient, summing to 1 */
    public function shares(): array
    {
        $parts = $this->parts();
        $total = array_sum($parts);

        return array_map(static fn(int $each): float => $each / $total, $parts);
    }

    /** The same for the same recipe; sorts by place and parts. */
    public function code(): string
    {
        return $this->code;
    }
}
