<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

/** One thing to do in a test: what is read at it, and how long one waits. `code` names its words and its picture. */
final readonly class Step
{
    /**
     * @param list<string> $setup  readings taken once
     * @param list<string> $rounds readings taken in every round
     * @param int          $waitS  seconds to wait before the next step, 0 for none
     */
    public function __construct(public string $code, public array $setup = [], public array $rounds = [], public int $waitS = 0) {}
}
