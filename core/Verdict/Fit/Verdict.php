<?php

declare(strict_types=1);

namespace Zolbek\Core\Verdict\Fit;

use Zolbek\Core\Place\Plant\Band;

/**
 * One criterion's figure against its band.
 *
 *     o margins outside; air above its band counts half
 *     d = max(0.05, 1 - 0.95 o); at least 0.3 for air above its band and for notes
 *     good to o 0.15, stop from o 1 (never a note, never air above its band), else mind
 *
 * A figure is null without an outlet: o 99. Source: model revision (f). Check: air 0.11 in 0.14 to 0.38 with margin 0.06: o 0.5, d 0.525, mind.
 */
final readonly class Verdict
{
    public const LEAST = 0.05;
    public const GOOD_TO = 0.15;
    private const LEAST_OF_A_NOTE = 0.3;
    private const NO_OUTLET = 99.0;

    /** o. */
    public float $marginsOutside;

    /** d, 0.05 to 1. */
    public float $desirability;

    public Level $level;

    public function __construct(public Criterion $criterion, public ?float $value, public Band $band)
    {
        $tooMuchAir = $criterion === Criterion::Air && $value !== null && $value > $band->high;
        $this->marginsOutside = $value === null ? self::NO_OUTLET : $band->marginsOutside($value) * ($tooMuchAir ? 0.5 : 1.0);
        $stops = $criterion->noteWeight() === null && ! $tooMuchAir;
        $this->desirability = max($stops ? self::LEAST : self::LEAST_OF_A_NOTE, 1.0 - (1.0 - self::LEAST) * $this->marginsOutside);
        $this->level = match (true) {
            $this->marginsOutside <= self::GOOD_TO => Level::Good,
            $stops && $this->marginsOutside >= 1.0 => Level::Stop,
            default => Level::Mind,
        };
    }

    /** Whether a figure that is uncertain by so much may as well be on another level; 1 standard deviation. */
    public function isClose(float $uncertainty): bool
    {
        if ($this->value === null || $uncertainty <= 0.0) {
            return false;
        }
        // a share, a time or a ratio is not below nothing
        $less = $this->band->low === 0.0 ? max(0.0, $this->value - $uncertainty) : $this->value - $uncertainty;

        return (new self($this->criterion, $this->value + $uncertainty, $this->band))->level !== $this->level
            || (new self($this->criterion, $less, $this->band))->level !== $this->level;
    }

    public function kills(): bool
    {
        return match ($this->criterion) {
            Criterion::Air => $this->level === Level::Stop,
            Criterion::Drought => $this->marginsOutside >= 2.0,
            Criterion::RunThrough => $this->marginsOutside >= 4.0,
            default => false,
        };
    }
}
