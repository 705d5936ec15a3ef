<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Author;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Plants\PotReplay;
use App\Plants\WaterNow;
use App\Plants\WaterStates;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Course\Water\StickLook;

/** One look at a pot, and one tap: water or wait. It teaches the interval of this pot. */
final readonly class CheckMoisture
{
    /** Two taps within an hour are of one watering: by two hands, or by one that was wet. They would teach that the pot is dry at once. */
    private const SAME_HOURS = 1.0;
    private const MOST_HOURS = 24.0 * 120.0;
    private const USUAL_DEPTH_CM = 5.0;

    /** For how long a device may have kept a tap until it reached the server. */
    private const LATEST_DAYS = 14;

    public function __construct(private WaterStates $states) {}

    /**
     * @param array<mixed> $input `{method, verdict, reading, look, depth_cm, given_l, dunked, wet_kg, person, at?}`: at is when it was tapped, where that was told later
     *
     * @param WaterNow|false|null $thought what was thought to be in it, false where that is not known, null where nobody asked yet
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Plant $plant, array $input, ?Carbon $at = null, WaterNow|false|null $thought = null): MoistureCheck
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['method', 'verdict', 'reading', 'look', 'depth_cm', 'given_l', 'dunked', 'wet_kg', 'person', 'at'], $refusals);
        $method = $fields->oneOf('method', MoistureCheck::METHODS, 'stick');
        $verdict = $fields->oneOf('verdict', MoistureCheck::VERDICTS);
        $reading = $fields->has('reading') ? $fields->number('reading', 0, $method === 'probe' ? 100 : 1000) : null;
        $values = [
            'method' => $method, 'verdict' => $verdict, 'reading' => $reading,
            'look' => $fields->has('look') ? $fields->oneOf('look', array_column(StickLook::cases(), 'value')) : null,
            'depth_cm' => $fields->has('depth_cm') ? $fields->number('depth_cm', 0, 100) : ($fields->has('look') ? self::USUAL_DEPTH_CM : null),
            'given_l' => $fields->optionalAbove('given_l', 0, 1000),
            'dunked' => $fields->flag('dunked', false),
            'wet_kg' => $fields->optionalAbove('wet_kg', 0, 10_000),
        ];
        $person = Author::of($fields);
        $at ??= $fields->has('at') ? self::tapped($fields->text('at', 40), $refusals) : Carbon::now();
        $refusals->throwIfAny();

        return DB::transaction(function () use ($plant, $at, $values, $person, $thought): MoistureCheck {
            $query = MoistureCheck::query();
            $query->where('plant_id', $plant->id);
            $query->where('verdict', 'water');
            $query->where('checked_at', '<=', $at);
            $query->orderByDesc('checked_at');
            $watered = $query->first();
            $hours = $watered === null ? null : $watered->checked_at->diffInMinutes($at) / 60.0;
            if ($watered !== null && $values['verdict'] === 'water' && $hours < self::SAME_HOURS) {
                return $watered;
            }

            $check = new MoistureCheck([
                ...$values, 'plant_id' => $plant->id, 'checked_at' => $at, 'hours_since' => $hours === null || $hours > self::MOST_HOURS ? null : $hours, 'person' => $person,
            ]);
            $thought ??= $this->states->one($plant->loadMissing(['species', 'site']), $at) ?? false;
            if ($thought !== false && $thought->state !== null) {
                $check->fill([
                    'thought_l' => $thought->state->waterL, 'thought_sd_l' => $thought->state->spreadL(),
                    'said_l' => PotReplay::says($thought->setup, $thought->litres, $check, $thought->fullKg, $thought->state->waterL)?->waterL,
                ]);
            }
            $check->save();

            return $check;
        });
    }

    /**
     * When it was tapped, by what a device says.
     *
     * @param array<mixed> $input
     *
     * @throws Refused field "at"
     */
    public static function at(array $input): Carbon
    {
        $refusals = new Refusals();
        $at = isset($input['at']) ? self::tapped(is_string($input['at']) ? $input['at'] : '', $refusals) : Carbon::now();
        $refusals->throwIfAny();

        return $at;
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
