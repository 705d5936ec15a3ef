<?php

declare(strict_types=1);

namespace App\PottingDays;

use App\Plants\Models\PlantEvent;
use App\PottingDays\Models\DayLeftover;
use Zolbek\Core\Work\Batching\Spare;
use Zolbek\Core\Work\PottingDay\WorkTime;

/** What earlier days taught: how much to mix on top, and how fast the work goes. */
final class Learned
{
    private const LAST_MIXES = 12;
    private const LAST_POTTINGS = 60;

    public static function spare(): Spare
    {
        $query = DayLeftover::query();
        $query->orderByDesc('closed_at');
        $query->limit(self::LAST_MIXES);

        return new Spare(array_values($query->get()->map(static fn(DayLeftover $mix): array => ['net_l' => $mix->net_l, 'used_l' => $mix->used_l])->all()));
    }

    public static function pace(): float
    {
        $query = PlantEvent::query();
        $query->where('kind', 'potted');
        $query->whereRaw("json_extract(data, '$.minutes') > 0");
        $query->orderByDesc('happened_on');
        $query->orderByDesc('id');
        $query->limit(self::LAST_POTTINGS);
        $query->selectRaw("json_extract(data, '$.plain_minutes') as planned, json_extract(data, '$.minutes') as actual");
        $noted = [];
        foreach ($query->toBase()->get() as $row) {
            $noted[] = ['planned' => (float) $row->planned, 'actual' => (float) $row->actual];
        }

        return WorkTime::pace($noted);
    }
}
