<?php

declare(strict_types=1);

namespace App\Lookup;

use App\Common\SaidHere;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Finds whatever is called so, or has it in a note, wherever it lies in the yard: the few best of each kind, names before notes. Schema Lookup of the API. */
final class Lookup
{
    private const LONGEST = 80;
    private const SHORTEST = 2;
    private const OF_A_KIND = 6;

    /** How much of a note stands before and behind what was found. */
    private const BEFORE = 30;
    private const WIDTH = 110;

    /**
     * @param array<mixed> $query `{q}`
     *
     * @return list<array{kind: string, id: int, name: string, of: string, line: string, archived: bool}>
     *
     * @throws Refused field "q"
     */
    public static function of(array $query): array
    {
        $refusals = new Refusals();
        $text = Fields::of($query, ['q'], $refusals)->text('q', self::LONGEST);
        $refusals->throwIfAny();
        if (mb_strlen($text) < self::SHORTEST) {
            throw Refused::because('q', 'lookup_short', $text, ['least' => self::SHORTEST]);
        }
        $found = [];
        foreach (self::sources() as $kind => $source) {
            foreach (self::matching($source, $text) as $row) {
                $found[] = [
                    'kind' => $kind, 'id' => (int) $row->id, 'name' => SaidHere::text((string) $row->name), 'of' => (string) $row->of, 'line' => self::excerpt((string) $row->note, $text), 'archived' => $row->archived_at !== null,
                ];
            }
        }

        return $found;
    }

    /** @return array<string, Builder> by kind; all with id, name, of, note and archived_at */
    private static function sources(): array
    {
        $plain = static fn(string $table, string $note = 'note', string $of = "''", string $archived = 'archived_at'): Builder => DB::query()->fromSub(DB::table($table)->selectRaw("id, name, $of as \"of\", $note as note, $archived as archived_at"), $table);

        return [
            'plant' => $plain('plants', "note || ' ' || place", 'number'),
            'plant_note' => DB::query()->fromSub(DB::table('plant_events')->join('plants', 'plants.id', '=', 'plant_events.plant_id')->where('text', '!=', '')->selectRaw("plants.id as id, '' as name, plants.number || ' ' || plants.name as \"of\", text as note, plants.archived_at as archived_at"), 'plant_notes'),
            'recipe' => $plain('recipes'),
            'component' => $plain('components'),
            'pot' => $plain('pots', 'place'),
            'batch' => $plain('batches', archived: 'null'),
            'day' => $plain('potting_days', of: 'substr(planned_on, 1, 10)'),
            'lot' => DB::query()->fromSub(DB::table('lots')->join('components', 'components.id', '=', 'lots.component_id')->selectRaw('component_id as id, lots.name as name, components.name as "of", lots.note || \' \' || lots.held_note as note, lots.archived_at as archived_at'), 'deliveries'),
            'site' => $plain('sites'),
            'fertiliser' => $plain('fertilisers'),
            'zone' => $plain('irrigation_zones'),
            'trial' => $plain('trials', "question || ' ' || conclusion"),
        ];
    }

    /** @return list<\stdClass> with the columns of the sources */
    private static function matching(Builder $source, string $text): array
    {
        $like = '%'.addcslashes($text, '%_\\').'%';
        $source->whereRaw("(name like ? escape '\\' or \"of\" like ? escape '\\' or note like ? escape '\\')", [$like, $like, $like]);
        // what is in use before the archive, what begins so before what holds it, names before notes
        $source->orderByRaw('archived_at is not null');
        $source->orderByRaw("case when name like ? escape '\\' or \"of\" like ? escape '\\' then 0 when name like ? escape '\\' then 1 else 2 end", [substr($like, 1), substr($like, 1), $like]);
        $source->orderBy('name');
        $source->limit(self::OF_A_KIND);

        return array_values($source->get()->all());
    }

    /** The part of a note around what was found; empty where it is not in the note. */
    private static function excerpt(string $note, string $text): string
    {
        $at = mb_stripos($note, $text);
        if ($at === false) {
            return '';
        }
        $from = max(0, $at - self::BEFORE);

        return ($from > 0 ? '…' : '').mb_strimwidth(trim((string) preg_replace('/\s+/u', ' ', mb_substr($note, $from))), 0, self::WIDTH, '…', 'UTF-8');
    }
}
