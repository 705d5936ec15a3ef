<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\BenchTest;

use Zolbek\Core\Basis\Input\Refusal;

/** What a test found, and what about it is doubtful. A doubt can be overridden with a reason. */
final readonly class Outcome
{
    /**
     * @param list<Figure>          $figures  the main one first
     * @param list<Refusal>         $doubts   each with a rule of its own
     * @param array<string, string> $findings what is seen rather than measured, such as lime => strong
     */
    public function __construct(public array $figures, public array $doubts = [], public array $findings = []) {}

    /** Of the figures that there are. */
    public static function of(?Figure ...$figures): self
    {
        return new self(array_values(array_filter($figures)));
    }

    public function figure(string $name): ?Figure
    {
        foreach ($this->figures as $figure) {
            if ($figure->name === $name) {
                return $figure;
            }
        }

        return null;
    }
}
