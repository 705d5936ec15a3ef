<?php

declare(strict_types=1);

namespace App\Common;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/**
 * A form that was opened some time ago changes only what somebody changed in it. It says at which revision it read the record: fields that it leaves out stay as they are,
 * and a field that somebody else changed since is refused with what it is now, when that was and by whom. A write without a revision is a whole record, as it says.
 */
final class Meanwhile
{
    /**
     * @template T of Model
     *
     * @param T                                $record  one with Stamped
     * @param array<mixed>                     $input   of the form, `{revision?, ...}`
     * @param list<string>                     $fields  of the form
     * @param callable(T): array<string, mixed> $present what it is now, by the names of those fields; a record that it names by its id under that name without "_id"
     * @param callable(array<mixed>): mixed    $save
     *
     * @throws \Throwable Refused, naming each field that was changed meanwhile
     */
    public static function keep(Model $record, array $input, array $fields, callable $present, callable $save): mixed
    {
        if (! array_key_exists('revision', $input)) {
            return $save($input);
        }

        return DB::transaction(static function () use ($record, $input, $fields, $present, $save): mixed {
            $record->refresh();

            return $save(self::merged($record, $input, $fields, $present($record)));
        });
    }

    /**
     * @param array<mixed>         $input
     * @param list<string>         $fields
     * @param array<string, mixed> $shown
     *
     * @return array<mixed>
     *
     * @throws Refused naming each field that was changed meanwhile
     */
    private static function merged(Model $record, array $input, array $fields, array $shown): array
    {
        $refusals = new Refusals();
        $revision = $input['revision'];
        unset($input['revision']);
        if (! is_int($revision) || $revision < 1 || $revision > $record->getAttribute('revision')) {
            $refusals->add(new Refusal('revision', 'integer', $revision, ['min' => 1, 'max' => $record->getAttribute('revision')]));
        }
        $refusals->throwIfAny();
        $changed = $record->getAttribute('changed') ?? [];
        $now = array_map(static fn(mixed $value): mixed => is_object($value) ? (array) $value : $value, array_intersect_key($shown, array_flip($fields)));
        foreach ($input as $field => $value) {
            $stamp = $changed[$field] ?? null;
            if ($stamp === null || $stamp['revision'] <= $revision || Same::values($now[$field] ?? null, $value)) {
                continue;
            }
            $refusals->add(new Refusal((string) $field, $stamp['by'] === '' ? 'changed_meanwhile' : 'changed_meanwhile_by', $shown[(string) preg_replace('/_id$/', '', (string) $field)] ?? $now[$field] ?? null, [
                'when' => Carbon::parse($stamp['at'])->format('Y-m-d H:i'), 'by' => $stamp['by'],
            ]));
        }
        $refusals->throwIfAny();

        return [...$now, ...$input];
    }
}
