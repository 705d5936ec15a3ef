<?php

declare(strict_types=1);

namespace App\Season;

use App\Common\Setting;
use App\Plants\Models\Plant;
use Illuminate\Database\Eloquent\Builder;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusal;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;

/** In which order somebody walks by the places of the yard, and how much a can holds. Places that nobody put in order come last, by name. */
final class WalkingOrder
{
    private const KEY = 'water_round';
    private const CAN_L = 10.0;
    private const MOST_PLACES = 500;

    public function canL(): float
    {
        $can = Setting::query()->find(self::KEY)->value['can_l'] ?? self::CAN_L;

        return is_int($can) || is_float($can) ? (float) $can : self::CAN_L;
    }

    /**
     * @param Builder<Plant> $plants
     *
     * @return list<array{place: string, plants: int}> in walking order
     */
    public function places(Builder $plants): array
    {
        $plants->toBase()->selectRaw('place, count(*) as plants')->groupBy('place');
        $found = $plants->toBase()->get()->map(static fn(object $row): array => ['place' => (string) $row->place, 'plants' => (int) $row->plants])->all();
        $order = array_flip($this->order());
        usort($found, static fn(array $a, array $b): int => [$order[$a['place']] ?? self::MOST_PLACES, $a['place'] === '', mb_strtolower($a['place'])] <=> [$order[$b['place']] ?? self::MOST_PLACES, $b['place'] === '', mb_strtolower($b['place'])]);

        return $found;
    }

    /**
     * @param array<mixed> $input `{places, can_l}`
     *
     * @throws Refused naming each field and what it may be
     */
    public function change(array $input): void
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['places', 'can_l'], $refusals);
        $can = $fields->has('can_l') ? $fields->numberAbove('can_l', 0, 1000) : $this->canL();
        $places = $fields->has('places') ? $fields->raw('places') : $this->order();
        if (! is_array($places) || ! array_is_list($places) || count($places) > self::MOST_PLACES || array_filter($places, static fn(mixed $place): bool => ! is_string($place) || mb_strlen($place) > 100) !== []) {
            $refusals->add(new Refusal('places', 'list', $places));
        }
        $refusals->throwIfAny();
        Setting::query()->updateOrCreate(['key' => self::KEY], ['value' => ['places' => $places, 'can_l' => $can]]);
    }

    /** @return list<string> */
    private function order(): array
    {
        $places = Setting::query()->find(self::KEY)->value['places'] ?? [];

        return is_array($places) ? array_values(array_filter($places, is_string(...))) : [];
    }
}
