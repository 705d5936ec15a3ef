<?php

declare(strict_types=1);

namespace App\PottingDays\Actions;

use App\PottingDays\Models\DayPlant;
use App\PottingDays\Models\PottingDay;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Changes the same fields of many plants of a potting day: of all of them, or of none. */
final readonly class ChangeEntries
{
    private const MOST = 1000;

    /** What can be the same for many. */
    public const FIELDS = ['helper', 'pot_id', 'recipe_id', 'treatment', 'fertiliser', 'feeding', 'fixing', 'surface', 'roots_cut_share'];

    public function __construct(private ChangeEntry $change) {}

    /**
     * @param array<mixed> $input `{entries: [{id, revision}], changes: {field: value}}`
     *
     * @throws \Throwable Refused, naming each field and what it may be; those of one plant under "entries.<n>"
     */
    public function __invoke(PottingDay $day, array $input): void
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['entries', 'changes'], $refusals);
        $rows = $fields->raw('entries');
        if (! is_array($rows) || ! array_is_list($rows) || $rows === [] || count($rows) > self::MOST) {
            $refusals->add(new Refusal('entries', 'list_of_most', is_array($rows) ? count($rows) : $rows, ['max' => self::MOST]));
            $rows = [];
        }
        $changes = $fields->raw('changes');
        $changes = is_array($changes) ? $changes : [];
        Fields::of($changes, self::FIELDS, $refusals, 'changes');
        $which = [];
        foreach ($rows as $i => $row) {
            $read = Fields::of($row, ['id', 'revision'], $refusals, 'entries.'.$i);
            $which[] = [$read->integer('id', 1, PHP_INT_MAX), $read->integer('revision', 1, PHP_INT_MAX)];
        }
        $refusals->throwIfAny();
        DB::transaction(function () use ($day, $which, $changes): void {
            $entries = $day->entries()->findMany(array_column($which, 0))->keyBy('id');
            $refusals = new Refusals();
            foreach ($which as $i => [$id, $revision]) {
                $entry = $entries[$id] ?? null;
                if (! $entry instanceof DayPlant) {
                    $refusals->add(new Refusal('entries.'.$i, 'entry_missing', $id));

                    continue;
                }
                try {
                    ($this->change)($day, $entry, ['revision' => $revision, 'changes' => $changes]);
                } catch (Refused $refused) {
                    foreach ($refused->refusals as $refusal) {
                        $refusals->add(new Refusal(str_starts_with($refusal->field, 'changes.') && $refusal->rule !== 'changed_elsewhere' ? $refusal->field : 'entries.'.$i, $refusal->rule, $refusal->given, $refusal->limits));
                    }
                }
            }
            $refusals->throwIfAny();
        });
    }
}
