<?php

declare(strict_types=1);

namespace App\Season\Actions;

use App\Plants\Actions\CheckMoisture;
use App\Plants\Models\MoistureCheck;
use App\Plants\Models\Plant;
use App\Plants\WaterStates;
use App\Season\RoundPlants;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** Watered all here: the plants that were shown, all or none. It says what was given, and nothing of how dry they were. */
final readonly class WaterMany
{
    public function __construct(private CheckMoisture $check, private WaterStates $states) {}

    /**
     * @param array<mixed> $input `{plant_ids, given_l, dunked, at, person}`: litres into each pot, through and through where left out
     *
     * @return list<MoistureCheck>
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['plant_ids', 'given_l', 'dunked', 'at', 'person'], $refusals);
        $ids = $fields->raw('plant_ids');
        $ids = is_array($ids) ? array_values(array_unique(array_filter($ids, is_int(...)))) : [];
        if ($ids === [] || count($ids) > RoundPlants::MOST) {
            $refusals->add(new Refusal('plant_ids', 'plants_of_round', count($ids), ['max' => RoundPlants::MOST]));
        }
        $refusals->throwIfAny();
        unset($input['plant_ids']);

        return DB::transaction(function () use ($ids, $input): array {
            $query = RoundPlants::of();
            $query->whereKey($ids);
            $query->with(['species', 'site', 'pot']);
            $plants = $query->get();
            if ($plants->count() !== count($ids)) {
                throw Refused::because('plant_ids', 'plants_gone', count($ids) - $plants->count());
            }
            $at = CheckMoisture::at($input);
            $thought = $this->states->of($plants, $at);

            $checks = $plants->map(fn(Plant $plant): MoistureCheck => ($this->check)($plant, [...$input, 'method' => 'round', 'verdict' => 'water'], $at, $thought[$plant->id] ?? false));

            // one that was tapped within the hour is watered already, and stays when the round is taken back
            return array_values($checks->filter(static fn(MoistureCheck $check): bool => $check->wasRecentlyCreated)->all());
        });
    }

    /**
     * Takes back what was just tapped, by whoever did.
     *
     * @param array<mixed> $input `{check_ids}`
     *
     * @throws Refused field "check_ids"
     */
    public function takeBack(array $input): int
    {
        $refusals = new Refusals();
        $ids = Fields::of($input, ['check_ids'], $refusals)->raw('check_ids');
        $refusals->throwIfAny();
        $ids = is_array($ids) ? array_values(array_filter($ids, is_int(...))) : [];
        if ($ids === [] || count($ids) > RoundPlants::MOST) {
            throw Refused::because('check_ids', 'plants_of_round', count($ids), ['max' => RoundPlants::MOST]);
        }

        return DB::transaction(static function () use ($ids): int {
            $query = MoistureCheck::query()->whereKey($ids);
            if ((clone $query)->where('created_at', '<', now()->subHours(MoistureCheck::TAKEN_BACK_HOURS))->exists()) {
                throw Refused::because('check_ids', 'too_late_to_take_back', MoistureCheck::TAKEN_BACK_HOURS);
            }

            return $query->delete();
        });
    }
}
