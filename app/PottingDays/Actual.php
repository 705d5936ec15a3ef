<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Common\Kept;
use Zolbek\Core\Work\Inspection\Finding;

/** What was really done with one plant of a potting day, as it is kept with the entry: nothing yet, a note why it was put off, or all of it. */
final readonly class Actual implements Kept
{
    /**
     * @param float|null                                                          $usedL    litres of the mix as it lay in the tub; null where it is not potted
     * @param list<Finding>                                                       $findings
     * @param list<array{finding: string, degree: string, side: string|null}>     $details  of some of them how much, and on which side
     * @param array{what: string|null, for_plant_id: int|null, litres?: float, component_id?: int|null}|null $saved   litres of soil that went into a bin to be kept alive
     * @param array{to: string, litres: float, screened: bool, component_id: int|null}|null $oldMix that came out of the pot, and the bin that it went into
     * @param list<array{component_id: int, lot_id: int|null, litres: float}>     $taken    from the shelf beside the mix
     * @param list<int>                                                           $eventIds
     * @param int                                                                 $tasks    how many were written down
     * @param float                                                               $baseL    scooped litres of the mix that it was worked out to take
     * @param float                                                               $pouredYield litres in the tub from one scooped; 1 before that was kept, when litres used were scooped ones
     * @param float|null                                                          $feedCost what its fertiliser cost; null where that has no price, or it got none
     */
    public function __construct(
        public ?float $usedL = null,
        public ?float $minutes = null,
        public ?float $runThroughS = null,
        public float $rootsCutShare = 0.0,
        public float $crownCutShare = 0.0,
        public array $findings = [],
        public ?array $saved = null,
        public string $buriedNote = '',
        public string $note = '',
        public array $taken = [],
        public array $eventIds = [],
        public int $tasks = 0,
        public float $baseL = 0.0,
        public float $pouredYield = 1.0,
        public ?float $feedCost = null,
        public array $details = [],
        public ?array $oldMix = null,
    ) {}

    public static function fromKept(array $kept): static
    {
        return new self(
            $kept['used_l'] ?? null,
            $kept['minutes'] ?? null,
            $kept['run_through_s'] ?? null,
            $kept['roots_cut_share'] ?? 0.0,
            $kept['crown_cut_share'] ?? 0.0,
            array_values(array_map(Finding::from(...), $kept['findings'] ?? [])),
            $kept['saved'] ?? null,
            $kept['buried_note'] ?? '',
            $kept['note'] ?? '',
            $kept['taken'] ?? [],
            $kept['event_ids'] ?? [],
            $kept['tasks'] ?? 0,
            $kept['base_l'] ?? 0.0,
            $kept['poured_yield_share'] ?? 1.0,
            $kept['feed_cost'] ?? null,
            $kept['details'] ?? [],
            $kept['old_mix'] ?? null,
        );
    }

    public function jsonSerialize(): array
    {
        return $this->usedL === null ? ($this->note === '' ? [] : ['note' => $this->note]) : [
            ...$this->entered(), 'taken' => $this->taken, 'event_ids' => $this->eventIds, 'tasks' => $this->tasks, 'base_l' => $this->baseL, 'poured_yield_share' => $this->pouredYield, 'feed_cost' => $this->feedCost,
        ];
    }

    /** With the bin that the old mix went into. */
    public function reclaimedIn(int $componentId): self
    {
        return self::fromKept([...$this->jsonSerialize(), 'old_mix' => [...$this->oldMix ?? [], 'component_id' => $componentId]]);
    }

    /** With the bin that the living soil went into. */
    public function keptAliveIn(int $componentId): self
    {
        return self::fromKept([...$this->jsonSerialize(), 'saved' => [...$this->saved ?? [], 'component_id' => $componentId]]);
    }

    /** What it was given, in litres that were scooped. */
    public function scoopedL(): float
    {
        return ($this->usedL ?? 0.0) / $this->pouredYield;
    }

    /** @return array<string, mixed> what somebody at the bench entered */
    public function entered(): array
    {
        return [
            'used_l' => $this->usedL, 'minutes' => $this->minutes, 'run_through_s' => $this->runThroughS, 'roots_cut_share' => $this->rootsCutShare, 'crown_cut_share' => $this->crownCutShare,
            'findings' => array_column($this->findings, 'value'), 'details' => $this->details, 'saved' => $this->saved, 'old_mix' => $this->oldMix, 'buried_note' => $this->buriedNote, 'note' => $this->note,
        ];
    }

    /**
     * The same, with what followed from it.
     *
     * @param list<array{component_id: int, lot_id: int|null, litres: float}> $taken
     * @param list<int>                                                       $eventIds
     */
    public function followedBy(array $taken, array $eventIds, int $tasks, float $baseL, float $pouredYield, ?float $feedCost): self
    {
        return new self($this->usedL, $this->minutes, $this->runThroughS, $this->rootsCutShare, $this->crownCutShare, $this->findings, $this->saved, $this->buriedNote, $this->note, $taken, $eventIds, $tasks, $baseL, $pouredYield, $feedCost, $this->details, $this->oldMix);
    }
}
