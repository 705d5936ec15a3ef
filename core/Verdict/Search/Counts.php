<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/** How far a search has come: recipes there are, judged, ruled out by what, and not looked at. */
final class Counts
{
    public int $judged = 0;

    /** @var array<string, int> by the word of a criterion or a wish */
    public array $ruledOut = [];

    public function __construct(public readonly int $space) {}

    public function ruleOut(string $cause, int $recipes = 1): void
    {
        if ($recipes > 0) {
            $this->ruledOut[$cause] = ($this->ruledOut[$cause] ?? 0) + $recipes;
        }
    }

    public function notLookedAt(): int
    {
        return max(0, $this->space - $this->judged - array_sum($this->ruledOut));
    }
}
