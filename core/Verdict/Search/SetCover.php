<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Search;

/**
 * The fewest that together serve everybody: an exact cover by depth, of equally many the one that gives up least. Where too many would have to be tried, always the one
 * that serves most of what is left.
 *
 * Source: set cover by branch and bound. Check: of {1,2}, {2,3}, {1,3} any two serve all three, one does not.
 */
final class SetCover
{
    /** Covers that are tried. */
    private const MOST_STEPS = 200_000;

    /** @var list<int> who was chosen */
    public readonly array $chosen;

    /** Whether no smaller number can serve them. */
    public readonly bool $isProved;

    private int $steps = 0;

    /** @var array<int, list<int>> who serves each */
    private readonly array $by;

    /** @param array<int, array<int, float>> $serves by who serves those who are served, from 0 on, with what is given up there; each is served by somebody */
    public function __construct(private readonly array $serves, private readonly int $served)
    {
        $by = array_fill(0, $served, []);
        foreach ($serves as $who => $of) {
            foreach (array_keys($of) as $one) {
                $by[$one][] = $who;
            }
        }
        $this->by = $by;
        $best = null;
        for ($size = 1; $size <= $served && $best === null; ++$size) {
            $best = $this->tried([], $size, null);
        }
        $this->chosen = $best[1] ?? $this->greedy();
        $this->isProved = $best !== null && $this->steps < self::MOST_STEPS;
    }

    /**
     * @param list<int>                    $chosen
     * @param array{float, list<int>}|null $best   what is given up and who
     *
     * @return array{float, list<int>}|null
     */
    private function tried(array $chosen, int $more, ?array $best): ?array
    {
        $open = null;
        $lost = 0.0;
        foreach ($this->by as $one => $who) {
            $given = array_filter(array_map(fn(int $each): ?float => $this->serves[$each][$one] ?? null, $chosen), static fn(?float $each): bool => $each !== null);
            if ($given === [] && ($open === null || count($who) < count($this->by[$open]))) {
                $open = $one;
            }
            $lost += $given === [] ? 0.0 : min($given);
        }
        if ($open === null) {
            return $best === null || $lost < $best[0] ? [$lost, $chosen] : $best;
        }
        foreach ($more === 0 ? [] : $this->by[$open] as $who) {
            if (++$this->steps > self::MOST_STEPS) {
                break;
            }
            $best = $this->tried([...$chosen, $who], $more - 1, $best);
        }

        return $best;
    }

    /** @return list<int> */
    private function greedy(): array
    {
        $open = array_flip(range(0, $this->served - 1));
        $chosen = [];
        while ($open !== []) {
            $counts = array_map(static fn(array $of): int => count(array_intersect_key($of, $open)), $this->serves);
            arsort($counts);
            $chosen[] = $next = array_key_first($counts) ?? throw new \LogicException('Everybody is served by somebody.');
            $open = array_diff_key($open, $this->serves[$next]);
        }

        return $chosen;
    }
}
