<?php

declare(strict_types=1);

namespace App\Plants\Actions;

use App\Common\Day;
use App\Plants\Carried;
use App\Plants\Models\Plant;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zolbek\Core\Basis\Input\Fields;
use Zolbek\Core\Basis\Input\Refusals;
use Zolbek\Core\Basis\Input\Refused;
use Zolbek\Core\Place\Plant\Purpose;

/** Layers, cuttings and divisions that become plants of their own. */
final readonly class TakeOffspring
{
    private const MOST = 200;

    public function __construct(private WritePlantEvent $write) {}

    /**
     * @param array<mixed> $input `{kind, count, together?, on, place, text}`; together makes one group of them
     *
     * @return list<Plant>
     *
     * @throws Refused naming each field and what it may be
     */
    public function __invoke(Plant $parent, array $input): array
    {
        $refusals = new Refusals();
        $fields = Fields::of($input, ['kind', 'count', 'together', 'on', 'place', 'text'], $refusals);
        $kind = $fields->oneOf('kind', Plant::OFFSPRING);
        $isGroup = $fields->flag('together', false);
        $count = $fields->integer('count', 1, $isGroup ? Plant::MOST_ALIKE : self::MOST, 1);
        $on = Day::optional($fields, 'on', $refusals, 0) ?? Carbon::today();
        $place = $fields->text('place', 100, $parent->place === '' ? '' : $parent->place);
        $text = $fields->text('text', 500, '');
        $refusals->throwIfAny();

        return DB::transaction(function () use ($parent, $kind, $count, $isGroup, $on, $place, $text): array {
            $young = [];
            for ($i = 0; $i < ($isGroup ? 1 : $count); ++$i) {
                $plant = Plant::query()->create([
                    ...$parent->only(['species_id', 'plant_group', 'site_id', 'exposure', 'vigour']),
                    'number' => SavePlant::nextNumber(), 'name' => mb_substr($parent->name, 0, 80), 'origin' => $kind, 'purpose' => Purpose::Layer->value, 'health' => 'well', 'parent_id' => $parent->id,
                    'year_started' => $on->year, 'place' => $place, 'buried' => [], 'plan' => [], 'count' => $isGroup && $count > 1 ? $count : null,
                ]);
                ($this->write)($plant, 'came_from', $on, $text, new Carried(['kind' => $kind, 'parent_id' => $parent->id, 'parent' => $parent->number]));
                $young[] = $plant->refresh();
            }
            ($this->write)($parent, 'offspring', $on, $text, new Carried(['kind' => $kind, 'count' => $count, 'numbers' => array_map(static fn(Plant $plant): string => $plant->number, $young)]));

            return $young;
        });
    }
}
