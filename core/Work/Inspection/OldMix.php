<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Inspection;

use Zolbek\Core\Course\Ageing\AgedPot;
use Zolbek\Core\Mix\Attrition\AgeingClimate;
use Zolbek\Core\Mix\Attrition\Attrition;
use Zolbek\Core\Mix\Attrition\WashOut;
use Zolbek\Core\Place\Setup\Setup;

/**
 * What the old mix did: its years and frost nights, computed fines and air then and now, against what was seen at the roots.
 *
 *     fines = share of grain volume below 1 mm, aged as in section 8
 *
 * Source: model section 8. Check: after 0 years fines and air now are those of then.
 */
final readonly class OldMix
{
    /** Classes 0 to 11 end at 1 mm. */
    private const FINE_CLASSES = 12;
    private const MORE_FINES = 0.03;

    public float $finesThen;
    public float $finesNow;
    public float $airThen;
    public float $airNow;
    public ?float $runThroughThenS;
    public ?float $runThroughNowS;
    public float $frostNights;
    public float $levelDropCm;
    public bool $failsNow;

    /** served, wet, worn, dry or open. */
    public string $verdict;

    /** @var list<Reason> */
    public array $reasons;

    /** @param list<Finding> $findings */
    public function __construct(Setup $setup, public float $years, array $findings)
    {
        $then = new AgedPot($setup, 0.0);
        $now = new AgedPot($setup, $years);
        $this->airThen = $then->air;
        $this->airNow = $now->air;
        $this->runThroughThenS = $then->runThroughS;
        $this->runThroughNowS = $now->runThroughS;
        $this->levelDropCm = $now->levelDropCm;
        $this->failsNow = $now->fails();
        $this->finesThen = self::fines($setup, 0.0);
        $this->finesNow = self::fines($setup, $years);
        $climate = $setup->situation?->climate;
        $this->frostNights = $climate === null ? 0.0 : $years * array_sum(array_map($climate->frostNights(...), range(0, 11)));
        $wet = array_values(array_filter($findings, static fn(Finding $finding): bool => $finding->saysTooWet()));
        $low = $setup->targets()->air->low;
        $isWorn = $this->finesNow - $this->finesThen >= self::MORE_FINES;
        $reasons = array_map(static fn(Finding $finding): Reason => new Reason('seen', ['finding' => $finding->value]), $findings);
        if ($isWorn) {
            $reasons[] = new Reason('crumbled', ['then' => $this->finesThen, 'now' => $this->finesNow, 'nights' => round($this->frostNights)]);
        }
        $isShort = $this->airThen < $low || $this->airNow <= AgedPot::failsBelow($low);
        if ($isShort) {
            $reasons[] = new Reason($this->airThen < $low ? 'little_air_from_start' : 'lost_air', ['then' => $this->airThen, 'now' => $this->airNow, 'low' => $low]);
        }
        if ($wet !== [] && ! $isShort) {
            $reasons[] = new Reason('seen_not_computed', ['now' => $this->airNow]);
        }
        $this->verdict = match (true) {
            $wet !== [] && ($isWorn || $this->failsNow) => 'worn',
            $wet !== [] => 'wet',
            in_array(Finding::Repellent, $findings, true) => 'dry',
            $this->failsNow => 'worn',
            in_array(Finding::WhiteTips, $findings, true) => 'served',
            default => 'open',
        };
        $this->reasons = $reasons;
    }

    private static function fines(Setup $setup, float $years): float
    {
        $ageing = $setup->ageing ?? new AgeingClimate();
        $washOut = WashOut::of($setup->substrate->blend);
        $fine = $all = 0.0;
        foreach ($setup->substrate->blend->components as $i => $component) {
            $aged = Attrition::of($component, $years, $washOut, $ageing);
            $volume = $setup->substrate->blend->shares[$i] * $component->bulkDensity / $component->particleDensity * $aged->left;
            $fine += $volume * array_sum(array_slice($aged->shares, 0, self::FINE_CLASSES));
            $all += $volume;
        }

        return $all > 0.0 ? $fine / $all : 0.0;
    }
}
