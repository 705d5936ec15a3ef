<?php

declare(strict_types=1);

namespace Zolbek\Core\Course\Days;

use Zolbek\Core\Place\Climate\Season;
use Zolbek\Core\Place\Watering\WateringHabit;
use Zolbek\Core\Place\Watering\WateringMethod;

/**
 * When a pot is watered, how much and how, as it is really done.
 *
 *     every   H hours by season: H >= 24 one round when the days since are at least max(1, floor(H/24 + 0.5));  less: clamp(floor(24/H + 0.5), 1, 4) rounds a day;
 *             only where a is at most "skip above", for somebody who looks first
 *     share   a at most so much    need   W - D/k below W(limit)    both looked at k times a day    dates   on these    never   not at all
 *
 * a as in PotLitres; hours null: none in that season. Source: the season model, section 2. Check: every 8 hours are three rounds a day, every 60 hours one in three days.
 */
final readonly class ComingBy
{
    private const MOST_ROUNDS = 4;

    /**
     * @param array{spring: float|null, summer: float|null, autumn: float|null, winter: float|null}|null $hours of "every"
     * @param int                $looks   times a day, of "share" and "need"
     * @param array<int, true>   $dates   numbers of days, see Date
     * @param float|null         $amountL each time; null through and through
     */
    private function __construct(
        public ComingKind $kind,
        public ?array $hours = null,
        public ?float $skipAbove = null,
        public float $at = 0.0,
        public int $looks = 1,
        public array $dates = [],
        public ?float $amountL = null,
        public bool $dunked = false,
    ) {}

    /** @param float|null $skipAbove share of the easy water above which somebody who looks lets it be */
    public static function every(?float $springH, ?float $summerH, ?float $autumnH, ?float $winterH, ?float $skipAbove = null): self
    {
        return new self(ComingKind::Every, ['spring' => $springH, 'summer' => $summerH, 'autumn' => $autumnH, 'winter' => $winterH], $skipAbove);
    }

    public static function habit(WateringHabit $habit, ?float $skipAbove = null): self
    {
        return self::every($habit->springH, $habit->summerH, $habit->autumnH, $habit->winterH, $skipAbove)->giving(null, $habit->method === WateringMethod::Dunk);
    }

    /** @param float $at share of the easy water, 0 where it begins to suffer */
    public static function share(float $at, int $looks = 1): self
    {
        return new self(ComingKind::Share, at: $at, looks: self::rounds($looks));
    }

    public static function need(int $looks = 1): self
    {
        return new self(ComingKind::Need, looks: self::rounds($looks));
    }

    /** @param list<int> $dates numbers of days, see Date */
    public static function dates(array $dates): self
    {
        return new self(ComingKind::Dates, dates: array_fill_keys($dates, true));
    }

    public static function never(): self
    {
        return new self(ComingKind::Never);
    }

    /** @param float|null $amountL each time; null through and through */
    public function giving(?float $amountL, bool $dunked = false): self
    {
        return new self($this->kind, $this->hours, $this->skipAbove, $this->at, $this->looks, $this->dates, $amountL, $dunked);
    }

    /** @return list<float|null> hours between two rounds in each month, 0 to 11; null for none */
    public function hoursByMonth(bool $south): array
    {
        return array_map(fn(int $month): ?float => $this->hours[Season::ofMonth($south ? ($month + 6) % 12 : $month)->value] ?? null, range(0, 11));
    }

    /** Rounds of a day on which one comes every so many hours. */
    public static function roundsADay(float $hours): int
    {
        return $hours >= 24.0 ? 1 : self::rounds((int) floor(24.0 / $hours + 0.5));
    }

    /** Days that have to be over before one comes again. */
    public static function daysBetween(float $hours): int
    {
        return max(1, (int) floor($hours / 24.0 + 0.5));
    }

    private static function rounds(int $rounds): int
    {
        return max(1, min(self::MOST_ROUNDS, $rounds));
    }
}
