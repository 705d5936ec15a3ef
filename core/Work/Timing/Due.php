<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Timing;

use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;
use Zolbek\Core\Work\Inspection\Reason;

/**
 * Whether a plant is due to be repotted: by the forecast of its mix, by the years that are usual, by what was seen at its roots.
 *
 *     falls due after    min(planned years, years until the mix first fails)
 *     overdue from 1.25 times that, soon from half a year before it; just potted in the first month, whatever the mix
 *
 * Years. Source: model sections 8 and 13; 1.25 and the half-year are starting figures. Check: 3 years planned, 3 passed, no failure foreseen: due; a mix that fails new, a day after: just potted.
 */
final readonly class Due
{
    private const OVERDUE = 1.25;
    private const SOON = 0.5;

    /** Nobody repots in the month after. */
    public const JUST = 1.0 / 12.0;

    public DueLevel $level;

    /** Years after potting at which it falls due; null where nothing is known. */
    public ?float $afterYears;

    /** @var list<Reason> the one that decides first */
    public array $reasons;

    /**
     * @param float|null    $years    since it was potted; null where nobody knows
     * @param float|null    $fails    years after which the mix first fails it; null where it does not within the horizon
     * @param list<Finding> $findings at the last inspection since
     */
    public function __construct(?float $years, float $planned, ?float $fails, array $findings = [], Health $health = Health::Well)
    {
        $reasons = [];
        $urgent = array_filter($findings, static fn(Finding $finding): bool => $finding->isUrgent());
        foreach ($urgent as $finding) {
            $reasons[] = new Reason('seen', ['finding' => $finding->value]);
        }
        $this->afterYears = $fails === null ? $planned : min($planned, $fails);
        if ($years === null) {
            $level = DueLevel::Unknown;
            $reasons[] = new Reason('never_recorded');
        } else {
            if ($fails === 0.0) {
                $reasons[] = new Reason('fails_new');
            } elseif ($fails !== null && $fails <= $planned) {
                $reasons[] = new Reason('forecast', ['fails' => $fails, 'years' => $years]);
            }
            $reasons[] = new Reason('years', ['planned' => $planned, 'years' => $years]);
            $level = match (true) {
                $years < self::JUST && $years >= $this->afterYears - self::SOON => DueLevel::JustPotted,
                $years >= self::OVERDUE * $this->afterYears => DueLevel::Overdue,
                $years >= $this->afterYears => DueLevel::Due,
                $years >= $this->afterYears - self::SOON => DueLevel::Soon,
                default => DueLevel::NotDue,
            };
        }
        if ($urgent !== [] && $level !== DueLevel::Overdue) {
            $level = DueLevel::Due;
        }
        if ($health !== Health::Well) {
            $reasons[] = new Reason('health', ['health' => $health->value]);
        }
        $this->level = $level;
        $this->reasons = $reasons;
    }
}
