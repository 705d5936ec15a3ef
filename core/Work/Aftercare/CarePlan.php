<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Aftercare;

use DateTimeImmutable;
use Zolbek\Core\Place\Climate\DailyClimate;
use Zolbek\Core\Place\Container\BallTreatment;
use Zolbek\Core\Place\Plant\Purpose;
use Zolbek\Core\Place\Site\Exposure;
use Zolbek\Core\Work\Feeding\FeedingSeason;
use Zolbek\Core\Work\Feeding\SlowRelease;
use Zolbek\Core\Work\Inspection\Finding;
use Zolbek\Core\Work\Inspection\Health;

/**
 * The tasks that follow from what was done and found: ended by something seen where that is the rule, by a day otherwise.
 *
 *     light       a ladder: shade until shoots lengthen, in the full sun then the morning's until the leaves stand at noon, then its own place; none where it stands in shade
 *     cover       and misting, where half the roots or more are gone or a plant in leaf was washed: only where leaves let water go that the roots cannot bring, never for one that
 *                 stores water, and not before the first water
 *     surface     lowered by cm / months each month, from six weeks on
 *     left alone  crown and wiring, until shoots lengthen; one that is not well or newly collected for half a year
 *     out of storms until it holds firm, unless it stands the gusts there as it is fixed
 *     no frost while roots heal: six weeks, or to the last frost of the site where that is later
 *     first feed four weeks after potting, six for a weak plant, in season only, and not before a slow-release charge has ended
 *
 * Source: practice; the days are starting figures. Check: a tree held by stones has them off after 42 days.
 */
final readonly class CarePlan
{
    public const STONES_DAYS = 42;
    private const SHADE_FROM_CUT = 0.1;
    private const COVER_FROM_CUT = 0.5;
    private const HEALING_DAYS = 42;
    private const TREAT_AGAIN_DAYS = 10;
    private const WIRES_DAYS = 120;
    private const SHADE_DAYS = 21;
    private const RUNG_DAYS = 10;
    private const MIST_EVERY = 2;
    private const MIST_DAYS = 21;
    private const LONG_ALONE_DAYS = 182;
    private const MONTH_DAYS = 30;

    /** @var list<Task> */
    public array $tasks;

    public function __construct(Done $done, ?DailyClimate $climate)
    {
        $after = static fn(int $days): DateTimeImmutable => $done->on->modify('+'.$days.' days');
        $gentle = $done->treatment === BallTreatment::Untouched && $done->rootsCut < self::SHADE_FROM_CUT;
        $tasks = [];
        if ($done->firstWaterAfterDays > 0) {
            $tasks[] = new Task(TaskKind::FirstWater, $done->on, $after($done->firstWaterAfterDays), figures: ['days' => $done->firstWaterAfterDays]);
        }
        $watered = $after($done->firstWaterAfterDays);
        if (! $gentle) {
            array_push($tasks, ...self::ladder($done));
        }
        if ($done->inLeaf && ! $done->group->waitsForWounds() && ($done->rootsCut >= self::COVER_FROM_CUT || $done->treatment === BallTreatment::Washed)) {
            $tasks[] = new Task(TaskKind::Cover, $watered, $watered->modify('+14 days'), EndsBy::ShootsLengthen);
        }
        $tasks[] = new Task(TaskKind::FirstWeeks, $watered, $watered->modify('+14 days'), $done->inLeaf ? EndsBy::LeavesStand : EndsBy::ShootsLengthen, figures: $done->intervalH === null ? [] : ['days' => round(max(0.5, $done->intervalH / 24.0), 1)]);
        if ($done->hasMoss) {
            $tasks[] = new Task(TaskKind::MistMoss, $watered, $watered->modify('+1 day'), everyDays: self::MIST_EVERY, untilOn: $watered->modify('+'.self::MIST_DAYS.' days'));
        }
        if (! $gentle) {
            $isLong = $done->health !== Health::Well || $done->purpose === Purpose::NewlyCollected || $done->purpose === Purpose::Recover;
            $tasks[] = $isLong ? new Task(TaskKind::LeaveAlone, $done->on, $after(self::LONG_ALONE_DAYS)) : new Task(TaskKind::LeaveAlone, $done->on, $after(self::HEALING_DAYS), EndsBy::ShootsLengthen);
        }
        if ($done->lowerCm > 0.0 && $done->lowerMonths > 0) {
            $healed = $after(self::HEALING_DAYS);
            $tasks[] = new Task(TaskKind::LowerSurface, $done->on, $healed, everyDays: self::MONTH_DAYS, untilOn: $healed->modify('+'.(self::MONTH_DAYS * ($done->lowerMonths - 1)).' days'), figures: ['cm' => round($done->lowerCm / $done->lowerMonths, 2)]);
        }
        if ($done->gustMs === null || $done->gustMs < $done->stormMs) {
            $tasks[] = new Task(TaskKind::OutOfStorms, $done->on, $after(28), EndsBy::HoldsFirm, figures: $done->gustMs === null ? [] : ['kmh' => round(3.6 * $done->gustMs)]);
        }
        $frostFree = $this->frostFree($done, $climate);
        if ($frostFree !== null && ! $done->sheltered) {
            $tasks[] = new Task(TaskKind::NoFrost, $done->on, $frostFree, figures: ['nights' => round($climate?->frostNights(self::dayOf($done->on), self::HEALING_DAYS) ?? 0.0)]);
        }
        $charge = $done->slowReleaseDays === null ? null : new SlowRelease($watered, $done->slowReleaseDays, $climate);
        if ($charge !== null) {
            $tasks[] = new Task(TaskKind::SlowReleaseEnds, $watered, $charge->endsOn, figures: ['days' => $done->slowReleaseDays ?? 0.0]);
        }
        array_push($tasks, ...$this->feeding($done, $climate, $charge));
        if (array_intersect([Finding::Ants->value, Finding::Grubs->value], array_column($done->findings, 'value')) !== []) {
            $tasks[] = new Task(TaskKind::TreatAgain, $done->on, $after(self::TREAT_AGAIN_DAYS));
        }
        if ($done->fixing === 'stones') {
            $tasks[] = new Task(TaskKind::StonesOff, $done->on, $after($done->stonesOffAfterDays), figures: ['days' => $done->stonesOffAfterDays]);
        }
        if ($done->fixing === 'wire') {
            $tasks[] = new Task(TaskKind::CheckWires, $done->on, $after(self::WIRES_DAYS), figures: ['days' => self::WIRES_DAYS]);
        }
        $tasks[] = new Task(TaskKind::NextLook, $done->on, $after($done->health === Health::Well ? 14 : 7));
        $tasks[] = new Task(TaskKind::AfterSixWeeks, $done->on, $after(42));
        $tasks[] = new Task(TaskKind::AfterAYear, $done->on, $done->on->modify('+1 year'));
        $this->tasks = $tasks;
    }

    /** @return list<Task> each rung of light ended by something seen */
    private static function ladder(Done $done): array
    {
        $rungs = match ($done->exposure) {
            Exposure::Shade => [],
            Exposure::FullSun => [TaskKind::Shade, TaskKind::MorningSun, TaskKind::FinalPlace],
            default => [TaskKind::Shade, TaskKind::FinalPlace],
        };
        $tasks = [];
        $from = $done->on;
        foreach ($rungs as $i => $rung) {
            $to = $from->modify('+'.($i === 0 ? self::SHADE_DAYS : self::RUNG_DAYS).' days');
            $tasks[] = new Task($rung, $from, $to, $i === 0 ? EndsBy::ShootsLengthen : EndsBy::LeavesStand);
            $from = $to;
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function feeding(Done $done, ?DailyClimate $climate, ?SlowRelease $charge): array
    {
        $every = $done->feeding->everyDays();
        if ($every === null) {
            return [];
        }
        $season = new FeedingSeason($climate);
        $start = $done->on->modify('+'.($done->health === Health::Well ? 28 : 42).' days');
        // "generous" feeds beside a charge, the others wait until it has run out
        if ($charge !== null && $done->feeding->value !== 'generous' && $charge->endsOn > $start) {
            $start = $charge->endsOn;
        }
        $start = $season->next($start);
        $until = $start;
        while ($season->includes($until) && $until < $start->modify('+330 days')) {
            $until = $until->modify('+1 day');
        }

        return [
            new Task(TaskKind::FirstFeed, $done->on, $start, figures: ['share' => $done->feeding->labelShare()]),
            new Task(TaskKind::Feed, $start, $start->modify('+'.$every.' days'), everyDays: $every, untilOn: $until->modify('-1 day'), figures: ['share' => $done->feeding->labelShare(), 'days' => $every]),
        ];
    }

    /** The day until which it is kept from frost; null where none is to come. */
    private function frostFree(Done $done, ?DailyClimate $climate): ?DateTimeImmutable
    {
        if ($climate === null || $climate->lastFrost === null) {
            return null;
        }
        $day = self::dayOf($done->on);
        if ($climate->frostNights($day, self::HEALING_DAYS) < 0.5) {
            return null;
        }

        return $done->on->modify('+'.max(self::HEALING_DAYS, min(240, DailyClimate::daysUntil($day, $climate->lastFrost))).' days');
    }

    private static function dayOf(DateTimeImmutable $day): int
    {
        return min(365, (int) $day->format('z') + 1);
    }
}
