<?php

declare(strict_types=1);

namespace Zolbek\Core\Work\Irrigation;

use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Basis\Numerics\Quantile;
use Zolbek\Core\Place\Setup\ModelConstants;

/**
 * Minutes and times of an irrigation zone, from the thirstiest of its pots, and which pots do not belong in it.
 *
 *     T        the largest of 6, 8, 12, 24, 36, 48, 72, 96, 168, 336 h not above min I, 6 if none;  need = U T/24
 *     minutes  max 60 need/(0.75 n e DU): its pot is the thirstiest;  given = minutes/60 n e, drained = given - min(given, need), times = given/need
 *     does not belong: times > 2/(0.75 DU), I below half the median of the zone, or nothing needed
 *     mend     emitters max(1, round(n_t need/need_t)), t the thirstiest
 *
 * e L/h of an emitter, DU mean of the lowest quarter over the mean of catch cups. Source: the season model, section 6; limits judged. Check: four pots in season.json:
 * every 12 h for 10.588235294 minutes.
 */
final readonly class ZonePlan
{
    private const TIMES_H = [6.0, 8.0, 12.0, 24.0, 36.0, 48.0, 72.0, 96.0, 168.0, 336.0];
    private const REACHES = 1.0 - ModelConstants::LEACHING;

    public float $everyH;
    public float $minutes;

    /** Place of the pot in the list. */
    public int $thirstiest;

    /** Place of the pot that gets most over its need; null where none needs anything. */
    public ?int $wettest;

    /** @var list<array{name: string, interval_h: float, need_l: float, given_l: float, drained_l: float, times: float|null, belongs: bool, emitters: int, mend_emitters: int}> */
    public array $pots;

    /**
     * @param list<ZonePot> $pots
     * @param float         $rateLH     above 0
     * @param float         $uniformity 0.3..1
     *
     * @throws Refused fields "pots", "rate_l_h", "uniformity"
     */
    public function __construct(array $pots, float $rateLH, float $uniformity)
    {
        if ($pots === []) {
            throw Refused::because('pots', 'zone_empty');
        }
        if (! ($rateLH > 0.0 && $rateLH <= 200.0)) {
            throw Refused::because('rate_l_h', 'above', $rateLH, ['min' => 0, 'max' => 200]);
        }
        if (! ($uniformity >= 0.3 && $uniformity <= 1.0)) {
            throw Refused::because('uniformity', 'between', $uniformity, ['min' => 0.3, 'max' => 1]);
        }
        $intervals = array_map(static fn(ZonePot $pot): float => $pot->intervalH, $pots);
        $fitting = array_filter(self::TIMES_H, static fn(float $hours): bool => $hours <= min($intervals));
        $this->everyH = $fitting === [] ? self::TIMES_H[0] : max($fitting);
        $needs = array_map(fn(ZonePot $pot): float => $pot->useLDay * $this->everyH / 24.0, $pots);
        $minutes = array_map(static fn(ZonePot $pot, float $need): float => 60.0 * $need / (self::REACHES * $pot->emitters * $rateLH * $uniformity), $pots, $needs);
        $this->minutes = max($minutes);
        $this->thirstiest = (int) array_search($this->minutes, $minutes, true);
        $median = Quantile::of($intervals, 0.5);
        [$most, $needT] = [$pots[$this->thirstiest]->emitters ?? 1, $needs[$this->thirstiest] ?? 0.0];
        $rows = [];
        $wettest = null;
        $times = [];
        foreach ($pots as $i => $pot) {
            $need = $needs[$i] ?? 0.0;
            $given = $this->minutes / 60.0 * $pot->emitters * $rateLH;
            $over = $need > 0.0 ? $given / $need : null;
            $times[] = $over ?? 0.0;
            $rows[] = [
                'name' => $pot->name,
                'interval_h' => $pot->intervalH,
                'need_l' => $need,
                'given_l' => $given,
                'drained_l' => $given - min($given, $need),
                'times' => $over,
                'belongs' => $over !== null && $over <= 2.0 / (self::REACHES * $uniformity) && $pot->intervalH >= $median / 2.0,
                'emitters' => $pot->emitters,
                'mend_emitters' => $needT > 0.0 ? max(1, (int) round($most * $need / $needT)) : 1,
            ];
        }
        if (max($times) > 0.0) {
            $wettest = (int) array_search(max($times), $times, true);
        }
        $this->wettest = $wettest;
        $this->pots = $rows;
    }
}
