<?php

declare(strict_types=1);

namespace Zolbek\Core\Fit;

/** One criterion's figure against its band. A figure is null where there is none: no outlet, or nothing that buffers. */
final readonly class Verdict
{
    public float $desirability;
    public Level $level;

    /** How many margins the figure lies outside its band; INF without an outlet. */
    public float $marginsOutside;

    public function __construct(public Criterion $criterion, public ?float $value, public Band $band)
    {
        $this->marginsOutside = match (true) {
            $value !== null => $band->outside($value) / $band->margin,
            $criterion === Criterion::RunThrough => INF,
            default => 0.0,
        };
        $missing = $criterion === Criterion::RunThrough ? Band::LEAST : 1.0;
        $this->desirability = $value === null ? $missing : $band->desirability($value);
        $this->level = match (true) {
            $value !== null => $band->level($value),
            $criterion === Criterion::RunThrough => Level::Stop,
            default => Level::Good,
        };
    }
}
