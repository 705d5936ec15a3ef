<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/** How a bench test goes: what it needs, how long it takes, what is read, step by step. */
final readonly class TestPlan
{
    /** @var array<string, Reading> */
    public array $setup;

    /** @var array<string, Reading> */
    public array $round;

    /**
     * @param list<string>         $tools   words of the catalogue
     * @param int                  $minutes of work
     * @param int                  $waitMinutes between them, over night included
     * @param int                  $rounds  how often it is worth doing
     * @param list<Reading>        $setup   read once
     * @param non-empty-list<Reading> $round read in every round
     * @param non-empty-list<Step> $steps
     * @param list<string>         $cautions words of the catalogue
     */
    public function __construct(
        public array $tools,
        public int $minutes,
        public int $waitMinutes,
        public int $rounds,
        array $setup,
        array $round,
        public array $steps,
        public array $cautions = [],
    ) {
        $this->setup = array_column($setup, null, 'name');
        $this->round = array_column($round, null, 'name');
    }
}
