<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Author;
use App\Common\Day;
use App\Plants\Carried;
use App\Plants\Models\Plant;
use App\Plants\Models\PlantEvent;
use App\Plants\Outlook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\GrowthStage;

/** What somebody saw or did with a plant, in one tap: its stage, a note, a snooze, a day of one's own, that it was given away or died. */
final readonly class TellOfPlant
{
    public const KINDS = ['note', 'stage', 'snoozed', 'override', 'given_away', 'died', 'outcome', 'complaint'];
    public const OUTCOMES = ['took', 'sulked', 'died'];

    public function __construct(private WritePlantEvent $write, private Outlook $outlook) {}

    /**
     * @param array<mixed> $input
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Plant $plant, array $input): PlantEvent
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['kind', 'on', 'text', 'person', 'stage', 'until', 'outcome'], $refusals);
        $kind = $fields->oneOf('kind', self::KINDS);
        $on = Day::optional($fields, 'on', $refusals, 0) ?? Carbon::today();
        $text = $fields->text('text', 2000, '');
        $person = Author::of($fields);
        $stage = $kind === 'stage' ? $fields->oneOf('stage', array_column(GrowthStage::cases(), 'value')) : null;
        $outcome = $kind === 'outcome' ? $fields->oneOf('outcome', self::OUTCOMES) : null;
        $until = match ($kind) {
            'snoozed' => Day::required($fields, 'until', $refusals),
            'override' => Day::optional($fields, 'until', $refusals),
            default => null,
        };
        if ($text === '' && in_array($kind, ['note', 'snoozed', 'override', 'given_away', 'complaint'], true)) {
            $refusals->add(new Refusal('text', 'reason_missing'));
        }
        $refusals->throwIfAny();
        assert($kind !== null);

        return DB::transaction(function () use ($plant, $kind, $on, $text, $person, $stage, $until, $outcome): PlantEvent {
            match ($kind) {
                'stage' => $plant->fill(['stage' => $stage, 'stage_seen_on' => $on]),
                'snoozed' => $plant->fill(['snoozed_until' => $until, 'snooze_note' => $text]),
                'override' => $plant->fill(['due_set_on' => $until]),
                'given_away' => $plant->fill(['status' => 'given_away', 'left_on' => $on, 'left_to' => mb_substr($text, 0, 200), 'archived_at' => Carbon::now()]),
                'died' => $plant->fill(['status' => 'died', 'left_on' => $on, 'archived_at' => Carbon::now()]),
                default => null,
            };
            $plant->save();
            if ($kind === 'override') {
                // left empty, what is computed counts again
                $this->outlook->foretell($plant->loadMissing(['species', 'site']));
            }
            if ($plant->status !== 'kept') {
                $plant->tasks()->where('state', 'open')->update(['state' => 'skipped', 'closed_on' => $on->toDateString(), 'reason' => $plant->status]);
            }

            return ($this->write)($plant, $kind, $on, $text, new Carried(array_filter(['stage' => $stage, 'until' => $until?->toDateString(), 'outcome' => $outcome])), $person);
        });
    }
}
