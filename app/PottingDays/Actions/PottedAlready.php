<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\Common\Author;
use App\Common\Day;
use App\Common\Words;
use App\Plants\Models\Plant;
use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Writes down a potting that was done without a day, at its date: it becomes a finished day of this plant alone, so that nothing that follows from a potting is missing. */
final readonly class PottedAlready
{
    private const FIELDS = ['on', 'recipe_id', 'pot_id', 'plan', 'actual', 'drawn', 'accepted', 'person'];

    /** What lies ready where nobody planned a day, litres. */
    private const TUB_L = 40.0;
    private const SCOOP_L = 1.0;

    public function __construct(private SavePottingDay $save, private AddToDay $add, private PotEntry $pot, private MixLoad $mix, private CloseDayMix $close, private FinishDay $finish) {}

    /**
     * @param array<mixed> $input `{on, recipe_id, pot_id, plan?, actual?, drawn?, accepted?, person?}`; drawn: whether its mix is taken off the shelf too
     *
     * @throws \Throwable Refused, naming each field and what it may be
     */
    public function __invoke(Plant $plant, array $input): PottingDay
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, self::FIELDS, $refusals);
        $on = Day::required($fields, 'on', $refusals, 0);
        $recipe = $fields->integer('recipe_id', 1, PHP_INT_MAX);
        $pot = $fields->integer('pot_id', 1, PHP_INT_MAX);
        $isDrawn = $fields->flag('drawn', false);
        $person = Author::of($fields);
        $plan = $fields->raw('plan') ?? [];
        $refusals->throwIfAny();
        assert($on !== null);

        return DB::transaction(function () use ($plant, $input, $on, $recipe, $pot, $isDrawn, $person, $plan): PottingDay {
            $day = ($this->save)(new PottingDay(), [
                'name' => mb_substr(Words::of('records.potted_already', ['number' => $plant->number]), 0, 100), 'planned_on' => $on->toDateString(), 'tub_l' => self::TUB_L, 'scoop_l' => self::SCOOP_L,
                'helpers' => $person === '' ? [] : [$person],
            ]);
            ($this->add)($day, ['plant_ids' => [$plant->id], 'recipe_id' => $recipe, 'pot_id' => $pot, 'helper' => $person, 'plan' => $plan]);
            $entry = $day->entries()->firstOrFail();
            try {
                ($this->pot)($day, $entry, ['state' => 'done', 'done_on' => $on->toDateString(), ...array_intersect_key($input, ['actual' => 0, 'accepted' => 0, 'person' => 0])]);
            } catch (Refused $refused) {
                throw self::atDay($refused);
            }
            $used = $entry->refresh()->actual->usedL ?? 0.0;
            if ($isDrawn && $used > 0.0) {
                ($this->mix)($day, ['recipe_id' => $recipe, 'litres' => $used, 'person' => $person]);
            }
            if ($used > 0.0) {
                ($this->close)($day, ['recipe_id' => $recipe, 'left_l' => 0]);
            }

            return ($this->finish)($day->refresh());
        });
    }

    /** What a day calls the day on which it was done is the date here. */
    private static function atDay(Refused $refused): Refused
    {
        return new Refused(array_map(static fn(Refusal $refusal): Refusal => $refusal->field === 'done_on' ? new Refusal('on', $refusal->rule, $refusal->given, $refusal->limits) : $refusal, $refused->refusals));
    }
}
