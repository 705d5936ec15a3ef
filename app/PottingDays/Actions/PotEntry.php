<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Author;
use App\Common\Day;
use App\Plants\Models\Plant;
use App\PottingDays\Actual;
use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;

/** A plant of a potting day is potted, or put off, or that is taken back: all that belongs to it in one. */
final readonly class PotEntry
{
    public function __construct(private PotPlant $pot, private UndoPotting $undo) {}

    /**
     * @param array<mixed> $input `{state, actual, person, accepted?, done_on?}`; accepted says why, where the mix would kill it or has no years; done_on is the day on which it was potted, where that was before today
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(PottingDay $day, DayPlant $entry, array $input, ?Carbon $at = null): DayPlant
    {
        return DB::transaction(function () use ($day, $entry, $input, $at): DayPlant {
            $day->refresh()->mustBeOpen('state');
            $entry->refresh()->load(['plant.species', 'plant.site', 'pot', 'recipe.parts.component']);
            $refusals = new Refusals();
            $fields = Fields::of($input, ['state', 'actual', 'person', 'accepted', 'done_on'], $refusals);
            $state = $fields->oneOf('state', DayPlant::STATES);
            $person = Author::of($fields, $entry->helper);
            $accepted = $fields->text('accepted', 300, '');
            $on = self::day($fields, $refusals, $entry->plant);
            if ($state !== null && $state !== 'planned' && $entry->state !== 'planned') {
                $refusals->add(new Refusal('state', 'entry_done', $entry->state));
            }
            $refusals->throwIfAny();
            Author::is($person, fn() => match ($state) {
                'planned' => ($this->undo)($day, $entry),
                'not_today' => $entry->fill(['state' => 'not_today', 'actual' => new Actual(note: self::note($fields))]),
                default => ($this->pot)($day, $entry, (string) $state, $fields->raw('actual'), $person, $at ?? $on ?? Carbon::now(), $accepted),
            });
            $entry->revision += 1;
            $entry->save();

            return $entry;
        });
    }

    /** A potting can be dated back, not past the one before. */
    private static function day(Fields $fields, Refusals $refusals, Plant $plant): ?Carbon
    {
        $day = Day::optional($fields, 'done_on', $refusals, 0);
        $earliest = $plant->potted_on;
        if ($day !== null && $earliest !== null && $day->isBefore($earliest)) {
            $refusals->add(new Refusal('done_on', 'before_last_potting', $day->toDateString(), ['earliest' => $earliest->toDateString()]));
        }

        return $day === null || $day->isToday() ? null : $day->setTime(12, 0);
    }

    private static function note(Fields $fields): string
    {
        $actual = $fields->raw('actual');

        return is_array($actual) && is_string($actual['note'] ?? null) ? mb_substr($actual['note'], 0, 1000) : '';
    }
}
