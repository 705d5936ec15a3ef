<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Author;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** One look at a pot, and one tap: water or wait. It teaches the interval of this pot. */
final readonly class CheckMoisture
{
    /** Two taps within an hour are of one watering: by two hands, or by one that was wet. They would teach that the pot is dry at once. */
    private const SAME_HOURS = 1.0;
    private const MOST_HOURS = 24.0 * 120.0;

    /** For how long a device may have kept a tap until it reached the server. */
    private const LATEST_DAYS = 14;

    /**
     * @param array<mixed> $input `{method, verdict, reading, person, at?}`: at is when it was tapped, where that was told later
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Plant $plant, array $input, ?Carbon $at = null): MoistureCheck
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['method', 'verdict', 'reading', 'person', 'at'], $refusals);
        $method = $fields->oneOf('method', MoistureCheck::METHODS, 'stick');
        $verdict = $fields->oneOf('verdict', ['water', 'wait']);
        $reading = $fields->has('reading') ? $fields->number('reading', 0, $method === 'probe' ? 100 : 1000) : null;
        $person = Author::of($fields);
        $at ??= $fields->has('at') ? self::tapped($fields->text('at', 40), $refusals) : Carbon::now();
        $refusals->throwIfAny();

        return DB::transaction(static function () use ($plant, $at, $method, $verdict, $reading, $person): MoistureCheck {
            $query = MoistureCheck::query();
            $query->where('plant_id', $plant->id);
            $query->where('verdict', 'water');
            $query->where('checked_at', '<=', $at);
            $query->orderByDesc('checked_at');
            $watered = $query->first();
            $hours = $watered === null ? null : $watered->checked_at->diffInMinutes($at) / 60.0;
            if ($watered !== null && $verdict === 'water' && $hours < self::SAME_HOURS) {
                return $watered;
            }

            return MoistureCheck::query()->create([
                'plant_id' => $plant->id, 'checked_at' => $at, 'method' => $method, 'reading' => $reading, 'verdict' => $verdict,
                'hours_since' => $hours === null || $hours > self::MOST_HOURS ? null : $hours, 'person' => $person,
            ]);
        });
    }

    private static function tapped(string $text, Refusals $refusals): Carbon
    {
        $now = Carbon::now();
        $at = preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d/', $text) === 1 ? rescue(static fn(): Carbon => Carbon::parse($text), null, false) : null;
        // the clock of a phone may be somewhat ahead
        if ($at === null || $at->isBefore($now->copy()->subDays(self::LATEST_DAYS)) || $at->isAfter($now->copy()->addMinutes(10))) {
            $refusals->add(new Refusal('at', 'tapped_at', $text, ['days' => self::LATEST_DAYS]));

            return $now;
        }

        return $at->isAfter($now) ? $now : $at->setTimezone($now->getTimezone());
    }
}
