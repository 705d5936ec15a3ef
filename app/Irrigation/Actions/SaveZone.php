<?php

declare(strict_types=1);

namespace App\Irrigation\Actions;

use App\Common\Field;
use App\Irrigation\Models\IrrigationZone;
use App\Irrigation\ZoneFields;
use App\Plants\Models\Plant;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Adds an irrigation zone or changes one, with the pots on its line. */
final readonly class SaveZone
{
    public const MOST_POTS = 400;
    private const MOST_EMITTERS = 50;

    /**
     * @param array<mixed> $input the fields of ZoneFields and `pots: [{plant_id, emitters}]`
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(IrrigationZone $zone, array $input): IrrigationZone
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, [...array_keys(ZoneFields::all()), 'pots'], $refusals);
        $values = Field::readAll(ZoneFields::all(), $fields, $refusals);
        if ($values['name'] !== '' && IrrigationZone::query()->where('name', $values['name'])->whereKeyNot($zone->id ?? 0)->exists()) {
            $refusals->add(new Refusal('name', 'name_taken', $values['name']));
        }
        $pots = self::pots($fields->raw('pots'), $refusals);
        $refusals->throwIfAny();

        return DB::transaction(static function () use ($zone, $values, $pots): IrrigationZone {
            self::mustBeFree($zone, array_keys($pots));
            $zone->fill($values);
            if ($zone->exists && ! $zone->isDirty()) {
                $zone->stamp('pots');
            }
            $zone->save();
            $zone->plants()->sync($pots);

            return $zone->refresh();
        });
    }

    /** @return array<int, array{emitters: int}> by plant */
    private static function pots(mixed $rows, Refusals $refusals): array
    {
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) > self::MOST_POTS) {
            $refusals->add(new Refusal('pots', 'list', $rows));

            return [];
        }
        $pots = [];
        foreach ($rows as $i => $row) {
            $fields = Fields::of($row, ['plant_id', 'emitters'], $refusals, 'pots.'.$i);
            $id = $fields->integer('plant_id', 1, PHP_INT_MAX);
            if (isset($pots[$id])) {
                $refusals->add(new Refusal('pots.'.$i.'.plant_id', 'plant_twice', $id));
            }
            $pots[$id] = ['emitters' => $fields->integer('emitters', 1, self::MOST_EMITTERS, 1)];
        }
        if ($pots === []) {
            $refusals->add(new Refusal('pots', 'zone_empty'));
        }

        return $pots;
    }

    /**
     * @param list<int> $ids
     *
     * @throws Refused fields "pots.N.plant_id"
     */
    private static function mustBeFree(IrrigationZone $zone, array $ids): void
    {
        $refusals = new Refusals();
        $known = Plant::query()->whereKey($ids)->where('archived_at', null)->where('status', 'kept')->pluck('number', 'id');
        $taken = DB::table('irrigation_zone_pots')->join('irrigation_zones', 'irrigation_zones.id', '=', 'irrigation_zone_id')->whereIn('plant_id', $ids)->where('irrigation_zone_id', '!=', $zone->id ?? 0)->pluck('irrigation_zones.name', 'plant_id');
        foreach ($ids as $i => $id) {
            if (! $known->has($id)) {
                $refusals->add(new Refusal('pots.'.$i.'.plant_id', 'plant_missing', $id));
            } elseif ($taken->has($id)) {
                $refusals->add(new Refusal('pots.'.$i.'.plant_id', 'in_other_zone', $known[$id], ['zone' => (string) $taken[$id]]));
            }
        }
        $refusals->throwIfAny();
    }
}
